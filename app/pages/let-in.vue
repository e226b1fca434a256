<script setup lang="ts">
import type { SessionView } from '#shared/types/session'

/** A browser comes in by a keeper's code; the first one names the shop and its keeper. */
definePageMeta({ layout: 'bare' })
useHead({ title: 'Let in', meta: [{ name: 'referrer', content: 'no-referrer' }] })
interface CodeFor {
  first: boolean
  name: string | null
  shopName: string
  people: { id: string; name: string; initials: string }[]
}
const session = useSessionStore()
const route = useRoute()
const code = ref(decodeURIComponent(route.hash.slice(1)))
const known = ref<CodeFor | null>(null)
const draft = reactive({ deviceName: deviceHere(), shopName: '', who: '', name: '', initials: '', pin: '', again: '' })
const faults = ref<Fault[]>([])
const message = ref('')
const busy = ref(false)
const fault = (field: string): string => faults.value.find(f => f.field === field)?.message ?? ''
const taken = computed(() => route.query.taken !== undefined)

function deviceHere(): string {
  const { userAgent } = navigator
  if (/iPad|Tablet/i.test(userAgent)) return 'Tablet'
  return /Mobi|Android|iPhone/i.test(userAgent) ? 'Telephone' : 'Computer at the bench'
}
async function sent<T>(url: string, body: object): Promise<T | null> {
  busy.value = true
  const outcome = await send<T>(url, 'POST', body)
  busy.value = false
  faults.value = outcome.ok ? [] : outcome.faults
  message.value = outcome.ok ? '' : outcome.message
  return outcome.ok ? outcome.value : null
}
async function look(): Promise<void> {
  if (!code.value.trim()) return
  known.value = await sent<CodeFor>('/api/session/code', { code: code.value })
  if (!known.value) return
  draft.shopName ||= known.value.shopName
  if (known.value.name) draft.deviceName = known.value.name
  draft.who ||= known.value.people[0]?.id ?? 'new'
}
async function comeIn(): Promise<void> {
  const { deviceName, shopName, who, name, initials, pin, again } = draft
  if (known.value?.first && pin !== again) {
    faults.value = [{ field: 'again', message: 'This is not the same PIN as above.' }]
    return
  }
  const view = known.value?.first
    ? await sent<SessionView>('/api/session/first', {
        ...{ code: code.value, deviceName, shopName, pin },
        person: who === 'new' ? { name, initials } : { id: who },
      })
    : await sent<SessionView>('/api/session/let-in', { code: code.value, deviceName })
  if (!view) return
  session.take(view)
  await navigateTo('/', { replace: true })
}
onMounted(look)
watch(
  () => route.hash,
  hash => {
    code.value = decodeURIComponent(hash.slice(1))
    known.value = null
    void look()
  },
)
</script>

<template>
  <section class="letin">
    <p class="lab">Remedium</p>
    <h1>{{ known?.first ? 'A new shop' : 'Let this device in' }}</h1>
    <p v-if="taken" class="bar" role="alert">
      This device was taken back by the shop, and what it kept was emptied. A keeper can let it in again.
    </p>
    <form v-if="!known" @submit.prevent="look">
      <p>
        A keeper of the shop makes a code under <b>Shop, Devices</b>; it holds for ten minutes. The very first link
        stands where Remedium was started.
      </p>
      <PlainField v-model="code" label="Code" autocapitalize="characters" :fault="fault('code')" />
      <p v-if="message && !fault('code')" class="fault" role="alert">{{ message }}</p>
      <ElButton type="primary" native-type="submit" :loading="busy">Go on</ElButton>
    </form>
    <form v-else @submit.prevent="comeIn">
      <template v-if="known.first">
        <p>You keep this shop from now on: you give others their role and PIN, and let devices in.</p>
        <PlainField v-model="draft.shopName" label="Name of the shop" :fault="fault('shopName')" />
        <div v-if="known.people.length" class="field">
          <label for="who">You are</label>
          <ElSelect id="who" v-model="draft.who">
            <ElOption v-for="p in known.people" :key="p.id" :value="p.id" :label="p.name" />
            <ElOption value="new" label="Somebody new" />
          </ElSelect>
        </div>
        <div v-if="draft.who === 'new'" class="two">
          <PlainField v-model="draft.name" label="Your name" :fault="fault('person.name')" /><PlainField
            v-model="draft.initials"
            label="Initials"
            :fault="fault('person.initials')"
          />
        </div>
        <div class="two">
          <PlainField
            v-model="draft.pin"
            label="PIN, 4 to 8 figures"
            type="password"
            inputmode="numeric"
            :fault="fault('pin')"
          /><PlainField
            v-model="draft.again"
            label="The same PIN again"
            type="password"
            inputmode="numeric"
            :fault="fault('again')"
          />
        </div>
      </template>
      <p v-else>
        This device comes into <b>{{ known.shopName || 'the shop' }}</b> for thirty days.
      </p>
      <PlainField v-model="draft.deviceName" label="Name of this device" :fault="fault('deviceName')" />
      <p v-if="message && !faults.length" class="fault" role="alert">{{ message }}</p>
      <ElButton type="primary" native-type="submit" :loading="busy">{{
        known.first ? 'Open the shop' : 'Let it in'
      }}</ElButton>
    </form>
  </section>
</template>

<style scoped>
.letin {
  width: min(480px, 100%);
  background: var(--sheet);
  border: 1px solid var(--rule-2);
  border-radius: var(--radius);
  padding: 22px 24px 26px;
}
h1 {
  margin: 2px 0 10px;
}
form {
  display: grid;
  gap: 12px;
}
form > .el-button {
  justify-self: start;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
