<script setup lang="ts">
import type { Entry, PartBody } from '#core/job/entries'
import type { HowGot } from '#core/job/vocabulary'
import { PART_ROLES } from '#core/job/vocabulary'
import { DISPOSITIONS, OIL_STATES, PART_PLANS } from '#core/teardown/parts'
import type { PartKey } from '#core/teardown/parts'

/** One part as it lies on the bench. */
const props = defineProps<{ part: PartKey, base?: Entry, inOilWay: boolean }>()
interface Draft { disposition: PartBody['disposition'] | null, seen: string[], oil: PartBody['oil'], role: PartBody['role'], how: HowGot, reason: string, orientation: string, owed: string }
const sheet = useSheet()
const plan = PART_PLANS[props.part]
const form = useEntryForm<'part', Draft>({
  kind: 'part', form: 'part', slot: props.part, base: props.base,
  blank: () => ({ disposition: null, seen: [], oil: 'not_looked', role: 'open', how: 'by_eye', reason: '', orientation: '', owed: '' }),
  how: d => d.how,
  toBody: d => ({ part: props.part, disposition: d.disposition as PartBody['disposition'], seen: d.seen, oil: d.oil, role: d.role, reason: d.reason || null, orientation: d.orientation || null, owed: d.owed || null }),
  fromBody: (b, how) => ({ disposition: b.disposition, seen: [...b.seen], oil: b.oil, role: b.role, how: how ?? 'by_eye', reason: b.reason ?? '', orientation: b.orientation ?? '', owed: b.owed ?? '' }),
})
const { draft } = form
const judged = computed(() => sheet.assessment.value?.judgements.find(j => j.entryId === form.entryId.value))
const HOW = { by_eye: 'By eye', by_feel: 'By feel', measured: 'Measured' }
function sound(): void {
  Object.assign(draft.value, { disposition: 'reuse', oil: props.inOilWay ? 'sound' : 'not_looked' })
  void form.submit()
}
</script>

<template>
  <form class="part" @submit.prevent="form.submit()">
    <MultiChips v-model="draft.seen" label="Seen on it" :options="plan.look" :fault="form.faultOf('seen')" />
    <ChipGroup v-model="draft.disposition" label="What becomes of it" :options="DISPOSITIONS" :fault="form.faultOf('disposition')" />
    <ChipGroup v-if="inOilWay" v-model="draft.oil" label="Oil" :options="OIL_STATES" needed />
    <ChipGroup v-if="draft.disposition === 'replace' || draft.disposition === 'machine'" v-model="draft.role" label="Cause or consequence" :options="PART_ROLES" needed />
    <div class="grid2"><PlainField v-model="draft.reason" label="Reason" :fault="form.faultOf('reason')" /><PlainField v-model="draft.orientation" label="Which way round it was" :hint="plan.orientation" :fault="form.faultOf('orientation')" /></div>
    <div class="grid2"><PlainField v-model="draft.owed" label="Still owed: noticed, not followed up" :fault="form.faultOf('owed')" /><ChipGroup v-model="draft.how" label="Got" :options="HOW" needed /></div>
    <VerdictWords :judged="judged" />
    <FormFoot label="Log this part" :busy="form.busy.value" :message="form.message.value" :touched="form.touched.value" @cancel="form.clear()">
      <button v-if="!base && !form.touched.value" type="button" class="btn dash" @click="sound">Sound, use again</button>
    </FormFoot>
  </form>
</template>

<style scoped>.part { display: grid; gap: 10px; padding: 4px 0 14px; }</style>
