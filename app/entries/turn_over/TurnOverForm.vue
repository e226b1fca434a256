<script setup lang="ts">
import type { TurnOverBody } from '#core/entries/turn_over/schema'
import { TURN_FEELS, TURN_METHODS } from '#core/words/looks'

interface Draft {
  feel: TurnOverBody['feel'] | null
  method: TurnOverBody['method'] | null
  plug: 'in' | 'out' | null
  note: string
}
const form = useEntryForm<'turn_over', Draft>({
  kind: 'turn_over',
  blank: () => ({ feel: null, method: null, plug: null, note: '' }),
  how: () => 'by_feel',
  toBody: d => ({
    feel: d.feel as TurnOverBody['feel'],
    method: d.method as TurnOverBody['method'],
    plugIn: d.plug === null ? (null as unknown as boolean) : d.plug === 'in',
    note: d.note || null,
  }),
  fromBody: b => ({ feel: b.feel, method: b.method, plug: b.plugIn ? 'in' : 'out', note: b.note ?? '' }),
})
const { draft } = form
const { judged } = form
</script>

<template>
  <form class="turn" @submit.prevent="form.submit()">
    <p class="note">
      Plug lead off and earthed, fuel shut, blade or belt free, before a hand goes near. If it is locked, the plug comes
      out before anything turns it.
    </p>
    <ChipGroup v-model="draft.feel" label="It turns" :options="TURN_FEELS" :fault="form.faultOf('feel')" />
    <ChipGroup v-model="draft.method" label="Turned by" :options="TURN_METHODS" :fault="form.faultOf('method')" />
    <ChipGroup v-model="draft.plug" label="Plug" :options="{ in: 'In', out: 'Out' }" :fault="form.faultOf('plugIn')" />
    <VerdictWords :judged="judged" />
    <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
    <FormFoot
      label="Log how it turns"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    />
  </form>
</template>

<style scoped>
.turn {
  display: grid;
  gap: 10px;
  max-width: 720px;
}
</style>
