<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import dayjs from 'dayjs'
import { moneyText, toMajor } from '#core/units/money'
import { priceAge } from '#core/verdict/causeLines'
import type { PriceReport, PriceRow } from '#shared/types/records'
import type { ShopColumn } from '~/components/ShopTable.vue'

/** Prices of the suppliers' lists, and a new list read: first what it would change, then the change. */
const session = useSessionStore()
useHead({ title: 'Parts and prices' })
const shop = useShopStore()
const words = ref(typeof useRoute().query.find === 'string' ? String(useRoute().query.find) : '')
const found = ref<{ prices: PriceRow[]; all: number }>({ prices: [], all: 0 })
const trouble = ref('')
async function find(): Promise<void> {
  try {
    found.value = await read<typeof found.value>(`/api/prices?find=${encodeURIComponent(words.value)}`)
    trouble.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
watch(words, useDebounceFn(find, 150))
onMounted(find)
const cash = (minor: number | null): string =>
  minor === null ? 'not to be had' : moneyText(toMajor(minor, shop.policy.currency), shop.policy.currency, true)
const today = dayjs().format('YYYY-MM-DD')
const stale = ({ pricedOn, kind }: PriceRow): boolean =>
  priceAge({ pricedOn, type: 'part', priceKind: kind }, today, shop.policy.priceDays).stale
const asOf = (p: PriceRow): string => `${dayjs(p.pricedOn).format('D MMM YYYY')}${stale(p) ? ', stale' : ''}`
const lead = ({ stock, leadDays }: PriceRow): string =>
  stock ? `${stock} there` : leadDays === null ? '' : `${leadDays} days`
const columns: ShopColumn<PriceRow>[] = [
  { key: 'name', label: 'Part', say: p => p.name, minWidth: 200, stays: true },
  { key: 'number', label: 'Number', say: p => p.number, minWidth: 120 },
  { key: 'supplier', label: 'Supplier', say: p => p.supplier, minWidth: 160, pick: true },
  { key: 'kind', label: 'Kind', say: p => p.kind, width: 100, pick: true },
  {
    key: 'priceMinor',
    label: 'Price',
    say: p => cash(p.priceMinor),
    by: p => p.priceMinor ?? -1,
    width: 130,
    right: true,
  },
  { key: 'leadDays', label: 'Lead', say: lead, by: p => (p.stock ? 0 : (p.leadDays ?? 999)), width: 110 },
  { key: 'pricedOn', label: 'As of', say: asOf, by: p => p.pricedOn, width: 170 },
]

const draft = reactive({ supplier: '', kind: 'retail', pricedOn: today })
const file = ref<{ name: string; text: string } | null>(null)
const report = ref<PriceReport | null>(null)
const message = ref('')
async function choose([picked]: File[]): Promise<void> {
  if (!picked) return
  file.value = { name: picked.name, text: await picked.text() }
  await run(false)
}
async function run(apply: boolean): Promise<void> {
  if (!file.value) return
  if (!shop.person) {
    message.value = 'Say who is at the bench first, at the top right.'
    return
  }
  const outcome = await send<PriceReport>('/api/prices/import', 'POST', {
    text: file.value.text,
    supplier: draft.supplier.trim() || null,
    kind: draft.kind,
    pricedOn: draft.pricedOn,
    apply,
    version: apply ? report.value?.version : null,
    by: shop.person.id,
  })
  message.value = outcome.ok ? '' : [outcome.message, ...outcome.faults.map(f => f.message)].join(' ')
  report.value = outcome.ok ? outcome.value : null
  if (outcome.ok && apply) await find()
}
const more = (all: string[]): string[] => all.slice(0, 40)
const example =
  'number;name;price;kind;supplier;lead_days;stock;superseded_by\nTB-1042;Ring set 65 mm;32,00;retail;Tollbrook Spares;3;4;\nTB-2210;Crankshaft 344 cc;;retail;Tollbrook Spares;;0;TB-2214'
</script>

<template>
  <div class="page">
    <div class="pagehead">
      <h1>Parts and prices</h1>
      <span class="lab">{{ found.all }} in the lists</span>
    </div>
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <PlainField v-model="words" label="Find a part by name or number" class="find" />
    <ShopTable
      v-if="found.prices.length"
      name="prices"
      label="Parts and prices"
      class="prices"
      row-key="id"
      :rows="found.prices"
      :columns="columns"
    >
      <template #name="{ row }"
        ><b>{{ row.name }}</b
        ><small v-if="row.supersededBy" class="near">superseded by {{ row.supersededBy }}</small></template
      >
      <template #priceMinor="{ row }"
        ><span :class="{ gone: row.priceMinor === null }">{{ cash(row.priceMinor) }}</span></template
      >
      <template #pricedOn="{ row }"
        ><span class="lab" :class="{ near: stale(row) }">{{ asOf(row) }}</span></template
      >
    </ShopTable>
    <p v-else-if="found.all" class="note">Nothing by that name or number.</p>
    <p v-else class="note">
      No list has been read yet. Type prices in the ways to go, or read a supplier's list here; names then fill in their
      price by themselves.
    </p>
    <section v-if="session.may('prices')" class="block gap">
      <h2>Read a price list</h2>
      <div class="grid3 top">
        <PlainField
          v-model="draft.supplier"
          label="Supplier, where the file has no column for it"
          @change="run(false)"
        /><PickField v-model="draft.kind" label="Prices are" :options="{ retail: 'retail', trade: 'trade' }" /><DayField
          v-model="draft.pricedOn"
          label="As of"
          @change="run(false)"
        />
      </div>
      <div class="acts">
        <FilePick accept=".csv,text/csv" @pick="choose">Choose a CSV file</FilePick
        ><span v-if="file" class="lab">{{ file.name }}</span>
      </div>
      <p v-if="message" class="bar gap" role="alert">{{ message }}</p>
      <div v-if="report" class="gap" aria-live="polite" data-test="report">
        <h3>{{ report.applied ? 'Done' : 'What it would do' }}</h3>
        <template v-if="report.lines.length"
          ><p class="fault">Nothing is changed while a line is wrong.</p>
          <ul>
            <li v-for="(l, i) in report.lines.slice(0, 60)" :key="i">
              <span class="lab">line {{ l.line }}</span> {{ l.message }}
            </li>
          </ul></template
        >
        <template v-if="report.changed.length"
          ><p>
            <b>{{ report.changed.length }} {{ report.applied ? 'changed' : 'would change' }}</b>
          </p>
          <ul>
            <li v-for="c in more(report.changed)" :key="c">{{ c }}</li>
          </ul></template
        >
        <template v-if="report.added.length"
          ><p>
            <b>{{ report.added.length }} {{ report.applied ? 'added' : 'would be added' }}</b>
          </p>
          <ul>
            <li v-for="c in more(report.added)" :key="c">{{ c }}</li>
          </ul></template
        >
        <p v-if="report.same" class="note">
          {{ report.same }} as they were{{ report.applied ? ', now of the new day' : '' }}.
        </p>
        <ElButton type="primary" v-if="!report.applied && !report.lines.length" @click="run(true)">
          Take it over
        </ElButton>
      </div>
      <FoldedPart class="gap">
        <template #title><span class="lab">What a file looks like</span></template>
        <pre>{{ example }}</pre>
        <p class="note">Number, name and price are needed; an empty price says that it can't be had.</p>
      </FoldedPart>
    </section>
  </div>
</template>

<style scoped>
.find {
  max-width: 420px;
  margin-bottom: 12px;
}
.prices {
  max-width: 1000px;
}
.prices small {
  display: block;
  font-size: 14px;
}
.gone {
  color: var(--ink-2);
}
.top {
  max-width: 900px;
  margin-bottom: 12px;
}
.gap {
  margin-top: 12px;
}
pre {
  overflow-x: auto;
  background: var(--sheet-2);
  padding: 10px;
}
</style>
