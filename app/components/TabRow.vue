<script setup lang="ts">
import type { Mark } from '#core/judgement'
import type { FormName } from '~/composables/useJobSheet'

/** The forms of a stage side by side, each with the mark of its newest finding. */
defineProps<{
  label: string
  tabs: { form: FormName; label: string }[]
  on: FormName | null | undefined
  marks: Partial<Record<string, Mark>>
}>()
const emit = defineEmits<{ pick: [form: FormName] }>()
</script>

<template>
  <div class="looks" role="group" :aria-label="label">
    <ElButton
      v-for="t in tabs"
      :key="t.form"
      :class="{ on: on === t.form }"
      :aria-pressed="on === t.form"
      @click="emit('pick', t.form)"
    >
      {{ t.label }} <StateMark v-if="marks[t.form]" :mark="marks[t.form]!" bare />
    </ElButton>
  </div>
</template>

<style scoped>
.looks {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 14px;
  align-items: center;
}
.on {
  border-color: var(--ink);
  box-shadow: inset 0 0 0 1px var(--ink);
  font-weight: 600;
}
</style>
