<script setup lang="ts">
import { latest, ofKind } from '#core/entries/types'
import { handBackView } from '#core/handover/handBack'
import { careText } from '#core/oil/careText'

const sheet = useSheet()
const a = computed(() => sheet.assessment.value)
const done = computed(() => latest(sheet.inForce.value, 'hand_back'))
const form = useEntryForm<'hand_back', { to: string; words: string }>({
  kind: 'hand_back',
  form: 'hand_back',
  counts: false,
  blank: () => ({ to: sheet.job.value.customer.name, words: '' }),
  how: () => null,
  toBody: d => ({ to: d.to, words: d.words || null }),
  fromBody: b => ({ to: b.to, words: b.words ?? '' }),
})
const { draft } = form
const shop = useShopStore()
const view = computed(() => a.value && handBackView(a.value.stops))
const PAPERS = [
  ['invoice.pdf', 'Invoice'],
  ['care.pdf', 'Care card'],
  ['lines.csv', 'Lines, CSV'],
  ['job.json', 'The job, JSON'],
] as const
const refused = computed(() => ofKind(sheet.inForce.value, 'refused'))
const care = computed(() =>
  careText({
    machineKind: sheet.job.value.machine.kind,
    facts: sheet.job.value.facts,
    spec: sheet.job.value.spec,
    fill: sheet.job.value.fill,
    policy: sheet.policy.value,
  }),
)
</script>

<template>
  <div class="hand">
    <section class="block first">
      <h2>The record</h2>
      <p>
        Complaint, findings with how each was got, the ways to go with their figures, what was agreed and the whole log,
        ready to print and sign.
      </p>
      <p class="acts">
        <a class="btn go" :href="`/api/jobs/${sheet.job.value.id}/record.pdf`" target="_blank" rel="noopener"
          >Print the record, PDF</a
        ><a
          v-for="[file, word] in PAPERS"
          :key="file"
          class="btn"
          :href="`/api/jobs/${sheet.job.value.id}/${file}`"
          target="_blank"
          rel="noopener"
          >{{ word }}</a
        >
      </p>
    </section>
    <section class="block">
      <h2>What it really was <span class="lab">the next job of this kind learns from it</span></h2>
      <CauseFoundForm />
    </section>
    <section class="block">
      <h2>For the owner to know</h2>
      <ul class="care">
        <li v-for="line in care" :key="line">{{ line }}</li>
      </ul>
    </section>
    <section class="block">
      <h2>Refused or put off <span class="lab">shown again at the next visit</span></h2>
      <ul v-if="refused.length">
        <li v-for="r in refused" :key="r.id">
          {{ r.body.what }}. <span class="near">Risk: {{ r.body.risk }}</span>
          <button type="button" class="link" @click="sheet.correct(r)">Correct</button>
        </li>
      </ul>
      <FindingForm name="refused" />
    </section>
    <section class="block">
      <h2>{{ done && !form.correcting.value ? 'Handed back' : 'Hand it back' }}</h2>
      <p v-if="done && !form.correcting.value">
        To {{ done.body.to }}. {{ done.body.words }}
        <button type="button" class="link" @click="sheet.correct(done)">Correct</button>
      </p>
      <form v-else class="form" @submit.prevent="form.submit()">
        <ul v-if="a && view && (a.stops.length || !a.approved)" class="owed">
          <li v-for="s in view.held" :key="s.id" class="past">
            ✕ {{ s.title }}: {{ s.reason }} Nobody can sign this away. {{ s.clearedBy }}
          </li>
          <li v-for="s in view.toSign" :key="s.id" class="past">
            ✕ {{ s.title }}: {{ s.reason }} Taken on by name first, at the top right.
          </li>
          <li v-for="s in view.outWith" :key="s.id" class="near">
            ◐ {{ s.title }}: taken on by {{ shop.nameOf(s.signed?.by ?? '') }}. It goes out on every paper.
          </li>
          <li v-if="!a.approved" class="near">◐ Nothing has been agreed with the owner.</li>
        </ul>
        <PlainField v-model="draft.to" label="Handed to" :fault="form.faultOf('to')" />
        <PlainField
          v-model="draft.words"
          label="What was said: first check, when back, what was left undone and its risk"
          area
          :fault="form.faultOf('words')"
        />
        <FormFoot
          label="Hand it back"
          :busy="form.busy.value"
          :message="form.message.value"
          :correcting="form.correcting.value"
          :touched="form.touched.value"
          @cancel="form.clear()"
        />
      </form>
    </section>
  </div>
</template>

<style scoped>
.first {
  border-top: 0;
  padding-top: 0;
  display: grid;
  gap: 10px;
}
.form {
  display: grid;
  gap: 12px;
  max-width: 640px;
}
.care li {
  padding: 2px 0;
}
.owed li {
  padding: 4px 0;
  font-weight: 500;
}
</style>
