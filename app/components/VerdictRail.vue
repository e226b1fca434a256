<script setup lang="ts">
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
</script>

<template>
  <aside class="rail" aria-label="Verdict">
    <p v-if="sheet.unjudged.value" class="typing" role="alert">{{ sheet.unjudged.value }}</p>
    <div v-if="!a" class="wait lab">Reading the log…</div>
    <template v-else>
      <StopBlock v-for="s in a.stops" :key="s.id" :stop="s" />
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
            <span>{{ l.cause.name }}</span><span class="lab">{{ l.cured ? 'gone since the work' : l.words }}</span
            ><i aria-hidden="true"><b :style="{ width: `${Math.round(100 * l.p)}%` }" /></i>
          </li>
        </ul>
        <ElButton link class="link flat" @click="sheet.open('narrow_down')">Why, and what else</ElButton>
      </section>
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
        <table v-if="lead.outcomes.length > 2" class="then2">
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
          <ElButton link v-if="!item.waits && may(item)" class="link" @click="start(item)">{{
            item.title
          }}</ElButton><span v-else class="waits"
            >{{ item.title }}<small v-if="item.waits">waits: {{ item.waits }}</small></span
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
