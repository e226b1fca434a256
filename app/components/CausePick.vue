<script setup lang="ts">
/** One cause out of the catalogue, the likely ones first. */
defineProps<{ label: string; fault?: string }>()
const model = defineModel<string>({ required: true })
const causes = useCauseOptions()
</script>

<template>
  <PickField v-model="model" :label="label" :options="causes" empty="not in the list" :fault="fault" />
</template>
