<script setup lang="ts">
import { ulid } from 'ulid'
import type { BodyOf, EntryKind } from '#core/entries/types'
import type { HowGot } from '#core/log/words'
import type { JobLine } from '#shared/types/records'

/** What was worked out here, put on the log of a job. */
const props = defineProps<{
  what: string
  entry: () => { kind: EntryKind; how: HowGot | null; body: BodyOf[EntryKind] } | null
}>()
const shop = useShopStore()
const jobs = ref<JobLine[]>([])
const to = ref('')
const message = ref('')
const sent = ref('')
const options = computed(() => Object.fromEntries(jobs.value.map(j => [j.id, `T ${j.number} ${j.machineName}`])))
onMounted(async () => {
  jobs.value = (await read<JobLine[]>('/api/jobs').catch(() => [])).filter(j => !j.closed)
})
async function post(): Promise<void> {
  const entry = props.entry()
  sent.value = ''
  if (!shop.person) message.value = 'Say who is at the bench first, at the top right.'
  else if (!to.value) message.value = 'Choose the job first.'
  else if (!entry) message.value = 'There is nothing to send yet.'
  else {
    const outcome = await send(`/api/jobs/${to.value}/entries`, 'POST', {
      id: ulid(),
      at: new Date().toISOString(),
      by: shop.person.id,
      supersedes: null,
      ...entry,
    })
    message.value = outcome.ok ? '' : [outcome.message, ...outcome.faults.map(f => f.message)].slice(0, 2).join(' ')
    sent.value = outcome.ok ? to.value : ''
  }
}
</script>

<template>
  <div class="sendto">
    <PickField v-model="to" label="Send it to a job" :options="options" empty="choose a job" />
    <ElButton @click="post">{{ what }}</ElButton>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <p v-if="sent" class="st good" role="status">
      ● On the log of <NuxtLink :to="`/jobs/${sent}`">{{ options[sent] }}</NuxtLink>
    </p>
  </div>
</template>

<style scoped>
.sendto {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}
.sendto > :first-child {
  width: 280px;
  max-width: 100%;
}
.sendto p {
  align-self: center;
}
</style>
