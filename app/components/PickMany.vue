<script setup lang="ts">
/** Several answers out of a long list, found by typing. */
defineProps<{ label: string; options: Record<string, string>; fault?: string; placeholder?: string }>()
const model = defineModel<string[]>({ required: true })
const id = useId()
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <LazyPickList
      :id="id"
      v-model="model"
      multiple
      filterable
      :aria-label="label"
      :placeholder="placeholder ?? 'choose'"
      :class="{ wrong: fault }"
      :options="Object.entries(options)"
    />
    <p class="fault" :hidden="!fault">{{ fault }}</p>
  </div>
</template>
