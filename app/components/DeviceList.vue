<script setup lang="ts">
import dayjs from 'dayjs'
import type { Mark } from '#core/judgement'
import type { DeviceCode, DeviceLine } from '#shared/types/session'

/** What was let in: by a code for ten minutes, for thirty days, taken back at once. */
const session = useSessionStore()
const lines = ref<DeviceLine[]>([])
const name = ref('')
const code = ref<DeviceCode | null>(null)
const faults = ref<Fault[]>([])
const message = ref('')
const busy = ref(false)
async function load(): Promise<void> {
  lines.value = await read<DeviceLine[]>('/api/shop/devices').catch(() => [])
}
onMounted(load)
async function make(): Promise<void> {
  busy.value = true
  const outcome = await send<DeviceCode>('/api/shop/devices', 'POST', { name: name.value })
  busy.value = false
  code.value = outcome.ok ? outcome.value : null
  faults.value = outcome.ok ? [] : outcome.faults
  message.value = outcome.ok ? '' : outcome.message
  if (outcome.ok) name.value = ''
}
async function change(d: DeviceLine, to: 'withdrawn' | 'renewed'): Promise<void> {
  const outcome = await send(`/api/shop/devices/${d.id}`, 'PUT', { to })
  message.value = outcome.ok ? '' : outcome.message
  await load()
}
const square = computed(() => (code.value ? `data:image/svg+xml;base64,${btoa(code.value.square)}` : ''))
/** how it stands, with its mark and in words */
function standing(d: DeviceLine): { mark: Mark; words: string } {
  if (d.withdrawnAt)
    return {
      mark: 'open',
      words: `taken back ${dayjs(d.withdrawnAt).format('D MMM')}${d.emptiedAt ? ', emptied' : ', emptied when it is next on'}`,
    }
  if (d.lockedAt) return { mark: 'past', words: 'locked: too many wrong PINs' }
  if (dayjs(d.expiresAt).isBefore(dayjs())) return { mark: 'open', words: 'its thirty days are over' }
  return {
    mark: 'good',
    words: `until ${dayjs(d.expiresAt).format('D MMM')}${d.personName ? `; ${d.personName} is at it` : ''}`,
  }
}
const shown = computed(() => lines.value.map(d => ({ ...d, ...standing(d) })))
</script>

<template>
  <section id="devices" class="block" aria-labelledby="h-devices">
    <h2 id="h-devices">Devices</h2>
    <form class="new" @submit.prevent="make">
      <PlainField v-model="name" label="Name of a device that is to come in" placeholder="Tablet at bench 2" />
      <ElButton type="primary" plain native-type="submit" :loading="busy">Make a code</ElButton>
    </form>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <div v-if="code" class="code">
      <img :src="square" width="150" height="150" :alt="`Square that opens ${code.link}`" />
      <div>
        <p class="figures">{{ code.code.slice(0, 4) }} {{ code.code.slice(4) }}</p>
        <p>
          Look at the square with the device’s camera, or open <code>{{ code.link.split('#')[0] }}</code> there and type
          the code. It lets one device in, until {{ dayjs(code.expiresAt).format('HH:mm') }}.
        </p>
      </div>
    </div>
    <ul>
      <li v-for="d in shown" :key="d.id">
        <span class="name">{{ d.name }}<span v-if="d.id === session.device?.id" class="lab"> this one</span></span>
        <span class="st" :class="d.mark"><StateMark :mark="d.mark" bare /> {{ d.words }}</span>
        <span class="lab"
          >let in {{ dayjs(d.letInAt).format('D MMM') }}{{ d.letInBy ? ` by ${d.letInBy}` : '' }}, last seen
          {{ dayjs(d.seenAt).format('D MMM HH:mm') }}</span
        >
        <span v-if="!d.withdrawnAt" class="do"
          ><ElButton link class="link" @click="change(d, 'renewed')"
            >{{ d.lockedAt ? 'Unlock' : 'Thirty days more' }}<span class="sr">: {{ d.name }}</span></ElButton
          ><TakeBack
            title="Take this device back? It can do nothing more, and is emptied when it is next on."
            :of="d.name"
            @take="change(d, 'withdrawn')"
        /></span>
      </li>
    </ul>
    <p class="note">
      A device keeps what is typed and not yet logged, the units that were used last, and nothing of the shop’s records.
    </p>
  </section>
</template>

<style scoped>
.new {
  display: grid;
  grid-template-columns: minmax(0, 320px) auto;
  gap: 10px;
  align-items: end;
  justify-content: start;
  margin-bottom: 10px;
}
.code {
  display: flex;
  gap: 18px;
  align-items: center;
  padding: 12px;
  border: 1px solid var(--rule-2);
  background: var(--sheet-2);
  margin-bottom: 12px;
  max-width: 720px;
}
.figures {
  font: 600 34px/1 var(--label);
  letter-spacing: 0.08em;
  margin-bottom: 8px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  min-height: 46px;
  border-bottom: 1px solid var(--rule);
}
li .name {
  min-width: 180px;
}
.do {
  margin-left: auto;
  display: flex;
  gap: 14px;
}
</style>
