<script setup lang="ts">
import { latest } from '#core/job/entries'
import type { CauseFoundBody } from '#core/job/entries'
import { PROOFS } from '#core/job/vocabulary'

/** What it really was, how sure, and which proof is missing. */
const sheet = useSheet()
const form = useEntryForm<'cause_found', { causeId: string, text: string, proof: CauseFoundBody['proof'] | null, missing: string }>({
  kind: 'cause_found', form: 'cause_found', counts: false, base: latest(sheet.inForce.value, 'cause_found'),
  blank: () => ({ causeId: '', text: '', proof: null, missing: '' }),
  how: () => null,
  toBody: d => ({ causeId: d.causeId || null, text: d.text || null, proof: d.proof as CauseFoundBody['proof'], missing: d.missing || null }),
  fromBody: b => ({ causeId: b.causeId ?? '', text: b.text ?? '', proof: b.proof, missing: b.missing ?? '' }),
})
const { draft } = form
const options = useCauseOptions()
</script>

<template>
  <form class="cause" @submit.prevent="form.submit()">
    <div class="grid2"><PickField v-model="draft.causeId" label="First cause" :options="options" empty="not in the list" :fault="form.faultOf('causeId')" /><PlainField v-model="draft.text" label="In words" :fault="form.faultOf('text')" /></div>
    <ChipGroup v-model="draft.proof" label="How sure" :options="PROOFS" :fault="form.faultOf('proof')" />
    <PlainField v-if="draft.proof && draft.proof !== 'proved'" v-model="draft.missing" label="Proof that is missing" :fault="form.faultOf('missing')" />
    <FormFoot v-if="form.touched.value || form.message.value" label="Log what it was" :busy="form.busy.value" :message="form.message.value" :touched="form.touched.value" @cancel="form.clear()" />
  </form>
</template>

<style scoped>.cause { display: grid; gap: 10px; max-width: 760px; }</style>
