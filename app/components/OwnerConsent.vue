<script setup lang="ts">
/** What the owner agrees to: pictures kept, messages sent. Nobody asked is neither. */
const photo = defineModel<string>('photo', { required: true })
const message = defineModel<string>('message', { required: true })
</script>

<template>
  <div class="consent">
    <ChipGroup v-model="photo" label="Photos kept" :options="CONSENT" needed /><ChipGroup
      v-model="message"
      label="Messages sent"
      :options="CONSENT"
      needed
    />
  </div>
</template>

<style scoped>
.consent {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 28px;
  margin-top: 10px;
}
</style>
