<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { ComplaintBody } from '#core/entries/complaint/schema'
import { heardIn } from '#core/entries/complaint/heard'
import { COMPLAINT_KINDS } from '#core/words/counter'

const sheet = useSheet()
const form = useEntryForm<'complaint', { words: string; since: string; about: ComplaintBody['about'] }>({
  kind: 'complaint',
  counts: false,
  base: keptOf(sheet.inForce.value).complaint.at(-1),
  blank: () => ({ words: '', since: '', about: null }),
  how: () => 'claimed',
  toBody: d => ({ words: d.words, since: d.since || null, about: d.about ?? null }),
  fromBody: b => ({ words: b.words, since: b.since ?? '', about: b.about }),
})
const { draft } = form
/** what the owner's words are probably about stands side by side, the others a touch away */
const heard = computed(() => {
  const own = [draft.value.about].filter(a => a !== null)
  return [...new Set([...own, ...heardIn(draft.value.words)])].slice(0, 3)
})
</script>

<template>
  <form class="complaint" @submit.prevent="form.submit()">
    <div class="grid2">
      <PlainField v-model="draft.words" label="Complaint, in the owner's words" area :fault="form.faultOf('words')" />
      <PlainField v-model="draft.since" label="Since when, after what" area :fault="form.faultOf('since')" />
    </div>
    <ChipGroup v-model="draft.about" label="It is about" :options="COMPLAINT_KINDS" :first="heard" />
    <FormFoot
      v-if="form.touched.value || form.message.value"
      label="Log the change"
      :busy="form.busy.value"
      :message="form.message.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    />
  </form>
</template>

<style scoped>
.complaint {
  display: grid;
  gap: 10px;
}
</style>
