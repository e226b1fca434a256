<script setup lang="ts">
import type { TermsBody } from '#core/job/entries'
import { latest } from '#core/job/entries'
import { USE_CLASSES } from '#core/job/vocabulary'

interface Draft { useClass: TermsBody['useClass'], running: string, asIs: string, cap: string, deadline: string }
const sheet = useSheet()
const shop = useShopStore()
const cur = computed(() => shop.policy.currency)
const form = useEntryForm<'terms', Draft>({
  kind: 'terms', form: 'terms', base: latest(sheet.inForce.value, 'terms'),
  blank: () => ({ useClass: 'private', running: '', asIs: '', cap: '', deadline: '' }),
  how: () => null,
  toBody: d => ({ useClass: d.useClass, runningValueMinor: moneyTyped(d.running, cur.value), asIsValueMinor: moneyTyped(d.asIs, cur.value), capMinor: moneyTyped(d.cap, cur.value), deadline: d.deadline || null }),
  fromBody: b => ({ useClass: b.useClass, running: moneyField(b.runningValueMinor, cur.value), asIs: moneyField(b.asIsValueMinor, cur.value), cap: moneyField(b.capMinor, cur.value), deadline: b.deadline ?? '' }),
})
const { draft } = form
</script>

<template>
  <form class="terms" @submit.prevent="form.submit()">
    <ChipGroup v-model="draft.useClass" label="Use" :options="USE_CLASSES" needed />
    <div class="grid4">
      <PlainField v-model="draft.running" label="Worth when running" :suffix="cur" inputmode="decimal" :fault="form.faultOf('runningValueMinor')" />
      <PlainField v-model="draft.asIs" label="Worth as it is" :suffix="cur" inputmode="decimal" :fault="form.faultOf('asIsValueMinor')" />
      <PlainField v-model="draft.cap" label="Owner's spending cap" :suffix="cur" inputmode="decimal" :fault="form.faultOf('capMinor')" />
      <PlainField v-model="draft.deadline" label="Wanted by" type="date" :fault="form.faultOf('deadline')" />
    </div>
    <FormFoot v-if="form.touched.value || form.message.value" label="Log the change" :busy="form.busy.value" :message="form.message.value" :touched="form.touched.value" @cancel="form.clear()" />
  </form>
</template>

<style scoped>.terms { display: grid; gap: 12px; }</style>
