<script setup lang="ts">
import { useEventListener, useTimeoutFn } from '@vueuse/core'
import dayjs from 'dayjs'
import type { JobLine, WatchLine } from '#shared/types/records'

const shop = useShopStore()
const session = useSessionStore()
const place = usePlaceStore()
const lines = ref<JobLine[]>([])
/** what is due to be looked at again, on whichever machine */
const watches = ref<WatchLine[]>([])
const loaded = ref(false)
const trouble = ref('')
async function load(): Promise<void> {
  try {
    ;[lines.value, watches.value] = await Promise.all([read<JobLine[]>('/api/jobs'), read<WatchLine[]>('/api/watches')])
    trouble.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
  loaded.value = true
}
onMounted(load)
// a line that changed is judged behind the page: it is looked at again in a moment, as long as one is left
const { start: lookAgain } = useTimeoutFn(load, 900, { immediate: false })
watch(lines, all => {
  if (all.some(l => l.stale)) lookAgain()
})
useEventListener(window, 'focus', load)

const open = computed(() => lines.value.filter(l => !l.closed))
const MOVES = [
  { key: 'yours', title: 'Your move', has: (l: JobLine) => !l.waiting },
  { key: 'owner', title: "The owner's move", has: (l: JobLine) => l.waiting?.for === 'owner' },
  {
    key: 'parts',
    title: 'Parts and outwork',
    has: (l: JobLine) => l.waiting?.for === 'parts' || l.waiting?.for === 'outwork',
  },
  { key: 'clock', title: "The clock's move", has: (l: JobLine) => l.waiting?.for === 'clock' },
] as const
const groups = computed(() =>
  MOVES.map(m => ({ ...m, lines: open.value.filter(m.has).sort(urgent) })).filter(g => g.lines.length),
)
const urgent = (a: JobLine, b: JobLine): number =>
  b.stops.length - a.stops.length || a.createdAt.localeCompare(b.createdAt)
/** a later job of the same machine: it came back */
const cameBack = (l: JobLine): boolean =>
  lines.value.some(o => o.machineId === l.machineId && o.createdAt > l.createdAt)
const isOut = (l: JobLine): boolean => l.outNotToRun && !cameBack(l)
const earlier = ref<JobLine[]>([])
/** a page of those that were handed back may follow */
const more = ref(true)
const recent = computed(() => {
  const newest = lines.value.filter(l => l.closed && !isOut(l))
  const known = new Set(newest.map(l => l.id))
  return [...newest, ...earlier.value.filter(l => !known.has(l.id) && !l.outNotToRun)]
})
async function showEarlier(): Promise<void> {
  const shown = [...lines.value.filter(l => l.closed && !isOut(l)), ...earlier.value].map(l => l.number)
  try {
    const next = await read<JobLine[]>(`/api/jobs?before=${Math.min(...shown)}`)
    earlier.value = [...earlier.value, ...next]
    more.value = next.length > 0
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
/** handed back with a stop standing: kept in sight until it comes back or is scrapped */
const olderOut = ref<JobLine[]>([])
const moreOut = ref(true)
const out = computed(() => [...new Map([...lines.value.filter(isOut), ...olderOut.value].map(l => [l.id, l])).values()])
async function showOlderOut(): Promise<void> {
  try {
    const next = await read<JobLine[]>(`/api/jobs?out=1&before=${Math.min(...out.value.map(l => l.number))}`)
    olderOut.value = [...olderOut.value, ...next]
    moreOut.value = next.length > 0
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
const stopped = computed(() => open.value.filter(l => l.stops.length))
const outcomes = computed(() => {
  const count = new Map<string, number>()
  for (const l of lines.value)
    if (l.lean)
      count.set(
        l.lean.agreed ? 'Agreed and open' : l.lean.outcome,
        (count.get(l.lean.agreed ? 'Agreed and open' : l.lean.outcome) ?? 0) + (l.closed ? 0 : 1),
      )
  return [...count].filter(([, n]) => n > 0).sort((a, b) => b[1] - a[1])
})
useHead({ title: 'Today' })
</script>

<template>
  <div class="today">
    <div class="page">
      <div class="pagehead">
        <div>
          <h1>{{ dayjs().format('dddd') }} at the bench</h1>
          <span class="lab"
            >{{ open.length }} in the shop<template v-for="g in groups.slice(1)" :key="g.key">
              · {{ g.lines.length }}
              {{ g.key === 'owner' ? 'waiting on owners' : g.key === 'parts' ? 'on parts' : 'on the clock' }}</template
            ></span
          >
        </div>
        <NuxtLink v-if="session.may('book')" to="/jobs/new" class="btn go">Book in a machine <kbd>n</kbd></NuxtLink>
      </div>
      <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
      <p v-if="lines.length && place.backup?.old" class="st near backup" role="status">
        ▲
        {{
          place.backup.lastAt
            ? `The last good backup is of ${dayjs(place.backup.lastAt).format('dddd D MMM')}.`
            : 'No backup was made yet.'
        }}
        <NuxtLink v-if="session.may('backups')" to="/shop#backups">{{
          place.backup.failed ? 'See why' : 'Make one now'
        }}</NuxtLink>
      </p>
      <div v-if="loaded && !trouble && !lines.length" class="first">
        <h2>Nothing in the shop yet</h2>
        <ol>
          <li><NuxtLink to="/shop">Name the shop, its rate and its people</NuxtLink></li>
          <li><NuxtLink to="/shop#devices">Let other devices in: the tablet at the bench, the counter</NuxtLink></li>
          <li><NuxtLink to="/jobs/new">Book in the first machine</NuxtLink></li>
        </ol>
      </div>
      <section v-for="g in groups" :key="g.key" :aria-labelledby="`h-${g.key}`">
        <h2 :id="`h-${g.key}`">
          {{ g.title }} <span class="lab">{{ g.lines.length }}</span>
        </h2>
        <ul>
          <JobLineRow v-for="line in g.lines" :key="line.id" :line="line" :currency="shop.policy.currency" />
        </ul>
      </section>
      <section v-if="watches.length" aria-labelledby="h-watch">
        <h2 id="h-watch">
          Due to be looked at again <span class="lab">{{ watches.length }}</span>
        </h2>
        <ul class="watches">
          <li v-for="w in watches" :key="w.id">
            <NuxtLink :to="`/jobs/${w.jobId}`">{{ w.machine }}</NuxtLink> <span>{{ w.words }}</span>
            <NuxtLink v-if="session.may('book')" :to="`/jobs/new?machine=${w.machineId}`" class="btn"
              >Book it in</NuxtLink
            >
          </li>
        </ul>
      </section>
      <section v-if="out.length" aria-labelledby="h-out">
        <h2 id="h-out">
          Out, not to be run <span class="lab">{{ out.length }}</span>
        </h2>
        <ul>
          <JobLineRow v-for="line in out" :key="line.id" :line="line" :currency="shop.policy.currency" />
        </ul>
        <ElButton v-if="moreOut && out.length >= 25" link class="link" @click="showOlderOut">Older ones</ElButton>
      </section>
    </div>
    <aside class="side" aria-label="At a glance">
      <section v-if="stopped.length">
        <h3>Must not be started</h3>
        <p v-for="l in stopped" :key="l.id">
          <NuxtLink :to="`/jobs/${l.id}`">T {{ l.number }}</NuxtLink> {{ l.stops[0]?.title }}
        </p>
      </section>
      <section v-if="outcomes.length">
        <h3>Where the open jobs lean</h3>
        <p v-for="[word, n] in outcomes" :key="word" class="tally">
          <span>{{ word }}</span><span class="ticks" aria-hidden="true"><i v-for="k in n" :key="k" /></span
          ><b>{{ n }}</b>
        </p>
      </section>
      <section v-if="recent.length">
        <h3>Handed back lately</h3>
        <p v-for="l in recent" :key="l.id">
          <NuxtLink :to="`/jobs/${l.id}`">T {{ l.number }}</NuxtLink> {{ l.machineName
          }}<span v-if="l.lean" class="lab"> · {{ l.lean.outcome }}</span>
        </p>
        <ElButton v-if="more && recent.length >= 6" link class="link" @click="showEarlier">Earlier ones</ElButton>
      </section>
    </aside>
  </div>
</template>

<style scoped>
.watches li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2fr) auto;
  gap: 4px 14px;
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid var(--rule);
}
.backup {
  margin-top: 10px;
}
.today {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 290px;
}
.page section {
  margin-top: 14px;
}
.page h2 {
  padding-bottom: 5px;
  border-bottom: 1px solid var(--rule-2);
}
.pagehead h1 {
  display: inline-block;
  margin-right: 14px;
}
.side {
  background: var(--sheet-2);
  border-left: 1px solid var(--rule-2);
  padding: 18px;
  display: grid;
  gap: 18px;
  align-content: start;
}
.side p {
  font-size: 14px;
  margin-top: 4px;
}
.tally {
  display: grid;
  grid-template-columns: 118px 1fr auto;
  align-items: center;
  gap: 8px;
}
.ticks {
  display: flex;
  gap: 3px;
  flex-wrap: wrap;
}
.ticks i {
  width: 8px;
  height: 14px;
  background: var(--ink-2);
  border-radius: 1px;
}
.first {
  padding: 30px 0;
  display: grid;
  gap: 12px;
}
.first ol {
  list-style: decimal;
  padding-left: 22px;
  display: grid;
  gap: 10px;
}
@media (max-width: 1100px) {
  .today {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    border-left: 0;
    border-top: 1px solid var(--rule-2);
  }
}
</style>
