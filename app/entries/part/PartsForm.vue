<script setup lang="ts">
import { oilMapOf } from '#core/condition/oilMap'
import { partsStanding } from '#core/entries/part/judge'
import { timeToDecide } from '#core/condition/cause'
import type { OilNode } from '#core/teardown/oilPath'
import { coversOf } from '#core/teardown/plan'
import { PART_PLANS } from '#core/teardown/parts'
import { DISPOSITIONS, PART_GROUPS } from '#core/teardown/partPlan'
import { partName, placeKey, placesOf } from '#core/teardown/places'
import { trapsOf } from '#core/teardown/traps'
import type { PartGroup } from '#core/teardown/partPlan'

/** The engine part by part, in the order in which it comes apart; the next one opens by itself. */
const sheet = useSheet()
const facts = computed(() => sheet.job.value.facts)
const standing = computed(() => new Map(partsStanding(sheet.inForce.value).map(e => [placeKey(e.body), e])))
const parts = computed(() => placesOf(facts.value).map(p => ({ ...p, key: placeKey(p) })))
const groups = computed(() =>
  (Object.keys(PART_GROUPS) as PartGroup[])
    .map(group => ({ group, all: parts.value.filter(p => PART_PLANS[p.part].group === group) }))
    .filter(g => g.all.length),
)
const open = ref<string | null>(null)
const judged = computed(() => new Map(sheet.assessment.value?.judgements.map(j => [j.entryId, j])))
const inOilWay = computed(() => {
  const ids = new Set<string>()
  const walk = (node: OilNode): void => {
    ids.add(node.id)
    node.then.forEach(walk)
  }
  const map = oilMapOf(sheet.inForce.value, sheet.job.value.facts)
  if (map) walk(map.root)
  return ids
})
watch(
  sheet.correction,
  entry => {
    if (entry?.kind !== 'part') return
    open.value = placeKey(entry.body)
    sheet.correction.value = null
  },
  { immediate: true },
)
// the logged part closes and the next one opens
watch(sheet.lastLogged, entry => {
  if (entry?.kind === 'part' && placeKey(entry.body) === open.value) open.value = next(open.value)
})
const next = (after: string): string | null =>
  parts.value.slice(parts.value.findIndex(p => p.key === after) + 1).find(p => !standing.value.has(p.key))?.key ?? null
const deciding = computed(() => timeToDecide(sheet.inForce.value))
const purpose = ref('')
const fault = ref('')
async function goOn(): Promise<void> {
  if (!purpose.value.trim()) {
    fault.value = 'Say what is looked for.'
    return
  }
  const outcome = await sheet.log({
    kind: 'note',
    how: null,
    body: { stage: 'open_up', text: `Stripped further, to find out: ${purpose.value.trim()}` },
  })
  fault.value = outcome.ok ? '' : (outcome.faults[0]?.message ?? outcome.message)
  if (outcome.ok) purpose.value = ''
}
const covers = computed(() => coversOf(facts.value))
const traps = computed(() => trapsOf(facts.value))
</script>

<template>
  <div class="parts">
    <details class="traps">
      <summary>Before it comes apart: {{ traps.length }} traps on this engine</summary>
      <dl>
        <template v-for="t in traps" :key="t.title"
          ><dt>{{ t.title }}</dt>
          <dd>{{ t.text }}</dd></template
        >
      </dl>
    </details>
    <details class="traps">
      <summary>The way in, cover by cover</summary>
      <ol>
        <li v-for="c in covers" :key="c.name">
          <b>{{ c.name }}</b> <span class="lab">{{ c.tool }}{{ c.special ? ' (special)' : '' }}</span>
          <p v-if="c.first">Before: {{ c.first }}.</p>
          <p v-if="c.fluid" class="note">Runs out: {{ c.fluid }}.</p>
          <p v-if="c.caution" class="near">{{ c.caution }}</p>
        </li>
      </ol>
    </details>
    <form v-if="deciding.length" class="owed" @submit.prevent="goOn">
      <h2>Stop here, or go on?</h2>
      <p>
        Condemned: {{ deciding.join(', ') }}. That may settle it already. Stripping further costs hours; say what it is
        to show.
      </p>
      <div class="acts">
        <ElButton @click="sheet.open('decide')">Decide now</ElButton
        ><PlainField v-model="purpose" label="Go on, to find out" :fault="fault" /><ElButton native-type="submit">
          Go on
        </ElButton>
      </div>
    </form>
    <section v-if="sheet.assessment.value?.owed.length" class="owed">
      <h2>Still owed: {{ sheet.assessment.value.owed.length }}</h2>
      <ul>
        <li v-for="o in sheet.assessment.value.owed" :key="o.entryId + o.text">◯ {{ o.text }}</li>
      </ul>
    </section>
    <section v-for="g in groups" :key="g.group" class="group">
      <h2>{{ PART_GROUPS[g.group] }}</h2>
      <template v-for="p in g.all" :key="p.key">
        <button type="button" class="row" :aria-expanded="open === p.key" @click="open = open === p.key ? null : p.key">
          <StateMark v-if="standing.get(p.key)" :mark="judged.get(standing.get(p.key)!.id)?.mark ?? 'open'" bare /><span
            v-else
            class="blank"
            aria-hidden="true"
          />
          <b>{{ partName(p.part, p.place) }}</b>
          <span class="said"
            >{{ standing.get(p.key) ? DISPOSITIONS[standing.get(p.key)!.body.disposition] : ''
            }}<small v-if="standing.get(p.key)?.body.seen.length">{{
              standing
                .get(p.key)!
                .body.seen.map(k => PART_PLANS[p.part].look[k])
                .join(', ')
            }}</small></span
          >
        </button>
        <PartEditor
          v-if="open === p.key"
          :key="`${p.key}-${standing.get(p.key)?.id}`"
          :part="p.part"
          :place="p.place"
          :base="standing.get(p.key)"
          :in-oil-way="inOilWay.has(p.part)"
        />
      </template>
    </section>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 14px;
}
.traps summary {
  min-height: 44px;
  padding-top: 11px;
  cursor: pointer;
  font-weight: 600;
}
dl {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 4px 14px;
  padding: 4px 0 10px;
}
ol {
  list-style: decimal;
  padding-left: 22px;
}
ol li {
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
dt {
  font: 600 15px var(--label);
}
.owed {
  border-left: 4px solid var(--near);
  background: var(--near-wash);
  padding: 8px 14px;
}
h2 {
  font: 600 16px var(--label);
  margin-bottom: 3px;
}
.row {
  display: grid;
  grid-template-columns: 20px minmax(150px, 250px) minmax(0, 1fr);
  gap: 10px;
  width: 100%;
  align-items: center;
  min-height: 46px;
  border: 0;
  border-bottom: 1px solid var(--rule);
  background: none;
  text-align: left;
  cursor: pointer;
  padding: 3px 0;
}
.row:hover b {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.row b {
  font-weight: 600;
}
.blank {
  width: 13px;
  height: 13px;
  border: 1.5px dotted var(--edge);
  border-radius: 50%;
}
small {
  display: block;
  color: var(--ink-2);
  font-size: 13.5px;
}
@media (max-width: 640px) {
  .row {
    grid-template-columns: 20px minmax(0, 1fr);
  }
  .said {
    grid-column: 2;
  }
  dl {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
