<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
const {
  sheet,
  a,
  findings,
  how,
  basis,
  likely,
  verdict,
  lead,
  then,
  start,
  may,
  skipping,
  skipReason,
  skipFault,
  skip,
  approved,
} = useNextMoves()
/** findings as four counts; the list is a touch away */
const listed = useLocalStorage('findings-listed', false)
const COUNTED = { past: 'past', near: 'near', good: 'good', open: 'open' } as const
const counts = computed(() =>
  (Object.keys(COUNTED) as (keyof typeof COUNTED)[]).map(mark => ({
    ...{ mark, word: COUNTED[mark] },
    n: findings.value.filter(j => j.mark === mark).length,
  })),
)
/** so many stops stand beside the worst one, a line each */
const SHOWN = 3
const every = ref(false)
/** a stop that was not there a moment ago is said at once; those that stood already are not */
const fresh = ref('')
watch(
  () => a.value?.stops.map(s => s.id).join(' '),
  (now, before) => {
    if (now === undefined || before === undefined) return
    const stood = before.split(' ')
    fresh.value = (a.value?.stops ?? [])
      .filter(s => !stood.includes(s.id))
      .map(s => `${s.title}. ${s.reason}`)
      .join(' ')
  },
)
</script>

<template>
  <aside class="rail" aria-label="Verdict">
    <p v-if="sheet.unjudged.value" class="typing" role="alert">{{ sheet.unjudged.value }}</p>
    <p class="sr" role="alert">{{ fresh }}</p>
    <div v-if="a?.stops.length" class="stops">
      <StopBlock
        v-for="(s, i) in a.stops"
        :key="s.id"
        :stop="s"
        :folded="i > 0 || sheet.stage.value === 'decide'"
        :hidden="i > SHOWN && !every"
      />
      <ElButton v-if="a.stops.length > SHOWN + 1" link class="link" :aria-expanded="every" @click="every = !every">
        {{ every ? 'Fewer' : `${a.stops.length - SHOWN - 1} more stops` }}
      </ElButton>
    </div>
    <div v-if="!a" class="wait lab">Reading the log…</div>
    <div v-else class="scroll">
      <section v-if="a.asked.length" class="asked" data-test="asked">
        <h2 class="lab">Look first: only told, or past a rule of thumb</h2>
        <details v-for="s in a.asked" :key="s.id">
          <summary>
            <StateMark mark="near" bare /><span>{{ s.reason }}</span>
          </summary>
          <p>Settled by: {{ s.clearedBy }}</p>
        </details>
      </section>
      <p v-if="sheet.typing.value" class="typing lab">Counts what you are typing, not logged yet.</p>
      <section v-if="lead && !a.closed" data-test="next">
        <h2 class="lab">Look at next</h2>
        <p class="nexttitle">
          <b>{{ lead.title }}</b> <span class="lab min">{{ lead.minutes }} min</span>
        </p>
        <p class="why">{{ lead.why }}</p>
        <p v-if="lead.thought" class="why thought" data-test="thought">{{ lead.thought }}</p>
        <p v-if="lead.caution" class="why caution">{{ lead.caution }}</p>
        <span class="acts"
          ><ElButton v-if="may(lead)" type="primary" @click="start(lead)">
            {{ lead.check ? 'Begin this check' : 'Go to it' }}</ElButton
          ><ElButton v-if="may(lead) && lead.check && !skipping" @click="skipping = true">
            Skip, say why
          </ElButton></span
        >
        <form v-if="skipping && lead.check" class="skip" @submit.prevent="skip(lead.check)">
          <PlainField v-model="skipReason" label="Why it is left out" :fault="skipFault" /><span class="acts"
            ><ElButton native-type="submit">Leave it out</ElButton
            ><ElButton @click="skipping = false">Back</ElButton></span
          >
        </form>
        <dl v-if="lead.outcomes.length > 2" class="then2" aria-label="What each answer would do">
          <template v-for="o in lead.outcomes" :key="o.sign ?? 'none'"
            ><dt>{{ o.seen.toLowerCase() }}</dt>
            <dd>{{ o.lead.name.toLowerCase() }}, {{ Math.round(100 * o.pLead) }} %</dd></template
          >
        </dl>
        <p v-for="item in then" :key="item.id" class="then">
          <ElButton link v-if="!item.waits && may(item)" class="link" @click="start(item)">{{
            item.title
          }}</ElButton><span v-else class="waits"
            >{{ item.title }}<small v-if="item.waits">waits: {{ item.waits }}</small></span
          ><span class="lab">{{ item.minutes }} min</span>
        </p>
      </section>
      <section v-if="likely.length && !a.closed && sheet.stage.value !== 'narrow_down'">
        <h2 class="lab">What it looks like</h2>
        <ul class="likely">
          <li v-for="l in likely" :key="l.cause.id">
            <span>{{ l.cause.name }}</span><span class="lab">{{ l.cured ? 'gone since the work' : l.words }}</span
            ><i aria-hidden="true"><b :style="{ width: `${Math.round(100 * l.p)}%` }" /></i>
          </li>
        </ul>
        <ElButton link class="link flat" @click="sheet.open('narrow_down')">Why, and what else</ElButton>
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
    </div>
    <section v-if="a && findings.length" class="say">
      <ElButton
        text
        class="counts"
        :aria-expanded="listed"
        :aria-label="`What the findings say: ${counts.map(c => `${c.n} ${c.word}`).join(', ')}`"
        @click="listed = !listed"
      >
        <span class="lab">What the findings say</span>
        <span v-for="c in counts" :key="c.mark" class="count" :class="{ none: !c.n }"
          ><StateMark :mark="c.mark" bare /> {{ c.n }} <small>{{ c.word }}</small></span
        >
      </ElButton>
      <div v-show="listed" class="list">
        <details v-for="j in findings" :key="j.entryId">
          <summary>
            <StateMark :mark="j.mark" bare /><span
              >{{ j.headline }} <span v-if="how.get(j.entryId)" class="lab how">{{ how.get(j.entryId) }}</span></span
            >
          </summary>
          <p v-for="d in j.details" :key="d">{{ d }}</p>
        </details>
        <p v-if="basis" class="basis">{{ basis }}</p>
      </div>
    </section>
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
.min {
  white-space: nowrap;
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
  display: grid;
  grid-template-columns: 1fr 1fr;
  margin-top: 9px;
  font-size: 14px;
}
.then2 > * {
  padding: 4px 6px 4px 0;
  border-top: 1px solid var(--rule);
}
.then2 dd {
  color: var(--ink-2);
}
.stops .link {
  width: 100%;
  background: var(--past-wash);
}
.say {
  padding: 6px 16px;
  border-top: 1px solid var(--rule-2);
  background: var(--sheet-2);
}
.counts.el-button.el-button {
  width: 100%;
  padding: 4px 0;
  background: none;
}
.counts :deep(> span) {
  display: grid;
  grid-template-columns: repeat(4, auto);
  gap: 3px 12px;
  width: 100%;
  align-items: baseline;
  justify-content: start;
}
.counts .lab {
  grid-column: 1 / -1;
}
.count small {
  font: 500 14px/1 var(--label);
}
.none {
  color: var(--ink-2);
}
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .rail {
    display: flex;
    flex-direction: column;
  }
  .list {
    max-height: 42dvh;
    overflow-y: auto;
  }
  .stops {
    flex: none;
    max-height: 62%;
    overflow-y: auto;
  }
  .scroll {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
  }
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
