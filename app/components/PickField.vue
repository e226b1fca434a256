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
    <ElSelect
      :id="id"
      v-model="model"
      :filterable="entries.length > 12"
      :empty-values="[null, undefined]"
      :aria-label="label"
      :aria-describedby="`${id}-more`"
      :class="{ wrong: fault }"
      ><ElOption v-if="empty" value="" :label="empty" /><ElOption
        v-for="[value, word] in entries"
        :key="value"
        :value="value"
        :label="word"
    /></ElSelect>
    <p :id="`${id}-more`" class="fault" :hidden="!fault">{{ fault }}</p>
  </div>
</template>
