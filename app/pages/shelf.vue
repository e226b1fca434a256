<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { ulid } from 'ulid'
import { moneyText, toMajor } from '#core/units/money'
import { ENGINE_CLASSES } from '#core/engine/words'
import { SHELF_GRADES } from '#core/words/deciding'
import { useRefusal } from '#core/salvage/keep'
import { PART_KEYS, PART_PLANS } from '#core/teardown/parts'
import type { ShelfItem } from '#shared/types/records'

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
  if (open.value === item.id) {
    open.value = null
    return
  }
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
  open.value = open.value === 'new' ? null : 'new'
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
  trouble.value = outcome.ok ? '' : outcome.message
  if (outcome.ok) await load()
}
const PARTS = Object.fromEntries(PART_KEYS.map(k => [k, PART_PLANS[k].name]))
</script>

<template>
  <div class="page">
    <div class="pagehead">
      <h1>Shelf</h1>
      <ElButton type="primary" :aria-expanded="open === 'new'" @click="add">Put a part on the shelf</ElButton>
    </div>
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <PlainField v-model="words" label="Find by part or place" class="find" />
    <p v-if="!items.length" class="note">
      Nothing on the shelf by those words. Parts of an engine that is given up come here from its job, under Decide.
    </p>
    <form v-if="open === 'new'" class="edit" @submit.prevent="save">
      <div class="cols">
        <PlainField v-model="draft.name" label="What it is" :fault="fault('name')" /><PickField
          v-model="draft.part"
          label="Part"
          :options="PARTS"
          empty="something else"
        /><PickField
          v-model="draft.engineClass"
          label="Off which class of engine"
          :options="ENGINE_CLASSES"
        /><PlainField v-model="draft.place" label="Place" hint="Shelf 2, box 4" :fault="fault('place')" /><PlainField
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
        />
      </div>
      <p v-if="message" class="fault" role="alert">{{ message }}</p>
      <div class="acts">
        <ElButton type="primary" native-type="submit">Put it there</ElButton
        ><ElButton @click="open = null">Not now</ElButton>
      </div>
    </form>
    <ul class="list">
      <li v-for="s in items" :key="s.id">
        <button type="button" class="row" :aria-expanded="open === s.id" @click="edit(s)">
          <span class="tag small">S {{ s.number }}</span
          ><span
            ><b>{{ s.name }}</b
            ><span class="lab"
              >{{ s.place }} · {{ SHELF_GRADES[s.grade].toLowerCase()
              }}{{ s.fromNumber ? ` · out of T ${s.fromNumber}` : '' }}</span
            ></span
          >
          <span
            ><span v-if="s.quarantine" class="st past">✕ quarantine</span
            ><span v-else-if="useRefusal(s)" class="st near">◐ unmeasured</span
            ><span v-else-if="s.measured" class="st good">● {{ s.measured }}</span
            ><span v-else class="lab">not measured</span></span
          >
          <span class="lab">{{ s.state === 'reserved' ? `for T ${s.jobNumber}` : 'free' }}</span><b class="num">{{
            s.priceMinor === null
              ? ''
              : moneyText(toMajor(s.priceMinor, shop.policy.currency), shop.policy.currency, true)
          }}</b>
        </button>
        <form v-if="open === s.id" class="edit" @submit.prevent="save">
          <div class="cols">
            <PlainField v-model="draft.name" label="What it is" :fault="fault('name')" /><PlainField
              v-model="draft.place"
              label="Place"
              :fault="fault('place')"
            /><PlainField
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
              v-model="draft.quarantine"
              label="In quarantine because"
              hint="Empty: it may be used."
              :fault="fault('quarantine')"
            />
          </div>
          <p v-if="message" class="fault" role="alert">{{ message }}</p>
          <div class="acts">
            <ElButton type="primary" native-type="submit">Keep it so</ElButton
            ><a class="btn" :href="`/api/shelf/${s.id}/label.pdf`" target="_blank" rel="noopener">Print its label</a
            ><ElButton v-if="s.state === 'reserved'" @click="move(s, 'shelf')">Let it go</ElButton
            ><ElButton link class="link" @click="move(s, 'gone')">It is gone</ElButton>
          </div>
        </form>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.find {
  max-width: 420px;
  margin-bottom: 10px;
}
.list {
  max-width: 1040px;
}
li {
  border-bottom: 1px solid var(--rule);
}
.row {
  display: grid;
  grid-template-columns: 74px minmax(0, 1.6fr) minmax(0, 1.3fr) 90px 90px;
  gap: 12px;
  align-items: center;
  width: 100%;
  border: 0;
  background: none;
  text-align: left;
  min-height: 54px;
  cursor: pointer;
  padding: 4px 0;
  font: inherit;
  color: inherit;
}
.row .lab {
  display: block;
}
.num {
  text-align: right;
}
.edit {
  display: grid;
  gap: 10px;
  padding: 6px 0 16px;
  max-width: 900px;
}
.cols {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
}
@media (max-width: 640px) {
  .row {
    grid-template-columns: 64px minmax(0, 1fr);
  }
  .row > :nth-child(n + 3) {
    grid-column: 2;
    text-align: left;
  }
}
</style>
