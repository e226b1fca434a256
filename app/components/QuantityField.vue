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
      <input
        :id="id"
        v-model="text"
        class="in big"
        :class="{ wrong: fault }"
        inputmode="decimal"
        autocomplete="off"
        :aria-invalid="Boolean(fault)"
        :aria-describedby="`${id}-more`"
      />
      <span class="units" role="group" :aria-label="`Unit of ${label}`">
        <button v-for="u in units" :key="u" type="button" :aria-pressed="unit === u" @click="choose(u)">
          {{ UNITS[u]?.label ?? u }}
        </button>
      </span>
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
.in.big {
  width: 118px;
  font: 600 28px/1 var(--label);
  padding: 4px 10px;
}
.units {
  display: inline-flex;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  overflow: hidden;
}
.units button {
  border: 0;
  background: var(--sheet);
  min-width: 44px;
  min-height: 42px;
  padding: 0 9px;
  font: 500 15px var(--label);
  color: var(--ink-2);
  cursor: pointer;
}
.units button + button {
  border-left: 1px solid var(--rule);
}
.units button[aria-pressed='true'] {
  background: var(--ink);
  color: #fff;
}
.units button:focus-visible {
  outline-offset: -3px;
}
p:empty {
  display: none;
}
</style>
