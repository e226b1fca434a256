<script setup lang="ts">
import { ulid } from 'ulid'
import { moneyText, toMajor } from '#core/units/money'
import { SHELF_GRADES } from '#core/words/deciding'
import type { KeepLine } from '#core/salvage/keep'
import type { ShelfItem } from '#shared/types/records'

/** Before an engine is given up: what is worth taking off it, by what was wanted here. */
const sheet = useSheet()
const shop = useShopStore()
const lines = ref<KeepLine[]>([])
const taken = ref(new Map<string, number>())
const open = ref<string | null>(null)
const draft = reactive({
  place: '',
  grade: 'used' as keyof typeof SHELF_GRADES,
  tested: '',
  measured: '',
  price: '',
  id: ulid(),
})
const faults = ref<Fault[]>([])
const message = ref('')
const fault = (field: string): string => faults.value.find(f => f.field === field)?.message ?? ''
async function load(): Promise<void> {
  lines.value = await read<KeepLine[]>(`/api/jobs/${sheet.job.value.id}/keep`).catch(() => [])
}
onMounted(load)
const cash = (minor: number): string => moneyText(toMajor(minor, shop.policy.currency), shop.policy.currency)
function pick(k: KeepLine): void {
  open.value = open.value === k.part ? null : k.part
  Object.assign(draft, {
    grade: 'used',
    tested: '',
    measured: '',
    price: moneyField(k.priceMinor, shop.policy.currency),
    id: ulid(),
  })
  faults.value = []
}
async function keep(k: KeepLine): Promise<void> {
  const outcome = await send<ShelfItem>('/api/shelf', 'POST', {
    id: draft.id,
    by: shop.person?.id ?? '',
    name: `${k.name}, ${sheet.job.value.machine.name}`,
    part: k.part,
    engineClass: sheet.job.value.facts.engineClass,
    fromJobId: sheet.job.value.id,
    grade: draft.grade,
    tested: draft.tested || null,
    measured: draft.measured || null,
    place: draft.place,
    priceMinor: moneyTyped(draft.price, shop.policy.currency),
    quarantine: null,
  })
  faults.value = outcome.ok ? [] : outcome.faults
  message.value = outcome.ok ? '' : outcome.message
  if (!outcome.ok) return
  taken.value = new Map(taken.value).set(k.part, outcome.value.number)
  open.value = null
  await load()
}
</script>

<template>
  <FoldedPart class="keep">
    <template #title
      ><b>What to keep of this engine: {{ lines.filter(l => l.keep).length }} of {{ lines.length }} parts</b></template
    >
    <p class="note">
      By what was replaced here in 24 months against what lies on the shelf, the price of a used one (rule of thumb,
      yours to change) and the time to take it off. Tested as it comes off; unmeasured until it is measured.
    </p>
    <ul>
      <li v-for="k in lines" :key="k.part">
        <div class="row">
          <StateMark :mark="k.keep ? 'good' : 'open'" bare /><span
            ><b>{{ k.name }}</b>
            <span class="lab">{{ k.why }}: wanted {{ k.wanted }}, on the shelf {{ k.stock }}</span></span
          ><span class="lab">{{ cash(k.priceMinor) }}, {{ k.stripMinutes }} min</span
          ><b class="num">{{ cash(k.worthMinor) }}</b
          ><span v-if="taken.get(k.part)" class="st good">● S {{ taken.get(k.part) }}</span
          ><ElButton v-else class="dash" @click="pick(k)">
            Onto the shelf<span class="sr">: {{ k.name }}</span>
          </ElButton>
        </div>
        <form v-if="open === k.part" class="put" @submit.prevent="keep(k)">
          <div class="cols">
            <PlainField v-model="draft.place" label="Place" :fault="fault('place')" /><PlainField
              v-model="draft.price"
              label="Price"
              :suffix="shop.policy.currency"
              inputmode="decimal"
              :fault="fault('priceMinor')"
            /><PlainField v-model="draft.tested" label="Tested, how" /><PlainField
              v-model="draft.measured"
              label="Measured"
            />
          </div>
          <ChipGroup v-model="draft.grade" label="Grade" :options="SHELF_GRADES" needed />
          <p v-if="message" class="fault" role="alert">{{ message }}</p>
          <div class="acts"><ElButton type="primary" native-type="submit">Put it there</ElButton></div>
        </form>
      </li>
    </ul>
  </FoldedPart>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--rule);
}
.row {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr) auto 70px auto;
  gap: 10px;
  align-items: center;
  min-height: 48px;
}
.num {
  text-align: right;
}
.put {
  display: grid;
  gap: 10px;
  padding: 4px 0 14px 30px;
}
.cols {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
}
@media (max-width: 640px) {
  .row {
    grid-template-columns: 20px minmax(0, 1fr) auto;
  }
  .row > :nth-child(3) {
    grid-column: 2;
  }
  .put {
    padding-left: 0;
  }
}
</style>
