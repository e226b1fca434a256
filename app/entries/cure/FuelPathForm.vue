<script setup lang="ts">
import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import dayjs from 'dayjs'
import { keptOf } from '#core/entries/kept'
import type { Cure } from '#core/oil/cures'
import type { FuelStep } from '#core/condition/fuelPath'
import { CURES } from '#core/oil/cures'
import { SEEN } from '#core/words/looks'

/** The way back from fuel in the oil, step by step; each opens only when the one before is done. */
const sheet = useSheet()
const shop = useShopStore()
const path = computed(() => sheet.assessment.value?.fuel ?? null)
const ORDER: FuelStep[] = ['drain', 'cure', 'stand', 'refill', 'smell', 'done']
const at = computed(() => ORDER.indexOf(path.value?.step ?? 'drain'))
const state = (step: FuelStep): 'done' | 'now' | 'later' =>
  ORDER.indexOf(step) < at.value ? 'done' : ORDER.indexOf(step) === at.value ? 'now' : 'later'

const draft = useLocalStorage(
  `remedium:fuelpath:${sheet.job.value.id}`,
  {
    drained: '',
    drainedUnit: '',
    cure: null as Cure | null,
    did: '',
    started: '',
    ended: '',
    seen: null as keyof typeof SEEN | null,
    caught: '',
    caughtUnit: 'mL',
    filled: '',
    filledUnit: '',
    what: '',
  },
  { mergeDefaults: true, listenToStorageChanges: false },
)
const faults = ref<Fault[]>([])
const message = ref('')
async function run(outcome: Promise<Outcome<unknown>>, clear: Partial<typeof draft.value>): Promise<void> {
  const result = await outcome
  faults.value = result.ok ? [] : result.faults
  message.value = result.ok ? '' : result.message
  if (result.ok) Object.assign(draft.value, clear)
}
const fault = (field: string): string => faults.value.find(f => f.field.startsWith(`body.${field}`))?.message ?? ''
const quantity = (text: string, unit: string) => ({ value: typedFigure(text) as number, unit })
const local = (typed: string): string => (typed ? dayjs(typed).toISOString() : dayjs().toISOString())

const drain = () =>
  run(
    sheet.log({
      kind: 'fluid',
      how: 'measured',
      body: {
        action: 'drained',
        amount: quantity(draft.value.drained, draft.value.drainedUnit),
        what: 'oil with fuel in it',
      },
    }),
    { drained: '' },
  )
const cure = () =>
  run(sheet.log({ kind: 'cure', how: null, body: { path: draft.value.cure as Cure, text: draft.value.did || null } }), {
    cure: null,
    did: '',
  })
const begin = () =>
  run(
    sheet.log({
      kind: 'stand_test',
      how: null,
      body: { startedAt: local(draft.value.started), endedAt: null, seen: null, minimumHours: shop.policy.standHours },
    }),
    { started: '' },
  )
function finish(): Promise<void> {
  const stand = path.value?.stand
  if (!stand) return Promise.resolve()
  return run(
    sheet.log({
      kind: 'stand_test',
      how: 'by_eye',
      body: {
        startedAt: stand.startedAt,
        endedAt: local(draft.value.ended),
        seen: draft.value.seen,
        caught: wet.value && draft.value.caught.trim() ? quantity(draft.value.caught, draft.value.caughtUnit) : null,
        minimumHours: stand.minimumHours,
      },
      supersedes: stand.entryId,
    }),
    { ended: '', seen: null, caught: '' },
  )
}
const fill = () =>
  run(
    sheet.log({
      kind: 'fluid',
      how: 'measured',
      body: {
        action: 'filled',
        amount: quantity(draft.value.filled, draft.value.filledUnit),
        what: draft.value.what || 'fresh oil',
      },
    }),
    { filled: '', what: '' },
  )

/** what ran through can be caught and measured */
const wet = computed(() => draft.value.seen === 'damp' || draft.value.seen === 'liquid')
const now = ref(dayjs())
useIntervalFn(() => {
  now.value = dayjs()
}, 15_000)
const clock = computed(() => {
  const stand = path.value?.stand
  if (!stand || stand.state !== 'running') return null
  const spent = Math.max(0, now.value.diff(dayjs(stand.startedAt), 'minute'))
  const hm = (minutes: number): string => `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`
  return {
    spent: hm(spent),
    share: Math.min(1, spent / (stand.minimumHours * 60)),
    ready: spent >= stand.minimumHours * 60,
    until: dayjs(stand.startedAt).add(stand.minimumHours, 'hour').format('ddd HH:mm'),
  }
})
const tests = computed(() => keptOf(sheet.inForce.value).stand_test.length)
</script>

<template>
  <div v-if="path" class="path">
    <p class="note">
      The order is compulsory: drain, cure, stand test, refill. Most likely on this carburettor:
      {{ path.likely.join(', ').toLowerCase() }}.
    </p>
    <p v-if="message" class="bar" role="alert">{{ message }}</p>
    <ol>
      <li :class="state('drain')">
        <h3>1 Drain all of it</h3>
        <form v-if="state('drain') === 'now'" @submit.prevent="drain">
          <QuantityField
            v-model:text="draft.drained"
            v-model:unit="draft.drainedUnit"
            label="Came out"
            :units="['mL', 'L', 'US_floz']"
            kind="volume"
            :fault="fault('amount')"
          /><ElButton type="primary" native-type="submit">Log the drain</ElButton
          ><span class="lab caution">Outdoors, no sparks. It goes to a can of its own: follow your local rules.</span>
        </form>
      </li>
      <li :class="state('cure')">
        <h3>2 Cure the way it came</h3>
        <p v-if="state('cure') === 'now' && path.stand?.state === 'leaked'" class="past st">
          ✕ The last test leaked: cure it again, then start a test anew.
        </p>
        <form v-if="state('cure') === 'now'" @submit.prevent="cure">
          <ChipGroup v-model="draft.cure" label="It came by" :options="CURES" :fault="fault('path')" /><PlainField
            v-model="draft.did"
            label="What was done about it"
            area
            :fault="fault('text')"
          /><ElButton type="primary" native-type="submit">Log the cure</ElButton>
        </form>
      </li>
      <li :class="state('stand')">
        <h3>3 Stand test, fuel on, over dry paper</h3>
        <template v-if="state('stand') === 'now'">
          <div v-if="clock" class="clock">
            <p aria-live="polite">
              <b class="big">{{ clock.spent }}</b> of {{ path.stand?.minimumHours }} h
              <span class="lab">{{
                clock.ready ? 'long enough: look at the paper' : `look at it ${clock.until}`
              }}</span>
            </p>
            <svg viewBox="0 0 100 4" preserveAspectRatio="none" class="run" aria-hidden="true">
              <rect width="100" height="4" fill="var(--rule)" />
              <rect :width="100 * clock.share" height="4" fill="var(--petrol)" />
            </svg>
            <form @submit.prevent="finish">
              <ChipGroup
                v-model="draft.seen"
                label="The paper is"
                :options="SEEN"
                :fault="fault('seen')"
              /><QuantityField
                v-if="wet"
                v-model:text="draft.caught"
                v-model:unit="draft.caughtUnit"
                label="Caught"
                :units="['mL', 'L', 'US_floz']"
                kind="volume"
                :fault="fault('caught')"
              /><LazyDayField
                v-model="draft.ended"
                label="Ended, empty for now"
                time
                class="when"
                :fault="fault('endedAt')"
              /><ElButton type="primary" native-type="submit">End the test</ElButton>
            </form>
          </div>
          <form v-else @submit.prevent="begin">
            <p v-if="path.stand" class="past st">
              ✕ {{ path.stand.state === 'leaked' ? 'The test before leaked.' : 'The last test was too short.' }}
            </p>
            <LazyDayField
              v-model="draft.started"
              label="Started, empty for now"
              time
              class="when"
              :fault="fault('startedAt')"
            /><ElButton type="primary" native-type="submit">{{
              tests ? 'Start another test' : 'Start the clock'
            }}</ElButton
            ><span class="lab caution"
              >At least {{ shop.policy.standHours }} h, shop's rule. The clock goes on when this page is closed.</span
            >
          </form>
        </template>
      </li>
      <li :class="state('refill')">
        <h3>4 Refill with fresh oil</h3>
        <form v-if="state('refill') === 'now'" @submit.prevent="fill">
          <QuantityField
            v-model:text="draft.filled"
            v-model:unit="draft.filledUnit"
            label="Poured in"
            :units="['mL', 'L', 'US_floz']"
            kind="volume"
            :fault="fault('amount')"
          /><PlainField v-model="draft.what" label="Oil, as on the bottle" :fault="fault('what')" /><ElButton
            type="primary"
            native-type="submit"
          >
            Log the refill
          </ElButton>
        </form>
        <p v-else-if="state('refill') === 'later'" class="lab">Waits for the stand test.</p>
      </li>
      <li :class="state('smell')">
        <h3>5 Short run, smell it again</h3>
        <p v-if="state('smell') === 'now'">
          <ElButton type="primary" @click="sheet.open('first_look', 'oil')"> Read the oil and smell it </ElButton>
        </p>
        <p v-else-if="path.step === 'done'" class="st good">● Smells plain: closed.</p>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.path,
ol {
  display: grid;
  gap: 10px;
}
li {
  padding: 8px 0 10px 14px;
  border-left: 4px solid var(--rule-2);
}
li.now {
  border-color: var(--petrol);
}
li.done {
  border-color: var(--good);
}
li.done h3::after {
  content: ' ● done';
  color: var(--good);
}
li.later h3 {
  color: var(--open);
}
form {
  display: grid;
  gap: 10px;
  justify-items: start;
  margin-top: 8px;
}
form > :deep(*) {
  max-width: 100%;
}
.when {
  width: 240px;
}
.clock {
  display: grid;
  gap: 8px;
  max-width: 560px;
}
.run {
  width: 100%;
  height: 8px;
  display: block;
}
.caution {
  max-width: 520px;
}
</style>
