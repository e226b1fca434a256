<script setup lang="ts" generic="Row extends object">
import { useLocalStorage } from '@vueuse/core'

/** A table of the shop: sorts, filters, remembers which columns are shown, and goes out as CSV. */
export interface ShopColumn<R> {
  key: string
  label: string
  /** what stands in the cell and in the file; a slot of the column's key may draw it otherwise */
  say: (row: R) => string
  /** what it is sorted by, where that is not what it says */
  by?: (row: R) => string | number
  width?: number
  minWidth?: number
  right?: boolean
  /** one value of a few: the table can be narrowed to some of them */
  pick?: boolean
  /** always there: without it a row says nothing */
  stays?: boolean
}
const props = defineProps<{
  /** under which its columns are remembered, and what its file is called */
  name: string
  label: string
  rows: Row[]
  rowKey: keyof Row & string
  columns: ShopColumn<Row>[]
  height?: number
  /** a file that the shop's computer makes of all of it, instead of what is shown */
  file?: string
}>()
defineSlots<{ [key: string]: (props: { row: Row }) => unknown }>()

const hidden = useLocalStorage<string[]>(`remedium:columns:${props.name}`, [])
const shown = computed(() => props.columns.filter(c => c.stays || !hidden.value.includes(c.key)))
const narrowed = reactive<Record<string, string[]>>({})
const choices = computed(() =>
  props.columns
    .filter(c => c.pick)
    .map(c => ({ ...c, values: [...new Set(props.rows.map(c.say))].filter(Boolean).sort() }))
    .filter(c => c.values.length > 1),
)
const left = computed(() =>
  props.rows.filter(row =>
    choices.value.every(({ key, say }) => !narrowed[key]?.length || narrowed[key].includes(say(row))),
  ),
)
const compare = (column: ShopColumn<Row>) => (a: unknown, b: unknown) => {
  const [x, y] = [a, b].map(row => (column.by ?? column.say)(row as Row)) as [string | number, string | number]
  return typeof x === 'number' && typeof y === 'number'
    ? x - y
    : String(x).localeCompare(String(y), undefined, { numeric: true })
}
async function save(): Promise<void> {
  const { default: Papa } = await import('papaparse')
  const text = Papa.unparse(
    { fields: shown.value.map(c => c.label), data: left.value.map(row => shown.value.map(c => c.say(row))) },
    { escapeFormulae: true },
  )
  const at = URL.createObjectURL(new Blob([`\uFEFF${text}`], { type: 'text/csv' }))
  Object.assign(document.createElement('a'), { href: at, download: `${props.name}.csv` }).click()
  URL.revokeObjectURL(at)
}
const setShown = (keys: string[]): void => {
  hidden.value = props.columns.filter(c => !c.stays && !keys.includes(c.key)).map(c => c.key)
}
</script>

<template>
  <div class="shoptable">
    <div class="over">
      <LazyPickList
        v-for="c in choices"
        :key="c.key"
        :model-value="narrowed[c.key] ?? []"
        multiple
        collapse-tags
        clearable
        class="narrow"
        :aria-label="`Only ${c.label.toLowerCase()}`"
        :placeholder="`${c.label}: all`"
        :options="c.values.map(v => [v, v] as const)"
        @update:model-value="(v: string[]) => (narrowed[c.key] = v)"
      />
      <LazyPickList
        :model-value="shown.map(c => c.key)"
        multiple
        collapse-tags
        class="cols"
        :aria-label="`Columns of ${label}`"
        :options="columns.filter(c => !c.stays).map(c => [c.key, c.label] as const)"
        @update:model-value="setShown"
        ><template #tag
          ><span class="columns">Columns: {{ shown.length }} of {{ columns.length }}</span></template
        ></LazyPickList
      >
      <a v-if="file" class="btn" :href="file">CSV</a><ElButton v-else @click="save">CSV</ElButton>
      <span v-if="left.length < rows.length" class="lab" role="status">{{ left.length }} of {{ rows.length }}</span>
    </div>
    <ElTable
      :data="left"
      :row-key="rowKey"
      :scrollbar-tabindex="0"
      :aria-label="label"
      v-bind="height ? { maxHeight: height } : {}"
    >
      <ElTableColumn
        v-for="c in shown"
        :key="c.key"
        :label="c.label"
        :prop="c.key"
        sortable
        :sort-method="compare(c)"
        v-bind="{ ...(c.width && { width: c.width }), ...(c.minWidth && { minWidth: c.minWidth }) }"
        :align="c.right ? 'right' : 'left'"
        ><template #default="{ row }"
          ><slot :name="c.key" :row="row as Row">{{ c.say(row as Row) }}</slot></template
        ></ElTableColumn
      >
      <template #empty>Nothing is left by what was chosen above.</template>
    </ElTable>
  </div>
</template>

<style scoped>
.over {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 8px;
}
.narrow,
.cols {
  width: 190px;
}
.columns {
  padding-left: 8px;
}
</style>
