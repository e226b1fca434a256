<script setup lang="ts">
/** A part of a page that stands folded behind its first line. */
defineOptions({ inheritAttrs: false })
const open = defineModel<boolean>('open', { default: false })
const names = computed({
  get: () => (open.value ? ['it'] : []),
  set: list => {
    open.value = list.length > 0
  },
})
</script>

<template>
  <ElCollapse v-model="names" class="folded" v-bind="$attrs">
    <ElCollapseItem name="it">
      <template #title><slot name="title" /></template>
      <slot />
    </ElCollapseItem>
  </ElCollapse>
</template>
