<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { ulid } from 'ulid'
import { moneyText, toMajor } from '#core/units/money'
import { ENGINE_CLASSES } from '#core/engine/words'
import { SHELF_GRADES } from '#core/words/deciding'
import { useRefusal } from '#core/salvage/keep'
import { PART_KEYS, PART_PLANS } from '#core/teardown/parts'
import type { ShelfItem } from '#shared/types/records'
import type { ShopColumn } from '~/components/ShopTable.vue'

/** Parts kept from engines that were given up: where they lie, how good they are, who waits for them. */
useHead({ title: 'Shelf' })
const shop = useShopStore()
const route = useRoute()
const words = ref('')
const items = ref<ShelfItem[]>([])
const trouble = ref('')
async function load(): Promise<void> {
  try {
    items.value = await read<ShelfItem[]>(`/api/shelf?find=${encodeURIComponent(words.value)}`)
    trouble.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
watch(words, useDebounceFn(load, 150))
onMounted(async () => {
  await load()
  const asked = items.value.find(i => String(i.number) === route.query.part)
  if (asked) edit(asked)
})
const blank = () => ({
  name: '',
  part: '',
  engineClass: 'S4' as keyof typeof ENGINE_CLASSES,
  grade: 'used' as keyof typeof SHELF_GRADES,
  tested: '',
  measured: '',
  place: '',
  price: '',
  quarantine: '',
})
const draft = reactive(blank())
const open = ref<string | null>(null)
/** of the part that is open, as it was read */
const version = ref('')
const newId = ref(ulid())
const faults = ref<Fault[]>([])
const message = ref('')
const fault = (field: string): string => faults.value.find(f => f.field === field)?.message ?? ''
function edit(item: ShelfItem): void {
  open.value = item.id
  faults.value = []
  message.value = ''
  Object.assign(draft, {
    name: item.name,
    part: item.part ?? '',
    engineClass: item.engineClass,
    grade: item.grade,
    tested: item.tested ?? '',
    measured: item.measured ?? '',
    place: item.place,
    price: moneyField(item.priceMinor, shop.policy.currency),
    quarantine: item.quarantine ?? '',
  })
  version.value = item.version
}
function add(): void {
  open.value = 'new'
  faults.value = []
  message.value = ''
  Object.assign(draft, blank())
}
async function save(): Promise<void> {
  if (!shop.person) {
    message.value = 'Say who is at the bench first, at the top right.'
    return
  }
  const fields = {
    name: draft.name,
    grade: draft.grade,
    tested: draft.tested || null,
    measured: draft.measured || null,
    place: draft.place,
    priceMinor: moneyTyped(draft.price, shop.policy.currency),
    quarantine: draft.quarantine || null,
    by: shop.person.id,
  }
  const outcome =
    open.value === 'new'
      ? await send<ShelfItem>('/api/shelf', 'POST', {
          ...fields,
          id: newId.value,
          part: draft.part || null,
          engineClass: draft.engineClass,
          fromJobId: null,
        })
      : await send<ShelfItem>(`/api/shelf/${open.value}`, 'PUT', { ...fields, version: version.value })
  faults.value = outcome.ok ? [] : outcome.faults
  message.value = outcome.ok ? '' : outcome.message
  if (!outcome.ok && outcome.more.version) version.value = outcome.more.version
  if (!outcome.ok) return
  newId.value = ulid()
  open.value = null
  await load()
}
async function move(item: ShelfItem, to: ShelfItem['state']): Promise<void> {
  const outcome = await send<ShelfItem>(`/api/shelf/${item.id}/move`, 'POST', {
    to,
    jobId: null,
    by: shop.person?.id ?? '',
  })
  message.value = outcome.ok ? '' : outcome.message
  if (!outcome.ok) return
  open.value = null
  await load()
}
const inHand = computed(() => items.value.find(i => i.id === open.value))
/** Whether it may be used as it lies there. */
function standing(item: ShelfItem): { tone: string; sign: string; words: string } {
  if (item.quarantine) return { tone: 'past', sign: '✕', words: 'quarantine' }
  if (useRefusal(item)) return { tone: 'near', sign: '◐', words: 'unmeasured' }
  return item.measured
    ? { tone: 'good', sign: '●', words: item.measured }
    : { tone: '', sign: '', words: 'not measured' }
}
const price = ({ priceMinor }: ShelfItem): string =>
  priceMinor === null ? '' : moneyText(toMajor(priceMinor, shop.policy.currency), shop.policy.currency, true)
const columns: ShopColumn<ShelfItem>[] = [
  { key: 'number', label: 'No.', say: s => `S ${s.number}`, by: s => s.number, width: 100, stays: true },
  { key: 'name', label: 'Part', say: s => s.name, minWidth: 220, stays: true },
  { key: 'place', label: 'Place', say: s => s.place, minWidth: 150, pick: true },
  { key: 'grade', label: 'Grade', say: s => SHELF_GRADES[s.grade], width: 120, pick: true },
  { key: 'measured', label: 'Measured', say: s => standing(s).words, minWidth: 200 },
  {
    key: 'from',
    label: 'Out of',
    say: s => (s.fromNumber ? `T ${s.fromNumber}` : ''),
    by: s => s.fromNumber ?? 0,
    width: 110,
  },
  {
    ...{ key: 'for', label: 'For', width: 110, pick: true },
    say: s => (s.state === 'reserved' ? `T ${s.jobNumber}` : 'free'),
  },
  { key: 'price', label: 'Price', say: price, by: s => s.priceMinor ?? -1, width: 120, right: true },
]
const PARTS = Object.fromEntries(PART_KEYS.map(k => [k, PART_PLANS[k].name]))
</script>

<template>
  <div class="page">
    <div class="pagehead">
      <h1>Shelf</h1>
      <ElButton type="primary" @click="add">Put a part on the shelf</ElButton>
    </div>
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <PlainField v-model="words" label="Find by part or place" class="find" />
    <p v-if="!items.length" class="note">
      Nothing on the shelf by those words. Parts of an engine that is given up come here from its job, under Decide.
    </p>
    <ShopTable v-else name="shelf" label="The shelf" class="list" row-key="id" :rows="items" :columns="columns">
      <template #number="{ row }"
        ><span class="tag small">S {{ row.number }}</span></template
      >
      <template #name="{ row }"
        ><ElButton link class="name" @click="edit(row)"
          ><b>{{ row.name }}</b></ElButton
        ></template
      >
      <template #measured="{ row }"
        ><span class="st" :class="standing(row).tone"
          >{{ standing(row).sign }} {{ standing(row).words }}</span
        ></template
      >
    </ShopTable>
    <ElDrawer
      v-if="open"
      :model-value="true"
      :title="open === 'new' ? 'A part for the shelf' : draft.name"
      direction="rtl"
      size="min(640px, 94vw)"
      @close="open = null"
    >
      <form class="edit" @submit.prevent="save">
        <div class="cols">
          <PlainField v-model="draft.name" label="What it is" :fault="fault('name')" /><template v-if="open === 'new'"
            ><PickField v-model="draft.part" label="Part" :options="PARTS" empty="something else" /><PickField
              v-model="draft.engineClass"
              label="Off which class of engine"
              :options="ENGINE_CLASSES" /></template
          ><PlainField v-model="draft.place" label="Place" hint="Shelf 2, box 4" :fault="fault('place')" /><PlainField
            v-model="draft.price"
            label="Price"
            :suffix="shop.policy.currency"
            inputmode="decimal"
            :fault="fault('priceMinor')"
          />
        </div>
        <ChipGroup v-model="draft.grade" label="Grade" :options="SHELF_GRADES" needed />
        <div class="cols">
          <PlainField v-model="draft.tested" label="Tested, how" :fault="fault('tested')" /><PlainField
            v-model="draft.measured"
            label="Measured"
            hint="Pin 37.46 mm; bore 65.02"
            :fault="fault('measured')"
          /><PlainField
            v-if="open !== 'new'"
            v-model="draft.quarantine"
            label="In quarantine because"
            hint="Empty: it may be used."
            :fault="fault('quarantine')"
          />
        </div>
        <p v-if="message" class="fault" role="alert">{{ message }}</p>
        <div class="acts">
          <ElButton type="primary" native-type="submit">{{
            open === 'new' ? 'Put it there' : 'Keep it so'
          }}</ElButton><ElButton v-if="open === 'new'" @click="open = null">Not now</ElButton
          ><template v-if="inHand"
            ><a class="btn" :href="`/api/shelf/${inHand.id}/label.pdf`" target="_blank" rel="noopener"
              >Print its label</a
            ><ElButton v-if="inHand.state === 'reserved'" @click="move(inHand, 'shelf')">Let it go</ElButton
            ><ElButton link class="link" @click="move(inHand, 'gone')">It is gone</ElButton></template
          >
        </div>
      </form>
    </ElDrawer>
  </div>
</template>

<style scoped>
.find {
  max-width: 420px;
  margin-bottom: 10px;
}
.list {
  max-width: 1180px;
}
.name.name {
  padding: 0;
}
.edit {
  display: grid;
  gap: 10px;
}
.cols {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
}
</style>
