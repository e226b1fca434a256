<script setup lang="ts">
import dayjs from 'dayjs'
import { BACKUP_REASONS } from '#shared/backups'
import type { BackupOnList, BackupsView } from '#shared/types/records'
import type { ShopColumn } from './ShopTable.vue'

const view = ref<BackupsView | null>(null)
const making = ref(false)
const message = ref('')
const place = usePlaceStore()
async function load(): Promise<void> {
  view.value = await read<BackupsView>('/api/shop/backups').catch(() => null)
}
onMounted(load)

async function make(): Promise<void> {
  making.value = true
  message.value = ''
  const outcome = await send<BackupOnList>('/api/shop/backups', 'POST', {})
  making.value = false
  if (!outcome.ok) message.value = outcome.message
  await Promise.all([load(), place.look()])
}

const size = (bytes: number): string =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} kB` : `${(bytes / 1e6).toFixed(1)} MB`
const holds = (b: BackupOnList): string =>
  b.entries
    ? `${b.jobs} jobs, ${b.entries} entries, ${b.photos} photo${b.photos === 1 ? '' : 's'}${b.missing.length ? `; ${b.missing.length} pictures were gone` : ''}`
    : 'its words are gone; the archive has them'
const columns: ShopColumn<BackupOnList>[] = [
  {
    ...{ key: 'made', label: 'Made', minWidth: 150, stays: true },
    ...{ say: b => dayjs(b.madeAt).format('ddd D MMM YYYY HH:mm'), by: b => b.madeAt },
  },
  { key: 'why', label: 'Why', say: b => BACKUP_REASONS[b.reason], minWidth: 120, pick: true },
  { key: 'holds', label: 'Holds', say: holds, by: b => b.entries, minWidth: 230 },
  { key: 'size', label: 'Size', say: b => size(b.bytes), by: b => b.bytes, width: 110, right: true },
  { key: 'get', label: 'Archive', say: b => b.name, width: 130, right: true, stays: true },
]
const last = computed(() => view.value?.lines[0] ?? null)
</script>

<template>
  <section id="backups" class="block" aria-labelledby="h-backups">
    <h2 id="h-backups">Backups</h2>
    <p v-if="view?.failed" class="bar" role="alert">
      The last try on {{ dayjs(view.failed.at).format('D MMM HH:mm') }} failed: {{ view.failed.why }}
    </p>
    <p v-if="message && !view?.failed" class="bar" role="alert">{{ message }}</p>
    <div class="acts">
      <ElButton type="primary" plain :loading="making" @click="make">Make a backup now</ElButton>
      <span v-if="last" class="st" :class="view?.old ? 'near' : 'good'" role="status"
        >{{ view?.old ? '▲' : '●' }} Last one {{ dayjs(last.madeAt).format('ddd D MMM HH:mm') }}, {{ size(last.bytes)
        }}{{ last.entries ? `, ${last.jobs} jobs, ${last.entries} entries` : '' }}</span
      ><span v-else class="st near" role="status">▲ None yet</span>
    </div>
    <p class="note">
      Kept in <code>{{ view?.folder }}</code>. A disk can die with everything on it: carry one elsewhere now and then.
      How to restore one stands in docs/running-it.md.
    </p>
    <p v-if="view?.replica" class="st" :class="view.replica.waiting.length ? 'near' : 'good'">
      {{ view.replica.waiting.length ? '▲' : '●' }} A copy follows in {{ view.replica.to
      }}{{
        view.replica.waiting.length
          ? `; ${view.replica.waiting.length} pictures are still on their way (${view.replica.waiting[0]?.name}: ${view.replica.waiting[0]?.why})`
          : '; every picture is there'
      }}
    </p>
    <ShopTable
      v-if="view?.lines.length"
      name="backups"
      label="Backups"
      row-key="name"
      :rows="view.lines"
      :columns="columns"
      :height="420"
      ><template #get="{ row }"
        ><a :href="`/api/shop/backups/${row.name}`" class="get" :aria-label="`Download ${row.name}`"
          >Download</a
        ></template
      ></ShopTable
    >
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.get {
  display: inline-block;
  line-height: 44px;
}
</style>
