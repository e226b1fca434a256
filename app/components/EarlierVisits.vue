<script setup lang="ts">
import dayjs from 'dayjs'
import { describe } from '#core/entries/say'
import { leftOwed } from '#core/condition/owed'
import { keptOf } from '#core/entries/kept'
import type { Visit } from '#core/entries/file'

/** What earlier visits left behind: what was refused, what is still changed on the machine, what it carries for life. */
const props = defineProps<{
  visits: (Visit & { id: string })[]
  /** only visits that left something behind */ carried?: boolean
}>()
const shop = useShopStore()
const shown = computed(() =>
  [...props.visits]
    .reverse()
    .map(v => ({
      ...v,
      complaint: keptOf(v.entries).complaint.at(-1)?.body.words ?? '',
      refused: keptOf(v.entries).refused,
      changes: keptOf(v.entries).modification.filter(m => m.body.state === 'in_place'),
      events: keptOf(v.entries).event,
      owed: leftOwed(v.entries, shop.policy),
      /** what it carries that is not spoken of as owed already */
      open: keptOf(v.entries).evidence.filter(e => !e.body.explained && !keptOf(v.entries).hand_back.length),
    }))
    .filter(
      v => !props.carried || v.owed.length + v.refused.length + v.open.length + v.changes.length + v.events.length > 0,
    ),
)
</script>

<template>
  <ul class="visits">
    <li v-for="v in shown" :key="v.id">
      <p>
        <NuxtLink :to="`/jobs/${v.id}`">T {{ v.number }}</NuxtLink>
        <span class="lab">{{ dayjs(v.at).format('D MMM YYYY') }}</span>
        <q v-if="v.complaint" class="words">{{ v.complaint }}</q>
      </p>
      <p v-for="o in v.owed" :key="o.what" class="refused">
        <StateMark mark="near" bare /> <b>{{ o.due ? 'Test owed since then' : 'Left open then' }}:</b> {{ o.what
        }}{{ o.due ? `, due ${o.due}` : '' }}.
      </p>
      <p v-for="r in v.refused" :key="r.id" class="refused">
        <StateMark mark="near" bare /> <b>Refused then:</b> {{ r.body.what }}. Risk: {{ r.body.risk }}
      </p>
      <p v-for="e in [...v.open, ...v.changes, ...v.events]" :key="e.id" class="note">
        <b>{{ describe(e, shop.policy).title }}:</b> {{ describe(e, shop.policy).text }}
      </p>
    </li>
    <li v-if="!shown.length" class="note">Nothing refused, changed or suffered is on record.</li>
  </ul>
</template>

<style scoped>
.visits {
  display: grid;
  gap: 8px;
}
li {
  display: grid;
  gap: 3px;
}
q {
  quotes: '‘' '’';
  margin-left: 6px;
}
.refused {
  color: var(--near);
}
</style>
