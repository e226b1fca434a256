<script setup lang="ts">
import { answerBody, DONT_KNOW } from '#core/entries/claim/questions'
import { PINNED_FOOT } from '~/composables/usePinnedFoot'

/** The counter's questions three at a time. An answer is a claim until it was checked; answered otherwise it is put right. */
const sheet = useSheet()
const AT_A_TIME = 3
const { questions: all, claims, left } = useCounterQuestions()
const answered = (id: string): boolean => claims.value.has(id)
const firstOpen = (): number => {
  const i = all.value.findIndex(q => !answered(q.id))
  return Math.floor((i < 0 ? 0 : i) / AT_A_TIME) * AT_A_TIME
}
const from = ref(firstOpen())
const three = computed(() => all.value.slice(from.value, from.value + AT_A_TIME))
const typed = ref<Record<string, string>>({})
/** what stands, and what is typed over it */
const answers = computed({
  get: () =>
    Object.fromEntries(
      all.value.map(q => {
        const claim = claims.value.get(q.id)?.body
        return [q.id, typed.value[q.id] ?? claim?.answer ?? claim?.text.replace(`${q.short}: `, '') ?? '']
      }),
    ),
  set: now => {
    for (const q of three.value) typed.value[q.id] = now[q.id] ?? ''
  },
})
const busy = ref(false)
async function log(questions: typeof all.value, said: (id: string) => string | undefined): Promise<boolean> {
  busy.value = true
  let ok = true
  for (const q of questions) {
    const answer = said(q.id)?.trim()
    const stands = claims.value.get(q.id)
    const body = answerBody(q, answer ?? '')
    if (!answer || stands?.body.text === body.text) continue
    const outcome = await sheet.log({ kind: 'claim', how: 'claimed', body, supersedes: stands?.id ?? null })
    sheet.trouble.value = outcome.ok ? '' : outcome.message
    ok &&= outcome.ok
    if (outcome.ok) typed.value = { ...typed.value, [q.id]: answer }
  }
  busy.value = false
  return ok
}
async function next(): Promise<void> {
  if (!(await log(three.value, id => typed.value[id]))) return
  if (from.value + AT_A_TIME < all.value.length) from.value += AT_A_TIME
}
const rest = (): Promise<boolean> => log(left.value, id => typed.value[id] || DONT_KNOW)
const last = computed(() => from.value + AT_A_TIME >= all.value.length)
const pinned = inject(PINNED_FOOT, null)
</script>

<template>
  <form class="ask" @submit.prevent="next">
    <h3>
      Ask these three <span class="lab">{{ all.length - left.length }} answered, {{ left.length }} to go</span>
      <span class="pips" aria-hidden="true"
        ><i v-for="(q, i) in all" :key="q.id" :class="{ done: answered(q.id), now: i >= from && i < from + AT_A_TIME }"
      /></span>
    </h3>
    <GuidedQuestions v-model="answers" :questions="three" :from="from + 1" />
    <Teleport :to="pinned?.place.value ?? 'body'" :disabled="!pinned?.place.value"
      ><div class="acts">
        <ElButton type="primary" :disabled="busy" @click="next">{{ last ? 'Log these' : 'Log, next three' }}</ElButton>
        <ElButton v-if="from > 0" @click="from -= AT_A_TIME">Three before</ElButton>
        <ElButton v-if="left.length" :disabled="busy" @click="rest">Owner doesn't know the rest</ElButton>
      </div></Teleport
    >
  </form>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 6px;
  margin-top: 12px;
}
h3 {
  font: 600 17px/1.2 var(--label);
}
.pips {
  float: right;
  display: flex;
  gap: 5px;
}
.pips i {
  width: 22px;
  height: 8px;
  border: 1px solid var(--edge);
}
.pips .done {
  background: var(--ink);
  border-color: var(--ink);
}
.pips .now:not(.done) {
  background: var(--petrol-wash);
  border-color: var(--petrol);
}
</style>
