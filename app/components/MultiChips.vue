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
