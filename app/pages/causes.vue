<script setup lang="ts">
import {
  CAUSE_BY_ID,
  CAUSES,
  CHECKS,
  CHECK_BY_ID,
  GROUP_WORDS,
  LINK_TEXT,
  LINK_WORDS,
  shownBy,
  SIGNS,
  strongSignsOf,
} from '#core/catalogue'
import type { Cause, CauseGroup, LinkWord } from '#core/catalogue'

/** The workshop's knowledge, to read and to argue with: causes, the signs that show them, the checks that show the signs. */
useHead({ title: 'Causes' })
const CLASSES = [
  'hand-held two-stroke',
  'vehicle two-stroke',
  'small four-stroke',
  'motorcycle',
  'tractor petrol',
  'small diesel',
]
const route = useRoute()
const asked = (key: string): string => String(route.query[key] ?? '')
const sought = ref(asked('find'))
const view = ref<'causes' | 'checks'>(asked('view') === 'checks' ? 'checks' : 'causes')
watch(
  () => route.query,
  () => {
    sought.value = asked('find')
    view.value = asked('view') === 'checks' ? 'checks' : 'causes'
  },
)
const has = (...texts: string[]): boolean => texts.join(' ').toLowerCase().includes(sought.value.trim().toLowerCase())
const signsOf = (c: Cause): { word: LinkWord; ids: readonly string[] }[] =>
  (Object.keys(LINK_WORDS) as LinkWord[]).flatMap(word =>
    c.shows[word]?.length ? [{ word, ids: c.shows[word] ?? [] }] : [],
  )
const seen = (id: string): string => SIGNS.get(id)?.seen.toLowerCase() ?? id
const groups = computed(() =>
  (Object.keys(GROUP_WORDS) as CauseGroup[])
    .map(group => ({
      group,
      all: CAUSES.filter(c => c.group === group && has(c.name, c.what, c.cure, ...shownBy(c).map(seen))),
    }))
    .filter(g => g.all.length),
)
const checks = computed(() => CHECKS.filter(c => has(c.name, c.how, ...c.shows.map(s => s.seen))))
const common = (c: Cause): string =>
  c.base.flatMap((b, i) => (b > 0 ? [`${CLASSES[i]} ${(100 * b).toFixed(1)} %`] : [])).join(', ')
const causesOf = (sign: string): string =>
  CAUSES.flatMap(c =>
    (Object.keys(LINK_WORDS) as LinkWord[])
      .filter(w => c.shows[w]?.includes(sign))
      .map(w => `${c.name.toLowerCase()} (${LINK_TEXT[w]})`),
  ).join(', ')
</script>

<template>
  <div class="page">
    <div class="pagehead">
      <h1>Causes and checks</h1>
      <span class="lab"
        >{{ CAUSES.length }} causes, {{ SIGNS.size }} signs, {{ CHECKS.length }} checks. Shares and links are shop
        judgement; your own closed jobs move them.</span
      >
    </div>
    <div class="acts top">
      <PlainField v-model="sought" label="Find a cause, a sign or a check" type="search" class="find" /><ChipGroup
        v-model="view"
        label="Show"
        :options="{ causes: 'Causes', checks: 'Checks' }"
        needed
      />
    </div>
    <template v-if="view === 'causes'">
      <section v-for="g in groups" :key="g.group" class="block">
        <h2>{{ GROUP_WORDS[g.group] }}</h2>
        <FoldedPart v-for="c in g.all" :key="c.id">
          <template #title>
            <span class="line"
              ><b>{{ c.name }}</b
              ><span>{{ c.what }}</span></span
            >
          </template>
          <dl>
            <template v-if="c.madeBy"
              ><dt class="lab">a state; made by</dt>
              <dd>{{ c.madeBy.map(id => CAUSE_BY_ID.get(id)?.name.toLowerCase()).join(', ') }}</dd></template
            >
            <template v-if="strongSignsOf(c).length"
              ><dt class="lab">shown by</dt>
              <dd>{{ strongSignsOf(c).map(seen).join(', ') }}</dd></template
            >
            <template v-for="s in signsOf(c)" :key="s.word"
              ><dt class="lab">{{ LINK_TEXT[s.word] }}</dt>
              <dd>{{ s.ids.map(seen).join(', ') }}</dd></template
            >
            <template v-if="c.damages"
              ><dt class="lab">next it hurts</dt>
              <dd>{{ c.damages }}</dd></template
            >
            <dt class="lab">cure</dt>
            <dd>{{ c.cure }}</dd>
            <dt class="lab">how common</dt>
            <dd>{{ common(c) }}</dd>
          </dl>
        </FoldedPart>
      </section>
    </template>
    <section v-else class="block">
      <FoldedPart v-for="c in checks" :key="c.id">
        <template #title>
          <span class="line"
            ><b>{{ c.name }}</b
            ><span>{{ c.minutes }} min · {{ c.how }}</span></span
          >
        </template>
        <dl>
          <dt class="lab">tools</dt>
          <dd>{{ c.tools }}</dd>
          <template v-if="c.caution"
            ><dt class="lab">caution</dt>
            <dd class="near">{{ c.caution }}</dd></template
          ><template v-if="c.before"
            ><dt class="lab">first</dt>
            <dd>{{ c.before.map(id => CHECK_BY_ID.get(id)?.name).join(', ') }}</dd></template
          >
          <template v-for="s in c.shows" :key="s.id"
            ><dt class="lab">{{ s.seen }}</dt>
            <dd>{{ causesOf(s.id) || 'tells nothing by itself' }}</dd></template
          >
        </dl>
      </FoldedPart>
    </section>
    <p v-if="!groups.length && !checks.length" class="note">Nothing here goes by that word.</p>
  </div>
</template>

<style scoped>
.top {
  align-items: end;
  margin-bottom: 6px;
}
.find {
  flex: 0 1 360px;
}
.line {
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 4px 14px;
  align-items: center;
}
.line span {
  color: var(--ink-2);
}
.line b {
  font-weight: 600;
}
dl {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 5px 14px;
  padding: 4px 0 14px 14px;
  max-width: 1000px;
}
@media (max-width: 640px) {
  .line,
  dl {
    grid-template-columns: minmax(0, 1fr);
  }
  dl {
    padding-left: 0;
  }
  .line {
    padding: 8px 0;
  }
}
</style>
