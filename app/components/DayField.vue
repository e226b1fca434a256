<script setup lang="ts">
/** A day, typed or picked; kept as 2026-05-31, empty where none is said. */
defineProps<{ label: string; fault?: string; hint?: string }>()
const model = defineModel<string>({ required: true })
const id = useId()
const picked = computed({
  get: () => model.value || null,
  set: day => {
    model.value = day ?? ''
  },
})
</script>

<template>
  <div class="field">
    <label :for="id">{{ label }}</label>
    <ElDatePicker
      :id="id"
      v-model="picked"
      type="date"
      format="D MMM YYYY"
      value-format="YYYY-MM-DD"
      placeholder="no day"
      :class="{ wrong: fault }"
      :aria-describedby="`${id}-more`"
      style="width: 100%"
    />
    <p :id="`${id}-more`" :class="fault ? 'fault' : 'note'">{{ fault || hint }}</p>
  </div>
</template>

<style scoped>
p:empty {
  display: none;
}
</style>
