<script setup lang="ts">
interface Draft {
  start: string
  end: string
  unit: string
  seconds: string
  note: string
}
const form = useEntryForm<'crankcase', Draft>({
  kind: 'crankcase',
  blank: () => ({ start: '', end: '', unit: 'kPa', seconds: '60', note: '' }),
  how: () => 'measured',
  toBody: d => ({
    start: { value: typedFigure(d.start) as number, unit: d.unit },
    end: { value: typedFigure(d.end) as number, unit: d.unit },
    seconds: typedFigure(d.seconds) as number,
    note: d.note || null,
  }),
  fromBody: b => ({
    start: String(b.start.value),
    end: String(b.end.value),
    unit: b.start.unit,
    seconds: String(b.seconds),
    note: b.note ?? '',
  }),
})
const { draft } = form
const { judged } = form
</script>

<template>
  <form class="case" @submit.prevent="form.submit()">
    <p class="note">
      Inlet and exhaust blanked, piston so that the ports are covered. Vacuum as a negative figure. Do both: a lip seal
      may hold one way only.
    </p>
    <div class="grid2">
      <QuantityField
        v-model:text="draft.start"
        v-model:unit="draft.unit"
        label="Pumped to"
        :units="['kPa', 'psi', 'bar', 'inHg']"
        kind="crankcase"
        :fault="form.faultOf('start')"
      />
      <QuantityField
        v-model:text="draft.end"
        v-model:unit="draft.unit"
        label="Then reads"
        :units="['kPa', 'psi', 'bar', 'inHg']"
        kind="crankcase"
        :fault="form.faultOf('end')"
      />
    </div>
    <PlainField
      v-model="draft.seconds"
      label="After"
      suffix="s"
      inputmode="numeric"
      class="short"
      :fault="form.faultOf('seconds')"
    />
    <VerdictWords :judged="judged" />
    <PlainField v-model="draft.note" label="Note" area :fault="form.faultOf('note')" />
    <FormFoot
      label="Log the crankcase test"
      :busy="form.busy.value"
      :message="form.message.value"
      :correcting="form.correcting.value"
      :touched="form.touched.value"
      @cancel="form.clear()"
    />
  </form>
</template>

<style scoped>
.case {
  display: grid;
  gap: 10px;
  max-width: 760px;
}
.short {
  max-width: 140px;
}
</style>
