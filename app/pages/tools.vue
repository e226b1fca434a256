<script setup lang="ts">
import { CALCULATORS, CALCULATOR_GROUPS, calculate, curvesOf, isFailure } from '#core/calculators'
import type { CalcDraft, InputSchema } from '~/utils/calcDraft'
import { blankDraft, calcInput, shownValue, unitOfKey, wordsOfKey } from '~/utils/calcDraft'

/** Every calculator on its own, for a question across the counter. */
useHead({ title: 'Bench tools' })
const route = useRoute()
const router = useRouter()
const sought = ref('')
const name = computed({
  get: () =>
    typeof route.query.calc === 'string' && CALCULATORS.has(route.query.calc) ? route.query.calc : 'oil_adjust',
  set: calc => void router.replace({ query: { calc } }),
})
const groups = computed(() =>
  Object.entries(CALCULATOR_GROUPS)
    .map(([group, all]) => ({
      group,
      all: all.filter(c => `${c.about} ${c.name}`.toLowerCase().includes(sought.value.trim().toLowerCase())),
    }))
    .filter(g => g.all.length),
)
const chosen = computed(() => CALCULATORS.get(name.value))
const schema = computed(() => (chosen.value?.input.schema() ?? {}) as InputSchema)
/** what was typed for each calculator is kept while the page is open */
const drafts = reactive<Record<string, CalcDraft>>({})
watch(
  name,
  n => {
    drafts[n] ??= blankDraft(schema.value)
  },
  { immediate: true },
)
const draft = computed(() => (drafts[name.value] ?? {}) as Record<string, CalcDraft>)
const needed = computed(() => new Set(schema.value.required))
const touched = computed(() => JSON.stringify(draft.value) !== JSON.stringify(blankDraft(schema.value)))
const input = computed(() => calcInput(schema.value, draft.value) as Record<string, unknown>)
const answer = computed(() => (touched.value ? calculate(name.value, input.value) : null))
const failed = computed(() => (answer.value && isFailure(answer.value) ? answer.value : null))
const results = computed(() => (answer.value && !isFailure(answer.value) ? Object.entries(answer.value) : []))
const curves = computed(() => (results.value.length ? curvesOf(name.value, input.value) : null))
const unread = computed(() => failed.value?.error === 'missing')
const part = ([key, value]: [string, unknown]): string =>
  `${wordsOfKey(key).toLowerCase()} ${shownValue(value)}${unitOfKey(key) ? ` ${unitOfKey(key)}` : ''}`
const asNote = () =>
  results.value.length
    ? {
        kind: 'note' as const,
        how: null,
        body: {
          stage: 'measure' as const,
          text: `${chosen.value?.about}. With ${Object.entries(input.value ?? {})
            .map(part)
            .join(', ')}: ${results.value.map(part).join(', ')}.`,
        },
      }
    : null
</script>

<template>
  <div class="page tools">
    <nav class="names" aria-label="Calculators">
      <PlainField v-model="sought" label="Find a calculator" type="search" />
      <div v-for="g in groups" :key="g.group">
        <h2>{{ g.group }}</h2>
        <ElButton
          v-for="c in g.all"
          :key="c.name"
          text
          :class="{ on: c.name === name }"
          :aria-pressed="c.name === name"
          @click="name = c.name"
          >{{ c.about }}</ElButton
        >
      </div>
    </nav>
    <section v-if="chosen" class="bench">
      <div class="pagehead">
        <h1>{{ chosen.about }}</h1>
        <span class="lab">{{ chosen.name }}</span>
      </div>
      <form class="inputs" @submit.prevent>
        <CalcField
          v-for="(s, k) in schema.properties"
          :key="`${name}.${k}`"
          :model-value="draft[k] ?? ''"
          :name="String(k)"
          :schema="s"
          :needed="needed.has(String(k))"
          :path="String(k)"
          :fault="unread ? null : failed"
          @update:model-value="v => (draft[k] = v)"
        />
      </form>
      <div class="result">
        <div class="answer" aria-live="polite">
          <p v-if="!touched" class="note">Type what you know; the answer follows.</p>
          <p v-else-if="unread" class="note">Still needed: {{ failed!.message }}</p>
          <p v-else-if="failed" class="fault">{{ failed.message }}</p>
          <dl v-else>
            <template v-for="[key, value] in results" :key="key"
              ><dt class="lab">{{ wordsOfKey(key) }}</dt>
              <dd>
                <b>{{ shownValue(value) }}</b> {{ unitOfKey(key) }}
              </dd></template
            >
          </dl>
        </div>
        <LazyCalcCurve v-if="curves?.curves[0]?.points.length" :drawn="curves" class="drawn" />
      </div>
      <SendToJob v-if="results.length" what="Write it on the log" :entry="asNote" />
    </section>
  </div>
</template>

<style scoped>
.tools {
  display: grid;
  grid-template-columns: 270px minmax(0, 1fr);
  gap: 26px;
  align-items: start;
}
.names {
  position: sticky;
  top: 0;
  max-height: calc(100dvh - 100px);
  overflow-y: auto;
}
.names h2 {
  margin: 12px 0 2px;
  font-size: 16px;
}
.names .el-button {
  display: flex;
  justify-content: flex-start;
  width: 100%;
  border: 0;
  border-left: 3px solid transparent;
  border-radius: 0;
  background: none;
  padding: 6px 9px;
  font-weight: 400;
  line-height: 1.25;
}
.names .el-button:hover {
  background: var(--sheet-2);
}
.names .on.on {
  border-color: var(--petrol);
  background: var(--petrol-wash);
  font-weight: 500;
}
.inputs {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 12px 18px;
  align-items: start;
  max-width: 900px;
}
.result {
  display: grid;
  grid-template-columns: minmax(260px, auto) minmax(0, 1fr);
  gap: 0 26px;
  align-items: start;
}
.result > :only-child {
  grid-column: 1 / -1;
}
.answer {
  border-top: 1px solid var(--rule-2);
  margin: 16px 0;
  padding-top: 12px;
  min-height: 60px;
}
.drawn {
  margin: 16px 0;
}
dl {
  display: grid;
  grid-template-columns: minmax(120px, auto) minmax(0, 1fr);
  gap: 4px 18px;
  align-items: baseline;
}
dd b {
  font: 600 24px/1.2 var(--label);
  overflow-wrap: anywhere;
}
@media (max-width: 760px) {
  .tools {
    grid-template-columns: minmax(0, 1fr);
  }
  .result {
    grid-template-columns: minmax(0, 1fr);
  }
  .names {
    position: static;
    max-height: 240px;
    overflow-y: auto;
    border-bottom: 1px solid var(--rule-2);
  }
}
</style>
