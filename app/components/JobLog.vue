<script setup lang="ts">
import dayjs from 'dayjs'
import type { Entry } from '#core/entries/types'
import { keptOf } from '#core/entries/kept'
import { describe } from '#core/entries/say'
import { DATED_WRONG, datedWrong } from '#core/log/dated'
import { HOW_GOT } from '#core/log/words'
import { correctable } from '~/composables/useJobSheet'

/** The log, newest first. What was replaced or undone stays, struck through. */
const sheet = useSheet()
const shop = useShopStore()
const session = useSessionStore()
const all = ref(false)
const standing = computed(() => new Set(sheet.inForce.value.map(e => e.id)))
const newest = computed(() => [...sheet.job.value.entries].reverse())
const shown = computed(() => (all.value ? newest.value : newest.value.slice(0, 6)))
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
/** pictures by the finding that they show */
const pictures = computed(() => {
  const of = new Map<string, string[]>()
  for (const { body } of keptOf(sheet.inForce.value).photo)
    if (body.about) of.set(body.about, [...(of.get(body.about) ?? []), body.photoId])
  return of
})
/** its form is what is looked at next */
function correct(e: Entry): void {
  all.value = false
  sheet.correct(e)
}
const alive = (e: Entry): boolean => standing.value.has(e.id)
</script>

<template>
  <section class="log" :class="{ all }" aria-label="Log">
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
        <span v-if="alive(e) && e.kind !== 'approval' && session.mayLog(e.kind)" class="do">
          <ElButton link v-if="correctable(e)" class="link" @click="correct(e)">
            Correct<span class="sr"> {{ describe(e, shop.policy).title }}</span>
          </ElButton>
          <ElButton link class="link" @click="sheet.undo(e)">
            Undo<span class="sr"> {{ describe(e, shop.policy).title }}</span>
          </ElButton>
        </span>
      </li>
    </ol>
    <ElButton link v-if="newest.length > 6" class="link" :aria-expanded="all" @click="all = !all">
      {{ all ? 'Show the last six' : `Show all ${newest.length}` }}
    </ElButton>
  </section>
</template>

<style scoped>
.log {
  border-top: 1px solid var(--rule-2);
  padding-top: 8px;
}
/* a handle under the work: the last lines show, the others lie below them */
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .log {
    display: flex;
    gap: 12px;
    align-items: start;
    height: 104px;
  }
  .log.all {
    height: min(400px, 56dvh);
  }
  .log li {
    min-height: 48px;
    align-items: center;
    padding: 0;
  }
  .log ol {
    flex: 1;
    min-width: 0;
    height: 100%;
    overflow-y: auto;
  }
}
li {
  display: grid;
  grid-template-columns: 50px 30px minmax(0, 1fr) auto;
  gap: 2px 8px;
  font-size: 14px;
  align-items: baseline;
  padding: 4px 0;
}
.text {
  overflow-wrap: anywhere;
}
.text b {
  font-weight: 600;
}
.judged {
  white-space: normal;
  display: inline-flex;
  gap: 4px;
  align-items: baseline;
  margin-left: 6px;
  font-weight: 500;
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
  gap: 20px;
  white-space: nowrap;
}
@media (max-width: 640px) {
  li {
    grid-template-columns: 50px 30px minmax(0, 1fr);
  }
  .do {
    grid-column: 3;
  }
  .link {
    min-height: 40px;
  }
}
</style>
