<script setup lang="ts">
/** What to look at next and why, what it looks like, and where it leans. What the desk shows is not said twice. */
const { sheet, a, likely, verdict, approved } = useNextMoves()
</script>

<template>
  <div v-if="a">
    <section v-if="a.asked.length" class="asked" data-test="asked">
      <h2 class="lab">Look first: only told, or past a rule of thumb</h2>
      <ElCollapse
        ><ElCollapseItem v-for="s in a.asked" :key="s.id" :name="s.id"
          ><template #title
            ><span class="askedfor"
              ><StateMark mark="near" bare /><span>{{ s.reason }}</span></span
            ></template
          >
          <p>Settled by: {{ s.clearedBy }}</p></ElCollapseItem
        ></ElCollapse
      >
    </section>
    <RailLead />
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
      <LazyMoneyScale :decision="a.decision" :currency="sheet.policy.value.currency" @pick="sheet.open('decide')" />
      <p v-if="verdict.flipWords[0]" class="flip"><b>Flips.</b> {{ verdict.flipWords[0] }}</p>
    </section>
    <section v-else-if="a.next.length === 0 && !verdict && !a.closed">
      <p class="why">Enter the ways to go under Decide, and this shows where it leans.</p>
    </section>
  </div>
</template>

<style scoped>
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
.askedfor {
  display: grid;
  grid-template-columns: 20px 1fr;
  gap: 4px;
  align-items: baseline;
  font-weight: 500;
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
  background: var(--track);
}
.likely i b {
  display: block;
  height: 100%;
  background: var(--ink);
}
.flat.el-button.el-button {
  padding: 0;
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
</style>
