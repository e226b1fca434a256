<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { CauseFoundBody } from '#core/entries/cause_found/schema'
import { describe } from '#core/entries/say'
import { PROOFS } from '#core/words/opened'

/** What it really was, how sure, and which proof is missing. */
const sheet = useSheet()
const form = useEntryForm<
  'cause_found',
  {
    causeId: string
    text: string
    proof: CauseFoundBody['proof'] | null
    missing: string
    provedBy: string
    chain: string
  }
>({
  kind: 'cause_found',
  counts: false,
  blank: () => ({ causeId: '', text: '', proof: null, missing: '', provedBy: '', chain: '' }),
  how: () => null,
  toBody: d => ({
    causeId: d.causeId || null,
    text: d.text || null,
    proof: d.proof as CauseFoundBody['proof'],
    missing: d.missing || null,
    provedBy: d.proof === 'proved' ? d.provedBy || null : null,
    chain: (d.chain ?? '')
      .split('\n')
      .map(s => s.trim())
      .filter(Boolean),
  }),
  fromBody: b => ({
    causeId: b.causeId ?? '',
    text: b.text ?? '',
    proof: b.proof,
    missing: b.missing ?? '',
    provedBy: b.provedBy ?? '',
    chain: b.chain.join('\n'),
  }),
})
const { draft } = form
const options = useCauseOptions()
/** there may be several first causes */
const named = computed(() => keptOf(sheet.inForce.value).cause_found)
</script>

<template>
  <form class="cause" @submit.prevent="form.submit()">
    <ul v-if="named.length">
      <li v-for="c in named" :key="c.id">
        <b>{{ describe(c, sheet.policy.value).text }}</b>
        <ElButton link class="link" @click="sheet.correct(c)">Correct</ElButton>
      </li>
    </ul>
    <div class="grid2">
      <PickField
        v-model="draft.causeId"
        label="First cause"
        :options="options"
        empty="not in the list"
        :fault="form.faultOf('causeId')"
      /><PlainField v-model="draft.text" label="In words" :fault="form.faultOf('text')" />
    </div>
    <ChipGroup v-model="draft.proof" label="How sure" :options="PROOFS" :fault="form.faultOf('proof')" />
    <PlainField
      v-if="draft.proof === 'proved'"
      v-model="draft.provedBy"
      label="What proves it"
      hint="A size, a trial, the part in the hand."
      :fault="form.faultOf('provedBy')"
    />
    <PlainField
      v-if="draft.proof && draft.proof !== 'proved'"
      v-model="draft.missing"
      label="Proof that is missing"
      :fault="form.faultOf('missing')"
    />
    <PlainField
      v-model="draft.chain"
      label="From the first cause down to the complaint, a line for each step"
      area
      hint="Jet blocked by sealant. Head got no oil. Cam seized. It would not turn."
      :fault="form.faultOf('chain')"
    />
    <FormFoot
      v-if="form.touched.value || form.message.value"
      label="Log what it was"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    />
  </form>
</template>

<style scoped>
.cause {
  display: grid;
  gap: 10px;
  max-width: 760px;
}
</style>
