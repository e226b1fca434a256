<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { ulid } from 'ulid'
import type { Entry } from '#core/job/entries'
import type { UseClass } from '#core/job/vocabulary'
import { USE_CLASSES } from '#core/job/vocabulary'
import type { Customer, MachineLine } from '#shared/types/records'

interface Draft {
  jobId: string, at: string | null, ids: string[]
  owner: string, contact: string, customerId: string, machineId: string
  machine: MachineDraft
  words: string, since: string, claims: { text: string, howKnown: string }[]
  useClass: UseClass, running: string, asIs: string, cap: string, deadline: string
}
const shop = useShopStore()
const router = useRouter()
const route = useRoute()
const newDraft = (): Draft => ({
  jobId: ulid(), at: null, ids: Array.from({ length: 24 }, () => ulid()),
  owner: '', contact: '', customerId: '', machineId: typeof route.query.machine === 'string' ? route.query.machine : '',
  machine: blankMachine(shop.policy.volumeUnit, shop.policy.pressureUnit),
  words: '', since: '', claims: [{ text: '', howKnown: '' }],
  useClass: 'private', running: '', asIs: '', cap: '', deadline: '',
})
const draft = useLocalStorage<Draft>('remedium:draft:new', newDraft, { mergeDefaults: true, listenToStorageChanges: false })
if (typeof route.query.machine === 'string') draft.value.machineId = route.query.machine
const faults = ref<Fault[]>([])
const message = ref('')
const busy = ref(false)
const owners = ref<Customer[]>([])
const machines = ref<MachineLine[]>([])
onMounted(async () => {
  [owners.value, machines.value] = await Promise.all([read<Customer[]>('/api/customers').catch(() => []), read<MachineLine[]>('/api/machines').catch(() => [])])
})
const known = computed(() => machines.value.find(m => m.id === draft.value.machineId))
const fault = (field: string): string => faults.value.find(f => f.field === field || f.field.startsWith(`${field}.`))?.message ?? ''
const money = (typed: string): number | null => moneyTyped(typed, shop.policy.currency)
const claims = computed(() => draft.value.claims.filter(c => c.text.trim()))

function entries(at: string): Entry[] {
  const d = draft.value
  const by = shop.person?.id ?? ''
  const id = (i: number): string => d.ids[i] ?? ulid()
  return [
    { id: id(0), kind: 'complaint', at, by, how: 'claimed', supersedes: null, body: { words: d.words, since: d.since || null } },
    { id: id(1), kind: 'terms', at, by, how: null, supersedes: null, body: { useClass: d.useClass, runningValueMinor: money(d.running), asIsValueMinor: money(d.asIs), capMinor: money(d.cap), deadline: d.deadline || null } },
    ...claims.value.map((c, i): Entry => ({ id: id(2 + i), kind: 'claim', at, by, how: 'claimed', supersedes: null, body: { text: c.text, howKnown: c.howKnown || null } })),
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
    machine: d.machineId ? { id: d.machineId } : machineFields(d.machine),
    facts: d.machineId ? null : engineFacts(d.machine),
    spec: d.machineId ? [] : specValues(d.machine),
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
function pickOwner(): void {
  draft.value.customerId = owners.value.find(o => o.name === draft.value.owner)?.id ?? ''
}
const dirty = computed(() => draft.value.words || draft.value.owner || draft.value.machine.name)
</script>

<template>
  <form class="page book" @submit.prevent="submit">
    <div class="pagehead"><h1>Book in a machine</h1><span class="lab">“Unknown” is always an answer. Everything typed here is kept until it is booked in.</span></div>

    <section v-if="known" class="block">
      <h2>Back again</h2>
      <p><b>{{ known.name }}</b>, {{ known.customerName }}, {{ known.meter }} <button type="button" class="link" @click="draft.machineId = ''">It is another machine</button></p>
    </section>
    <template v-else>
      <section class="block">
        <h2>Owner</h2>
        <div class="grid2">
          <PlainField v-model="draft.owner" label="Name" list="owners" :fault="fault('customer')" :hint="draft.customerId ? 'Known here.' : ''" @input="pickOwner" />
          <PlainField v-if="!draft.customerId" v-model="draft.contact" label="Telephone or address" :fault="fault('customer.contact')" />
        </div>
        <datalist id="owners"><option v-for="o in owners" :key="o.id" :value="o.name" /></datalist>
      </section>
      <section class="block">
        <h2>Machine and engine</h2>
        <MachineEditor v-model="draft.machine" :faults="faults.filter(f => /^(machine|facts|spec)/.test(f.field))" :pressure-unit="shop.policy.pressureUnit" />
      </section>
    </template>

    <section class="block">
      <h2>What the owner says</h2>
      <div class="grid2">
        <PlainField v-model="draft.words" label="Complaint, in the owner's words" area :fault="fault('entries.0.body.words')" />
        <PlainField v-model="draft.since" label="Since when, after what" area :fault="fault('entries.0.body.since')" />
      </div>
      <h3 class="lab gap">Claims: last oil change, what oil, tipped, hit something, ran low, who had it open</h3>
      <div v-for="(c, i) in draft.claims" :key="i" class="claim">
        <PlainField v-model="c.text" :label="`Claim ${i + 1}`" :fault="fault(`entries.${2 + i}.body.text`)" />
        <PlainField v-model="c.howKnown" label="How the owner knows" :fault="fault(`entries.${2 + i}.body.howKnown`)" />
      </div>
      <button v-if="draft.claims.length < 20" type="button" class="btn dash" @click="draft.claims.push({ text: '', howKnown: '' })">Another claim</button>
    </section>

    <section class="block">
      <h2>Purpose and money</h2>
      <ChipGroup v-model="draft.useClass" label="Use" :options="USE_CLASSES" needed />
      <div class="grid4 gap">
        <PlainField v-model="draft.running" label="Worth when running" :suffix="shop.policy.currency" inputmode="decimal" :fault="fault('entries.1.body.runningValueMinor')" />
        <PlainField v-model="draft.asIs" label="Worth as it is" :suffix="shop.policy.currency" inputmode="decimal" :fault="fault('entries.1.body.asIsValueMinor')" />
        <PlainField v-model="draft.cap" label="Owner's spending cap" :suffix="shop.policy.currency" inputmode="decimal" hint="Empty: no cap said." :fault="fault('entries.1.body.capMinor')" />
        <PlainField v-model="draft.deadline" label="Wanted by" type="date" :fault="fault('entries.1.body.deadline')" />
      </div>
    </section>

    <p v-if="message" class="bar" role="alert">{{ message }}</p>
    <div class="acts">
      <button class="btn go" type="submit" :disabled="busy">Book it in <kbd>Enter</kbd></button>
      <button v-if="dirty" class="btn" type="button" @click="draft = newDraft(); faults = []; message = ''">Start over</button>
    </div>
  </form>
</template>

<style scoped>
.book { padding-right: max(20px, calc(100% - 1140px)); }
.gap { margin: 12px 0 6px; }
.claim { display: grid; grid-template-columns: minmax(0, 2fr) minmax(0, 1fr); gap: 10px 16px; margin-bottom: 8px; }
.bar { margin-bottom: 12px; }
@media (max-width: 640px) { .claim { grid-template-columns: minmax(0, 1fr); } }
</style>
