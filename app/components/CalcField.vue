<script setup lang="ts">
import type { CalcDraft, InputSchema } from '~/utils/calcDraft'
import { blankDraft, shapeOf, TOGGLES, wordsOfKey } from '~/utils/calcDraft'

/** One input of a calculator, drawn from its description; it holds itself where inputs hold inputs. */
const props = defineProps<{
  name: string
  schema: InputSchema
  needed?: boolean
  path: string
  fault: { field: string; message: string } | null
}>()
const draft = defineModel<CalcDraft>({ required: true })
const shape = computed(() => shapeOf(props.schema))
const label = computed(
  () => `${wordsOfKey(props.name)}${props.needed || props.schema.default !== undefined ? '' : ' (may be left out)'}`,
)
const hint = computed(() =>
  props.schema.default === undefined ? '' : `Empty: ${String(props.schema.default).replaceAll('_', ' ')}.`,
)
const own = computed(() =>
  props.fault &&
  (props.fault.field === props.path ||
    (props.fault.field.startsWith(props.path) && !['object', 'objects'].includes(shape.value)))
    ? props.fault.message
    : '',
)
const options = computed(() =>
  Object.fromEntries((props.schema.enum ?? []).map(v => [String(v), String(v).replaceAll('_', ' ')])),
)
const fields = computed(() => draft.value as Record<string, CalcDraft>)
const rows = computed(() => draft.value as CalcDraft[])
const quantity = computed(() => draft.value as { text: string; unit: string })
const suffix = computed(
  () =>
    (({ 'per cent': '%', hours: 'h', degrees: '°', metres: 'm' }) as Record<string, string>)[
      props.schema.description ?? ''
    ] ?? props.schema.description,
)
</script>

<template>
  <fieldset v-if="shape === 'object'" class="inner">
    <legend class="lab">{{ label }}</legend>
    <CalcField
      v-for="(s, k) in schema.properties"
      :key="k"
      :model-value="fields[k] ?? ''"
      :name="String(k)"
      :schema="s"
      :needed="schema.required?.includes(String(k))"
      :path="`${path}.${k}`"
      :fault="fault"
      @update:model-value="v => (fields[k] = v)"
    />
  </fieldset>
  <div v-else-if="shape === 'objects'" class="many">
    <fieldset v-for="(row, i) in rows" :key="i" class="inner">
      <legend class="lab">
        {{ wordsOfKey(name) }} {{ i + 1 }}
        <ElButton link v-if="rows.length > 1" class="link" @click="rows.splice(i, 1)">Take out</ElButton>
      </legend>
      <CalcField
        v-for="(s, k) in schema.items?.properties"
        :key="k"
        :model-value="(row as Record<string, CalcDraft>)[k] ?? ''"
        :name="String(k)"
        :schema="s"
        :needed="schema.items?.required?.includes(String(k))"
        :path="`${path}[${i}].${k}`"
        :fault="fault"
        @update:model-value="v => ((row as Record<string, CalcDraft>)[k] = v)"
      />
    </fieldset>
    <ElButton class="dash" @click="rows.push(blankDraft(schema.items ?? {}))">One more</ElButton>
    <p v-if="own" class="fault">{{ own }}</p>
  </div>
  <PickField
    v-else-if="shape === 'choice'"
    :model-value="draft as string"
    :label="label"
    :options="options"
    :empty="hint || 'choose'"
    :fault="own"
    @update:model-value="v => (draft = v)"
  />
  <PickField
    v-else-if="shape === 'flag'"
    :model-value="draft as string"
    :label="label"
    :options="{ true: 'yes', false: 'no' }"
    :empty="hint || 'choose'"
    :fault="own"
    @update:model-value="v => (draft = v)"
  />
  <QuantityField
    v-else-if="shape === 'quantity'"
    v-model:text="quantity.text"
    v-model:unit="quantity.unit"
    :label="label"
    :units="[...(TOGGLES[schema.description ?? ''] ?? [])]"
    :kind="`calc-${schema.description}`"
    :hint="hint"
    :fault="own"
  />
  <PlainField
    v-else-if="shape === 'rows'"
    :model-value="draft as string"
    area
    :label="`${wordsOfKey(name)}: one row a line, figures apart by a space`"
    :fault="own"
    @update:model-value="v => (draft = v)"
  />
  <PlainField
    v-else-if="shape === 'numbers' || shape === 'words'"
    :model-value="draft as string"
    area
    :label="`${label}: ${shape === 'numbers' ? 'figures apart by a space' : 'one a line'}`"
    :fault="own"
    @update:model-value="v => (draft = v)"
  />
  <PlainField
    v-else
    :model-value="draft as string"
    :label="label"
    :suffix="suffix"
    :hint="hint"
    :inputmode="shape === 'number' ? 'decimal' : undefined"
    :fault="own"
    @update:model-value="v => (draft = v)"
  />
</template>

<style scoped>
.inner {
  border-left: 2px solid var(--rule-2);
  padding-left: 12px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 8px 14px;
  align-items: start;
  grid-column: 1 / -1;
}
.inner legend {
  float: left;
  width: 100%;
  padding: 0;
  grid-column: 1 / -1;
}
.many {
  display: grid;
  gap: 10px;
  justify-items: start;
  grid-column: 1 / -1;
}
.many > fieldset {
  width: 100%;
}
</style>
