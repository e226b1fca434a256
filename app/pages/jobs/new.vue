<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { ulid } from 'ulid'
import type { ComplaintBody, Entry } from '#core/job/entries'
import type { Visit } from '#core/job/jobFile'
import type { EngineFacts } from '#core/engine/facts'
import { answerText, questionsFor } from '#core/job/questions'
import type { UseClass } from '#core/engine/words'
import { COMPLAINT_KINDS } from '#core/words/counter'
import { USE_CLASSES } from '#core/engine/words'
import type { Customer, MachineLine, SheetLine } from '#shared/types/records'
import type { MeterDraft } from '~/components/RunningTime.vue'

interface Draft {
  jobId: string
  at: string | null
  ids: string[]
  owner: string
  contact: string
  customerId: string
  machineId: string
  machine: MachineDraft
  sheetId: string
  meter: MeterDraft
  words: string
  since: string
  about: ComplaintBody['about']
  answers: Record<string, string>
  claims: { text: string; howKnown: string }[]
  useClass: UseClass
  running: string
  asIs: string
  cap: string
  deadline: string
}
const shop = useShopStore()
const router = useRouter()
const route = useRoute()
const newDraft = (): Draft => ({
  jobId: ulid(),
  at: null,
  ids: Array.from({ length: 48 }, () => ulid()),
  owner: '',
  contact: '',
  customerId: '',
  machineId: typeof route.query.machine === 'string' ? route.query.machine : '',
  machine: blankMachine(shop.policy.volumeUnit, shop.policy.pressureUnit),
  sheetId: '',
  meter: blankMeter(),
  words: '',
  since: '',
  about: null,
  answers: {},
  claims: [{ text: '', howKnown: '' }],
  useClass: 'private',
  running: '',
  asIs: '',
  cap: '',
  deadline: '',
})
const draft = useLocalStorage<Draft>('remedium:draft:new', newDraft, {
  mergeDefaults: true,
  listenToStorageChanges: false,
})
if (typeof route.query.machine === 'string') draft.value.machineId = route.query.machine
const faults = ref<Fault[]>([])
const message = ref('')
const busy = ref(false)
const owners = ref<Customer[]>([])
const machines = ref<MachineLine[]>([])
const sheets = ref<SheetLine[]>([])
onMounted(async () => {
  ;[owners.value, machines.value, sheets.value] = await Promise.all([
    read<Customer[]>('/api/customers').catch(() => []),
    read<MachineLine[]>('/api/machines').catch(() => []),
    read<SheetLine[]>('/api/specs').catch(() => []),
  ])
})
/** engines of the same class that are known with figures */
const alike = computed(() =>
  Object.fromEntries(
    sheets.value
      .filter(s => s.engineClass === draft.value.machine.facts.engineClass && s.figures > 0)
      .map(s => [s.id, `${s.name}, ${s.figures} figures`]),
  ),
)
watch(
  () => draft.value.machine.facts.engineClass,
  () => {
    draft.value.sheetId = ''
  },
)
/** what earlier visits of a machine that is back again left behind */
const back = ref<{ facts: EngineFacts; visits: (Visit & { id: string })[] } | null>(null)
watch(
  () => draft.value.machineId,
  async id => {
    back.value = id
      ? await read<{ facts: EngineFacts; visits: (Visit & { id: string })[] }>(`/api/machines/${id}`).catch(() => null)
      : null
  },
  { immediate: true },
)
const questions = computed(() => questionsFor(draft.value.about, back.value?.facts ?? draft.value.machine.facts))
const known = computed(() => machines.value.find(m => m.id === draft.value.machineId))
const fault = (field: string): string =>
  faults.value.find(f => f.field === field || f.field.startsWith(`${field}.`))?.message ?? ''
const money = (typed: string): number | null => moneyTyped(typed, shop.policy.currency)
const claims = computed(() => draft.value.claims.filter(c => c.text.trim()))

const answered = computed(() => questions.value.filter(q => draft.value.answers[q.id]?.trim()))
/** where the first free claim stands among the entries */
const firstClaim = computed(() => 2 + Number(meterSaid(draft.value.meter)))

function entries(at: string): Entry[] {
  const d = draft.value
  const by = shop.person?.id ?? ''
  const id = (i: number): string => d.ids[i] ?? ulid()
  return [
    {
      id: id(0),
      kind: 'complaint',
      at,
      by,
      how: 'claimed',
      supersedes: null,
      body: { words: d.words, since: d.since || null, about: d.about },
    },
    {
      id: id(1),
      kind: 'terms',
      at,
      by,
      how: null,
      supersedes: null,
      body: {
        useClass: d.useClass,
        runningValueMinor: money(d.running),
        asIsValueMinor: money(d.asIs),
        capMinor: money(d.cap),
        deadline: d.deadline || null,
        dayLossMinor: null,
        boughtMinor: null,
        ownTimeFree: false,
      },
    },
    ...(meterSaid(d.meter)
      ? [
          {
            id: id(2),
            kind: 'meter',
            at,
            by,
            how: d.meter.source,
            supersedes: null,
            body: meterBody(d.meter),
          } satisfies Entry,
        ]
      : []),
    ...claims.value.map((c, i): Entry => ({
      id: id(3 + i),
      kind: 'claim',
      at,
      by,
      how: 'claimed',
      supersedes: null,
      body: { text: c.text, howKnown: c.howKnown || null, topic: null },
    })),
    ...answered.value.map((q, i): Entry => ({
      id: id(23 + i),
      kind: 'claim',
      at,
      by,
      how: 'claimed',
      supersedes: null,
      body: { text: answerText(q, d.answers[q.id]?.trim() ?? ''), howKnown: null, topic: q.id },
    })),
  ]
}

async function submit(): Promise<void> {
  if (busy.value) return
  if (!shop.person) {
    message.value = 'Say who is at the bench first, at the top right.'
    return
  }
  busy.value = true
  const d = draft.value
  d.at ??= new Date().toISOString()
  const outcome = await send<{ id: string }>('/api/jobs', 'POST', {
    id: d.jobId,
    customer: d.customerId ? { id: d.customerId } : { name: d.owner, contact: d.contact || null },
    machine: d.machineId
      ? { id: d.machineId }
      : {
          ...machineFields(d.machine),
          meterReading: meterBody(d.meter).reading,
          meterUnit: d.meter.unit,
          meterSource: d.meter.source,
        },
    facts: d.machineId ? null : engineFacts(d.machine),
    spec: d.machineId || d.sheetId ? [] : specValues(d.machine),
    sheetId: !d.machineId && d.sheetId ? d.sheetId : null,
    entries: entries(d.at),
  })
  busy.value = false
  if (outcome.ok) {
    draft.value = newDraft()
    await router.push(`/jobs/${outcome.value.id}`)
    return
  }
  if (outcome.status !== 0) d.at = null
  message.value = outcome.message
  faults.value = outcome.faults
  await nextTick()
  document.querySelector('.wrong, .fault')?.scrollIntoView({ block: 'center' })
}
/** a job that another Remedium saved as JSON */
async function fromFile(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  const outcome = await send<{ id: string }>('/api/jobs/import', 'POST', {
    text: await file.text(),
    by: shop.person?.id ?? '',
  })
  input.value = ''
  if (outcome.ok) await router.push(`/jobs/${outcome.value.id}`)
  else message.value = outcome.message
}
function pickOwner(): void {
  draft.value.customerId = owners.value.find(o => o.name === draft.value.owner)?.id ?? ''
}
const dirty = computed(() => draft.value.words || draft.value.owner || draft.value.machine.name)
function startOver(): void {
  draft.value = newDraft()
  faults.value = []
  message.value = ''
}
</script>

<template>
  <form class="page book" @submit.prevent="submit">
    <div class="pagehead">
      <h1>Book in a machine</h1>
      <span class="lab">“Unknown” is always an answer. Everything typed here is kept until it is booked in.</span
      ><label class="btn dash"
        ><input type="file" accept=".json,application/json" class="sr" @change="fromFile" />From a job file</label
      >
    </div>

    <section v-if="known" class="block">
      <h2>Back again</h2>
      <p>
        <b>{{ known.name }}</b>, {{ known.customerName }}, {{ known.meter }}
        <button type="button" class="link" @click="draft.machineId = ''">It is another machine</button>
      </p>
      <EarlierVisits v-if="back?.visits.length" :visits="back.visits" class="gap" />
    </section>
    <template v-else>
      <section class="block">
        <h2>Owner</h2>
        <div class="grid2">
          <PlainField
            v-model="draft.owner"
            label="Name"
            list="owners"
            :fault="fault('customer')"
            :hint="draft.customerId ? 'Known here.' : ''"
            @input="pickOwner"
          />
          <PlainField
            v-if="!draft.customerId"
            v-model="draft.contact"
            label="Telephone or address"
            :fault="fault('customer.contact')"
          />
        </div>
        <datalist id="owners"><option v-for="o in owners" :key="o.id" :value="o.name" /></datalist>
      </section>
      <section class="block">
        <h2>Machine and engine</h2>
        <PickField
          v-if="draft.machine.kind && Object.keys(alike).length"
          v-model="draft.sheetId"
          label="Same engine as one that is known here"
          :options="alike"
          empty="no, or not known"
          class="alike"
        />
        <MachineEditor
          v-model="draft.machine"
          no-meter
          :no-sheet="Boolean(draft.sheetId)"
          :faults="faults.filter(f => /^(machine|facts|spec)/.test(f.field))"
          :pressure-unit="shop.policy.pressureUnit"
        />
      </section>
    </template>

    <section class="block">
      <h2>What the owner says</h2>
      <div class="grid2">
        <PlainField
          v-model="draft.words"
          label="Complaint, in the owner's words"
          area
          :fault="fault('entries.0.body.words')"
        />
        <PlainField v-model="draft.since" label="Since when, after what" area :fault="fault('entries.0.body.since')" />
      </div>
      <ChipGroup v-model="draft.about" label="It is about" :options="COMPLAINT_KINDS" class="gap" />
      <h3 class="gap">Ask</h3>
      <GuidedQuestions v-model="draft.answers" :questions="questions" />
      <h3 class="gap">Anything else the owner says</h3>
      <div v-for="(c, i) in draft.claims" :key="i" class="claim">
        <PlainField v-model="c.text" :label="`Claim ${i + 1}`" :fault="fault(`entries.${firstClaim + i}.body.text`)" />
        <PlainField
          v-model="c.howKnown"
          label="How the owner knows"
          :fault="fault(`entries.${firstClaim + i}.body.howKnown`)"
        />
      </div>
      <button
        v-if="draft.claims.length < 20"
        type="button"
        class="btn dash"
        @click="draft.claims.push({ text: '', howKnown: '' })"
      >
        Another claim
      </button>
    </section>

    <section class="block">
      <h2>Running time</h2>
      <RunningTime v-model="draft.meter" :fault-of="f => fault(`entries.2.body.${f}`)" />
    </section>

    <section class="block">
      <h2>Purpose and money</h2>
      <ChipGroup v-model="draft.useClass" label="Use" :options="USE_CLASSES" needed />
      <div class="grid4 gap">
        <PlainField
          v-model="draft.running"
          label="Worth when running"
          :suffix="shop.policy.currency"
          inputmode="decimal"
          :fault="fault('entries.1.body.runningValueMinor')"
        />
        <PlainField
          v-model="draft.asIs"
          label="Worth as it is"
          :suffix="shop.policy.currency"
          inputmode="decimal"
          :fault="fault('entries.1.body.asIsValueMinor')"
        />
        <PlainField
          v-model="draft.cap"
          label="Owner's spending cap"
          :suffix="shop.policy.currency"
          inputmode="decimal"
          hint="Empty: no cap said."
          :fault="fault('entries.1.body.capMinor')"
        />
        <PlainField v-model="draft.deadline" label="Wanted by" type="date" :fault="fault('entries.1.body.deadline')" />
      </div>
    </section>

    <p v-if="message" class="bar" role="alert">{{ message }}</p>
    <div class="acts">
      <button class="btn go" type="submit" :disabled="busy">Book it in <kbd>Enter</kbd></button>
      <button v-if="dirty" class="btn" type="button" @click="startOver">Start over</button>
    </div>
  </form>
</template>

<style scoped>
.book {
  padding-right: max(20px, calc(100% - 1140px));
}
.gap {
  margin: 12px 0 6px;
}
.alike {
  max-width: 420px;
  margin-bottom: 14px;
}
.claim {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: 10px 16px;
  margin-bottom: 8px;
}
.bar {
  margin-bottom: 12px;
}
@media (max-width: 640px) {
  .claim {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
