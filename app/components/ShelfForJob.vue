<script setup lang="ts">
import { SHELF_GRADES } from '#core/words/deciding'
import type { ShelfItem } from '#shared/types/records'

/** Parts of the shelf that this job could use: reserved here, used here, refused while they are unmeasured. */
const sheet = useSheet()
const shop = useShopStore()
const items = ref<(ShelfItem & { refusal: string | null })[]>([])
const message = ref('')
async function load(): Promise<void> {
  items.value = await read<typeof items.value>(`/api/jobs/${sheet.job.value.id}/shelf`).catch(() => [])
}
watch(() => sheet.inForce.value.length, load, { immediate: true })
async function move(item: ShelfItem, to: ShelfItem['state']): Promise<void> {
  const outcome = await send<ShelfItem>(`/api/shelf/${item.id}/move`, 'POST', {
    to,
    jobId: sheet.job.value.id,
    by: shop.person?.id ?? '',
  })
  message.value = outcome.ok ? '' : outcome.message
  await load()
  if (outcome.ok && to === 'used') await sheet.reload()
}
</script>

<template>
  <section v-if="items.length" class="block">
    <h2>On the shelf for this job</h2>
    <ul>
      <li v-for="s in items" :key="s.id">
        <span class="tag small">S {{ s.number }}</span
        ><span
          ><b>{{ s.name }}</b>
          <span class="lab"
            >{{ s.place }}, {{ SHELF_GRADES[s.grade].toLowerCase() }}{{ s.measured ? `, ${s.measured}` : '' }}</span
          ><span v-if="s.refusal" class="st near why">◐ {{ s.refusal }}</span></span
        >
        <span class="acts"
          ><ElButton v-if="s.state === 'shelf'" class="dash" @click="move(s, 'reserved')">
            Reserve<span class="sr"> S {{ s.number }}</span></ElButton
          ><template v-else
            ><ElButton @click="move(s, 'used')">
              Fit it<span class="sr">: S {{ s.number }}</span></ElButton
            ><ElButton link class="link" @click="move(s, 'shelf')">Let it go</ElButton></template
          ></span
        >
      </li>
    </ul>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 74px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  min-height: 52px;
  border-bottom: 1px solid var(--rule);
}
.why {
  display: block;
}
</style>
