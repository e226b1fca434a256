<script setup lang="ts">
/** Which of several cylinders; nothing on a single. */
defineProps<{ cylinders: Record<string, string> | null; fault?: string }>()
const cylinder = defineModel<string | null>({ required: true })
</script>

<template>
  <ChipGroup v-if="cylinders" v-model="cylinder" label="Cylinder" :options="cylinders" :fault="fault" />
</template>
