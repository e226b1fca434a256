<script setup lang="ts">
import dayjs from 'dayjs'
import { ulid } from 'ulid'
import { changeOrder } from '#core/handover/quote'
import { consentRefusal } from '#core/people/consent'
import { keptOf } from '#core/entries/kept'
import { QUOTE_STAGES } from '#core/words/deciding'
import type { QuoteLine } from '#shared/types/records'

/** Asking the owner by a link: what is shown is frozen, the message lies in the outbox, the move is the owner's. */
const sheet = useSheet()
const shop = useShopStore()
const lines = useFromJob<QuoteLine>('quotes')
/** why the owner is not asked by a link */
const silent = computed(() => consentRefusal(sheet.job.value.customer, 'message'))
const open = ref(false)
const draft = reactive({
  stage: 'decide' as keyof typeof QUOTE_STAGES,
  fee: '',
  words: '',
  days: '14',
  photos: [] as string[],
  findings: [] as string[],
})
const faults = ref<Fault[]>([])
const message = ref('')
const link = ref('')
const letter = ref('')
/** of the question that is being asked: sent again after a lost answer it is the same one */
let questionId = ulid()
const busy = ref(false)
const fault = (field: string): string => faults.value.find(f => f.field === field)?.message ?? ''
const byFee = computed(() => draft.stage === 'look' || draft.stage === 'strip')
const findings = computed(() => sheet.assessment.value?.findings ?? [])
const photos = computed(() => keptOf(sheet.inForce.value).photo)
const change = computed(() => sheet.assessment.value && changeOrder(sheet.assessment.value, sheet.job.value.entries))
watch(
  change,
  c => {
    if (c) draft.stage = 'build'
  },
  { immediate: true },
)
async function ask(): Promise<void> {
  if (!shop.person || busy.value) return
  busy.value = true
  const outcome = await send<{ link: string | null; text: string | null }>(
    `/api/jobs/${sheet.job.value.id}/quotes`,
    'POST',
    {
      id: questionId,
      by: shop.person.id,
      stage: draft.stage,
      feeMinor: byFee.value ? moneyTyped(draft.fee, shop.policy.currency) : null,
      words: draft.words.trim() || null,
      days: typedFigure(draft.days),
      photoIds: draft.photos,
      findingIds: draft.findings,
    },
  )
  busy.value = false
  faults.value = outcome.ok ? [] : outcome.faults
  message.value = outcome.ok ? '' : outcome.message
  if (!outcome.ok) {
    // what was refused may be asked otherwise; what got no answer may have been asked
    if (outcome.status !== 0) questionId = ulid()
    return
  }
  questionId = ulid()
  link.value = outcome.value.link ?? ''
  letter.value = outcome.value.text ?? ''
  if (!link.value)
    message.value =
      'It was asked already, and its link was shown on the way. Take it back and ask anew for another link.'
  draft.words = ''
  await sheet.reload()
}
async function takeBack(l: QuoteLine): Promise<void> {
  if (!shop.person) return
  const outcome = await send(`/api/jobs/${sheet.job.value.id}/quotes/${l.id}`, 'PUT', {
    withdrawn: true,
    by: shop.person.id,
  })
  message.value = outcome.ok ? '' : outcome.message
  link.value = ''
  await sheet.reload()
}
/** it can still be answered */
const waits = (l: QuoteLine): boolean => !l.answer && !l.closedAt && !dayjs(l.expiresAt).isBefore(dayjs())
const since = (at: string): string => {
  const days = dayjs().diff(at, 'day')
  return days === 0 ? 'today' : days === 1 ? 'since yesterday' : `for ${days} days`
}
function state(l: QuoteLine): string {
  if (l.answer)
    return `${l.answer.name}: ${l.answer.choice === 'agree' ? (l.answer.optionId ? `chose ‘${l.quote.options.find(o => o.id === l.answer?.optionId)?.name ?? ''}’` : 'agreed') : 'none of it'}${l.answer.words ? `, ${l.answer.words}` : ''}`
  if (l.closedAt)
    return l.withdrawnBy ? `taken back by ${shop.nameOf(l.withdrawnBy)}` : 'a newer question took its place'
  return dayjs(l.expiresAt).isBefore(dayjs()) ? 'ran out unanswered' : `waiting ${since(l.createdAt)}`
}
</script>

<template>
  <section class="ask">
    <div class="acts">
      <span v-if="silent" class="note">{{ silent }}</span><ElButton
        v-else
        :class="{ on: open }"
        :aria-expanded="open"
        @click="open = !open"
      >
        Ask the owner by a link</ElButton
      ><span v-for="l in lines.slice(0, 3)" :key="l.id" class="sent"
        ><b>{{ QUOTE_STAGES[l.quote.stage] }}</b>
        <span class="lab">{{ dayjs(l.createdAt).format('D MMM') }} · {{ state(l) }}</span>
        <a :href="`/api/jobs/${sheet.job.value.id}/quote.pdf?quote=${l.id}`" target="_blank" rel="noopener" class="link"
          >Print<span class="sr"> the quote of {{ dayjs(l.createdAt).format('D MMM') }}</span></a
        ><TakeBack
          v-if="waits(l)"
          title="Take this question back? Its link then shows nothing more."
          :of="`the question of ${dayjs(l.createdAt).format('D MMM')}`"
          @take="takeBack(l)"
      /></span>
    </div>
    <form v-if="open" class="askform" @submit.prevent="ask">
      <ChipGroup v-model="draft.stage" label="For" :options="QUOTE_STAGES" needed />
      <div class="grid3">
        <PlainField
          v-if="byFee"
          v-model="draft.fee"
          label="Fee"
          :suffix="shop.policy.currency"
          inputmode="decimal"
          :fault="fault('feeMinor')"
        /><PlainField
          v-model="draft.days"
          label="Link stays open"
          suffix="days"
          inputmode="numeric"
          :fault="fault('days')"
        />
      </div>
      <PlainField
        v-model="draft.words"
        label="In your own words"
        area
        hint="What was found, plainly. The ways, their spread and what is not known are shown by themselves."
        :fault="fault('words')"
      />
      <fieldset v-if="findings.length" class="found">
        <legend class="lab">Findings it shows, with their figures</legend>
        <ElCheckboxGroup v-model="draft.findings"
          ><ElCheckbox v-for="j in findings" :key="j.entryId" :value="j.entryId"
            ><StateMark :mark="j.mark" bare /> {{ j.headline }}</ElCheckbox
          ></ElCheckboxGroup
        >
      </fieldset>
      <fieldset v-if="photos.length">
        <legend class="lab">Photos it shows</legend>
        <ElCheckboxGroup v-model="draft.photos"
          ><ElCheckbox v-for="p in photos" :key="p.id" :value="p.body.photoId" class="pic"
            ><img :src="`/api/photos/${p.body.photoId}?size=small`" :alt="p.body.caption ?? 'Photo'" /></ElCheckbox
        ></ElCheckboxGroup>
      </fieldset>
      <p v-if="message" class="fault" role="alert">{{ message }}</p>
      <div class="acts">
        <ElButton type="primary" native-type="submit" :disabled="busy">Freeze it and ask</ElButton
        ><span class="lab">The message with its link is shown once, to be sent.</span>
      </div>
      <p v-if="link" class="link2" role="status">
        <b>Asked.</b> The link, shown once:
        <ElInput
          readonly
          :model-value="link"
          aria-label="Link for the owner"
          @focus="($event.target as HTMLInputElement).select()"
        />
      </p>
      <PlainField v-if="letter" :model-value="letter" label="The whole message, to be sent" area readonly />
    </form>
  </section>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 10px;
  border-top: 1px solid var(--rule);
  padding-top: 12px;
}
.askform {
  display: grid;
  gap: 11px;
}
.sent {
  font-size: 14.5px;
}
.on {
  border-color: var(--ink);
}
.grid3 {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(160px, 220px));
  gap: 12px;
}
fieldset {
  border: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
}
.found :deep(.el-checkbox-group) {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 0 16px;
  flex: 1;
}
.found :deep(.el-checkbox) {
  height: auto;
  min-height: 44px;
  white-space: normal;
  margin-right: 0;
}
.pic {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.pic img {
  height: 64px;
  border: 1px solid var(--edge);
}
</style>
