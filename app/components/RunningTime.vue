<script setup lang="ts">
import { METER_SOURCES, METER_UNITS } from '#core/words/counter'
import type { MeterBody } from '#core/entries/meter/schema'
import { patternHours } from '#core/entries/meter/runningTime'

/** How long it has run: read off, claimed, or worked out from hours a day, days a week and months. */
export interface MeterDraft {
  reading: string
  unit: MeterBody['unit']
  source: MeterBody['source']
  day: string
  week: string
  months: string
}
defineProps<{ faultOf(field: string): string }>()
const draft = defineModel<MeterDraft>({ required: true })
const worked = computed(() => {
  const [hoursPerDay, daysPerWeek, months] = [
    figure(draft.value.day),
    figure(draft.value.week),
    figure(draft.value.months),
  ]
  return hoursPerDay && daysPerWeek && months ? patternHours({ hoursPerDay, daysPerWeek, months }) : null
})
watch(worked, hours => {
  if (hours !== null && draft.value.source === 'estimated')
    Object.assign(draft.value, { reading: String(hours), unit: 'h' })
})
</script>

<template>
  <div class="meter">
    <ChipGroup v-model="draft.source" label="Running time" :options="METER_SOURCES" needed :fault="faultOf('source')" />
    <div v-if="draft.source === 'estimated'" class="grid3 short">
      <PlainField
        v-model="draft.day"
        label="Hours a day"
        suffix="h"
        inputmode="decimal"
        :fault="faultOf('pattern.hoursPerDay')"
      />
      <PlainField
        v-model="draft.week"
        label="Days a week"
        inputmode="decimal"
        :fault="faultOf('pattern.daysPerWeek')"
      />
      <PlainField
        v-model="draft.months"
        label="Months used so"
        inputmode="decimal"
        hint="Count a season's months only."
        :fault="faultOf('pattern.months')"
      />
    </div>
    <div class="grid3 short">
      <PlainField
        v-model="draft.reading"
        :label="draft.source === 'estimated' ? 'That makes about' : 'Reads'"
        inputmode="decimal"
        hint="Empty if nobody knows."
        :fault="faultOf('reading')"
      />
      <PickField v-model="draft.unit" label="In" :options="METER_UNITS" />
    </div>
  </div>
</template>

<style scoped>
.meter {
  display: grid;
  gap: 10px;
}
.short {
  max-width: 620px;
}
</style>
