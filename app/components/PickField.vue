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
    <div class="box">
      <LazyPickList
        :id="id"
        v-model="model"
        :options="empty ? [['', empty] as ['', string], ...entries] : entries"
        :filterable="entries.length > 12"
        :empty-values="[null, undefined]"
        :aria-label="label"
        :aria-describedby="`${id}-more`"
        :class="{ wrong: fault }"
      />
    </div>
    <p :id="`${id}-more`" class="fault" :hidden="!fault">{{ fault }}</p>
  </div>
</template>

<style scoped>
/* its place is kept while the list comes */
.box {
  min-height: 44px;
}
</style>
