<script setup lang="ts">
import { moneyText } from '#core/estimate/money'
import { basisWords } from '#core/job/basis'
import type { NextLook } from '#core/job/nextLooks'
import { HOW_GOT } from '#core/log/words'
import type { Check } from '#core/diagnosis/catalogue'
import type { Outcome, Suggestion } from '#core/diagnosis/suggest'
import type { FormName } from '~/composables/useJobSheet'

/** Always there: what must not be done, what the findings say, what to look at next, where it leans. */
const sheet = useSheet()
const a = computed(() => sheet.assessment.value)
const FORM: Record<NextLook['id'], FormName> = {
  oil: 'oil',
  mix: 'mix',
  fuel: 'fuel',
  smell: 'oil',
  turn_over: 'turn_over',
  plug_out: 'turn_over',
  compression: 'compression',
  lash: 'lash',
  retest: 'compression',
  lock: 'lock_step',
  evidence: 'evidence',
  debris: 'debris',
  option: 'option',
  value: 'terms',
}
const start = (look: NextLook): void => sheet.open(look.stage, FORM[look.id])
/** the newest of each kind; the older ones stand in the log */
const findings = computed(() =>
  [
    a.value?.debris,
    a.value?.leakDown,
    a.value?.crankcase,
    a.value?.compression,
    a.value?.oil,
    a.value?.mix,
    a.value?.plug,
    a.value?.airFilter,
    a.value?.turnOver,
    ...(a.value?.others ?? []),
  ].filter(j => j !== null && j !== undefined),
)
/** how each was got, in a word */
const how = computed(() => new Map(sheet.inForce.value.flatMap(e => (e.how ? [[e.id, HOW_GOT[e.how]] as const] : []))))
const basis = computed(() => (a.value ? basisWords(a.value.basis) : ''))
const likely = computed(() =>
  sheet.diagnosis.value?.basis === 'weighed' ? sheet.diagnosis.value.likely.slice(0, 3).filter(l => l.p >= 0.08) : [],
)

const verdict = computed(() => a.value?.decision.verdict)
interface Move {
  id: string
  title: string
  minutes: number
  why: string
  caution: string | null
  check: Check | null
  outcomes: Outcome[]
  waits: string | null
  start(): void
}
/** Danger and duty first; after that, what tells most in a minute. */
const DUTY: NextLook['id'][] = ['plug_out', 'fuel', 'lock', 'oil', 'smell', 'mix', 'lash', 'retest', 'evidence']
const ofLook = (look: NextLook): Move => ({
  id: look.id,
  title: look.title,
  minutes: look.minutes,
  why: look.why,
  caution: null,
  check: null,
  outcomes: [],
  waits: null,
  start: () => start(look),
})
const ofCheck = (s: Suggestion): Move => ({
  id: s.check.id,
  title: s.check.name,
  minutes: s.check.minutes,
  why: s.check.how,
  caution: s.check.caution ?? null,
  check: s.check,
  outcomes: s.outcomes
    .filter(o => o.p > 0.03)
    .sort((x, y) => y.p - x.p)
    .slice(0, 4),
  waits: s.waits,
  start: () => sheet.startCheck(s.check),
})
const COVERED: Partial<Record<NextLook['id'], string[]>> = {
  oil: ['oil_level', 'oil_smell', 'oil_look'],
  smell: ['oil_smell'],
  mix: ['can'],
  lash: ['lash'],
  plug_out: ['plug_out_turn'],
  lock: ['drive_off', 'brake_off', 'starter_off', 'starter'],
}
/** one fact that is worth more than its look: before anything is agreed it comes first */
const factFirst = computed((): Move[] => {
  const look = a.value?.approved ? undefined : verdict.value?.looks.find(l => l.pays)
  if (!look) return []
  const cash = (x: number): string => moneyText(x, sheet.policy.value.currency)
  return [
    {
      id: `fact:${look.lineId}`,
      title: `${look.about === 'need' ? 'Look' : 'Ask the price'}: ${look.text}`,
      minutes: look.minutes,
      why: `The choice may hang on it: knowing it saves ${cash(look.worth)} on average, finding out costs ${cash(look.cost)}.`,
      caution: null,
      check: null,
      outcomes: [],
      waits: null,
      start: () =>
        sheet.open(look.about === 'need' ? 'measure' : 'decide', look.about === 'need' ? 'measure' : 'option'),
    },
  ]
})
const moves = computed((): Move[] => {
  if (!a.value?.next.length) return factFirst.value
  const duty = a.value.next.filter(n => DUTY.includes(n.id))
  const covered = new Set(duty.flatMap(n => COVERED[n.id] ?? []))
  const checks = (sheet.diagnosis.value?.next ?? []).filter(s => !covered.has(s.check.id))
  const rest = a.value.next.filter(n => n.id === 'value' || n.id === 'option')
  return [
    ...duty.map(ofLook),
    ...factFirst.value,
    ...checks
      .filter(s => !s.waits)
      .slice(0, 4)
      .map(ofCheck),
    ...rest.map(ofLook),
    ...checks
      .filter(s => s.waits)
      .slice(0, 1)
      .map(ofCheck),
  ]
})
const lead = computed(() => moves.value.find(m => !m.waits))
const then = computed(() => moves.value.filter(m => m !== lead.value).slice(0, 5))
const skipping = ref(false)
const skipReason = ref('')
const skipFault = ref('')
async function skip(check: Check): Promise<void> {
  if (!skipReason.value.trim()) {
    skipFault.value = 'Say in a few words why it is left out.'
    return
  }
  const outcome = await sheet.log({
    kind: 'check',
    how: 'by_eye',
    body: { check: check.id, found: [], absent: [], skipped: skipReason.value, note: null },
  })
  skipFault.value = outcome.ok ? '' : outcome.message
  if (outcome.ok) {
    skipping.value = false
    skipReason.value = ''
  }
}
const approved = computed(() => a.value?.approved?.body.frozen)
</script>

<template>
  <aside class="rail" aria-label="Verdict">
    <p v-if="sheet.unjudged.value" class="typing" role="alert">{{ sheet.unjudged.value }}</p>
    <div v-if="!a" class="wait lab">Reading the log…</div>
    <template v-else>
      <StopBlock v-for="s in a.stops" :key="s.id" :stop="s" />
      <p v-if="sheet.typing.value" class="typing lab">Counts what you are typing, not logged yet.</p>
      <section v-if="findings.length">
        <h2 class="lab">What the findings say</h2>
        <details v-for="j in findings" :key="j.entryId">
          <summary>
            <StateMark :mark="j.mark" bare /><span
              >{{ j.headline }} <span v-if="how.get(j.entryId)" class="lab how">{{ how.get(j.entryId) }}</span></span
            >
          </summary>
          <p v-for="d in j.details" :key="d">{{ d }}</p>
        </details>
        <p v-if="basis" class="basis">{{ basis }}</p>
      </section>
      <section v-if="likely.length && !a.closed && sheet.stage.value !== 'narrow_down'">
        <h2 class="lab">What it looks like</h2>
        <ul class="likely">
          <li v-for="l in likely" :key="l.cause.id">
            <span>{{ l.cause.name }}</span><span class="lab">{{ l.words }}</span
            ><i aria-hidden="true"><b :style="{ width: `${Math.round(100 * l.p)}%` }" /></i>
          </li>
        </ul>
        <button type="button" class="link flat" @click="sheet.open('narrow_down')">Why, and what else</button>
      </section>
      <section v-if="lead && !a.closed" data-test="next">
        <h2 class="lab">Look at next</h2>
        <p class="nexttitle">
          <b>{{ lead.title }}</b> <span class="lab">{{ lead.minutes }} min</span>
        </p>
        <p class="why">{{ lead.why }}</p>
        <p v-if="lead.caution" class="why caution">{{ lead.caution }}</p>
        <span class="acts"
          ><button type="button" class="btn go" @click="lead.start()">Start</button
          ><button v-if="lead.check && !skipping" type="button" class="btn" @click="skipping = true">
            Skip, say why
          </button></span
        >
        <form v-if="skipping && lead.check" class="skip" @submit.prevent="skip(lead.check)">
          <PlainField v-model="skipReason" label="Why it is left out" :fault="skipFault" /><span class="acts"
            ><button class="btn" type="submit">Leave it out</button
            ><button class="btn" type="button" @click="skipping = false">Back</button></span
          >
        </form>
        <table v-if="lead.outcomes.length" class="then2">
          <caption class="sr">
            What each answer would do
          </caption>
          <tbody>
            <tr v-for="o in lead.outcomes" :key="o.sign ?? 'none'">
              <td>{{ o.seen.toLowerCase() }}</td>
              <td>{{ o.lead.name.toLowerCase() }}, {{ Math.round(100 * o.pLead) }} %</td>
            </tr>
          </tbody>
        </table>
        <p v-for="item in then" :key="item.id" class="then">
          <button v-if="!item.waits" type="button" class="link" @click="item.start()">{{ item.title }}</button><span
            v-else
            class="waits"
            >{{ item.title }}<small>waits: {{ item.waits }}</small></span
          ><span class="lab">{{ item.minutes }} min</span>
        </p>
      </section>
      <section v-if="approved">
        <h2 class="lab">Agreed</h2>
        <p class="head">{{ approved.name }}</p>
      </section>
      <section v-if="verdict && !a.closed" data-test="lean">
        <h2 class="lab">{{ approved ? 'Where it stands now' : 'Where it leans' }}</h2>
        <p class="head" aria-live="polite">{{ verdict.headline }}</p>
        <MoneyScale :decision="a.decision" :currency="sheet.policy.value.currency" @pick="sheet.open('decide')" />
        <p v-if="verdict.flipWords[0]" class="flip"><b>Flips.</b> {{ verdict.flipWords[0] }}</p>
      </section>
      <section v-else-if="a.next.length === 0 && !verdict && !a.closed">
        <p class="why">Enter the ways to go under Decide, and this shows where it leans.</p>
      </section>
    </template>
  </aside>
</template>

<style scoped>
.rail {
  background: var(--sheet-2);
  border-left: 1px solid var(--rule-2);
  min-width: 0;
}
section {
  padding: 11px 16px 13px;
  border-bottom: 1px solid var(--rule);
}
section:last-child {
  border-bottom: 0;
}
h2.lab {
  margin-bottom: 5px;
}
.typing {
  padding: 8px 16px;
  background: var(--near-wash);
  color: var(--near);
}
details {
  border-bottom: 1px solid var(--rule);
}
details:last-child {
  border-bottom: 0;
}
summary {
  display: grid;
  grid-template-columns: 20px 1fr;
  gap: 4px;
  padding: 7px 0;
  font-weight: 500;
  font-size: 14.5px;
  line-height: 1.3;
  cursor: pointer;
  min-height: 34px;
  align-items: baseline;
}
.basis {
  font-size: 13.5px;
  color: var(--ink-2);
  margin-top: 7px;
}
details p {
  font-size: 14px;
  padding: 0 0 6px 24px;
  color: var(--ink-2);
}
.nexttitle {
  font-size: 16px;
}
.why {
  font-size: 14px;
  color: var(--ink-2);
  margin: 2px 0 8px;
}
.likely li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 8px;
  padding: 3px 0;
  font-weight: 500;
}
.likely i {
  grid-column: 1 / -1;
  height: 5px;
  background: #ecebe4;
}
.likely i b {
  display: block;
  height: 100%;
  background: var(--ink);
}
.flat {
  padding: 0;
}
.caution {
  color: var(--near);
}
.skip {
  display: grid;
  gap: 6px;
  margin-top: 8px;
}
.then2 {
  width: 100%;
  border-collapse: collapse;
  margin-top: 9px;
  font-size: 13.5px;
}
.then2 td {
  padding: 4px 6px 4px 0;
  border-top: 1px solid var(--rule);
  vertical-align: top;
}
.then2 td + td {
  color: var(--ink-2);
}
.waits {
  color: var(--ink-2);
  font-size: 14px;
}
.waits small {
  display: block;
}
.then {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-top: 4px;
}
.then .link {
  padding: 0;
  text-align: left;
  min-height: 36px;
}
.head {
  font: 600 20px/1.2 var(--label);
  margin-bottom: 6px;
  overflow-wrap: anywhere;
}
.flip {
  font-size: 14px;
  margin-top: 6px;
}
.flip b {
  font-weight: 600;
}
.wait {
  padding: 16px;
}
@media (max-width: 1000px) {
  .rail {
    border-left: 0;
    border-top: 1px solid var(--rule-2);
  }
}
</style>
