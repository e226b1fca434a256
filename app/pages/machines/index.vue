<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import dayjs from 'dayjs'
import { MACHINE_KINDS } from '#core/engine/words'
import type { MachineLine } from '#shared/types/records'

const machines = ref<MachineLine[]>([])
const trouble = ref('')
const loaded = ref(false)
const filter = ref('')
/** a page of those that were here before may follow */
const more = ref(false)
const PAGE = 50
async function load(before?: number): Promise<void> {
  const asked = new URLSearchParams({ q: filter.value.trim(), ...(before !== undefined && { before: String(before) }) })
  try {
    const page = await read<MachineLine[]>(`/api/machines?${asked}`)
    machines.value = before === undefined ? page : [...machines.value, ...page]
    more.value = page.length >= PAGE
    trouble.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
  loaded.value = true
}
onMounted(() => load())
watchDebounced(filter, () => load(), { debounce: 150 })
useHead({ title: 'Machines' })
</script>

<template>
  <div class="page">
    <div class="pagehead">
      <div><h1>Machines</h1></div>
      <div class="filter"><PlainField v-model="filter" label="Only those with" /></div>
    </div>
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <p v-else-if="loaded && !machines.length && !filter" class="note">
      No machine has been here yet. <NuxtLink to="/jobs/new">Book in the first one.</NuxtLink>
    </p>
    <ul class="list">
      <li v-for="m in machines" :key="m.id">
        <NuxtLink :to="`/machines/${m.id}`">
          <b>{{ m.name }}</b><span class="lab">{{ MACHINE_KINDS[m.kind].label }}</span
          ><span>{{ m.customerName }}</span
          ><span class="lab">{{ m.meter }}</span>
          <span class="lab"
            >{{ m.jobs }} job{{ m.jobs === 1 ? '' : 's' }}, last {{ dayjs(m.lastAt).format('D MMM YYYY') }}</span
          ><span class="st" :class="m.open ? 'near' : 'open'">{{ m.open ? '◐ in the shop' : '○ out' }}</span>
        </NuxtLink>
      </li>
    </ul>
    <p v-if="loaded && !machines.length && filter" class="note">No machine with these words.</p>
    <ElButton v-if="more" class="earlier" @click="load(machines.at(-1)?.last)">Those that were here before</ElButton>
  </div>
</template>

<style scoped>
.earlier {
  margin-top: 14px;
}
.list a {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr) minmax(0, 1.1fr) minmax(0, 0.9fr) minmax(0, 1.1fr) 104px;
  gap: 2px 14px;
  align-items: center;
  min-height: 52px;
  padding: 7px 0;
  border-bottom: 1px solid var(--rule);
  color: inherit;
  text-decoration: none;
}
.list a:hover b {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.list b {
  font-weight: 600;
}
.filter {
  width: 240px;
}
@media (max-width: 900px) {
  .list a {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
