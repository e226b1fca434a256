<script setup lang="ts">
import type { TermsBody } from '#core/entries/terms/schema'
import { keptOf } from '#core/entries/kept'
import { USE_CLASSES } from '#core/engine/words'
import { CAP_FOR } from '#core/words/deciding'

interface Draft {
  useClass: TermsBody['useClass']
  running: string
  asIs: string
  cap: string
  capFor: NonNullable<TermsBody['capFor']> | null
  deadline: string
  dayLoss: string
  bought: string
  ownTimeFree: boolean
}
const sheet = useSheet()
const shop = useShopStore()
const cur = computed(() => shop.policy.currency)
const form = useEntryForm<'terms', Draft>({
  kind: 'terms',
  base: keptOf(sheet.inForce.value).terms.at(-1),
  blank: () => ({
    useClass: 'private',
    running: '',
    asIs: '',
    cap: '',
    capFor: null,
    deadline: '',
    dayLoss: '',
    bought: '',
    ownTimeFree: false,
  }),
  how: () => null,
  toBody: d => ({
    useClass: d.useClass,
    runningValueMinor: moneyTyped(d.running, cur.value),
    asIsValueMinor: moneyTyped(d.asIs, cur.value),
    capMinor: moneyTyped(d.cap, cur.value),
    capFor: d.cap.trim() ? (d.capFor ?? null) : null,
    deadline: d.deadline || null,
    dayLossMinor: moneyTyped(d.dayLoss ?? '', cur.value),
    boughtMinor: moneyTyped(d.bought ?? '', cur.value),
    ownTimeFree: d.ownTimeFree ?? false,
  }),
  fromBody: b => ({
    useClass: b.useClass,
    running: moneyField(b.runningValueMinor, cur.value),
    asIs: moneyField(b.asIsValueMinor, cur.value),
    cap: moneyField(b.capMinor, cur.value),
    capFor: b.capFor ?? null,
    deadline: b.deadline ?? '',
    dayLoss: moneyField(b.dayLossMinor, cur.value),
    bought: moneyField(b.boughtMinor, cur.value),
    ownTimeFree: b.ownTimeFree,
  }),
})
const { draft } = form
</script>

<template>
  <form class="terms" @submit.prevent="form.submit()">
    <ChipGroup v-model="draft.useClass" label="Use" :options="USE_CLASSES" needed />
    <div class="grid4">
      <PlainField
        v-model="draft.running"
        label="Worth when running"
        :suffix="cur"
        inputmode="decimal"
        :fault="form.faultOf('runningValueMinor')"
      />
      <PlainField
        v-model="draft.asIs"
        label="Worth as it is"
        :suffix="cur"
        inputmode="decimal"
        :fault="form.faultOf('asIsValueMinor')"
      />
      <PlainField
        v-model="draft.cap"
        label="Owner's spending cap"
        :suffix="cur"
        inputmode="decimal"
        :fault="form.faultOf('capMinor')"
      />
      <LazyDayField v-model="draft.deadline" label="Wanted by" :fault="form.faultOf('deadline')" />
      <PlainField
        v-model="draft.dayLoss"
        label="A day without it costs"
        :suffix="cur"
        inputmode="decimal"
        hint="For a machine that earns."
        :fault="form.faultOf('dayLossMinor')"
      />
      <PlainField
        v-model="draft.bought"
        label="Shop's own, bought for"
        :suffix="cur"
        inputmode="decimal"
        hint="Empty: a customer's."
        :fault="form.faultOf('boughtMinor')"
      />
      <ElCheckbox v-if="draft.bought?.trim()" v-model="draft.ownTimeFree">Own time is free on it</ElCheckbox>
    </div>
    <ChipGroup
      v-if="draft.cap.trim()"
      v-model="draft.capFor"
      label="The cap is"
      :options="CAP_FOR"
      :fault="form.faultOf('capFor')"
    />
    <FormFoot
      v-if="form.touched.value || form.message.value"
      label="Log the change"
      :busy="form.busy.value"
      :message="form.message.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    />
  </form>
</template>

<style scoped>
.terms {
  display: grid;
  gap: 12px;
}
</style>
