<script setup lang="ts">
import { changeOrder } from '#core/handover/quote'
import { AGREED_HOW, WAYS } from '#core/words/deciding'
import type { Way } from '#core/words/deciding'
import type { Curve } from '~/components/CurveChart.vue'

/** Every way on one money scale, and the lines of the one in hand; the verdict stands beside them. */
const {
  sheet,
  shop,
  options,
  decision,
  verdict,
  adding,
  base,
  cash,
  judged,
  approved,
  pick,
  afterLog,
  charge,
  look,
  draws,
  nameOf,
  shares,
  givesUp,
  CHECKS,
  checking,
  dialog,
  agree,
  message,
  askAgree,
  freeze,
} = useDeciding()
const session = useSessionStore()
const tab = useDecideTab(sheet.job.value.id)
/** it is dearer now than what was agreed to */
/** how the draws of each way lie, the four likeliest to be best */
const TONES = ['petrol', 'ink', 'near', 'past'] as const
const spread = computed((): Curve[] =>
  draws.value
    .filter(d => nameOf(d.id) && d.spread.length > 1)
    .sort((a, b) => b.bestShare - a.bestShare)
    .slice(0, TONES.length)
    .map((d, i) => ({
      name: nameOf(d.id),
      tone: TONES[i] ?? 'ink',
      peak: true,
      points: d.spread.map(s => ({ x: s.at, y: s.share })),
    })),
)
const change = computed(() => sheet.assessment.value && changeOrder(sheet.assessment.value, sheet.job.value.entries))
const place = usePinnedFoot()
const WAY = 'way:'
/** the tab in hand: a way has its own by its id, which changes with each correction */
const active = computed({
  get: () => (tab.value === 'way' ? (base.value ? WAY + base.value.id : 'new') : tab.value),
  set: (name: string) => {
    if (name.startsWith(WAY)) pick(name.slice(WAY.length))
    tab.value = name.startsWith(WAY) ? 'way' : (name as typeof tab.value)
  },
})
const picked = (id: string): void => {
  active.value = WAY + id
}
function begin(way: Way): void {
  adding.value = way
  tab.value = 'new'
}
function logged(): void {
  afterLog()
  tab.value = 'way'
}
watch(
  [checking, adding],
  () => {
    if (checking.value) tab.value = 'checks'
    else if (adding.value) tab.value = 'new'
  },
  { immediate: true },
)
</script>

<template>
  <div class="decide">
    <p v-if="approved" class="agreed" role="status">
      <b>Agreed:</b> {{ approved.body.frozen.name }}, likely {{ cash(approved.body.frozen.mean) }},
      {{ cash(approved.body.frozen.p10) }} to {{ cash(approved.body.frozen.p90) }}, by {{ approved.body.agreedBy }}
      {{ AGREED_HOW[approved.body.how] }}. It stays as it was shown, whatever changes below.
    </p>
    <p v-if="change" class="changed" role="status">
      <b>Ask again first.</b> The likely cost, {{ cash(change.now) }}, has passed the {{ cash(change.agreed) }} that
      were agreed.

      <ElButton @click="tab = 'owner'">Ask the owner</ElButton>
    </p>
    <div v-if="decision?.options.length" class="scaled">
      <div class="headrow">
        <h2 tabindex="-1" data-heading>
          {{ decision.options.length === 1 ? 'One way to go' : `${decision.options.length} ways to go` }}
        </h2>
        <span class="lab">bar: 8 in 10 chances fall inside · mark: expected · tax in</span>
      </div>
      <MoneyScale
        wide
        :decision="decision"
        :currency="shop.policy.currency"
        :chosen="tab === 'way' ? judged?.entryId : null"
        @pick="picked"
      />
    </div>
    <template v-else
      ><h2 tabindex="-1" data-heading>Ways to go</h2>
      <p class="note">
        Enter at least two ways to go: mending it against a new engine, or against parting it out. Hours and chances
        start with rules of thumb; every figure is yours to change.
      </p></template
    >
    <div class="desktabs">
      <ElDropdown v-if="session.mayLog('option')" trigger="click" placement="bottom-end" class="add" @command="begin">
        <ElButton class="dash">Add a way</ElButton>
        <template #dropdown
          ><ElDropdownMenu
            ><ElDropdownItem v-for="(word, way) in WAYS" :key="way" :command="way">{{
              word
            }}</ElDropdownItem></ElDropdownMenu
          ></template
        >
      </ElDropdown>
      <ElTabs v-model="active" class="ways">
        <ElTabPane v-for="o in options" :key="o.id" :name="WAY + o.id" :label="o.body.name" lazy>
          <OptionEditor v-if="active === WAY + o.id" :key="o.id" :base="o" @logged="logged">
            <template #default="{ touched }">
              <ElButton :disabled="touched || Boolean(o.body.ruledOut)" @click="askAgree">
                The owner agrees to this
              </ElButton>
              <span v-if="touched" class="lab">Log the change before it is agreed.</span>
            </template>
          </OptionEditor>
          <p v-if="judged" class="lab sum">
            <ElButton v-if="session.mayLog('option')" link class="link" @click="sheet.undo(o)"
              >Take this way off</ElButton
            >
            <span
              >Together on paper {{ cash(judged.paper.low, true) }} / {{ cash(judged.paper.likely, true) }} /
              {{ cash(judged.paper.high, true) }}; charged {{ cash(charge(judged.mean), true) }}</span
            >
          </p>
          <Protectors
            v-if="judged?.mends"
            :option="o"
            :invested="judged.mean + (sheet.assessment.value?.spend.total ?? 0)"
          />
        </ElTabPane>
        <ElTabPane
          v-if="session.mayLog('option') && (tab === 'new' || !options.length)"
          name="new"
          label="A new way"
          lazy
        >
          <OptionEditor :key="`new:${adding ?? 'repair'}`" :way="adding ?? 'repair'" @logged="logged" />
        </ElTabPane>
        <ElTabPane v-if="verdict && (look || shares.length > 1)" name="fact" label="One fact first" lazy>
          <div class="cols looks">
            <LookFirst v-if="look" :look="look" :name="nameOf(look.optionId)" :currency="shop.policy.currency" />
            <div v-if="spread.length">
              <p><b>What each may cost</b></p>
              <CurveChart
                label="How likely each cost of each way is"
                :curves="spread"
                x-label="cost, tax in"
                :x-say="x => cash(x)"
                :y-say="y => `${Math.round(100 * y)} %`"
              />
            </div>
            <div v-if="shares.length > 1">
              <p><b>Best in so many of 10,000 draws</b></p>
              <ul class="shares" aria-label="Best in so many of 10,000 draws">
                <li v-for="d in shares" :key="d.id">
                  <span>{{ d.name }}</span><i aria-hidden="true"><b :style="{ width: `${100 * d.bestShare}%` }" /></i
                  ><span class="lab">{{ Math.round(100 * d.bestShare) }} %</span>
                </li>
              </ul>
              <p class="note">
                Every line drawn inside its low and high, every chance thrown, lines that stand in several ways falling
                alike. The same lines always give the same draws.<template
                  v-if="shares[0] && shares[0].id !== verdict.bestId"
                >
                  Best most often is not best on average: what seldom happens can cost most.</template
                >
              </p>
            </div>
          </div>
        </ElTabPane>
        <ElTabPane name="owner" label="Ask the owner" lazy><AskOwner /></ElTabPane>
        <ElTabPane name="checks" label="Before it is chosen" lazy>
          <div v-if="session.mayLog('fit_check')" class="acts" role="group" aria-label="Before an engine is chosen">
            <ElButton
              v-for="t in CHECKS"
              :key="t.form"
              :class="{ on: checking === t.form }"
              :aria-expanded="checking === t.form"
              @click="checking = checking === t.form ? null : t.form"
            >
              {{ t.label }}
            </ElButton>
          </div>
          <EntryForm
            v-if="checking && checking !== 'oil_map'"
            :key="checking"
            :form="checking"
            @logged="checking = null"
          />
          <CrankPaths />
          <KeepList v-if="givesUp" />
          <StageMarks v-if="session.mayLog('stage')" stage="decide" />
        </ElTabPane>
      </ElTabs>
      <div ref="place" class="pinnedfoot" />
    </div>

    <ElDialog v-model="dialog" title="What the owner agrees to" width="520px">
      <form class="dlg" @submit.prevent="freeze">
        <p v-if="judged">
          <b>{{ judged.name }}</b>: likely {{ cash(judged.mean) }}, eight times in ten between
          {{ cash(judged.p10) }} and {{ cash(judged.p90) }}. Charged as a whole: {{ cash(charge(judged.mean), true) }}.
          These figures and lines are kept as they stand now.
        </p>
        <PlainField v-model="agree.agreedBy" label="Who agreed" />
        <ChipGroup v-model="agree.how" label="How" :options="AGREED_HOW" needed />
        <PlainField
          v-model="agree.conditions"
          label="Conditions"
          area
          hint="For example: call before passing the cap."
        />
        <p v-if="message" class="bar" role="alert">{{ message }}</p>
        <div class="acts">
          <ElButton type="primary" native-type="submit">Freeze it as agreed</ElButton
          ><ElButton @click="dialog = false">Not yet</ElButton>
        </div>
      </form>
    </ElDialog>
  </div>
</template>

<style scoped>
.decide {
  display: grid;
  gap: 10px;
}
.agreed {
  background: var(--good-wash);
  border-left: 4px solid var(--good);
  padding: 7px 12px;
}
.changed {
  background: var(--near-wash);
  border-left: 4px solid var(--near);
  padding: 8px 12px;
}
.headrow {
  display: flex;
  justify-content: space-between;
  gap: 4px 12px;
  align-items: baseline;
  flex-wrap: wrap;
}
h2:focus {
  outline: none;
}
.desktabs {
  position: relative;
  min-width: 0;
}
.ways {
  min-width: 0;
}
.ways :deep(.el-tabs__header) {
  margin: 0 0 10px;
  padding-right: 124px;
}
.add {
  position: absolute;
  right: 0;
  top: 0;
  z-index: 3;
}
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .decide {
    height: calc(100% + 38px);
    margin: -14px 0 -24px;
    padding: 12px 0 0;
    grid-template-rows: auto minmax(0, 1fr);
    min-height: 420px;
  }
  .decide:has(.agreed) {
    grid-template-rows: auto auto minmax(0, 1fr);
  }
  .decide:has(.changed) {
    grid-template-rows: auto auto auto minmax(0, 1fr);
  }
  .desktabs {
    display: flex;
    flex-direction: column;
    min-height: 0;
  }
  .ways {
    flex: 1;
    min-height: 0;
  }
  .ways :deep(.el-tabs__content) {
    overflow-y: auto;
    padding-bottom: 12px;
  }
}
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 4px 24px;
  font-size: 14.5px;
}
.on {
  border-color: var(--ink);
  box-shadow: inset 0 0 0 1px var(--ink);
  font-weight: 600;
}
.dlg {
  display: grid;
  gap: 12px;
}
.sum {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  justify-content: space-between;
  margin-top: 8px;
}
.shares li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 90px 44px;
  gap: 8px;
  align-items: center;
}
.shares i {
  height: 8px;
  background: var(--sheet-2);
}
.shares i b {
  display: block;
  height: 100%;
  background: var(--petrol);
}
@media (max-width: 760px) {
  .cols {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
