<script setup lang="ts" generic="T extends string">
/** Any number of answers out of a few, each a touch target. */
const props = defineProps<{ label: string; options: Partial<Record<T, string>>; fault?: string }>()
const model = defineModel<T[]>({ required: true })
const id = useId()
const entries = computed(() => Object.entries(props.options) as [T, string][])
const mark = (value: T): void => {
  model.value = model.value.includes(value) ? model.value.filter(v => v !== value) : [...model.value, value]
}
</script>

<template>
  <fieldset class="chips" :aria-describedby="fault ? `${id}-fault` : undefined">
    <legend class="lab">{{ label }}</legend>
    <div class="opts">
      <ElCheckbox
        v-for="[value, word] in entries"
        :key="value"
        :model-value="model.includes(value)"
        class="chip"
        :class="{ on: model.includes(value) }"
        @update:model-value="mark(value)"
        >{{ word }}</ElCheckbox
      >
    </div>
    <p v-if="fault" :id="`${id}-fault`" class="fault">{{ fault }}</p>
  </fieldset>
</template>

<style scoped>
.chips {
  display: grid;
  grid-template-columns: var(--label-width, 92px) minmax(0, 1fr);
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
@media (max-width: 640px) {
  .chips {
    grid-template-columns: minmax(0, 1fr);
  }
  .chips legend {
    padding: 0;
  }
}
</style>
