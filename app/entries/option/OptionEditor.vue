<script setup lang="ts">
import type { Entry } from '#core/entries/types'
import { WAYS } from '#core/words/deciding'
import type { Way } from '#core/words/deciding'

/** The lines of one way: the one in hand shows what stands behind it, the others say it in words. */
const props = defineProps<{ base?: Entry; way?: Way }>()
const emit = defineEmits<{ logged: [] }>()
const session = useSessionStore()
const hand = ref('')
const {
  listId,
  cur,
  inHours,
  idle,
  form,
  draft,
  condemnedParts,
  mends,
  lineTypes,
  fault,
  lineFault,
  priced,
  bought,
  hits,
  hitName,
  typed,
  add,
  submit,
} = useOptionDraft(props, emit)
</script>

<template>
  <form class="option" @submit.prevent="submit">
    <div class="lines" role="table" aria-label="Lines">
      <div role="row" class="lhead lab">
        <span role="columnheader">Line</span><span role="columnheader">Kind</span><span role="columnheader">Low</span
        ><span role="columnheader">Likely</span><span role="columnheader">High</span
        ><span role="columnheader">Chance %</span><span role="columnheader"><span class="sr">Take out</span></span>
      </div>
      <div
        v-for="(l, i) in draft.lines"
        :key="l.id"
        role="row"
        class="lrow"
        :class="{ idle: idle(l), inhand: hand === l.id }"
        @focusin="hand = l.id"
      >
        <span role="cell" class="what"
          ><ElInput
            v-model="l.text"
            :class="{ wrong: fault(i, 'text') }"
            :aria-label="`Line ${i + 1}`"
            placeholder="What"
            :list="bought(l.type) ? listId : undefined"
            autocomplete="off"
            @input="typed(l)"
        /></span>
        <span role="cell" class="kind"
          ><ElSelect v-model="l.type" :aria-label="`Kind of line ${i + 1}`"
            ><ElOption v-for="(word, t) in lineTypes" :key="t" :value="t" :label="word" /></ElSelect
        ></span>
        <span v-for="f in ['low', 'likely', 'high'] as const" :key="f" role="cell" class="fig"
          ><ElInput
            v-model="l[f]"
            class="num"
            :class="{ wrong: fault(i, f) }"
            inputmode="decimal"
            :aria-label="`${f} of line ${i + 1}`"
            @change="priced(l)"
            :placeholder="f === 'likely' ? '' : l.likely"
            ><template v-if="inHours(l.type)" #suffix>h</template></ElInput
          ></span
        >
        <span role="cell" class="fig"
          ><ElInput
            v-model="l.chance"
            class="num"
            :class="{ wrong: fault(i, 'chance') }"
            inputmode="decimal"
            :aria-label="`Chance of line ${i + 1}`"
            placeholder="sure"
        /></span>
        <span role="cell" class="out"
          ><ElButton link class="link" :aria-label="`Take out line ${i + 1}`" @click="draft.lines.splice(i, 1)">
            ✕
          </ElButton></span
        >
        <OptionLineMore
          v-model="draft.lines[i]!"
          role="cell"
          :number="i + 1"
          :cures="mends && condemnedParts"
          :said="hand !== l.id"
        />
        <p v-if="lineFault(i)" class="fault">{{ lineFault(i) }}</p>
      </div>
    </div>
    <datalist :id="listId">
      <option v-for="p in hits" :key="p.id" :value="hitName(p)">
        {{ p.supplier }}, {{ p.priceMinor === null ? 'not to be had' : moneyField(p.priceMinor, cur) }}
      </option>
    </datalist>
    <div class="acts">
      <ElButton class="dash" @click="add('part')">Part</ElButton
      ><ElButton class="dash" @click="add('labour')">Labour</ElButton
      ><ElButton class="dash" @click="add('outwork')">Outwork</ElButton
      ><ElButton class="dash" @click="add('risk')">Risk</ElButton>
      <ElButton class="dash" @click="add('charge')">Charge</ElButton
      ><ElButton v-if="!mends" class="dash" @click="add('sale')">Sells for</ElButton>
    </div>
    <div class="grid4">
      <PlainField v-model="draft.name" label="Name of this way" :fault="form.faultOf('name')" />
      <PickField v-model="draft.way" label="Way" :options="WAYS" />
      <template v-if="mends">
        <PlainField
          v-model="draft.valueAfter"
          label="Worth afterwards"
          :suffix="cur"
          inputmode="decimal"
          hint="Empty: worth running."
          :fault="form.faultOf('valueAfterMinor')"
        />
        <PlainField
          v-model="draft.success"
          label="Chance that it holds"
          suffix="%"
          inputmode="decimal"
          :fault="form.faultOf('successChance')"
        />
      </template>
      <template v-if="mends">
        <PlainField
          v-model="draft.comeback"
          label="If it fails, it costs more by"
          :suffix="cur"
          inputmode="decimal"
          :fault="form.faultOf('comebackMinor')"
        />
        <PlainField
          v-model="draft.hoursOk"
          label="Hours it will run"
          suffix="h"
          inputmode="decimal"
          :fault="form.faultOf('hoursOk')"
        />
        <PlainField
          :model-value="draft.daysDown ?? ''"
          label="Days it stands"
          suffix="days"
          inputmode="decimal"
          :fault="form.faultOf('daysDown')"
          @update:model-value="v => (draft.daysDown = v)"
        />
        <PlainField
          v-model="draft.hoursFail"
          label="Hours if it fails"
          suffix="h"
          inputmode="decimal"
          :fault="form.faultOf('hoursFail')"
        />
      </template>
      <PlainField
        v-model="draft.ruledOut"
        label="Ruled out because"
        hint="Empty: it is a way to go."
        :fault="form.faultOf('ruledOut')"
      />
    </div>
    <FormFoot
      v-if="session.mayLog('option')"
      :label="base ? 'Log the change' : 'Log this way'"
      :busy="form.busy.value"
      :message="form.message.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    >
      <slot :touched="form.touched.value" />
    </FormFoot>
    <div v-else class="acts"><slot :touched="form.touched.value" /></div>
  </form>
</template>

<style scoped>
.option {
  display: grid;
  gap: 12px;
}
.lhead,
.lrow {
  display: grid;
  grid-template-columns: minmax(150px, 1fr) 104px 78px 78px 78px 66px 34px;
  gap: 6px;
  align-items: start;
}
.lhead {
  padding-bottom: 4px;
  border-bottom: 1px solid var(--rule-2);
}
.idle .what :deep(input) {
  color: var(--ink-2);
}
.lhead span:nth-child(n + 3) {
  text-align: right;
}
.inhand {
  background: var(--petrol-wash);
  box-shadow: -4px 0 var(--petrol);
}
.lrow {
  padding: 3px 0;
  border-bottom: 1px solid var(--rule);
}
.lrow :deep(.el-input__wrapper),
.lrow :deep(.el-select__wrapper) {
  padding: 1px 8px;
}
.num :deep(.el-input__inner) {
  text-align: right;
}
.what,
.kind {
  display: grid;
  gap: 3px;
}
.fig {
  position: relative;
}
.lrow .link {
  min-height: 40px;
  min-width: 34px;
  text-decoration: none;
}
.fault {
  grid-column: 1 / -1;
}
@media (max-width: 760px) {
  .lhead {
    display: none;
  }
  .lrow {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
  .what {
    grid-column: 1 / -1;
  }
  .kind {
    grid-column: 1 / 4;
  }
  .lrow > .out {
    grid-column: 4;
    grid-row: 2;
    justify-self: end;
  }
}
</style>
