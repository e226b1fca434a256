<script setup lang="ts" generic="T extends string">
/** A list that opens: what it is of comes with it only where one stands, so that a page that has none does not wait for it. */
defineOptions({ inheritAttrs: false })
defineProps<{ options: readonly (readonly [T, string])[] }>()
defineSlots<{ prefix?(): unknown; tag?(): unknown; option?(props: { value: T; label: string }): unknown }>()
</script>

<template>
  <ElSelect v-bind="$attrs"
    ><template v-if="$slots.prefix" #prefix><slot name="prefix" /></template
    ><template v-if="$slots.tag" #tag><slot name="tag" /></template
    ><ElOption v-for="[value, label] in options" :key="value" :value="value" :label="label"
      ><slot v-if="$slots.option" name="option" :value="value" :label="label" /></ElOption
  ></ElSelect>
</template>
