<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { CaseLine } from '#shared/types/records'

/** The same complaint on engines of this class, and what each turned out to be. */
const sheet = useSheet()
const cases = ref<CaseLine[]>([])
const about = computed(() => keptOf(sheet.inForce.value).complaint.at(-1)?.body.about ?? null)
watch(
  about,
  async kind => {
    cases.value = kind
      ? await read<CaseLine[]>(
          `/api/cases?about=${kind}&engineClass=${sheet.job.value.facts.engineClass}&except=${sheet.job.value.id}`,
        ).catch(() => [])
      : []
  },
  { immediate: true },
)
</script>

<template>
  <div v-if="cases.length" class="same">
    <p class="lab">The same complaint here lately: {{ cases.length }}</p>
    <ul>
      <li v-for="c in cases" :key="c.id">
        <NuxtLink :to="`/jobs/${c.id}`">T {{ c.number }}</NuxtLink> {{ c.machineName }}
        <span class="words">‘{{ c.words }}’</span> <b>{{ c.cause ? `${c.cause}, ${c.proof}` : 'not named yet' }}</b>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.same {
  margin-top: 12px;
}
li {
  padding: 3px 0;
}
.words {
  margin: 0 6px;
}
</style>
