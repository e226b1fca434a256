<script setup lang="ts" generic="T extends string">
/** One answer out of many. */
const props = defineProps<{ label: string; options: Record<T, string>; fault?: string; empty?: string }>()
const model = defineModel<T | ''>({ required: true })
const id = useId()
const entries = computed(() => Object.entries(props.options) as [T, string][])
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <select
      :id="id"
      v-model="model"
      class="in"
      :class="{ wrong: fault }"
      :aria-invalid="Boolean(fault)"
      :aria-describedby="`${id}-more`"
    >
      <option v-if="empty" value="">{{ empty }}</option>
      <option v-for="[value, word] in entries" :key="value" :value="value">{{ word }}</option>
    </select>
    <p :id="`${id}-more`" class="fault" :hidden="!fault">{{ fault }}</p>
  </div>
</template>
