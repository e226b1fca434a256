<script setup lang="ts">
import { moneyText, toMajor } from '#core/units/money'
import { TAX_MODES } from '#core/words/bill'
import type { GivenBill } from '#core/handover/bill'
import type { JobBills } from '#shared/types/records'

/** A bill put together: lines as worked or as agreed, each to be changed, and what it comes to. Given, it has its number and stands. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ now: JobBills }>()
const emit = defineEmits<{ given: [GivenBill] }>()
const sheet = useSheet()
const shop = useShopStore()
const { draft, begin, addLine, removeLine, body, sum, done } = useBillDraft(sheet.job.value.id, toRef(props, 'now'))
watch(open, is => is && draft.value.from === null && begin('worked'), { immediate: true })
const cash = (minor: number): string => moneyText(toMajor(minor, shop.policy.currency), shop.policy.currency, true)
const rates = computed(() => [...new Set([shop.policy.taxPct, ...shop.policy.otherTaxPcts, 0])])
const taxed = computed(() => draft.value.tax === 'charged' && rates.value.some(r => r > 0))
const faults = ref<Fault[]>([])
const message = ref('')
const busy = ref(false)
const fault = (field: string): string => faults.value.find(f => f.field === `bill.${field}`)?.message ?? ''
async function give(): Promise<void> {
  if (!shop.person || busy.value) return
  busy.value = true
  const outcome = await send<GivenBill>(`/api/jobs/${sheet.job.value.id}/bills`, 'POST', {
    id: draft.value.id,
    by: shop.person.id,
    bill: body.value,
  })
  busy.value = false
  faults.value = outcome.ok ? [] : outcome.faults
  message.value = outcome.ok ? '' : outcome.message
  if (!outcome.ok) return
  done()
  open.value = false
  emit('given', outcome.value)
}
</script>

<template>
  <ElDialog v-model="open" title="The bill" width="min(940px, 96vw)" top="4vh" class="billdialog">
    <form class="bill" @submit.prevent="give">
      <div class="from">
        <ElButton :class="{ on: draft.from === 'worked' }" @click="begin('worked')">As it was worked</ElButton
        ><ElButton v-if="now.proposed.fixed" :class="{ on: draft.from === 'fixed' }" @click="begin('fixed')"
          >The price that was agreed</ElButton
        ><span class="note">Begins anew with the lines of the log.</span>
      </div>
      <p v-if="draft.from === 'worked' && now.proposed.asAgreed" class="note">
        Lines “as agreed” have no other figure on the log: take out what was not done.
      </p>
      <ul class="lines" :class="{ taxed }">
        <li v-for="(l, i) in draft.lines" :key="i">
          <PlainField v-model="l.text" :label="`Line ${i + 1}`" :hint="l.detail" :fault="fault(`lines.${i}.text`)" />
          <PlainField
            v-model="l.amount"
            label="Without tax"
            :suffix="shop.policy.currency"
            inputmode="decimal"
            :fault="fault(`lines.${i}.minor`)"
          /><PlainField
            v-model="l.discount"
            label="Less"
            suffix="%"
            inputmode="decimal"
            :fault="fault(`lines.${i}.discountPct`)"
          /><PickField
            v-if="taxed"
            v-model="l.tax"
            label="Tax"
            :options="Object.fromEntries(rates.map(r => [String(r), r ? `${r} %` : 'none']))"
          /><ElButton class="out" :aria-label="`Take out line ${i + 1}`" @click="removeLine(i)">✕</ElButton>
        </li>
      </ul>
      <p v-if="!draft.lines.length" class="note">Nothing stands on the log that has a price. Add a line.</p>
      <p v-if="fault('lines')" class="fault">{{ fault('lines') }}</p>
      <div class="under">
        <ElButton @click="addLine">Add a line</ElButton>
        <PlainField
          v-model="draft.discount"
          label="Discount in all"
          :suffix="shop.policy.currency"
          inputmode="decimal"
          :fault="fault('discountMinor')"
        /><PlainField
          v-model="draft.payDays"
          label="To be paid within"
          suffix="days"
          inputmode="numeric"
          hint="0: at once"
          :fault="fault('payDays')"
        />
      </div>
      <ChipGroup v-model="draft.tax" label="Tax" :options="TAX_MODES" needed />
      <PlainField
        v-if="draft.tax !== 'charged'"
        v-model="draft.taxWhy"
        label="Why no tax is charged, as it is printed"
        :fault="fault('taxWhy')"
      />
      <div class="grid3">
        <PlainField v-model="draft.to.name" label="To" :fault="fault('to.name')" /><PlainField
          v-model="draft.to.contact"
          label="Address"
          :fault="fault('to.contact')"
        /><PlainField
          v-model="draft.to.taxNumber"
          label="The owner’s tax number"
          hint="Where the owner is a business"
          :fault="fault('to.taxNumber')"
        />
      </div>
      <PlainField v-model="draft.words" label="Words on it" area :fault="fault('words')" />
      <p v-if="message" class="bar" role="alert">{{ message }}</p>
    </form>
    <template #footer>
      <p class="sum" aria-live="polite">
        <template v-if="sum"
          >Net {{ cash(sum.netMinor)
          }}<template v-for="t in sum.taxes" :key="t.pct">, tax {{ t.pct }} % {{ cash(t.taxMinor) }}</template
          ><template v-if="sum.roundingMinor">, rounding {{ cash(sum.roundingMinor) }}</template>
          <b>{{ cash(sum.totalMinor) }}</b></template
        ><template v-else>A figure is missing.</template>
      </p>
      <ElPopconfirm
        title="Give it? Its number and figures stand from then on; a mistake is answered by a credit note."
        confirm-button-text="Give it"
        cancel-button-text="Not yet"
        width="320"
        @confirm="give"
      >
        <template #reference><ElButton type="primary" :loading="busy">Give the invoice</ElButton></template>
      </ElPopconfirm>
    </template>
  </ElDialog>
</template>

<style scoped>
.bill {
  display: grid;
  gap: 12px;
  max-height: calc(100dvh - 270px);
  overflow-y: auto;
  padding-right: 6px;
}
.from,
.under {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
}
.from {
  align-items: center;
}
.under > .el-button {
  margin-top: 22px;
}
.under > .field {
  width: 170px;
}
.lines li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 130px 84px 44px;
  gap: 10px;
  align-items: start;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.lines.taxed li {
  grid-template-columns: minmax(0, 1fr) 130px 84px 96px 44px;
}
.out {
  margin-top: 22px;
  min-width: 44px;
  padding: 0;
}
.sum {
  flex: 1;
  text-align: left;
}
.sum b {
  font: 600 22px var(--label);
  margin-left: 8px;
}
@media (max-width: 640px) {
  .lines li,
  .lines.taxed li {
    grid-template-columns: 1fr 1fr;
  }
  .lines li > :first-child {
    grid-column: 1 / -1;
  }
}
</style>
<style>
.billdialog .el-dialog__footer {
  display: flex;
  gap: 12px;
  align-items: center;
}
</style>
