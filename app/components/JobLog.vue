<script setup lang="ts">
import { ArrowDown, ArrowUp } from '@element-plus/icons-vue'
import dayjs from 'dayjs'
import type { Entry } from '#core/entries/types'
import { keptOf } from '#core/entries/kept'
import { describe } from '#core/entries/say'
import { DATED_WRONG, datedWrong } from '#core/log/dated'
import { standsFor, undone } from '#core/log/entry'
import { HOW_GOT, STAGES } from '#core/log/words'
import { FACES } from '~/entries/faces'
import { correctable } from '~/composables/useJobSheet'

/** The log, newest first: its last two lines as a handle, or all of it. What was replaced or undone stays, struck through. */
const props = defineProps<{
  /** it lies open, and is no handle */
  spread?: boolean
}>()
const sheet = useSheet()
const shop = useShopStore()
const session = useSessionStore()
const opened = ref(false)
const all = computed(() => props.spread || opened.value)
const count = computed(() => (newest.value.length === 1 ? '1 line' : `${newest.value.length} lines`))
const HANDLE_LINES = 2
type Wanted = 'all' | 'stage' | 'measured' | 'corrected'
const wanted = ref<Wanted>('all')
const standing = computed(() => new Set(sheet.inForce.value.map(e => e.id)))
const newest = computed(() => [...sheet.job.value.entries].reverse())
const stageOf = (e: Entry): string | undefined => (e.kind === 'note' ? e.body.stage : FACES[e.kind]?.stage)
const WANTED: Record<Wanted, (e: Entry) => boolean> = {
  all: () => true,
  stage: e => stageOf(e) === sheet.stage.value,
  measured: e => e.how === 'measured',
  corrected: e => e.supersedes !== null,
}
const choices = computed(() =>
  (
    [
      ['all', 'All'],
      ['stage', STAGES[sheet.stage.value]],
      ['measured', 'Measured'],
      ['corrected', 'Put right'],
    ] as [Wanted, string][]
  ).map(([value, word]) => ({ value, label: `${word} ${newest.value.filter(WANTED[value]).length}` })),
)
const shown = computed(() =>
  all.value ? newest.value.filter(WANTED[wanted.value]) : newest.value.slice(0, HANDLE_LINES),
)
const judged = computed(() => new Map(sheet.assessment.value?.judgements.map(j => [j.entryId, j])))
const time = (iso: string): string =>
  dayjs(iso).format(
    dayjs(iso).isSame(dayjs(), 'day') ? 'HH:mm' : dayjs(iso).isSame(dayjs(), 'year') ? 'D MMM' : 'D MMM YY',
  )
/** what a wrong clock dated stays where it was recorded, and is marked */
const wrong = (e: Entry): string | null => {
  const how = datedWrong(e.at, dayjs().toISOString(), shop.since)
  return how && DATED_WRONG[how]
}
/** pictures by the finding that they show, as it stands now */
const pictures = computed(() => {
  const of = new Map<string, string[]>()
  for (const { body } of keptOf(sheet.inForce.value).photo) {
    const about = body.about && standsFor(sheet.job.value.entries, body.about)?.id
    if (about) of.set(about, [...(of.get(about) ?? []), body.photoId])
  }
  return of
})
const gone = computed(() => undone(sheet.job.value.entries))
const alive = (e: Entry): boolean => standing.value.has(e.id)
const mayTouch = (e: Entry): boolean => alive(e) && e.kind !== 'approval' && session.mayLog(e.kind)
/** what `Undo last` takes back */
const last = computed(() => newest.value.find(mayTouch))
/** its form is what is looked at next */
function correct(e: Entry): void {
  opened.value = false
  sheet.correct(e)
}
</script>

<template>
  <section class="log" :class="{ all, spread }" aria-label="Log">
    <header v-if="all" class="top">
      <h2>
        Log <span class="lab">{{ count }}, newest first</span>
      </h2>
      <ElSegmented v-model="wanted" :options="choices" aria-label="Which lines" />
      <ElButton v-if="!spread" class="shut" @click="opened = false"
        >Close <ArrowDown width="18" aria-hidden="true"
      /></ElButton>
    </header>
    <p v-else class="lab name">Log<br />newest first</p>
    <ol>
      <li v-for="e in shown" :key="e.id" :class="{ gone: !alive(e) && e.kind !== 'void' }">
        <time :datetime="e.at" class="lab" :title="dayjs(e.at).format('D MMMM YYYY, HH:mm')">{{ time(e.at) }}</time>
        <span class="lab" :title="shop.nameOf(e.by)">{{ shop.initials(e.by) }}</span>
        <span class="text"
          ><b>{{ describe(e, shop.policy).title }}:</b> {{ describe(e, shop.policy).text }}
          <span v-if="judged.get(e.id)" class="judged"
            ><StateMark :mark="judged.get(e.id)!.mark" bare /> {{ judged.get(e.id)!.headline }}</span
          >
          <img
            v-for="id in pictures.get(e.id) ?? (e.kind === 'photo' ? [e.body.photoId] : [])"
            :key="id"
            :src="`/api/photos/${id}?size=small`"
            class="pic"
            alt="Photo of it"
            loading="lazy"
          />
          <span v-if="e.how" class="lab how">{{ HOW_GOT[e.how] }}</span>
          <span v-if="wrong(e)" class="st near"> ▲ {{ wrong(e) }}</span>
          <span v-if="!alive(e) && e.kind !== 'void'" class="lab"> replaced or undone</span>
          <span v-else-if="e.supersedes && e.kind !== 'void'" class="lab"> correction</span>
        </span>
        <span v-if="all && (mayTouch(e) || gone.has(e.id))" class="do">
          <ElButton v-if="gone.has(e.id)" link class="link" @click="sheet.putBack(e.id, gone.get(e.id)!)">
            Put back<span class="sr"> {{ describe(gone.get(e.id)!, shop.policy).title }}</span>
          </ElButton>
          <template v-else>
            <ElButton v-if="correctable(e)" link class="link" @click="correct(e)">
              Correct<span class="sr"> {{ describe(e, shop.policy).title }}</span>
            </ElButton>
            <ElButton link class="link" @click="sheet.undo(e)">
              Undo<span class="sr"> {{ describe(e, shop.policy).title }}</span>
            </ElButton>
          </template>
        </span>
      </li>
      <li v-if="!shown.length" class="none">No such line yet.</li>
    </ol>
    <p v-if="!all" class="handle">
      <ElButton v-if="last" link class="link" @click="sheet.undo(last)">Undo last</ElButton>
      <ElButton class="more" :aria-expanded="opened" @click="opened = true"
        >All {{ count }} <ArrowUp width="18" aria-hidden="true"
      /></ElButton>
    </p>
  </section>
</template>

<style scoped>
.log {
  border-top: 1px solid var(--rule-2);
  background: var(--sheet);
  min-width: 0;
}
.log:not(.all) {
  display: grid;
  grid-template-columns: 74px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  padding: 5px 12px 5px 16px;
}
.log:not(.all) li {
  display: flex;
  gap: 8px;
  overflow: hidden;
  white-space: nowrap;
  font-size: 14px;
  line-height: 22px;
}
.log:not(.all) .text {
  overflow: hidden;
  text-overflow: ellipsis;
}
.log:not(.all) .text > .how,
.log:not(.all) .pic {
  display: none;
}
.log:not(.all) time {
  min-width: 44px;
}
.handle {
  display: flex;
  gap: 14px;
  align-items: center;
}
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
  padding: 8px 16px;
  border-bottom: 1px solid var(--rule);
}
.top h2 {
  margin-right: auto;
}
.all ol {
  padding: 0 16px;
}
.all li {
  display: grid;
  grid-template-columns: 50px 30px minmax(0, 1fr) auto;
  gap: 2px 8px;
  font-size: 14.5px;
  align-items: center;
  min-height: 50px;
  padding: 2px 0;
  border-bottom: 1px solid var(--rule);
}
.all .text {
  overflow-wrap: anywhere;
}
.text b {
  font-weight: 600;
}
.none.none {
  display: block;
  padding-top: 14px;
  color: var(--ink-2);
}
.judged {
  display: inline-flex;
  gap: 4px;
  align-items: baseline;
  margin-left: 6px;
  font-weight: 500;
}
.all .judged {
  white-space: normal;
}
.pic {
  height: 44px;
  vertical-align: middle;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
}
.how {
  margin-left: 6px;
}
.gone .text {
  text-decoration: line-through;
  color: var(--ink-2);
}
.gone .lab {
  text-decoration: none;
  display: inline-block;
}
.do {
  display: flex;
  gap: 32px;
  white-space: nowrap;
}
/* it comes up from below over the stages and the work; what must not be done stays in sight */
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .log:not(.all) {
    height: 60px;
  }
  .log.all {
    position: absolute;
    /* its place in the grid ends where the verdict begins */
    inset: auto 0 0;
    height: min(400px, 70%);
    z-index: 6;
    display: flex;
    flex-direction: column;
    border-top: 2px solid var(--ink);
  }
  .log.all ol {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
  }
}
@media (max-width: 640px) {
  .all li {
    grid-template-columns: 50px 30px minmax(0, 1fr);
  }
  .do {
    grid-column: 3;
  }
}
</style>
