<script setup lang="ts">
import { whoMay } from '#core/people/roles'
import { MACHINE_KINDS } from '#core/engine/words'
import type { MachineCompression } from '#core/entries/compression/visits'
import type { Visit } from '#core/entries/file'
import type { EngineFacts } from '#core/engine/facts'
import type { TiltGuide } from '#core/oil/tiltGuide'
import { PRE_DELIVERY } from '#core/handover/careText'
import type { SpecValue } from '#core/spec/specValue'
import type { Customer, JobLine, Machine, SheetLine } from '#shared/types/records'

interface View {
  version: string
  machine: Machine
  facts: EngineFacts
  spec: SpecValue[]
  sheet: { id: string; name: string }
  customer: Customer
  jobs: JobLine[]
  visits: (Visit & { id: string })[]
  care: string[]
  rhythm: string[]
  tilt: TiltGuide
  compression: MachineCompression | null
}
definePageMeta({ key: route => route.path })
const shop = useShopStore()
const id = String(useRoute().params.id)
const view = ref<View | null>(null)
const trouble = ref('')
const draft = ref<MachineDraft | null>(null)
const owner = reactive({ name: '', contact: '', mayPhoto: 'unknown', mayMessage: 'unknown', language: '' })
const session = useSessionStore()
const { faults, message, saved, version, keep } = useKeep(`/api/machines/${id}`, load)
async function load(): Promise<void> {
  try {
    const v = await read<View>(`/api/machines/${id}`)
    view.value = v
    version.value = v.version
    draft.value = machineDraft(v.machine, v.facts, v.spec, shop.policy.volumeUnit, shop.policy.pressureUnit)
    Object.assign(owner, {
      name: v.customer.name,
      contact: v.customer.contact ?? '',
      mayPhoto: consentWord(v.customer.mayPhoto),
      mayMessage: consentWord(v.customer.mayMessage),
      language: v.customer.language ?? '',
    })
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
const sheets = ref<SheetLine[]>([])
onMounted(async () => {
  await load()
  sheets.value = await read<SheetLine[]>('/api/specs').catch(() => [])
})
const sheetWords = computed(() => Object.fromEntries(sheets.value.map(s => [s.id, `${s.name}, ${s.figures} figures`])))
async function move(sheetId: string): Promise<void> {
  if (!shop.person || !sheetId) return
  const outcome = await send(`/api/machines/${id}/sheet`, 'PUT', { sheetId, by: shop.person.id })
  message.value = outcome.ok ? '' : outcome.message
  if (outcome.ok) await load()
}
async function save(): Promise<void> {
  const d = draft.value
  if (d)
    await keep(by => ({
      machine: machineFields(d),
      facts: engineFacts(d),
      spec: specValues(d),
      customer: {
        name: owner.name,
        contact: owner.contact || null,
        mayPhoto: consentSaid(owner.mayPhoto),
        mayMessage: consentSaid(owner.mayMessage),
        language: owner.language || null,
      },
      by,
    }))
}
useHead({ title: () => view.value?.machine.name ?? 'Machine' })
</script>

<template>
  <div class="page">
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <template v-if="view && draft">
      <div class="pagehead">
        <div>
          <h1>{{ view.machine.name }}</h1>
          <span class="lab">{{ MACHINE_KINDS[view.machine.kind].label }} · {{ view.customer.name }}</span>
        </div>
        <NuxtLink v-if="session.may('book')" :to="`/jobs/new?machine=${id}`" class="btn go">Book it in again</NuxtLink>
      </div>
      <section class="block">
        <h2>Its jobs</h2>
        <ul>
          <JobLineRow v-for="j in view.jobs" :key="j.id" :line="j" :currency="shop.policy.currency" />
        </ul>
      </section>
      <section v-if="view.visits.length" class="block">
        <h2>What it carries</h2>
        <p v-for="line in view.rhythm" :key="line">{{ line }}</p>
        <WatchList :history="view.visits" />
        <EarlierVisits :visits="view.visits" carried />
      </section>
      <section v-if="view.compression" class="block">
        <h2>Compression over its visits <span class="lab">taken alike, at sea level</span></h2>
        <LazyCompressionYears :history="view.compression" />
      </section>
      <section class="block two">
        <div>
          <h2>Care, for the owner</h2>
          <ul class="plain">
            <li v-for="line in view.care" :key="line">{{ line }}</li>
          </ul>
          <FoldedPart>
            <template #title><span class="lab">Before a new one goes out</span></template>
            <ul class="plain">
              <li v-for="line in PRE_DELIVERY" :key="line">{{ line }}</li>
            </ul>
          </FoldedPart>
        </div>
        <div>
          <h2>Which way up</h2>
          <TiltWords :guide="view.tilt" />
        </div>
      </section>
      <section class="block">
        <h2>Its sheet</h2>
        <div class="sheetrow">
          <PickField
            v-if="sheets.length"
            :model-value="view.sheet.id"
            label="What it should be stands on"
            :options="sheetWords"
            @update:model-value="move"
          /><NuxtLink class="btn" :to="`/specs/${view.sheet.id}`">Open the sheet</NuxtLink>
        </div>
      </section>
      <form @submit.prevent="save">
        <section class="block">
          <h2>Owner</h2>
          <p v-if="!session.may('owners')" class="note">
            {{ owner.name }}{{ owner.contact ? `, ${owner.contact}` : '' }}. Changed by {{ whoMay('owners') }}.
          </p>
          <template v-else
            ><div class="grid2">
              <PlainField
                v-model="owner.name"
                label="Name"
                :fault="faults.find(f => f.field === 'customer.name')?.message"
              /><PlainField
                v-model="owner.contact"
                label="Telephone or address"
                :fault="faults.find(f => f.field === 'customer.contact')?.message"
              />
            </div>
            <OwnerConsent
              v-model:photo="owner.mayPhoto"
              v-model:message="owner.mayMessage"
              v-model:language="owner.language"
            />
          </template>
        </section>
        <section class="block">
          <h2>Machine and engine</h2>
          <MachineEditor v-model="draft" :faults="faults" :pressure-unit="shop.policy.pressureUnit" />
        </section>
        <p v-if="message" class="bar" role="alert">{{ message }}</p>
        <div class="acts">
          <ElButton type="primary" native-type="submit">Keep these facts</ElButton
          ><span v-if="saved" class="st good" role="status"
            >● Kept. Every job on this machine is judged by them from now on.</span
          >
        </div>
      </form>
    </template>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 24px;
}
.plain li {
  padding: 3px 0;
}
.sheetrow {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
@media (max-width: 760px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
.page {
  padding-right: max(20px, calc(100% - 1220px));
}
.bar {
  margin-bottom: 10px;
}
</style>
