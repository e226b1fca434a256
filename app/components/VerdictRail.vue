<script setup lang="ts">
import { basisWords } from '#core/job/basis'
import type { NextLook } from '#core/job/nextLooks'
import { HOW_GOT } from '#core/job/vocabulary'
import type { FormName } from '~/composables/useJobSheet'

/** Always there: what must not be done, what the findings say, what to look at next, where it leans. */
const sheet = useSheet()
const a = computed(() => sheet.assessment.value)
const FORM: Record<NextLook['id'], FormName> = { oil: 'oil', mix: 'mix', fuel: 'fuel', smell: 'oil', turn_over: 'turn_over', plug_out: 'turn_over', compression: 'compression', lash: 'lash', lock: 'lock_step', evidence: 'evidence', debris: 'debris', option: 'option', value: 'terms' }
const start = (look: NextLook): void => sheet.open(look.stage, FORM[look.id])
/** the newest of each kind; the older ones stand in the log */
const findings = computed(() => [a.value?.debris, a.value?.leakDown, a.value?.crankcase, a.value?.compression, a.value?.oil, a.value?.mix, a.value?.plug, a.value?.airFilter, a.value?.turnOver, ...a.value?.others ?? []].filter(j => j !== null && j !== undefined))
/** how each was got, in a word */
const how = computed(() => new Map(sheet.inForce.value.flatMap(e => e.how ? [[e.id, HOW_GOT[e.how]] as const] : [])))
const basis = computed(() => a.value ? basisWords(a.value.basis) : '')
const next = computed(() => a.value?.next[0])
const verdict = computed(() => a.value?.decision.verdict)
const approved = computed(() => a.value?.approved?.body.frozen)
</script>

<template>
  <aside class="rail" aria-label="Verdict">
    <div v-if="!a" class="wait lab">Reading the log…</div>
    <template v-else>
      <div v-for="s in a.closed ? [] : a.stops" :key="s.id" class="stop">
        <h2><svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true"><circle cx="10" cy="10" r="8.6" fill="none" stroke="#fff" stroke-width="2" /><path d="M5 10h10" stroke="#fff" stroke-width="2.6" /></svg>{{ s.title }}</h2>
        <p>{{ s.reason }}</p><p class="clear">Cleared by: {{ s.clearedBy }}</p>
      </div>
      <p v-if="sheet.typing.value" class="typing lab">Counts what you are typing, not logged yet.</p>
      <section v-if="findings.length">
        <h2 class="lab">What the findings say</h2>
        <details v-for="j in findings" :key="j.entryId">
          <summary><StateMark :mark="j.mark" bare /><span>{{ j.headline }} <span v-if="how.get(j.entryId)" class="lab how">{{ how.get(j.entryId) }}</span></span></summary>
          <p v-for="d in j.details" :key="d">{{ d }}</p>
        </details>
        <p v-if="basis" class="basis">{{ basis }}</p>
      </section>
      <section v-if="next && !a.closed">
        <h2 class="lab">Look at next</h2>
        <p class="nexttitle"><b>{{ next.title }}</b> <span class="lab">{{ next.minutes }} min</span></p>
        <p class="why">{{ next.why }}</p>
        <button type="button" class="btn go" @click="start(next)">Start</button>
        <p v-for="look in a.next.slice(1, 4)" :key="look.id" class="then"><button type="button" class="link" @click="start(look)">{{ look.title }}</button><span class="lab">{{ look.minutes }} min</span></p>
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
      <section v-else-if="a.next.length === 0 && !a.closed"><p class="why">Enter the ways to go under Decide, and this shows where it leans.</p></section>
    </template>
  </aside>
</template>

<style scoped>
.rail { background: var(--sheet-2); border-left: 1px solid var(--rule-2); min-width: 0; }
section { padding: 11px 16px 13px; border-bottom: 1px solid var(--rule); }
section:last-child { border-bottom: 0; }
h2.lab { margin-bottom: 5px; }
.stop { background: var(--past); color: #fff; padding: 11px 16px; border-bottom: 1px solid #ffffff55; }
.stop h2 { font-size: 19px; display: flex; gap: 8px; align-items: center; }
.stop p { font-size: 14px; line-height: 1.35; margin-top: 3px; }
.stop .clear { font: 500 14px/1.3 var(--label); letter-spacing: .02em; }
.typing { padding: 8px 16px; background: var(--near-wash); color: var(--near); }
details { border-bottom: 1px solid var(--rule); } details:last-child { border-bottom: 0; }
summary { display: grid; grid-template-columns: 20px 1fr; gap: 4px; padding: 7px 0; font-weight: 500; font-size: 14.5px; line-height: 1.3; cursor: pointer; min-height: 34px; align-items: baseline; }
.basis { font-size: 13.5px; color: var(--ink-2); margin-top: 7px; }
details p { font-size: 14px; padding: 0 0 6px 24px; color: var(--ink-2); }
.nexttitle { font-size: 16px; } .why { font-size: 14px; color: var(--ink-2); margin: 2px 0 8px; }
.then { display: flex; justify-content: space-between; align-items: center; margin-top: 4px; } .then .link { padding: 0; text-align: left; min-height: 36px; }
.head { font: 600 20px/1.2 var(--label); margin-bottom: 6px; overflow-wrap: anywhere; }
.flip { font-size: 14px; margin-top: 6px; } .flip b { font-weight: 600; }
.wait { padding: 16px; }
@media (max-width: 1000px) { .rail { border-left: 0; border-top: 1px solid var(--rule-2); } }
</style>
