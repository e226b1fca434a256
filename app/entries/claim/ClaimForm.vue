<script setup lang="ts">
const form = useEntryForm<'claim', { text: string; howKnown: string; topic: string | null }>({
  kind: 'claim',
  counts: false,
  blank: () => ({ text: '', howKnown: '', topic: null }),
  how: () => 'claimed',
  toBody: d => ({ text: d.text, howKnown: d.howKnown || null, topic: d.topic ?? null }),
  fromBody: b => ({ text: b.text, howKnown: b.howKnown ?? '', topic: b.topic }),
})
const { draft } = form
</script>

<template>
  <form class="claim" @submit.prevent="form.submit()">
    <div class="row">
      <PlainField v-model="draft.text" label="Another claim" :fault="form.faultOf('text')" />
      <PlainField v-model="draft.howKnown" label="How the owner knows" :fault="form.faultOf('howKnown')" />
    </div>
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
