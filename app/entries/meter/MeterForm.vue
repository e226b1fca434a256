<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { MeterDraft } from '~/components/RunningTime.vue'

const sheet = useSheet()
const form = useEntryForm<'meter', MeterDraft>({
  kind: 'meter',
  counts: false,
  base: keptOf(sheet.inForce.value).meter.at(-1),
  blank: () => ({ ...blankMeter(), unit: sheet.job.value.machine.meterUnit }),
  how: d => d.source,
  toBody: meterBody,
  fromBody: meterDraft,
})
const { draft } = form
</script>

<template>
  <form class="meterform" @submit.prevent="form.submit()">
    <RunningTime v-model="draft" :fault-of="form.faultOf" />
    <FormFoot
      v-if="form.touched.value || form.message.value"
      label="Log the running time"
      :busy="form.busy.value"
      :message="form.message.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    />
  </form>
</template>

<style scoped>
.meterform {
  display: grid;
  gap: 10px;
}
</style>
