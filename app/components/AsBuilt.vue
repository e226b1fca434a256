<script setup lang="ts">
import dayjs from 'dayjs'
import { asBuilt } from '#core/handover/asBuilt'
import type { Entry } from '#core/entries/types'

/** The engine as it went together: for the next hand that opens it. */
const props = defineProps<{ entries: Entry[] }>()
const shop = useShopStore()
const built = computed(() => asBuilt(props.entries, shop.policy))
const who = (id: string): string => shop.people.find(p => p.id === id)?.initials ?? '?'
</script>

<template>
  <div class="built">
    <p v-if="!built.sections.length" class="note">
      Nothing yet. It fills itself from what is fitted, measured after work, set and closed.
    </p>
    <dl v-for="s in built.sections" :key="s.title">
      <dt>{{ s.title }}</dt>
      <dd v-for="l in s.lines" :key="l.text + l.at">
        {{ l.text }} <span class="lab">{{ who(l.by) }}, {{ dayjs(l.at).format('D MMM YYYY') }}</span>
      </dd>
    </dl>
    <p v-for="m in built.missing" :key="m" class="st near">◐ {{ m }}</p>
  </div>
</template>

<style scoped>
.built {
  display: grid;
  gap: 10px;
}
dt {
  font: 600 15px var(--label);
  color: var(--ink-2);
}
dd {
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
  overflow-wrap: anywhere;
}
</style>
