<script setup lang="ts">
import dayjs from 'dayjs'
import { keptOf } from '#core/entries/kept'
import { PINNED_FOOT } from '~/composables/usePinnedFoot'
import type { Stage } from '#core/log/words'

/** What was done or noticed at this stage, in plain words. */
const props = defineProps<{ stage: Stage; prompt: string }>()
const sheet = useSheet()
const shop = useShopStore()
const form = useEntryForm<'note', { text: string }>({
  kind: 'note',
  slot: props.stage,
  counts: false,
  blank: () => ({ text: '' }),
  how: () => null,
  toBody: d => ({ stage: props.stage, text: d.text }),
  fromBody: b => ({ text: b.text }),
})
const { draft } = form
// the foot of the form above it stays in sight, not its own
provide(PINNED_FOOT, null)
const notes = computed(() => keptOf(sheet.inForce.value).note.filter(n => n.body.stage === props.stage))
</script>

<template>
  <div class="notes">
    <ul v-if="notes.length">
      <li v-for="n in notes" :key="n.id">
        <span class="lab">{{ dayjs(n.at).format('D MMM HH:mm') }} {{ shop.initials(n.by) }}</span>
        <p>{{ n.body.text }}</p>
      </li>
    </ul>
    <form @submit.prevent="form.submit()">
      <PlainField v-model="draft.text" :label="prompt" area :fault="form.faultOf('text')" />
      <FormFoot
        label="Write it down"
        :busy="form.busy.value"
        :message="form.message.value"
        :correcting="form.correcting.value"
        :touched="form.touched.value"
        @cancel="form.clear()"
      />
    </form>
  </div>
</template>

<style scoped>
.notes,
form {
  display: grid;
  gap: 12px;
  max-width: 720px;
}
li {
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 10px;
  padding: 7px 0;
  border-bottom: 1px solid var(--rule);
}
li p {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>
