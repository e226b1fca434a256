<script setup lang="ts">
/** The end of a form: what went wrong, log it, or leave the correction. */
defineProps<{ label: string; busy: boolean; message: string; correcting?: boolean; touched?: boolean }>()
const emit = defineEmits<{ cancel: [] }>()
</script>

<template>
  <div class="foot">
    <p v-if="message" class="bar" role="alert">{{ message }}</p>
    <div class="acts">
      <ElButton type="primary" native-type="submit" :disabled="busy">
        {{ correcting ? 'Log the correction' : label }} <kbd>Enter</kbd>
      </ElButton>
      <ElButton v-if="correcting || touched" @click="emit('cancel')">
        {{ correcting ? 'Leave it as it was' : 'Clear' }}
      </ElButton>
      <slot />
    </div>
    <p v-if="correcting" class="lab">You are correcting an entry: both will stay in the log.</p>
  </div>
</template>

<style scoped>
.foot {
  display: grid;
  gap: 10px;
  margin-top: 4px;
}
</style>
