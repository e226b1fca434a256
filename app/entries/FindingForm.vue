<script setup lang="ts">
import { answerable } from '#core/condition/answerable'
import type { EntryKind } from '#core/entries/types'
import type { LeakSite } from '#core/entries/leaks/schema'
import { subjectsOf } from '#core/teardown/subjects'
import { blankFields, fieldsBody, fieldsDraft } from '~/entries/fieldDraft'
import type { FieldsDraft, FindingPlan, QuantityDraft } from '~/entries/fieldPlan'
import { FINDING_PLANS } from '~/entries/faces'

/** A finding whose form is a list of fields. */
const props = defineProps<{ name: EntryKind }>()
const emit = defineEmits<{ logged: [] }>()
const sheet = useSheet()
const plan = FINDING_PLANS[props.name] as FindingPlan
const facts = computed(() => sheet.job.value.facts)
const form = useEntryForm<EntryKind, FieldsDraft>({
  kind: props.name,
  byCylinder: plan.byCylinder,
  counts: plan.counts,
  blank: () => blankFields(plan),
  how: d => (typeof plan.how === 'function' ? plan.how(d) : plan.how),
  toBody: d => fieldsBody(plan, d, facts.value),
  fromBody: b => fieldsDraft(plan, b),
})
const { draft } = form
const { judged } = form
const shown = computed(() => plan.fields.filter(f => f.when?.(draft.value, facts.value) ?? true))
async function submit(): Promise<void> {
  if (await form.submit()) emit('logged')
}
function normal(): void {
  Object.assign(draft.value, plan.normal?.draft)
  void submit()
}
const parts = computed(() => subjectsOf(facts.value))
/** findings behind what stands against the engine: work answers them */
const standing = computed(() => answerable(sheet.assessment.value))
const text = (key: string) => draft.value[key] as string
const quantity = (key: string) => draft.value[key] as QuantityDraft
/** what a row of chips holds */
const one = (key: string): string | null => draft.value[key] as string | null
</script>

<template>
  <form class="finding" @submit.prevent="submit">
    <p v-if="plan.intro" class="note">{{ plan.intro }}</p>
    <CylinderPick v-model="form.cylinder.value" :cylinders="form.cylinders" :fault="form.faultOf('ofCylinder')" />
    <template v-for="f in shown" :key="f.key">
      <ChipGroup
        v-if="f.type === 'chips'"
        :model-value="one(f.key)"
        :label="f.label"
        :options="f.options"
        :needed="f.needed"
        :swatches="f.swatches"
        :fault="form.faultOf(f.key)"
        @update:model-value="v => (draft[f.key] = v)"
      />
      <MultiChips
        v-else-if="f.type === 'many'"
        :model-value="draft[f.key] as string[]"
        :label="f.label"
        :options="f.options"
        :fault="form.faultOf(f.key)"
        @update:model-value="v => (draft[f.key] = v)"
      />
      <LazyLeakMap
        v-else-if="f.type === 'leaks'"
        :model-value="draft[f.key] as LeakSite[]"
        :facts="facts"
        :fault="form.faultOf(f.key)"
        @update:model-value="v => (draft[f.key] = v)"
      />
      <LazyCausePick
        v-else-if="f.type === 'cause'"
        :model-value="text(f.key)"
        :label="f.label"
        :fault="form.faultOf(f.key)"
        @update:model-value="v => (draft[f.key] = v)"
      />
      <PickMany
        v-else-if="f.type === 'parts' || f.type === 'answers'"
        :model-value="(draft[f.key] as string[] | undefined) ?? []"
        :label="f.label"
        :options="f.type === 'parts' ? { ...parts, ...f.more } : standing"
        :fault="form.faultOf(f.key)"
        @update:model-value="v => (draft[f.key] = v)"
      />
      <RowsField
        v-else-if="f.type === 'rows'"
        :model-value="(draft[f.key] as Record<string, string>[] | undefined) ?? []"
        :label="f.label"
        :add="f.add"
        :columns="f.columns"
        :fault-of="field => form.faultOf(`${f.key}.${field}`)"
        @update:model-value="v => (draft[f.key] = v)"
      />
      <ElCheckbox
        v-else-if="f.type === 'switch'"
        :model-value="Boolean(draft[f.key])"
        @update:model-value="v => (draft[f.key] = Boolean(v))"
        >{{ f.label }}<span v-if="form.faultOf(f.key)" class="fault"> {{ form.faultOf(f.key) }}</span></ElCheckbox
      >
      <QuantityField
        v-else-if="f.type === 'quantity'"
        v-model:text="quantity(f.key).text"
        v-model:unit="quantity(f.key).unit"
        :label="f.label"
        :units="f.units"
        :kind="f.kind"
        :hint="f.hint"
        :fault="form.faultOf(f.key)"
      />
      <PlainField
        v-else
        :model-value="text(f.key)"
        :label="f.label"
        :area="f.type === 'area' || f.type === 'lines'"
        :type="f.type === 'date' ? 'date' : undefined"
        :class="{ narrow: f.type === 'figure' || f.type === 'money' || f.type === 'date' }"
        :suffix="f.type === 'figure' ? f.suffix : f.type === 'money' ? sheet.policy.value.currency : undefined"
        :inputmode="f.type === 'figure' || f.type === 'money' ? 'decimal' : undefined"
        :hint="f.hint"
        :fault="form.faultOf(f.key)"
        @update:model-value="v => (draft[f.key] = v)"
      />
    </template>
    <VerdictWords :judged="judged" />
    <FormFoot
      :label="plan.log"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    >
      <ElButton v-if="plan.normal && !form.touched.value" class="dash" @click="normal">
        {{ plan.normal.word }}
      </ElButton>
      <span v-if="plan.caution" class="lab caution">{{ plan.caution }}</span>
    </FormFoot>
  </form>
</template>

<style scoped>
.finding {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 11px 16px;
  max-width: 820px;
  align-items: start;
}
.finding > * {
  grid-column: 1 / -1;
}
.finding > .narrow {
  grid-column: auto;
  max-width: 280px;
}
@media (max-width: 640px) {
  .finding {
    grid-template-columns: minmax(0, 1fr);
  }
}
.caution {
  flex: 1 1 240px;
}
</style>
