<script setup lang="ts">
import type { School, SchoolsChosen } from '#core/engine/schools'
import { SCHOOL_KEYS, SCHOOLS, choicesOf, isFieldRule } from '#core/engine/schools'

/** Points on which good shops differ: what this one holds, with each school's reason and what a maker says. */
defineProps<{ faultOf?: (field: string) => string }>()
const chosen = defineModel<SchoolsChosen>({ required: true })
// those that stand above as fields of their own are not asked twice
const schools: [keyof typeof SCHOOLS, School][] = SCHOOL_KEYS.filter(k => !isFieldRule(k)).map(k => [k, SCHOOLS[k]])
const now = (key: keyof typeof SCHOOLS, s: School): string => chosen.value[key] ?? s.start
const why = (key: keyof typeof SCHOOLS, s: School): string => s.choices[now(key, s)]?.why ?? ''
</script>

<template>
  <ul class="schools">
    <li v-for="[key, s] in schools" :key="key">
      <ChipGroup
        :model-value="now(key, s)"
        :label="s.question"
        :options="choicesOf(s)"
        needed
        :fault="faultOf?.(`schools.${key}`)"
        @update:model-value="v => (chosen = { ...chosen, [key]: v ?? s.start })"
      />
      <p class="note">
        {{ why(key, s) }} <span v-if="now(key, s) === s.start">The default: {{ s.because }}</span>
        <span class="lab"> A maker: {{ s.maker }} Acts on {{ s.acts }}.</span>
      </p>
    </li>
  </ul>
</template>

<style scoped>
.schools {
  display: grid;
  gap: 14px 28px;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
}
.note {
  margin: 3px 0 0;
}
</style>
