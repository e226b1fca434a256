<script setup lang="ts">
import { BORE_WHEN, CROSS_HATCH, SCORE_SIDES } from '#core/words/opened'
import { TOOL_LABELS } from '#core/measure/tools'

const { DEPTHS, form, draft, judged, drawn, drawnUnit, drawnNominal, limit, el, onward, cell, rowFault } =
  useBoreSheet()
</script>

<template>
  <form ref="el" class="bore" @submit.prevent="form.submit()" @keydown.enter="onward">
    <CylinderPick v-model="form.cylinder.value" :cylinders="form.cylinders" :fault="form.faultOf('ofCylinder')" />
    <div class="top">
      <ChipGroup v-model="draft.when" label="When" :options="BORE_WHEN" needed />
      <ChipGroup v-model="draft.unit" label="In" :options="{ mm: 'mm', in: 'in' }" needed />
    </div>
    <div class="two">
      <table aria-label="Bore readings">
        <thead>
          <tr>
            <th>
              <label class="std"
                >Standard
                <ElInput
                  v-model="draft.nominal"
                  data-go="first"
                  class="fig"
                  :class="{ wrong: form.faultOf('nominal') }"
                  inputmode="decimal"
                  aria-label="Standard bore"
              /></label>
            </th>
            <th class="lab">along the crank</th>
            <th class="lab">across it</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, i) in draft.rows" :key="i">
            <th class="lab">{{ draft.rows.length === 3 ? DEPTHS[i] : `Depth ${i + 1}` }}</th>
            <td v-for="j in [0, 1]" :key="j">
              <ElInput
                v-model="row[j]"
                data-go
                class="fig"
                :class="{ wrong: cell(i, j) }"
                inputmode="decimal"
                :aria-label="`${DEPTHS[i] ?? i + 1}, ${j ? 'across' : 'along'}`"
              />
            </td>
          </tr>
        </tbody>
        <tfoot>
          <tr>
            <th class="lab">Piston, at its skirt</th>
            <td>
              <ElInput
                v-model="draft.piston"
                data-go="last"
                class="fig"
                :class="{ wrong: form.faultOf('piston') }"
                inputmode="decimal"
                aria-label="Piston"
              />
            </td>
            <td>
              <ElButton v-if="draft.rows.length < 8" class="dash" @click="draft.rows.push(['', ''])">
                Another depth
              </ElButton>
            </td>
          </tr>
        </tfoot>
      </table>
      <BoreDrawing :rows="drawn" :nominal="drawnNominal" :limit="limit" :unit="drawnUnit" />
    </div>
    <p v-if="form.faultOf('nominal') || rowFault || form.faultOf('piston')" class="fault">
      {{ form.faultOf('nominal') || rowFault || form.faultOf('piston') }}
    </p>
    <VerdictWords :judged="judged" />
    <div class="grid3">
      <PickField v-model="draft.tool" label="Read with" :options="TOOL_LABELS" />
      <PlainField
        v-model="draft.sizes"
        label="Oversizes that are sold"
        suffix="mm"
        hint="With a space between; empty when none."
        :fault="form.faultOf('sizesMm')"
      />
      <PlainField
        v-model="draft.partC"
        label="Barrel is at"
        suffix="°C"
        inputmode="decimal"
        hint="Empty: as at 20 °C."
        :fault="form.faultOf('partC')"
      />
    </div>
    <ChipGroup v-model="draft.crossHatch" label="Cross-hatch" :options="CROSS_HATCH" needed />
    <div class="grid3">
      <PlainField
        v-model="draft.score"
        label="Deepest score"
        :suffix="draft.unit"
        inputmode="decimal"
        hint="Empty: none, or not measured."
        :fault="form.faultOf('scoreDepth')"
      />
      <PlainField
        v-model="draft.inHand"
        label="New piston in hand"
        :suffix="draft.unit"
        inputmode="decimal"
        hint="The bore is cut to it."
        :fault="form.faultOf('pistonInHand')"
      />
      <PlainField
        v-if="draft.when === 'after_hone'"
        v-model="draft.noBefore"
        label="Not measured before honing: why"
        hint="Empty where it was."
        :fault="form.faultOf('noBefore')"
      />
    </div>
    <ChipGroup
      v-if="draft.score.trim()"
      v-model="draft.scoreSide"
      label="The score runs"
      :options="SCORE_SIDES"
      :fault="form.faultOf('scoreSide')"
    />
    <ElCheckbox v-model="draft.holdCentre">It is bored on the old centre: one-sided wear costs twice</ElCheckbox>
    <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
    <FormFoot
      label="Log the bore"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
      ><span class="lab">Enter: the next figure. The last one logs it.</span></FormFoot
    >
  </form>
</template>

<style scoped>
.bore {
  display: grid;
  gap: 11px;
}
.top {
  display: flex;
  gap: 10px 30px;
  flex-wrap: wrap;
}
.two {
  display: grid;
  grid-template-columns: 326px minmax(0, 1fr);
  gap: 8px;
  align-items: start;
}
table {
  border-collapse: collapse;
}
th,
td {
  padding: 3px 8px 3px 0;
  text-align: left;
  vertical-align: middle;
}
.fig {
  width: 104px;
  font: 600 22px/1 var(--label);
  min-height: 44px;
}
.std {
  display: grid;
  font: 500 14px var(--label);
  color: var(--ink-2);
}
.grid3 {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 12px;
  max-width: 760px;
}
@media (max-width: 1180px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 640px) {
  .grid3 {
    grid-template-columns: minmax(0, 1fr);
  }
  .fig {
    width: 88px;
  }
}
</style>
