<script setup lang="ts">
import { describe } from '#core/entries/say'
import type { Entry } from '#core/entries/types'

/** What an entry says, in the words of the log. */
defineProps<{ entry: Entry }>()
const shop = useShopStore()
</script>

<template>
  <span>{{ describe(entry, shop.policy).text }}</span>
</template>
