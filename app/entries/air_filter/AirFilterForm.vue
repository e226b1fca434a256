<script setup lang="ts">
import type { AirFilterBody } from '#core/entries/air_filter/schema'
import { BREATHER_STATES, FILTER_STATES } from '#core/words/looks'

const sheet = useSheet()
const form = useEntryForm<
  'air_filter',
  { filter: AirFilterBody['filter'] | null; breather: AirFilterBody['breather']; note: string }
>({
  kind: 'air_filter',
  blank: () => ({ filter: null, breather: null, note: '' }),
  how: () => 'by_eye',
  toBody: d => ({ filter: d.filter as AirFilterBody['filter'], breather: d.breather, note: d.note || null }),
  fromBody: b => ({ filter: b.filter, breather: b.breather, note: b.note ?? '' }),
})
const { draft } = form
const { judged } = form
const four = computed(() => sheet.job.value.facts.cycle === 'four')
function normal(): void {
  Object.assign(draft.value, { filter: 'sound', breather: four.value ? 'clear' : null })
  void form.submit()
}
</script>

<template>
  <form class="air" @submit.prevent="form.submit()">
    <ChipGroup v-model="draft.filter" label="Air filter" :options="FILTER_STATES" :fault="form.faultOf('filter')" />
    <ChipGroup
      v-if="four"
      v-model="draft.breather"
      label="Breather"
      :options="BREATHER_STATES"
      :fault="form.faultOf('breather')"
    />
    <VerdictWords :judged="judged" />
    <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
    <FormFoot
      label="Log the air filter"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
      ><ElButton v-if="!form.touched.value" class="dash" @click="normal">Looks normal</ElButton></FormFoot
    >
  </form>
</template>

<style scoped>
.air {
  display: grid;
  gap: 10px;
  max-width: 720px;
}
</style>
