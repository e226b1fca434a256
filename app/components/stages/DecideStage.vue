<script setup lang="ts">
import { AGREED_HOW, WAYS } from '#core/words/deciding'
import { RULE_WORDS } from '#core/verdict/verdict'

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
</script>

<template>
  <div class="decide">
    <p v-if="approved" class="agreed" role="status">
      <b>Agreed:</b> {{ approved.body.frozen.name }}, likely {{ cash(approved.body.frozen.mean) }},
      {{ cash(approved.body.frozen.p10) }} to {{ cash(approved.body.frozen.p90) }}, by {{ approved.body.agreedBy }}
      {{ AGREED_HOW[approved.body.how] }}. It stays as it was shown, whatever changes below.
    </p>
    <template v-if="decision?.options.length">
      <div class="headrow">
        <h2>{{ decision.options.length === 1 ? 'One way to go' : `${decision.options.length} ways to go` }}</h2>
        <span class="lab">bar: 8 in 10 chances fall inside · mark: expected · tax in</span>
      </div>
      <MoneyScale
        wide
        :decision="decision"
        :currency="shop.policy.currency"
        :chosen="adding ? null : judged?.entryId"
        @pick="pick"
      />
      <section v-if="verdict" class="says" aria-live="polite">
        <p class="lab">The bench says, by {{ RULE_WORDS[verdict.rule] }}</p>
        <p class="headline">{{ verdict.headline }}</p>
        <div class="cols">
          <ul>
            <li v-for="r in verdict.reasons" :key="r">{{ r }}</li>
            <li v-for="d in verdict.disagreements" :key="d" class="near">{{ d }}</li>
          </ul>
          <ul v-if="verdict.flipWords.length">
            <li class="lab">What would change it</li>
            <li v-for="f in verdict.flipWords" :key="f">{{ f }}</li>
          </ul>
          <ul v-if="verdict.doubts.length">
            <li class="lab">Not certain</li>
            <li v-for="d in verdict.doubts" :key="d">{{ d }}</li>
          </ul>
        </div>
        <div v-if="look || shares.length > 1" class="cols looks">
          <LookFirst v-if="look" :look="look" :name="nameOf(look.optionId)" :currency="shop.policy.currency" />
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
        <CrankPaths /><Protectors
          v-if="base && judged?.mends && !adding"
          :option="base"
          :invested="judged.mean + (sheet.assessment.value?.spend.total ?? 0)"
        />
      </section>
    </template>
    <p v-else class="note">
      Enter at least two ways to go: mending it against a new engine, or against parting it out. Hours and chances start
      with rules of thumb; every figure is yours to change.
    </p>

    <AskOwner />
    <KeepList v-if="givesUp" />
    <div v-if="session.mayLog('fit_check')" class="tabs" role="group" aria-label="Before an engine is chosen">
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
    <EntryForm v-if="checking && checking !== 'oil_map'" :key="checking" :form="checking" @logged="checking = null" />
    <div class="tabs" role="group" aria-label="Ways to go">
      <ElButton
        v-for="o in options"
        :key="o.id"
        :class="{ on: !adding && base?.id === o.id }"
        :aria-pressed="!adding && base?.id === o.id"
        @click="pick(o.id)"
      >
        {{ o.body.name }}
      </ElButton>
      <span v-if="session.mayLog('option')" class="add"
        ><span class="lab">Add</span
        ><ElButton
          v-for="(word, way) in WAYS"
          :key="way"
          class="dash"
          :class="{ on: adding === way }"
          :aria-pressed="adding === way"
          @click="adding = way"
        >
          {{ word }}
        </ElButton></span
      >
    </div>
    <OptionEditor
      v-if="session.mayLog('option') && (adding || !options.length)"
      :key="`new:${adding ?? 'repair'}`"
      :way="adding ?? 'repair'"
      @logged="afterLog"
    />
    <OptionEditor v-else-if="base" :key="base.id" :base="base" @logged="afterLog">
      <template #default="{ touched }">
        <ElButton :disabled="touched || Boolean(base.body.ruledOut)" @click="askAgree">
          The owner agrees to this
        </ElButton>
        <ElButton link class="link" @click="sheet.undo(base)">Take this way off</ElButton>
        <span v-if="touched" class="lab">Log the change before it is agreed.</span>
        <span v-else-if="judged" class="lab sum"
          >on paper {{ cash(judged.paper.low, true) }} / {{ cash(judged.paper.likely, true) }} /
          {{ cash(judged.paper.high, true) }}; charged {{ cash(charge(judged.mean), true) }}</span
        >
      </template>
    </OptionEditor>

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
  gap: 12px;
}
.agreed {
  background: var(--good-wash);
  border-left: 4px solid var(--good);
  padding: 9px 12px;
}
.headrow {
  display: flex;
  justify-content: space-between;
  gap: 4px 12px;
  align-items: baseline;
  flex-wrap: wrap;
}
.says {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.headline {
  font: 600 24px/1.15 var(--label);
  margin: 1px 0 6px;
  overflow-wrap: anywhere;
}
.cols {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 4px 24px;
  font-size: 14.5px;
}
.cols li {
  margin-bottom: 4px;
}
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  border-top: 1px solid var(--rule-2);
  padding-top: 12px;
}
.tabs .el-button.el-button {
  padding: 0 11px;
  font-size: 14.5px;
  white-space: normal;
  text-align: left;
}
.tabs .on {
  border-color: var(--ink);
  box-shadow: inset 0 0 0 1px var(--ink);
  font-weight: 600;
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.dlg {
  display: grid;
  gap: 12px;
}
.sum {
  margin-left: auto;
}
.looks {
  margin-top: 12px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
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
