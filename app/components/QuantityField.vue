<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { UNITS } from '#core/units/unitTable'

/** A big figure with its unit beside it; the unit toggles, and is remembered for the next time. */
const props = defineProps<{
  label: string
  units: string[]
  kind: string
  fault?: string
  hint?: string
  autofocus?: boolean
}>()
const text = defineModel<string>('text', { required: true })
const unit = defineModel<string>('unit', { required: true })
const id = useId()
const remembered = useLocalStorage<string>(unitKey(props.kind), '')
if (!unit.value) unit.value = rememberedUnit(props.kind, props.units)
function choose(next: string): void {
  unit.value = next
  remembered.value = next
}
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <div class="both">
      <ElInput
        :id="id"
        v-model="text"
        class="big"
        :class="{ wrong: fault }"
        inputmode="decimal"
        autocomplete="off"
        :aria-invalid="Boolean(fault)"
        :aria-describedby="`${id}-more`"
      />
      <ElButtonGroup class="units" role="group" :aria-label="`Unit of ${label}`">
        <ElButton v-for="u in units" :key="u" :aria-pressed="unit === u" @click="choose(u)">
          {{ UNITS[u]?.label ?? u }}
        </ElButton>
      </ElButtonGroup>
    </div>
    <p :id="`${id}-more`" :class="fault ? 'fault' : 'note'">{{ fault || hint }}</p>
  </div>
</template>

<style scoped>
.both {
  display: flex;
  gap: 8px;
  align-items: stretch;
  flex-wrap: wrap;
}
.big {
  width: 118px;
}
.big :deep(.el-input__inner) {
  font: 600 28px/1 var(--label);
}
.units :deep(.el-button) {
  min-width: 44px;
  padding: 0 9px;
  font: 500 15px var(--label);
  color: var(--ink-2);
}
.units :deep(.el-button[aria-pressed='true']) {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--sheet);
}
p:empty {
  display: none;
}
</style>
