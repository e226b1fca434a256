<script setup lang="ts">
import dayjs from 'dayjs'
import { moneyText, toMajor } from '#core/units/money'
import { PAID_BY } from '#core/words/bill'
import type { TakingLine, Takings } from '#shared/types/records'

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
const time = ({ at }: TakingLine): string => dayjs(at).format('HH:mm')
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
      <a v-if="takings?.lines.length" class="btn" :href="`/api/takings.csv?day=${day}`">CSV</a>
    </div>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <p v-else-if="takings && !takings.lines.length" class="note">
      Nothing came over the counter on this day. A payment is put down on a job, under Hand back.
    </p>
    <ElTable v-else-if="takings" :data="takings.lines" row-key="id">
      <ElTableColumn label="Time" width="90" sortable sort-by="at">
        <template #default="{ row }">{{ time(row as TakingLine) }}</template> </ElTableColumn
      ><ElTableColumn label="Job" sortable sort-by="number" min-width="220">
        <template #default="{ row }"
          ><NuxtLink :to="`/jobs/${(row as TakingLine).jobId}`" class="link"
            >T {{ (row as TakingLine).number }}, {{ (row as TakingLine).machine }}</NuxtLink
          ></template
        > </ElTableColumn
      ><ElTableColumn prop="owner" label="Owner" sortable min-width="150" /><ElTableColumn
        label="By"
        sortable
        sort-by="paidBy"
        width="120"
      >
        <template #default="{ row }">{{ PAID_BY[(row as TakingLine).paidBy] }}</template> </ElTableColumn
      ><ElTableColumn label="Amount" align="right" sortable sort-by="minor" width="140">
        <template #default="{ row }">{{ cash((row as TakingLine).minor) }}</template>
      </ElTableColumn>
    </ElTable>
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
