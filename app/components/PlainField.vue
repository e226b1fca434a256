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
    <textarea
      v-if="area"
      :id="id"
      v-model="model"
      class="in"
      :class="{ wrong: fault }"
      rows="2"
      v-bind="rest"
      :aria-invalid="Boolean(fault)"
      :aria-describedby="`${id}-more`"
    />
    <span v-else class="with" :class="{ has: suffix }">
      <input
        :id="id"
        v-model="model"
        class="in"
        :class="{ wrong: fault }"
        autocomplete="off"
        v-bind="rest"
        :aria-invalid="Boolean(fault)"
        :aria-describedby="`${id}-more`"
      />
      <span v-if="suffix" class="lab suffix" aria-hidden="true">{{ suffix }}</span>
    </span>
    <p :id="`${id}-more`" :class="fault ? 'fault' : 'note'">{{ fault || hint }}</p>
  </div>
</template>

<style scoped>
.with {
  position: relative;
  display: block;
}
.with.has .in {
  padding-right: 52px;
}
.suffix {
  position: absolute;
  right: 11px;
  top: 13px;
  pointer-events: none;
}
p:empty {
  display: none;
}
</style>
