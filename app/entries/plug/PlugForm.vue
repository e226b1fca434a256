<script setup lang="ts">
import type { PlugBody } from '#core/entries/plug/schema'
import { PLUG_STATES } from '#core/words/looks'

const form = useEntryForm<'plug', { state: PlugBody['state'] | null; note: string }>({
  kind: 'plug',
  byCylinder: true,
  blank: () => ({ state: null, note: '' }),
  how: () => 'by_eye',
  toBody: d => ({ state: d.state as PlugBody['state'], note: d.note || null }),
  fromBody: b => ({ state: b.state, note: b.note ?? '' }),
})
const { draft } = form
const { judged } = form
const TIP: Record<PlugBody['state'], string> = {
  normal: '#b98d5e',
  pale: '#e6e1d4',
  sooty: '#2b2825',
  fuel_wet: '#6d6455',
  oil_wet: '#33270f',
  new: '#f3f3f0',
}
const wet = computed(() => draft.value.state === 'fuel_wet' || draft.value.state === 'oil_wet')
function normal(): void {
  draft.value.state = 'normal'
  void form.submit()
}
</script>

<template>
  <form class="plugform" @submit.prevent="form.submit()">
    <svg
      viewBox="0 0 120 210"
      class="plug"
      role="img"
      :aria-label="`Plug, ${draft.state ? PLUG_STATES[draft.state].toLowerCase() : 'not looked at'}`"
    >
      <rect x="44" y="4" width="32" height="16" rx="3" fill="#c9c6bd" />
      <path d="M46 20h28l4 46H42z" fill="#f6f4ee" stroke="var(--ink-2)" />
      <path d="M34 66h52v22H34z" fill="#b9b6ac" stroke="var(--ink-2)" />
      <path d="M40 88h40v58H40z" fill="#a7a49a" stroke="var(--ink-2)" />
      <path v-for="i in 6" :key="i" :d="`M40 ${90 + i * 9}l40 4`" stroke="var(--ink-2)" opacity=".6" />
      <path
        d="M50 146h20v22q0 6-10 6t-10-6z"
        :fill="draft.state ? TIP[draft.state] : '#e9e6dd'"
        stroke="var(--ink-2)"
      />
      <rect x="57" y="172" width="6" height="10" fill="#77746b" />
      <path d="M80 146v46H54v-7h18v-39z" fill="#8d8a80" stroke="var(--ink-2)" />
      <path
        v-if="wet"
        d="M60 190q7 10 0 15-7-5 0-15z"
        :fill="draft.state === 'oil_wet' ? 'var(--oil-dark)' : '#b8c9c4'"
        stroke="var(--ink-2)"
      />
    </svg>
    <div class="right">
      <CylinderPick v-model="form.cylinder.value" :cylinders="form.cylinders" :fault="form.faultOf('ofCylinder')" />
      <p class="note">Plug lead off, dirt blown away from the hole first. Look at the tip before it is wiped.</p>
      <ChipGroup
        v-model="draft.state"
        label="The tip is"
        :options="PLUG_STATES"
        :swatches="TIP"
        :fault="form.faultOf('state')"
      />
      <VerdictWords :judged="judged" />
      <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
      <FormFoot
        label="Log the plug"
        :busy="form.busy.value"
        :message="form.message.value"
        :correcting="form.correcting.value"
        :touched="form.touched.value"
        @cancel="form.clear()"
        ><ElButton v-if="!form.touched.value" class="dash" @click="normal"> Looks normal </ElButton></FormFoot
      >
    </div>
  </form>
</template>

<style scoped>
.plugform {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr);
  gap: 20px;
  align-items: start;
  max-width: 820px;
}
.plug {
  width: 120px;
}
.right {
  display: grid;
  gap: 10px;
}
@media (max-width: 640px) {
  .plugform {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
