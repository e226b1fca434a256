<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { HandBackBody } from '#core/entries/hand_back/schema'
import { notToRun } from '#core/judgement'
import { revivedRefusal } from '#core/entries/hand_back/revived'
import { handBackRefusal, handBackView, nothingDone } from '#core/entries/hand_back/refuse'
import { HAND_BACK_WAYS } from '#core/words/deciding'
import { careText } from '#core/handover/careText'

const sheet = useSheet()
const a = computed(() => sheet.assessment.value)
const done = computed(() => keptOf(sheet.inForce.value).hand_back.at(-1))
interface Draft {
  to: string
  words: string
  way: HandBackBody['way'] | null
  told: string
  disabled: string
  owed: { what: string; due: string }[]
}
const owedNow = computed(() => a.value?.owed.map(o => o.text) ?? [])
/** what nothing stands against is mended; the others are asked for as they stand */
const wayOf = (d: Draft): NonNullable<HandBackBody['way']> =>
  d.way ?? (a.value && notToRun(a.value.stops).length ? 'as_is' : owedNow.value.length ? 'test_owed' : 'mended')
const testsOf = (d: Draft): Draft['owed'] => {
  if (d.owed?.length) return d.owed
  const owed = owedNow.value.map(what => ({ what: what.slice(0, 200), due: '' }))
  return owed.length ? owed : [{ what: '', due: '' }]
}
const form = useEntryForm<'hand_back', Draft>({
  kind: 'hand_back',
  counts: false,
  blank: () => ({ to: sheet.job.value.customer.name, words: '', way: null, told: '', disabled: '', owed: [] }),
  how: () => null,
  toBody: d => ({
    to: d.to,
    words: d.words || null,
    way: wayOf(d),
    told: wayOf(d) === 'as_is' ? d.told || null : null,
    disabled: wayOf(d) === 'as_is' ? d.disabled || null : null,
    owed: wayOf(d) === 'test_owed' ? testsOf(d).filter(o => o.what || o.due) : [],
  }),
  fromBody: b => ({
    to: b.to,
    words: b.words ?? '',
    way: b.way ?? null,
    told: b.told ?? '',
    disabled: b.disabled ?? '',
    owed: b.owed ?? [],
  }),
})
const { draft } = form
const way = computed(() => wayOf(draft.value))
const tests = computed(() => testsOf(draft.value))
/** writes a row of the tests; the first stroke takes over what is owed now */
function sayTest(row: number, key: 'what' | 'due', words: string): void {
  draft.value.owed = tests.value.map((t, i) => (i === row ? { ...t, [key]: words } : t))
}
const addTest = (): void => {
  draft.value.owed = [...tests.value, { what: '', due: '' }]
}
/** why it can't go this way yet, as the shop would answer */
const refusedNow = computed(
  () =>
    a.value &&
    (handBackRefusal(a.value.stops, way.value, a.value.owed) ??
      (way.value === 'mended' ? revivedRefusal(sheet.inForce.value, sheet.policy.value) : null)),
)
/** mended, it says, and the log says of nothing that it was done */
const idle = computed(() => way.value === 'mended' && nothingDone(sheet.inForce.value))
const shop = useShopStore()
const view = computed(() => a.value && handBackView(a.value.stops))
const session = useSessionStore()
const papers = computed(() =>
  (
    [
      ['care.pdf', 'Care card'],
      ['lines.csv', 'Lines, CSV'],
      ['job.json', 'The job, JSON'],
    ] as const
  ).filter(() => session.may('papers')),
)
const refused = computed(() => keptOf(sheet.inForce.value).refused)
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
    <section v-if="session.may('papers')" class="block first">
      <h2>The record</h2>
      <p>
        Complaint, findings with how each was got, the ways to go with their figures, what was agreed and the whole log,
        ready to print and sign.
      </p>
      <p class="acts">
        <a class="btn go" :href="`/api/jobs/${sheet.job.value.id}/record.pdf`" target="_blank" rel="noopener"
          >Print the record, PDF</a
        ><a
          v-for="[file, word] in papers"
          :key="file"
          class="btn"
          :href="`/api/jobs/${sheet.job.value.id}/${file}`"
          target="_blank"
          rel="noopener"
          >{{ word }}</a
        >
      </p>
      <SecretLinks
        :url="`/api/jobs/${sheet.job.value.id}/links`"
        give="A care page for the owner"
        shows="The care card as a page of its own, by an address that only the owner has."
      />
    </section>
    <section v-if="session.may('payments')" class="block">
      <h2>The bill</h2>
      <BillDesk />
    </section>
    <section v-if="session.mayLog('cause_found')" class="block">
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
          <ElButton link class="link" @click="sheet.correct(r)">Correct</ElButton>
        </li>
      </ul>
      <FindingForm name="refused" />
    </section>
    <section class="block">
      <h2>
        To be looked at again <span class="lab">on the card, at the next visit, and on Today when it is due</span>
      </h2>
      <WatchDone />
      <FindingForm v-if="session.mayLog('watch')" name="watch" />
    </section>
    <section class="block">
      <h2>{{ done && !form.correcting.value ? 'Handed back' : 'Hand it back' }}</h2>
      <p v-if="done && !form.correcting.value">
        To {{ done.body.to
        }}<template v-if="done.body.way">, {{ HAND_BACK_WAYS[done.body.way].toLowerCase() }}</template
        >. {{ done.body.words }}
        <ElButton link class="link" @click="sheet.correct(done)">Correct</ElButton>
      </p>
      <form v-else class="form" @submit.prevent="form.submit()">
        <ul v-if="a && view && (a.stops.length || !a.approved)" class="owed">
          <li v-for="s in view.held" :key="s.id" class="past">✕ {{ s.title }}: {{ s.reason }} {{ s.clearedBy }}</li>
          <li v-for="s in view.toSign" :key="s.id" class="past">✕ {{ s.title }}: {{ s.reason }}</li>
          <li v-for="s in view.outWith" :key="s.id" class="near">
            ◐ {{ s.title }}: taken on by {{ shop.nameOf(s.signed?.by ?? '') }}. It goes out on every paper.
          </li>
          <li v-if="!a.approved" class="near">◐ Nothing has been agreed with the owner.</li>
        </ul>
        <p v-if="idle" class="near why" data-test="nothing-done">
          ◐ Nothing is logged as done: no work, no part, no time. Log it on Build, or say below that nothing was done.
        </p>
        <ChipGroup
          :model-value="way"
          label="It goes out"
          :options="HAND_BACK_WAYS"
          needed
          :fault="form.faultOf('way')"
          @update:model-value="v => (draft.way = v)"
        />
        <p v-if="refusedNow" class="past why">{{ refusedNow }}</p>
        <template v-if="way === 'as_is'">
          <PlainField
            v-model="draft.told"
            label="How the owner was told that it must not be run, and by whom"
            :fault="form.faultOf('told')"
          />
          <PlainField
            v-model="draft.disabled"
            label="How it was made unable to run"
            hint="Plug lead off and tied back, belt off, key kept."
            :fault="form.faultOf('disabled')"
          />
        </template>
        <template v-if="way === 'test_owed'">
          <div v-for="(t, i) in tests" :key="i" class="test">
            <PlainField
              :model-value="t.what"
              :label="`Test owed ${i + 1}`"
              :fault="form.faultOf(`owed.${i}.what`)"
              @update:model-value="v => sayTest(i, 'what', v)"
            /><PlainField
              :model-value="t.due"
              label="Due"
              hint="A day, or running hours"
              :fault="form.faultOf(`owed.${i}.due`)"
              @update:model-value="v => sayTest(i, 'due', v)"
            />
          </div>
          <p v-if="form.faultOf('owed')" class="fault">{{ form.faultOf('owed') }}</p>
          <ElButton class="add" size="large" @click="addTest">Add a test</ElButton>
        </template>
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
.test {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: 12px;
}
.add {
  justify-self: start;
  min-height: 44px;
}
.care li {
  padding: 2px 0;
}
.owed li {
  padding: 4px 0;
  font-weight: 500;
}
</style>
