<script setup lang="ts" generic="T extends string">
/** Any number of answers out of a few, each a touch target. */
const props = defineProps<{ label: string; options: Partial<Record<T, string>>; fault?: string }>()
const model = defineModel<T[]>({ required: true })
const id = useId()
const entries = computed(() => Object.entries(props.options) as [T, string][])
</script>

<template>
  <fieldset class="chips" :aria-describedby="fault ? `${id}-fault` : undefined">
    <legend class="lab">{{ label }}</legend>
    <div class="opts">
      <label v-for="[value, word] in entries" :key="value" class="chip" :class="{ on: model.includes(value) }"
        ><input v-model="model" type="checkbox" :value="value" /> {{ word }}</label
      >
    </div>
    <p v-if="fault" :id="`${id}-fault`" class="fault">{{ fault }}</p>
  </fieldset>
</template>

<style scoped>
.chips {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 4px 8px;
  align-items: start;
}
.chips legend {
  float: left;
  padding: 12px 0 0;
}
.opts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.fault {
  grid-column: 1 / -1;
}
.chip {
  min-height: var(--touch);
  padding: 0 11px;
  border: 1px solid var(--edge);
  border-radius: var(--radius);
  display: inline-flex;
  align-items: center;
  gap: 8px;
  background: var(--sheet);
  cursor: pointer;
}
.chip:hover {
  border-color: var(--ink);
}
.chip.on {
  border-color: var(--petrol);
  box-shadow: inset 0 0 0 1px var(--petrol);
  background: var(--petrol-wash);
  font-weight: 500;
}
.chip:has(:focus-visible) {
  outline: 3px solid var(--petrol);
  outline-offset: 2px;
}
.chip input {
  width: 18px;
  height: 18px;
  accent-color: var(--petrol);
}
@media (max-width: 640px) {
  .chips {
    grid-template-columns: minmax(0, 1fr);
  }
  .chips legend {
    padding: 0;
  }
}
</style>
