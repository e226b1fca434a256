<script setup lang="ts">
import type { NuxtError } from '#app'
import { NuxtLayout } from '#components'

const props = defineProps<{ error: NuxtError }>()
const missing = computed(() => props.error.statusCode === 404)
useHead({ title: () => (missing.value ? 'No such page' : 'Something went wrong') })
</script>

<template>
  <component :is="missing ? NuxtLayout : 'div'">
    <div class="page">
      <h1>{{ missing ? 'There is no such page' : 'Something went wrong here' }}</h1>
      <p>
        {{
          missing
            ? 'It may have been typed wrongly. Find anything stands at the top.'
            : 'What you typed is kept in this browser. Go back to today and open the job again.'
        }}
      </p>
      <p><a href="/">Back to today</a></p>
    </div>
  </component>
</template>
