<script setup lang="ts">
/** Several answers out of a long list, found by typing. */
defineProps<{ label: string; options: Record<string, string>; fault?: string; placeholder?: string }>()
const model = defineModel<string[]>({ required: true })
const id = useId()
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <ElSelect
      :id="id"
      v-model="model"
      multiple
      filterable
      :aria-label="label"
      :placeholder="placeholder ?? 'choose'"
      :class="{ wrong: fault }"
      ><ElOption v-for="(word, key) in options" :key="key" :value="key" :label="word"
    /></ElSelect>
    <p class="fault" :hidden="!fault">{{ fault }}</p>
  </div>
</template>
