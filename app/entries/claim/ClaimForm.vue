<script setup lang="ts">
import { CLAIM_FROM } from '#core/words/looks'

interface Draft {
  text: string
  howKnown: string
  from: keyof typeof CLAIM_FROM | null
  topic: string | null
}
const form = useEntryForm<'claim', Draft>({
  kind: 'claim',
  counts: false,
  blank: () => ({ text: '', howKnown: '', from: 'owner', topic: null }),
  how: () => 'claimed',
  toBody: d => ({ text: d.text, howKnown: d.howKnown || null, from: d.from ?? null, topic: d.topic ?? null }),
  fromBody: b => ({ text: b.text, howKnown: b.howKnown ?? '', from: b.from ?? 'owner', topic: b.topic }),
})
const { draft } = form
</script>

<template>
  <form class="claim" @submit.prevent="form.submit()">
    <div class="row">
      <PlainField v-model="draft.text" label="Another claim" :fault="form.faultOf('text')" />
      <PlainField v-model="draft.howKnown" label="How they know" :fault="form.faultOf('howKnown')" />
    </div>
    <ChipGroup
      v-if="form.touched.value"
      v-model="draft.from"
      label="Who says so"
      :options="CLAIM_FROM"
      needed
      :fault="form.faultOf('from')"
    />
    <FormFoot
      v-if="form.touched.value || form.message.value"
      label="Log the claim"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    />
  </form>
</template>

<style scoped>
.claim {
  display: grid;
  gap: 10px;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: 10px 16px;
}
@media (max-width: 640px) {
  .row {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
