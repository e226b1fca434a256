<script setup lang="ts">
/** A day, typed or picked, kept as 2026-05-31; with `time` also its hour, kept as 2026-05-31T18:20. Empty where none is said. */
const props = defineProps<{
  /** stands above it; without one `name` says what it is */
  label?: string
  name?: string
  fault?: string
  hint?: string
  time?: boolean
}>()
const emit = defineEmits<{ change: [] }>()
const model = defineModel<string>({ required: true })
const id = useId()
const picked = computed({
  get: () => model.value || null,
  set: day => {
    model.value = day ?? ''
  },
})
const shape = computed(() =>
  props.time
    ? { type: 'datetime', format: 'D MMM YYYY HH:mm', valueFormat: 'YYYY-MM-DDTHH:mm', placeholder: '5 Jan 2027 18:20' }
    : { type: 'date', format: 'D MMM YYYY', valueFormat: 'YYYY-MM-DD', placeholder: '5 Jan 2027' },
)
</script>

<template>
  <div class="field">
    <label v-if="label" :for="id">{{ label }}</label>
    <ElDatePicker
      :id="id"
      v-model="picked"
      v-bind="shape as { type: 'date' }"
      :aria-label="name"
      :class="{ wrong: fault }"
      :aria-describedby="`${id}-more`"
      style="width: 100%"
      @change="emit('change')"
    />
    <p :id="`${id}-more`" :class="fault ? 'fault' : 'note'">{{ fault || hint }}</p>
  </div>
</template>

<style scoped>
p:empty {
  display: none;
}
</style>
