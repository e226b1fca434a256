<script setup lang="ts">
/** One line or a few of text or figures, with its label above and its fault below. */
defineOptions({ inheritAttrs: false })
defineProps<{ label: string; fault?: string; hint?: string; area?: boolean; suffix?: string }>()
const model = defineModel<string>({ required: true })
const id = useId()
const attrs = useAttrs()
const rest = computed(() => Object.fromEntries(Object.entries(attrs).filter(([name]) => name !== 'class')))
</script>

<template>
  <div class="field" :class="$attrs.class">
    <label :for="id">{{ label }}</label>
    <ElInput
      :id="id"
      v-model="model"
      :type="area ? 'textarea' : 'text'"
      :rows="2"
      :class="{ wrong: fault }"
      autocomplete="off"
      v-bind="rest"
      :aria-invalid="Boolean(fault)"
      :aria-describedby="`${id}-more`"
    >
      <template v-if="suffix" #suffix
        ><span class="lab" aria-hidden="true">{{ suffix }}</span></template
      >
    </ElInput>
    <p :id="`${id}-more`" :class="fault ? 'fault' : 'note'">{{ fault || hint }}</p>
  </div>
</template>

<style scoped>
p:empty {
  display: none;
}
</style>
