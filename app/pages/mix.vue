<script setup lang="ts">
import { ratioText } from '#core/mix/mixPlan'

const shop = useShopStore()
const { f, TASKS, REASONS, show, makerRatio, shops, richer, result, fault, plan, drawnCan, label, toJob, toggle } =
  useMixBench()
useHead({ title: 'Mix' })
</script>

<template>
  <div class="mix">
    <div class="ask">
      <h1>Mix</h1>
      <ChipGroup v-model="f.task" label="Task" :options="TASKS" needed hide-label />
      <PlainField
        v-model="f.maker"
        label="Maker asks, fuel to 1 of oil"
        suffix=": 1"
        inputmode="decimal"
        :fault="fault('maker')"
      />
      <template v-if="f.task === 'make'">
        <QuantityField
          v-model:text="f.total"
          v-model:unit="f.totalUnit"
          label="Can to fill"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('total')"
        />
      </template>
      <template v-else-if="f.task === 'right'">
        <QuantityField
          v-model:text="f.fuel"
          v-model:unit="f.fuelUnit"
          label="Fuel in the can"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('fuel')"
        />
        <QuantityField
          v-model:text="f.oil"
          v-model:unit="f.oilUnit"
          label="Oil in it"
          :units="['mL', 'L', 'US_floz']"
          kind="mixoil"
          :fault="fault('oil')"
        />
        <QuantityField
          v-model:text="f.can"
          v-model:unit="f.canUnit"
          label="The can holds"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('can')"
        />
      </template>
      <template v-else>
        <QuantityField
          v-model:text="f.rest"
          v-model:unit="f.restUnit"
          label="Left in the can"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('rest')"
        />
        <PlainField
          v-model="f.restRatio"
          label="Its ratio (empty: straight fuel)"
          suffix=": 1"
          inputmode="decimal"
          :fault="fault('restRatio')"
        />
        <QuantityField
          v-model:text="f.fresh"
          v-model:unit="f.freshUnit"
          label="Fresh fuel"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('fresh')"
        />
        <QuantityField
          v-model:text="f.can"
          v-model:unit="f.canUnit"
          label="The can holds"
          :units="['L', 'mL', 'US_gal']"
          kind="can"
          :fault="fault('can')"
        />
      </template>
      <fieldset class="reasons">
        <legend class="lab">A step richer than the maker, because of</legend>
        <ElCheckbox v-for="(word, r) in REASONS" :key="r" :model-value="f.reasons.includes(r)" @change="toggle(r)">{{
          word
        }}</ElCheckbox>
        <p v-if="richer && richer.status !== 'unchanged'" class="note">
          A step richer: {{ ratioText(richer.ratio) }}{{ richer.status === 'at_floor' ? ', as rich as it goes' : '' }};
          the maker's stays {{ ratioText(makerRatio ?? 0) }}.
        </p>
      </fieldset>
      <p v-if="shop.policy.mixRatio !== null" class="note">
        This shop mixes {{ ratioText(shop.policy.mixRatio)
        }}{{
          shops === null
            ? `, leaner than the maker's: the maker's is used.`
            : `; the maker's is ${ratioText(makerRatio ?? 0)}.`
        }}
      </p>
      <PlainField v-model="f.wanted" label="Or mix it to" suffix=": 1" inputmode="decimal" :fault="fault('wanted')" />
      <p class="lab caution">
        Outdoors, no flame, engine cool, can on the ground while filling. Petrol and waste mix: follow your local rules.
      </p>
    </div>
    <div class="do">
      <template v-if="plan">
        <p class="verdict" aria-live="polite">
          <StateMark :mark="plan.mark" bare /> <b>{{ plan.headline }}</b>
        </p>
        <div class="two">
          <MixCan :layers="plan.layers" :can-ml="drawnCan" :show="show" />
          <div>
            <p v-if="plan.pourMl !== null" class="pour">
              <span class="lab">Pour in</span><span class="amount">{{ show(plan.pourMl) }}</span>
              <b>{{ plan.pourOf }}</b>
            </p>
            <ol>
              <li v-for="s in plan.steps" :key="s">{{ s }}</li>
            </ol>
            <p class="acts">
              <a v-if="label" class="btn" :href="label" target="_blank" rel="noopener">Print a label, PDF</a>
            </p>
            <SendToJob :what="f.task === 'right' ? 'Log this can' : 'Write it on the log'" :entry="toJob" />
          </div>
        </div>
      </template>
      <p v-else class="why"><StateMark mark="open" bare /> {{ result.message }}</p>
      <MixYear v-model="f" :maker="makerRatio" />
    </div>
    <MixChecks v-model="f" :maker="makerRatio" :can="plan?.ratioNow ?? null" />
  </div>
</template>

<style scoped>
.mix {
  display: grid;
  grid-template-columns: 318px minmax(0, 1fr) 330px;
  min-height: calc(100vh - var(--top));
}
.ask {
  padding: 14px 18px 30px;
  border-right: 1px solid var(--rule-2);
  display: grid;
  gap: 12px;
  align-content: start;
}
.do {
  background: var(--sheet);
  padding: 18px 22px 40px;
}
.verdict {
  font-size: 20px;
  font-family: var(--label);
  display: flex;
  gap: 8px;
  align-items: baseline;
  margin-bottom: 10px;
}
.two {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 20px;
  align-items: start;
  margin-bottom: 14px;
}
.pour {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: baseline;
  margin-bottom: 8px;
  font-size: 20px;
}
.pour .lab {
  width: 100%;
}
.amount {
  font: 600 44px/1 var(--label);
}
ol {
  list-style: decimal;
  padding-left: 20px;
  display: grid;
  gap: 7px;
  margin-bottom: 14px;
}
.reasons {
  display: grid;
}
.reasons legend {
  padding: 0;
}
.why {
  font-size: 17px;
  padding: 30px 0;
  display: flex;
  gap: 8px;
  align-items: baseline;
}
@media (max-width: 1180px) {
  .mix {
    grid-template-columns: 300px minmax(0, 1fr);
  }
  aside {
    grid-column: 1 / -1;
    border-left: 0;
    border-top: 1px solid var(--rule-2);
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
@media (max-width: 820px) {
  .mix,
  aside {
    grid-template-columns: minmax(0, 1fr);
  }
  .ask {
    border-right: 0;
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
