<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { ClaimCheckBody } from '#core/entries/claim_check/schema'
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
/** one group of questions at a time, in a list beside it */
type Group = 'complaint' | 'machine' | 'money' | 'meter' | 'changed' | 'claims' | 'photos'
const group = useState<Group>(`book-in:${job.value.id}`, () => 'complaint')
const OF_FORM: Record<string, Group> = { complaint: 'complaint', claim: 'claims', meter: 'meter', terms: 'money' }
watch(
  () => sheet.form.value,
  form => {
    if (form) group.value = OF_FORM[form] ?? 'changed'
  },
  { immediate: true },
)
const { questions, left } = useCounterQuestions()
const terms = computed(() => keptOf(sheet.inForce.value).terms.at(-1)?.body)
const unchecked = computed(() => claims.value.filter(c => !checkOf(c.id)).length)
const groups = computed((): { key: Group; title: string; said: string; done: boolean }[] => [
  {
    key: 'complaint',
    title: 'Complaint, questions',
    said: `${questions.value.length - left.value.length} of ${questions.value.length}`,
    done: left.value.length === 0,
  },
  { key: 'machine', title: 'Owner, machine', said: job.value.history.length ? 'known' : 'new here', done: true },
  {
    key: 'money',
    title: 'Purpose, money',
    said: terms.value ? 'said' : 'not asked',
    done: terms.value !== undefined,
  },
  {
    key: 'meter',
    title: 'Running time',
    said: job.value.machine.meterReading === null ? 'not known' : job.value.machine.meterSource,
    done: job.value.machine.meterReading !== null,
  },
  {
    key: 'changed',
    title: 'Changes, pieces',
    said: kept.value.length ? `${kept.value.length} logged` : 'not asked',
    done: kept.value.length > 0,
  },
  {
    key: 'claims',
    title: "Owner's claims",
    said: unchecked.value ? `${unchecked.value} to check` : claims.value.length ? 'checked' : 'none',
    done: claims.value.length > 0 && !unchecked.value,
  },
  {
    key: 'photos',
    title: 'Photos',
    said: String(keptOf(sheet.inForce.value).photo.length || 'none'),
    done: keptOf(sheet.inForce.value).photo.length > 0,
  },
])
const title = computed(() => groups.value.find(g => g.key === group.value)?.title)
const heading = useTemplateRef<HTMLElement>('heading')
async function pick(key: Group): Promise<void> {
  group.value = key
  await nextTick()
  heading.value?.focus()
}
const place = usePinnedFoot()
</script>

<template>
  <div class="bookin">
    <nav class="groups" aria-label="Booked in">
      <p class="lab">This stage</p>
      <ElButton
        v-for="g in groups"
        :key="g.key"
        class="pickrow"
        :class="{ on: g.key === group }"
        :aria-pressed="g.key === group"
        @click="pick(g.key)"
      >
        <StateMark :mark="g.done ? 'good' : 'open'" bare /><span class="name">{{ g.title }}</span
        ><small class="lab">{{ g.said }}</small>
      </ElButton>
      <p class="note hint">“Doesn't know” is an answer. What is typed is kept when you walk away.</p>
      <p class="foot">
        <a class="btn" :href="`/api/jobs/${job.id}/tag.pdf`" target="_blank">Print the tag</a
        ><NuxtLink class="btn" :to="`/machines/${job.machine.id}`">Engine facts</NuxtLink>
      </p>
    </nav>
    <div class="one">
      <h2 ref="heading" tabindex="-1" data-heading>{{ title }}</h2>
      <div class="scroll">
        <template v-if="group === 'complaint'"
          ><EarlierVisits v-if="job.history.length" :visits="job.history" carried class="carried" /><ComplaintForm
            :key="complaintKey"
          /><SameComplaint /><AskThree :key="`ask-${complaintKey}`" />
        </template>
        <template v-else-if="group === 'machine'">
          <dl>
            <template v-for="[name, word] in facts" :key="name"
              ><dt class="lab">{{ name }}</dt>
              <dd :class="{ open: word === 'unknown' }">{{ word }}</dd></template
            >
          </dl>
          <p class="acts">
            <NuxtLink class="btn" :to="`/machines/${job.machine.id}`">Machine and engine facts</NuxtLink
            ><NuxtLink class="btn" :to="`/specs/${job.sheet.id}`">Its sheet: {{ job.sheet.name }}</NuxtLink>
          </p>
          <section v-if="job.history.length" class="block">
            <h3>Here before</h3>
            <EarlierVisits :visits="job.history" />
          </section>
          <section v-if="watching" class="block">
            <h3>To be looked at again</h3>
            <WatchDone />
          </section>
        </template>
        <TermsForm v-else-if="group === 'money'" :key="termsKey" />
        <MeterForm v-else-if="group === 'meter'" :key="meterKey" />
        <template v-else-if="group === 'changed'">
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
        </template>
        <template v-else-if="group === 'claims'">
          <p class="note">What the owner says, not what was found.</p>
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
        </template>
        <PhotoStrip v-else />
      </div>
      <div ref="place" class="pinnedfoot" />
    </div>
  </div>
</template>

<style scoped>
.bookin {
  display: grid;
  grid-template-columns: 224px minmax(0, 1fr);
  min-height: 100%;
}
.groups {
  background: var(--sheet-2);
  border-right: 1px solid var(--rule-2);
  display: flex;
  flex-direction: column;
}
.groups > .lab {
  padding: 8px 12px 3px 16px;
}
.hint {
  padding: 12px 16px;
}
.foot {
  display: grid;
  gap: 8px;
  padding: 0 16px 12px;
  margin-top: auto;
}
.one {
  padding: 12px 18px 0;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
h2:focus {
  outline: none;
}
dl {
  display: grid;
  grid-template-columns: 80px minmax(0, 1fr) 80px minmax(0, 1fr);
  gap: 5px 10px;
  margin-bottom: 12px;
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
  width: 200px;
  flex: none;
}
.kept li {
  padding: 4px 0;
}
.gap {
  margin: 8px 0 12px;
}
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .bookin {
    height: 100%;
    min-height: 0;
    grid-template-rows: minmax(0, 1fr);
  }
  .groups {
    overflow-y: auto;
  }
  .one {
    min-height: 0;
  }
  .scroll {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
    padding: 2px 2px 12px;
    margin: 0 -2px;
  }
}
@media (max-width: 700px) {
  .bookin {
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
  }
  .groups {
    border-right: 0;
    border-bottom: 1px solid var(--rule-2);
  }
  .hint,
  .foot {
    display: none;
  }
  dl {
    grid-template-columns: 80px minmax(0, 1fr);
  }
}
.carried {
  margin-bottom: 10px;
  padding-bottom: 8px;
  border-bottom: 1px solid var(--rule);
}
</style>
