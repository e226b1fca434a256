<script setup lang="ts">
import { latest } from '#core/job/entries'

const sheet = useSheet()
const form = useEntryForm<'complaint', { words: string, since: string }>({
  kind: 'complaint', form: 'complaint', counts: false, base: latest(sheet.inForce.value, 'complaint'),
  blank: () => ({ words: '', since: '' }),
  how: () => 'claimed',
  toBody: d => ({ words: d.words, since: d.since || null }),
  fromBody: b => ({ words: b.words, since: b.since ?? '' }),
})
const { draft } = form
</script>

<template>
  <form class="complaint" @submit.prevent="form.submit()">
    <div class="grid2">
      <PlainField v-model="draft.words" label="Complaint, in the owner's words" area :fault="form.faultOf('words')" />
      <PlainField v-model="draft.since" label="Since when, after what" area :fault="form.faultOf('since')" />
    </div>
    <FormFoot v-if="form.touched.value || form.message.value" label="Log the change" :busy="form.busy.value" :message="form.message.value" :touched="form.touched.value" @cancel="form.clear()" />
  </form>
</template>

<style scoped>.complaint { display: grid; gap: 10px; }</style>
