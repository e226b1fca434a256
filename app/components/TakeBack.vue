<script setup lang="ts">
/** A word that takes something back which was given out, asked once more; `of` says to a screen reader which one. */
defineProps<{ title: string; of: string }>()
const emit = defineEmits<{ take: [] }>()
</script>

<template>
  <ElPopconfirm
    :title="title"
    confirm-button-text="Take it back"
    cancel-button-text="Leave it"
    width="290"
    @confirm="emit('take')"
  >
    <template #reference
      ><ElButton link class="link"
        >Take back<span class="sr"> {{ of }}</span></ElButton
      ></template
    >
  </ElPopconfirm>
</template>
