<script setup lang="ts">
import dayjs from 'dayjs'
import { ulid } from 'ulid'
import type { NewSecret, SecretLine } from '#shared/types/session'

/** Secret addresses of one thing, with what they show in words: given out, told once, taken back. */
const props = defineProps<{ url: string; give: string; shows: string }>()
const shop = useShopStore()
const lines = ref<SecretLine[]>([])
const link = ref('')
const message = ref('')
/** sent again after a lost answer it is the same address */
let id = ulid()
async function load(): Promise<void> {
  lines.value = await read<SecretLine[]>(props.url).catch(() => [])
}
async function make(): Promise<void> {
  if (!shop.person) return
  const outcome = await send<NewSecret>(props.url, 'POST', { id, by: shop.person.id })
  if (outcome.ok || outcome.status !== 0) id = ulid()
  link.value = (outcome.ok && outcome.value.link) || ''
  message.value = outcome.ok
    ? link.value
      ? ''
      : 'It was made already, and told on the way. Take it back and make another.'
    : outcome.message
  await load()
}
async function takeBack(line: SecretLine): Promise<void> {
  if (!shop.person) return
  const outcome = await send(`/api/shop/links/${line.id}`, 'PUT', { withdrawn: true, by: shop.person.id })
  message.value = outcome.ok ? '' : outcome.message
  link.value = ''
  await load()
}
onMounted(load)
</script>

<template>
  <div class="secret">
    <div class="acts">
      <ElButton @click="make">{{ give }}</ElButton><span class="note">{{ shows }}</span>
    </div>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <p v-if="link" class="told" role="status">
      <b>Told once:</b> <code>{{ link }}</code>
    </p>
    <ul>
      <li v-for="l in lines" :key="l.id">
        <span>{{ dayjs(l.madeAt).format('D MMM YYYY') }}, by {{ l.madeBy }}</span>
        <span v-if="l.withdrawnAt" class="lab">taken back {{ dayjs(l.withdrawnAt).format('D MMM') }}</span>
        <TakeBack
          v-else
          title="Take this address back? It then shows nothing more."
          :of="`the one of ${dayjs(l.madeAt).format('D MMM')}`"
          @take="takeBack(l)"
        />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.secret .note {
  margin: 0;
}
.told {
  overflow-wrap: anywhere;
}
li {
  display: flex;
  gap: 14px;
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid var(--rule);
}
</style>
