<script setup lang="ts">
import { oilMapOf } from '#core/condition/oilMap'
import { ROLES } from '#core/people/roles'
import type { Stage } from '#core/log/words'
import { STAGES } from '#core/log/words'

/** A stage whose findings stand side by side, one form open. */
const props = defineProps<{ stage: Stage }>()
const sheet = useSheet()
const session = useSessionStore()
const shown = computed(() => ROLES[session.person?.role ?? 'bench'].label.toLowerCase())
const { tabs, inHand, entryForm, marks, pickPart } = useJobTabs(sheet)
const map = computed(() => oilMapOf(sheet.inForce.value, sheet.job.value.facts))
</script>

<template>
  <div>
    <NarrowDown v-if="props.stage === 'narrow_down'" />
    <TabRow
      :label="STAGES[props.stage]"
      :tabs="tabs"
      :on="inHand"
      :marks="marks"
      @pick="form => sheet.open(props.stage, form)"
    />
    <EntryForm v-if="entryForm" :key="entryForm" :form="entryForm" />
    <template v-else-if="inHand"
      ><OilMap v-if="map" :map="map" @pick="pickPart" />
      <p v-else class="note">
        Say on the machine's page how this engine is oiled: the map is drawn from that.
      </p></template
    >
    <p v-else class="note">Nothing of this stage is logged by the {{ shown }}.</p>
    <section v-if="props.stage === 'measure'" class="block more">
      <h2>Anything else that was measured</h2>
      <NoteForm key="measure" stage="measure" prompt="What was measured: item, figure, unit, tool" />
    </section>
  </div>
</template>

<style scoped>
.more {
  margin-top: 18px;
}
</style>
