<script setup lang="ts">
import { UNITS } from '#core/units/unitTable'
import { unitCell } from '~/entries/fieldDraft'
import type { RowColumn } from '~/entries/fieldPlan'

/** Rows of a few short fields each: figures of a laboratory, bolts as they were found. */
const props = defineProps<{
  label: string
  add: string
  columns: readonly RowColumn[]
  faultOf?: (field: string) => string
}>()
const rows = defineModel<Record<string, string>[]>({ required: true })
const blank = (): Record<string, string> => Object.fromEntries(props.columns.map(c => [c.key, c.start ?? '']))
const unitsOf = (c: RowColumn): Record<string, string> =>
  Object.fromEntries((c.units ?? []).map(u => [u, UNITS[u]?.label ?? u]))
const set = (i: number, key: string, value: string): void => {
  rows.value = rows.value.map((row, k) => (k === i ? { ...row, [key]: value } : row))
}
</script>

<template>
  <fieldset class="rows">
    <legend class="lab">{{ label }}</legend>
    <div v-for="(row, i) in rows" :key="i" class="row">
      <template v-for="c in columns" :key="c.key">
        <PickField
          v-if="c.options"
          :model-value="row[c.key] ?? ''"
          :label="c.label"
          :options="c.options"
          :fault="faultOf?.(`${i}.${c.key}`)"
          @update:model-value="v => set(i, c.key, String(v ?? ''))"
        />
        <PlainField
          v-else
          :model-value="row[c.key] ?? ''"
          :label="c.label"
          :inputmode="c.figure ? 'decimal' : undefined"
          :suffix="c.suffix"
          :fault="faultOf?.(`${i}.${c.key}`)"
          @update:model-value="v => set(i, c.key, String(v ?? ''))"
        />
        <PickField
          v-if="c.units"
          :model-value="row[unitCell(c.key)] || c.units[0]!"
          label="In"
          :options="unitsOf(c)"
          @update:model-value="v => set(i, unitCell(c.key), String(v ?? ''))"
        />
      </template>
      <ElButton link class="link" @click="rows = rows.filter((_, k) => k !== i)">
        Take out<span class="sr"> row {{ i + 1 }}</span>
      </ElButton>
    </div>
    <ElButton class="dash" @click="rows = [...rows, blank()]">{{ add }}</ElButton>
  </fieldset>
</template>

<style scoped>
.rows {
  display: grid;
  gap: 8px;
  justify-items: start;
  border: 0;
  padding: 0;
  margin: 0;
}
.row {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
  gap: 6px 10px;
  width: 100%;
  align-items: end;
}
</style>
