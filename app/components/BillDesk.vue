<script setup lang="ts">
import dayjs from 'dayjs'
import { ulid } from 'ulid'
import { standing } from '#core/handover/bill'
import type { GivenBill } from '#core/handover/bill'
import { moneyText, toMajor } from '#core/units/money'
import { PAID_BY } from '#core/words/bill'
import type { JobBills } from '#shared/types/records'

/** The money of a job: bills that were given, what was paid, what is still due. */
const sheet = useSheet()
const shop = useShopStore()
const url = `/api/jobs/${sheet.job.value.id}`
const now = ref<JobBills>()
const message = ref('')
async function load(): Promise<void> {
  try {
    now.value = await read<JobBills>(`${url}/bills`)
  } catch (error) {
    message.value = (error as Error).message
  }
}
watch(() => sheet.job.value.entries.length, load, { immediate: true })
const cash = (minor: number): string => moneyText(toMajor(minor, shop.policy.currency), shop.policy.currency, true)
const made = ref(false)
const live = computed(() => (now.value ? standing(now.value.bills) : []))

/** the bill that is being taken back, and why */
const back = ref<GivenBill>()
const why = ref('')
const whyFault = ref('')
let creditId = ulid()
async function takeBack(): Promise<void> {
  if (!back.value || !shop.person) return
  const outcome = await send(`${url}/bills/${back.value.id}/credit`, 'POST', {
    id: creditId,
    by: shop.person.id,
    why: why.value,
  })
  whyFault.value = outcome.ok ? '' : (outcome.faults[0]?.message ?? outcome.message)
  if (!outcome.ok) return
  creditId = ulid()
  why.value = ''
  back.value = undefined
  await load()
}

const paid = reactive({ amount: '', paidBy: 'cash' as PaidBy | '', note: '' })
const faults = ref<Fault[]>([])
const fault = (field: string): string => faults.value.find(f => f.field === field)?.message ?? ''
let paymentId = ulid()
const busy = ref(false)
async function pay(): Promise<void> {
  if (!shop.person || busy.value) return
  busy.value = true
  const outcome = await send(`${url}/payments`, 'POST', {
    id: paymentId,
    by: shop.person.id,
    minor: moneyTyped(paid.amount, shop.policy.currency),
    paidBy: paid.paidBy,
    note: paid.note.trim() || null,
  })
  busy.value = false
  faults.value = outcome.ok ? [] : outcome.faults
  message.value = outcome.ok ? '' : outcome.message
  if (!outcome.ok) return
  paymentId = ulid()
  Object.assign(paid, { amount: '', note: '' })
  await load()
}
const all = (): void => {
  if (now.value) paid.amount = moneyField(now.value.dueMinor, shop.policy.currency)
}
</script>

<template>
  <p v-if="!now && message" class="fault" role="alert">{{ message }}</p>
  <div v-if="now" class="bills">
    <ul v-if="now.bills.length" class="given">
      <li v-for="b in now.bills" :key="b.id">
        <b>{{ b.kind === 'credit' ? 'Credit note' : 'Invoice' }} {{ b.number }}</b>
        <span class="lab">{{ dayjs(b.givenAt).format('D MMM YYYY') }}, {{ shop.nameOf(b.by) }}</span>
        <span class="sum">{{ cash(b.totalMinor) }}</span>
        <a class="link" :href="`${url}/bills/${b.id}/bill.pdf`" target="_blank" rel="noopener"
          >Print<span class="sr"> no. {{ b.number }}</span></a
        ><ElButton v-if="live.includes(b)" link class="link" @click="back = b"
          >Credit note<span class="sr"> for invoice {{ b.number }}</span></ElButton
        >
        <span v-if="b.why" class="note">takes back invoice {{ b.answersNumber }}: {{ b.why }}</span>
      </li>
    </ul>
    <p v-else class="note">No invoice was given yet.</p>
    <p class="acts">
      <ElButton v-if="!live.length" type="primary" @click="made = true">Make the bill</ElButton
      ><a class="btn" :href="`${url}/invoice.pdf`" target="_blank" rel="noopener">What it came to so far, PDF</a>
    </p>
    <form class="pay" @submit.prevent="pay">
      <PlainField
        v-model="paid.amount"
        :label="live.length ? 'Paid' : 'Deposit'"
        :suffix="shop.policy.currency"
        inputmode="decimal"
        hint="Paid back: with a minus"
        :fault="fault('minor')"
      /><ElButton v-if="now.dueMinor > 0" class="all" @click="all">All {{ cash(now.dueMinor) }}</ElButton
      ><PickField v-model="paid.paidBy" label="By" :options="PAID_BY" /><PlainField
        v-model="paid.note"
        label="Note"
        :fault="fault('note')"
      /><ElButton native-type="submit" class="all" :loading="busy">Put it down</ElButton>
    </form>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <ul v-if="now.payments.length" class="given">
      <li v-for="p in now.payments" :key="p.id">
        <span class="lab">{{ dayjs(p.at).format('D MMM YYYY, HH:mm') }}, {{ shop.nameOf(p.by) }}</span>
        {{ PAID_BY[p.paidBy] }}{{ p.minor < 0 ? ', paid back' : '' }}{{ p.note ? `: ${p.note}` : '' }}
        <span class="sum">{{ cash(p.minor) }}</span>
      </li>
    </ul>
    <p v-if="live.length || now.payments.length" class="due" data-test="due">
      {{
        now.dueMinor > 0
          ? `Still due: ${cash(now.dueMinor)}`
          : now.dueMinor < 0
            ? now.bills.length
              ? `To be paid back: ${cash(-now.dueMinor)}`
              : `Paid ahead: ${cash(-now.dueMinor)}`
            : '● Paid'
      }}
    </p>
    <LazyBillDialog v-if="made" v-model="made" :now="now" @given="load" />
    <ElDialog
      :model-value="Boolean(back)"
      :title="`Credit note for invoice ${back?.number ?? ''}`"
      width="480px"
      @update:model-value="back = undefined"
    >
      <form class="bills" @submit.prevent="takeBack">
        <p>All of it is taken back, {{ cash(back?.totalMinor ?? 0) }}; a new bill can be given after it.</p>
        <PlainField v-model="why" label="Why, as it is printed" :fault="whyFault" />
        <ElButton type="primary" native-type="submit">Give the credit note</ElButton>
      </form>
    </ElDialog>
  </div>
</template>

<style scoped>
.bills {
  display: grid;
  gap: 10px;
}
.given li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  min-height: 44px;
  border-bottom: 1px solid var(--rule);
}
.sum {
  margin-left: auto;
  font-weight: 600;
}
.pay {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: start;
}
.pay > .field {
  width: 150px;
}
.pay > .field:last-of-type {
  flex: 1;
  min-width: 150px;
}
.given .link {
  line-height: 44px;
}
.all {
  margin-top: 22px;
}
.due {
  font: 600 20px var(--label);
}
</style>
