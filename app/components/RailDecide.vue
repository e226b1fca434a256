<script setup lang="ts">
import { moneyText } from '#core/units/money'
import { RULE_WORDS } from '#core/verdict/verdict'

/** The verdict: which way and why, the one fact that would be worth knowing first, what would turn it, and what is not certain. */
const sheet = useSheet()
const tab = useDecideTab(sheet.job.value.id)
const chosen = useChosenWay(sheet.job.value.id)
const a = computed(() => sheet.assessment.value)
const verdict = computed(() => a.value?.decision.verdict)
const look = computed(() => verdict.value?.looks[0])
const { moves, start, may } = useNextMoves()
/** the look that the fact asks for */
const factMove = computed(() => moves.value.find(m => m.fact && !m.waits && may(m)))
const cash = (v: number): string => moneyText(v, sheet.policy.value.currency)
function show(id: string | undefined, what: 'way' | 'owner'): void {
  if (id) chosen.value = id
  tab.value = what
}
/** the best of the others that can be gone */
const other = computed(
  () =>
    a.value?.decision.options
      .filter(o => !o.ruledOut && o.entryId !== verdict.value?.bestId)
      .sort((x, y) => y.net - x.net)[0],
)
</script>

<template>
  <div class="saysall">
    <div class="scroll says">
      <section v-if="verdict && !a?.closed" data-test="lean" aria-live="polite">
        <h2 class="lab">
          {{ a?.approved ? 'Where it stands now' : 'The bench says' }}, by {{ RULE_WORDS[verdict.rule] }}
        </h2>
        <p class="head headline">{{ verdict.headline }}</p>
        <ul>
          <li v-for="r in verdict.reasons" :key="r">{{ r }}</li>
          <li v-for="d in verdict.disagreements" :key="d" class="near">{{ d }}</li>
        </ul>
      </section>
      <section v-if="look && !a?.closed" class="fact">
        <h2 class="lab">One fact first</h2>
        <p>
          <b>{{ look.about === 'need' ? `Look first: ${look.text}.` : `Ask the price first: ${look.text}.` }}</b>
          {{ look.minutes }} min, costs {{ cash(look.cost) }}; knowing it saves {{ cash(look.worth) }} on average.
          {{ look.pays ? '' : 'It does not pay: decide now.' }}
        </p>
        <span class="acts"
          ><ElButton v-if="factMove" @click="start(factMove)">Go to it</ElButton
          ><ElButton @click="tab = 'fact'">What it is worth</ElButton></span
        >
      </section>
      <section v-if="verdict?.flipWords.length && !a?.closed">
        <h2 class="lab">What would change it</h2>
        <ul>
          <li v-for="f in verdict.flipWords" :key="f">{{ f }}</li>
        </ul>
      </section>
      <ElCollapse
        v-if="verdict?.doubts.length && !a?.closed"
        class="doubts"
        :model-value="verdict.doubts.length < 3 ? ['doubts'] : []"
        ><ElCollapseItem name="doubts" :title="`Not certain, ${verdict.doubts.length}`">
          <ul>
            <li v-for="d in verdict.doubts" :key="d">{{ d }}</li>
          </ul>
        </ElCollapseItem></ElCollapse
      >
      <p v-if="!verdict && !a?.closed" class="why">Enter the ways to go, and this shows where it leans.</p>
    </div>
    <RailLead short class="nextline" />
    <p v-if="verdict && !a?.closed" class="ends">
      <ElButton type="primary" @click="show(verdict.bestId ?? undefined, 'owner')">Quote this way</ElButton>
      <ElButton v-if="other" @click="show(other.entryId, 'way')">Other way</ElButton>
    </p>
  </div>
</template>

<style scoped>
.saysall {
  display: flex;
  flex-direction: column;
  min-height: 100%;
}
section {
  padding: 11px 16px 12px;
  border-bottom: 1px solid var(--rule);
}
h2.lab {
  margin-bottom: 3px;
}
.head {
  font: 600 23px/1.15 var(--label);
  margin-bottom: 5px;
  overflow-wrap: anywhere;
}
li {
  font-size: 14.5px;
  line-height: 1.35;
  margin-bottom: 4px;
}
.fact {
  background: var(--petrol-wash);
}
.fact p {
  font-size: 14.5px;
  margin-bottom: 8px;
}
.doubts {
  padding: 0 16px;
}
.why {
  padding: 14px 16px;
  color: var(--ink-2);
}
.nextline {
  position: sticky;
  bottom: 61px;
  margin-top: auto;
  border-top: 1px solid var(--rule-2);
}
.ends {
  display: flex;
  gap: 8px;
  padding: 8px 16px;
  height: 61px;
  position: sticky;
  bottom: 0;
  background: var(--sheet-2);
  border-top: 1px solid var(--rule-2);
}
.ends .el-button--primary {
  flex: 1;
  justify-content: center;
}
</style>
