<script setup lang="ts">
import { ArrowLeft, ArrowRight } from '@element-plus/icons-vue'
import { oilMapOf } from '#core/condition/oilMap'
import { partsStanding } from '#core/entries/part/standing'
import { timeToDecide } from '#core/condition/cause'
import type { OilNode } from '#core/teardown/oilPath'
import { coversOf } from '#core/teardown/plan'
import { PART_PLANS } from '#core/teardown/parts'
import type { PartKey } from '#core/teardown/parts'
import { DISPOSITIONS, PART_GROUPS } from '#core/teardown/partPlan'
import { partName, placeKey, placesOf } from '#core/teardown/places'
import { trapsOf } from '#core/teardown/traps'
import type { Mark } from '#core/judgement'
import type { PartGroup } from '#core/teardown/partPlan'

/** The engine part by part as tiles, in the order in which it comes apart, the one in hand beside them; the next one opens by itself. */
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
/** before it comes apart: the traps and the way in */
const before = ref(false)
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
const inHand = computed(() => parts.value.find(p => p.key === open.value))
const at = computed(() => parts.value.findIndex(p => p.key === open.value))
const step = (by: number): void => {
  open.value = parts.value[at.value + by]?.key ?? open.value
}
const markOf = (key: string): Mark | undefined => {
  const entry = standing.value.get(key)
  return entry && (judged.value.get(entry.id)?.mark ?? 'open')
}
/** the first that nobody looked at is in hand when the sheet is opened */
onMounted(() => {
  open.value ??= parts.value.find(p => !standing.value.has(p.key))?.key ?? parts.value[0]?.key ?? null
})
const condemnedNow = computed(() =>
  parts.value.filter(p => ['replace', 'machine'].includes(standing.value.get(p.key)?.body.disposition ?? '')),
)
/** what was seen on a part, in words */
const seenOn = (p: { key: string; part: PartKey }): string =>
  (standing.value.get(p.key)?.body.seen ?? []).map(k => PART_PLANS[p.part].look[k]).join(', ')
const owed = computed(() => sheet.assessment.value?.owed ?? [])
const LISTED = 3
const owedAll = ref(false)
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
    <div class="engine">
      <h2 class="sr">The engine, part by part</h2>
      <form v-if="deciding.length" class="goon" @submit.prevent="goOn">
        <h3>Stop here, or go on?</h3>
        <p>
          Condemned: {{ deciding.join(', ') }}. That may settle it already. Stripping further costs hours; say what it
          is to show.
        </p>
        <div class="acts">
          <ElButton @click="sheet.open('decide')">Decide now</ElButton
          ><PlainField v-model="purpose" label="Go on, to find out" :fault="fault" /><ElButton native-type="submit">
            Go on
          </ElButton>
        </div>
      </form>
      <div v-if="condemnedNow.length || owed.length" class="lists">
        <section v-if="condemnedNow.length">
          <h3 class="past">Condemned, {{ condemnedNow.length }}</h3>
          <ElButton v-for="p in condemnedNow.slice(0, LISTED)" :key="p.key" link class="link" @click="open = p.key"
            >{{ partName(p.part, p.place) }}<small v-if="seenOn(p)">: {{ seenOn(p) }}</small></ElButton
          >
          <p v-if="condemnedNow.length > LISTED" class="lab">{{ condemnedNow.length - LISTED }} more below</p>
        </section>
        <section v-if="owed.length" class="owed">
          <h3>Still owed: {{ owed.length }}</h3>
          <ul>
            <li v-for="o in owedAll ? owed : owed.slice(0, LISTED)" :key="o.entryId + o.text" :title="o.text">
              <StateMark mark="open" bare /> {{ o.text }}
            </li>
          </ul>
          <ElButton
            v-if="owed.length > LISTED"
            link
            class="link"
            :aria-expanded="owedAll"
            @click="owedAll = !owedAll"
            >{{ owedAll ? 'Fewer' : `${owed.length - LISTED} more` }}</ElButton
          >
        </section>
      </div>
      <p class="keys">
        <ElButton link class="link" @click="before = true"
          >Before it comes apart: {{ traps.length }} traps on this engine</ElButton
        ><span class="lab legend"
          ><StateMark mark="past" bare /> replace <StateMark mark="near" bare /> doubtful
          <StateMark mark="good" bare /> use again <StateMark mark="open" bare /> can't tell</span
        >
      </p>
      <section v-for="g in groups" :key="g.group" class="group">
        <h3>
          {{ PART_GROUPS[g.group] }}
          <span class="lab">{{ g.all.filter(p => standing.has(p.key)).length }} of {{ g.all.length }}</span>
        </h3>
        <div class="tiles">
          <button
            v-for="p in g.all"
            :key="p.key"
            type="button"
            class="row"
            :class="[markOf(p.key) ?? 'unseen', { on: open === p.key }]"
            :aria-expanded="open === p.key"
            @click="open = p.key"
          >
            <b>{{ partName(p.part, p.place) }}</b>
            <span v-if="standing.get(p.key)" class="said"
              ><StateMark :mark="markOf(p.key) ?? 'open'" bare />
              {{ DISPOSITIONS[standing.get(p.key)!.body.disposition] }}</span
            >
            <span v-else class="sr">not looked at</span>
          </button>
        </div>
      </section>
    </div>
    <div v-if="inHand" class="inhand">
      <div class="top">
        <h2 tabindex="-1" data-heading>{{ partName(inHand.part, inHand.place) }}</h2>
        <ElButton :disabled="at <= 0" aria-label="The part before" @click="step(-1)"
          ><ArrowLeft width="18" aria-hidden="true" /></ElButton
        ><ElButton :disabled="at >= parts.length - 1" aria-label="The part after" @click="step(1)"
          ><ArrowRight width="18" aria-hidden="true"
        /></ElButton>
      </div>
      <p v-if="seenOn(inHand)" class="note">{{ seenOn(inHand) }}</p>
      <PartEditor
        :key="`${inHand.key}-${standing.get(inHand.key)?.id}`"
        :part="inHand.part"
        :place="inHand.place"
        :base="standing.get(inHand.key)"
        :in-oil-way="inOilWay.has(inHand.part)"
      />
    </div>
    <ElDrawer v-if="before" v-model="before" title="Before it comes apart" direction="rtl" size="min(640px, 94vw)">
      <h3>Traps on this engine</h3>
      <dl>
        <template v-for="t in traps" :key="t.title"
          ><dt>{{ t.title }}</dt>
          <dd>{{ t.text }}</dd></template
        >
      </dl>
      <h3>The way in, cover by cover</h3>
      <ol>
        <li v-for="c in covers" :key="c.name">
          <b>{{ c.name }}</b> <span class="lab">{{ c.tool }}{{ c.special ? ' (special)' : '' }}</span>
          <p v-if="c.first">Before: {{ c.first }}.</p>
          <p v-if="c.fluid" class="note">Runs out: {{ c.fluid }}.</p>
          <p v-if="c.caution" class="near">{{ c.caution }}</p>
        </li>
      </ol>
    </ElDrawer>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 20px;
  align-items: start;
}
.engine {
  display: grid;
  gap: 8px;
  min-width: 0;
}
.inhand {
  position: sticky;
  top: 0;
  border-left: 1px solid var(--rule-2);
  padding-left: 18px;
  min-width: 0;
  display: grid;
  gap: 6px;
  --label-width: 76px;
}
.top {
  display: flex;
  gap: 8px;
  align-items: center;
}
.top h2 {
  flex: 1;
}
.top h2:focus {
  outline: none;
}
.top .el-button.el-button {
  padding: 0;
  width: 44px;
  justify-content: center;
}
.lists {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 14px;
}
.lists li {
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  padding: 3px 0;
  font-size: 14.5px;
  border-bottom: 1px solid var(--rule);
}
.lists .link.el-button.el-button {
  padding: 0 14px 0 0;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  justify-content: space-between;
  align-items: center;
}
.keys .link.el-button.el-button {
  padding: 0;
}
.legend {
  display: flex;
  gap: 4px 8px;
  align-items: baseline;
}
.tiles {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(92px, 1fr));
  gap: 5px;
}
h3 {
  margin-bottom: 2px;
}
.row {
  display: grid;
  align-content: center;
  gap: 1px;
  min-height: 48px;
  padding: 3px 7px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  background: var(--sheet);
  text-align: left;
  cursor: pointer;
  overflow-wrap: anywhere;
}
.row b {
  font: 600 15px/1.15 var(--label);
}
.row.unseen {
  border-style: dashed;
}
.row.past {
  background: var(--past-wash);
  border-color: var(--past);
  color: var(--ink);
}
.row.good {
  background: var(--good-wash);
  color: var(--ink);
}
.row.near,
.row.open {
  color: var(--ink);
}
.row.on {
  outline: 3px solid var(--petrol);
  outline-offset: -1px;
}
.row:hover b {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.said {
  font: 500 14px/1.15 var(--label);
  color: var(--ink-2);
}
.said :deep(.st.past) {
  color: var(--past);
}
.goon {
  border-left: 4px solid var(--near);
  background: var(--near-wash);
  padding: 8px 14px;
}
dl {
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr);
  gap: 4px 14px;
  padding: 4px 0 10px;
}
dt {
  font: 600 15px var(--label);
}
ol {
  list-style: decimal;
  padding-left: 22px;
}
ol li {
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
@media (max-width: 820px) {
  .parts {
    grid-template-columns: minmax(0, 1fr);
  }
  .inhand {
    position: static;
    border-left: 0;
    border-top: 2px solid var(--petrol);
    padding: 10px 0 0;
    order: -1;
  }
}
</style>
