<script setup lang="ts">
import dayjs from 'dayjs'
import { moneyText, toMajor } from '#core/units/money'
import { PAID_BY } from '#core/words/bill'
import type { TakingLine, Takings } from '#shared/types/records'
import type { ShopColumn } from './ShopTable.vue'

/** What came over the counter on one day. */
const day = ref(dayjs().format('YYYY-MM-DD'))
const takings = ref<Takings>()
const message = ref('')
watch(
  day,
  async asked => {
    try {
      takings.value = await read<Takings>(`/api/takings?day=${asked}`)
      message.value = ''
    } catch (error) {
      message.value = (error as Error).message
    }
  },
  { immediate: true },
)
const cash = (minor: number): string =>
  takings.value ? moneyText(toMajor(minor, takings.value.currency), takings.value.currency, true) : ''
const columns: ShopColumn<TakingLine>[] = [
  { key: 'at', label: 'Time', say: l => dayjs(l.at).format('HH:mm'), by: l => l.at, width: 90 },
  { key: 'job', label: 'Job', say: l => `T ${l.number}, ${l.machine}`, by: l => l.number, minWidth: 220, stays: true },
  { key: 'owner', label: 'Owner', say: l => l.owner, minWidth: 150 },
  { key: 'paidBy', label: 'By', say: l => PAID_BY[l.paidBy], width: 120, pick: true },
  { key: 'minor', label: 'Amount', say: l => cash(l.minor), by: l => l.minor, width: 140, right: true, stays: true },
]
</script>

<template>
  <section id="takings" class="block">
    <h2>Takings of a day</h2>
    <div class="head">
      <DayField v-model="day" label="Day" />
      <p v-if="takings" class="sum" role="status">
        <b>{{ cash(takings.totalMinor) }}</b>
        <span v-for="s in takings.sums" :key="s.paidBy">{{ PAID_BY[s.paidBy] }} {{ cash(s.minor) }}</span>
      </p>
    </div>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <p v-else-if="takings && !takings.lines.length" class="note">
      Nothing came over the counter on this day. A payment is put down on a job, under Hand back.
    </p>
    <ShopTable
      v-else-if="takings"
      name="takings"
      label="Takings of the day"
      row-key="id"
      :rows="takings.lines"
      :columns="columns"
      :file="`/api/takings.csv?day=${day}`"
      ><template #job="{ row }"
        ><NuxtLink :to="`/jobs/${row.jobId}`" class="link">T {{ row.number }}, {{ row.machine }}</NuxtLink></template
      ></ShopTable
    >
  </section>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: end;
  margin-bottom: 10px;
}
.head > .field {
  width: 190px;
}
.sum {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
}
.sum b {
  font: 600 22px var(--label);
}
</style>
