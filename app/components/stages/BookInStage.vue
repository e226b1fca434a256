<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { ClaimCheckBody } from '#core/entries/claim_check/schema'
import { answerBody, questionsFor } from '#core/entries/claim/questions'
import { describe } from '#core/entries/say'
import {
  BEARINGS,
  BORE,
  CLUTCH,
  COOLING,
  CYCLES,
  DRAIN_PLUG,
  FOLLOWERS,
  FUEL_FEED,
  GOVERNOR,
  HEAD,
  IGNITION,
  MACHINE_KINDS,
  OILING,
  OIL_FILTER,
  RELEASE,
  VALVES,
} from '#core/engine/words'
import { watchesOf } from '#core/condition/watches'
import { CLAIM_FROM } from '#core/words/looks'
import { CLAIM_STATES } from '#core/words/counter'

const sheet = useSheet()
const job = computed(() => sheet.job.value)
const watching = computed(() => watchesOf(job.value, sheet.inForce.value, '9999-12-31').length > 0)
const claims = computed(() => keptOf(sheet.inForce.value).claim)
/** forms that show a standing entry start again when that entry changes */
const termsKey = computed(() => keptOf(sheet.inForce.value).terms.at(-1)?.id ?? 'none')
const complaintKey = computed(() => keptOf(sheet.inForce.value).complaint.at(-1)?.id ?? 'none')
const checkOf = (claimId: string) =>
  keptOf(sheet.inForce.value)
    .claim_check.filter(c => c.body.claimId === claimId)
    .at(-1)
async function check(claimId: string, state: ClaimCheckBody['state']): Promise<void> {
  const outcome = await sheet.log({
    kind: 'claim_check',
    how: null,
    body: { claimId, state },
    supersedes: checkOf(claimId)?.id ?? null,
  })
  sheet.trouble.value = outcome.ok ? '' : outcome.message
}
const asked = computed(() => {
  const known = new Set(claims.value.map(c => c.body.topic))
  return questionsFor(keptOf(sheet.inForce.value).complaint.at(-1)?.body.about ?? null, job.value.facts).filter(
    q => !known.has(q.id),
  )
})
const answers = ref<Record<string, string>>({})
const busy = ref(false)
/** each answer a claim of its own; what is logged leaves the list */
async function logAnswers(): Promise<void> {
  busy.value = true
  for (const q of asked.value.filter(q => answers.value[q.id]?.trim())) {
    const outcome = await sheet.log({
      kind: 'claim',
      how: 'claimed',
      body: answerBody(q, answers.value[q.id]?.trim() ?? ''),
    })
    sheet.trouble.value = outcome.ok ? '' : outcome.message
    if (outcome.ok) answers.value = { ...answers.value, [q.id]: '' }
  }
  busy.value = false
}
const shop = useShopStore()
const meterKey = computed(() => keptOf(sheet.inForce.value).meter.at(-1)?.id ?? 'none')
const { tabs: MORE } = useJobTabs(sheet)
const more = computed(() => MORE.value.find(m => m.form === sheet.form.value)?.form ?? null)
const kept = computed(() => {
  const forms = new Set<string>(MORE.value.map(m => m.form))
  return sheet.inForce.value.filter(e => forms.has(e.kind))
})
const facts = computed(() => {
  const f = job.value.facts
  return [
    [
      'Machine',
      `${MACHINE_KINDS[job.value.machine.kind].label}${job.value.machine.serial ? `, serial ${job.value.machine.serial}` : ''}`,
    ],
    [
      'Engine',
      `${CYCLES[f.cycle]}${f.displacementCc ? `, ${f.displacementCc} cc` : ''}${f.cylinders > 1 ? `, ${f.cylinders} cylinders` : ''}`,
    ],
    ['Oiling', OILING[f.oiling]],
    ['Release', RELEASE[f.release]],
    ['Bore', BORE[f.bore]],
    ['Fuel feed', FUEL_FEED[f.fuelFeed]],
    ['Cooling', COOLING[f.cooling]],
    ...(
      [
        ['Clutch', CLUTCH[f.clutch]],
        ['Valves', VALVES[f.valves]],
        ['Followers', FOLLOWERS[f.followers]],
        ['Bearings', BEARINGS[f.bearings]],
        ['Head', HEAD[f.head]],
        ['Ignition', IGNITION[f.ignition]],
        ['Drain plug', DRAIN_PLUG[f.drainPlug]],
        ['Governor', GOVERNOR[f.governor]],
        ['Filter', OIL_FILTER[f.oilFilter]],
      ] as const
    ).filter(([, word]) => word !== 'unknown'),
  ]
})
</script>

<template>
  <div>
    <section class="block first">
      <dl>
        <template v-for="[name, word] in facts" :key="name"
          ><dt class="lab">{{ name }}</dt>
          <dd :class="{ open: word === 'unknown' }">{{ word }}</dd></template
        >
      </dl>
      <p class="acts">
        <a class="btn" :href="`/api/jobs/${job.id}/tag.pdf`" target="_blank">Print the tag</a
        ><NuxtLink class="btn" :to="`/machines/${job.machine.id}`">Machine and engine facts</NuxtLink
        ><NuxtLink class="btn" :to="`/specs/${job.sheet.id}`">Its sheet: {{ job.sheet.name }}</NuxtLink>
      </p>
    </section>
    <section v-if="job.history.length" class="block">
      <h2>Here before</h2>
      <EarlierVisits :visits="job.history" />
    </section>
    <section v-if="watching" class="block">
      <h2>To be looked at again</h2>
      <WatchDone />
    </section>
    <section class="block">
      <h2>Complaint</h2>
      <ComplaintForm :key="complaintKey" /><SameComplaint />
    </section>
    <section v-if="asked.length" class="block">
      <h2>Ask <span class="lab">each answer is a claim until it was checked</span></h2>
      <form class="ask" @submit.prevent="logAnswers">
        <GuidedQuestions v-model="answers" :questions="asked" /><ElButton
          type="primary"
          native-type="submit"
          :disabled="busy || !Object.values(answers).some(a => a.trim())"
        >
          Log the answers
        </ElButton>
      </form>
    </section>
    <section class="block">
      <h2>Claims <span class="lab">what the owner says, not what was found</span></h2>
      <ul class="claims">
        <li v-for="c in claims" :key="c.id">
          <span
            ><b v-if="c.body.from && c.body.from !== 'owner'">{{ CLAIM_FROM[c.body.from] }}: </b>{{ c.body.text
            }}<span class="lab"> &nbsp;{{ c.body.howKnown ? `knows it from: ${c.body.howKnown}` : '' }}</span></span
          >
          <ElSelect
            class="became"
            :model-value="checkOf(c.id)?.body.state ?? 'never_checked'"
            :aria-label="`What became of: ${c.body.text}`"
            @change="(state: ClaimCheckBody['state']) => check(c.id, state)"
            ><ElOption v-for="(word, k) in CLAIM_STATES" :key="k" :value="k" :label="word"
          /></ElSelect>
        </li>
      </ul>
      <ClaimForm />
    </section>
    <section class="block">
      <h2>Running time</h2>
      <MeterForm :key="meterKey" />
    </section>
    <section class="block">
      <h2>Changes, happenings, pieces</h2>
      <ul v-if="kept.length" class="kept">
        <li v-for="e in kept" :key="e.id">
          <StateMark
            v-if="sheet.assessment.value?.judgements.find(j => j.entryId === e.id)"
            :mark="sheet.assessment.value.judgements.find(j => j.entryId === e.id)!.mark"
            bare
          />
          <b>{{ describe(e, shop.policy).title }}:</b> {{ describe(e, shop.policy).text }}
          <ElButton link class="link" @click="sheet.correct(e)">Correct</ElButton>
        </li>
      </ul>
      <div class="acts gap">
        <ElButton
          v-for="m in MORE"
          :key="m.form"
          :class="{ on: more === m.form }"
          :aria-pressed="more === m.form"
          @click="sheet.open('book_in', more === m.form ? null : m.form)"
        >
          {{ m.label }}
        </ElButton>
      </div>
      <EntryForm v-if="more && more !== 'oil_map'" :key="more" :form="more" @logged="sheet.open('book_in')" />
    </section>
    <section class="block">
      <h2>Photos</h2>
      <PhotoStrip />
    </section>
    <section class="block">
      <h2>Purpose and money</h2>
      <TermsForm :key="termsKey" />
    </section>
  </div>
</template>

<style scoped>
.first {
  border-top: 0;
  padding-top: 0;
  display: grid;
  gap: 10px;
}
dl {
  display: grid;
  grid-template-columns: 80px minmax(0, 1fr) 80px minmax(0, 1fr);
  gap: 5px 10px;
}
.claims li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
.claims {
  margin-bottom: 12px;
}
.claims .became {
  width: auto;
  padding-right: 26px;
}
.ask {
  display: grid;
  gap: 12px;
  justify-items: start;
}
.ask > :first-child {
  width: 100%;
}
.kept li {
  padding: 4px 0;
}
.gap {
  margin: 8px 0 12px;
}
@media (max-width: 640px) {
  dl {
    grid-template-columns: 80px minmax(0, 1fr);
  }
}
</style>
