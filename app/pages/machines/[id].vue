<script setup lang="ts">
import { MACHINE_KINDS } from '#core/job/vocabulary'
import type { EngineFacts } from '#core/job/jobFile'
import type { SpecValue } from '#core/spec/specValue'
import type { Customer, JobLine, Machine } from '#shared/types/records'

interface View { machine: Machine, facts: EngineFacts, spec: SpecValue[], customer: Customer, jobs: JobLine[] }
definePageMeta({ key: route => route.path })
const shop = useShopStore()
const id = String(useRoute().params.id)
const view = ref<View | null>(null)
const trouble = ref('')
const draft = ref<MachineDraft | null>(null)
const owner = reactive({ name: '', contact: '' })
const faults = ref<Fault[]>([])
const message = ref('')
const saved = ref(false)
async function load(): Promise<void> {
  try {
    const v = await read<View>(`/api/machines/${id}`)
    view.value = v
    draft.value = machineDraft(v.machine, v.facts, v.spec, shop.policy.volumeUnit, shop.policy.pressureUnit)
    Object.assign(owner, { name: v.customer.name, contact: v.customer.contact ?? '' })
  }
  catch (error) {
    trouble.value = (error as Error).message
  }
}
onMounted(load)
async function save(): Promise<void> {
  if (!draft.value) return
  if (!shop.person) {
    message.value = 'Say who is at the bench first, at the top right.'
    return
  }
  const outcome = await send(`/api/machines/${id}`, 'PUT', { machine: machineFields(draft.value), facts: engineFacts(draft.value), spec: specValues(draft.value), customer: { name: owner.name, contact: owner.contact || null }, by: shop.person.id })
  saved.value = outcome.ok
  message.value = outcome.ok ? '' : outcome.message
  faults.value = outcome.ok ? [] : outcome.faults
  if (outcome.ok) await load()
}
</script>

<template>
  <div class="page">
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <template v-if="view && draft">
      <div class="pagehead"><div><h1>{{ view.machine.name }}</h1><span class="lab">{{ MACHINE_KINDS[view.machine.kind].label }} · {{ view.customer.name }}</span></div><NuxtLink :to="`/jobs/new?machine=${id}`" class="btn go">Book it in again</NuxtLink></div>
      <section class="block"><h2>Its jobs</h2><ul><JobLineRow v-for="j in view.jobs" :key="j.id" :line="j" :currency="shop.policy.currency" /></ul></section>
      <form @submit.prevent="save">
        <section class="block"><h2>Owner</h2><div class="grid2"><PlainField v-model="owner.name" label="Name" :fault="faults.find(f => f.field === 'customer.name')?.message" /><PlainField v-model="owner.contact" label="Telephone or address" /></div></section>
        <section class="block"><h2>Machine and engine</h2><MachineEditor v-model="draft" :faults="faults" :pressure-unit="shop.policy.pressureUnit" /></section>
        <p v-if="message" class="bar" role="alert">{{ message }}</p>
        <div class="acts"><button class="btn go" type="submit">Keep these facts</button><span v-if="saved" class="st good" role="status">● Kept. Every job on this machine is judged by them from now on.</span></div>
      </form>
    </template>
  </div>
</template>

<style scoped>.page { padding-right: max(20px, calc(100% - 1220px)); } .bar { margin-bottom: 10px; }</style>
