<script setup lang="ts">
/** What the owner agrees to: pictures kept, messages sent; nobody asked is neither. And the language of their papers, where the shop has written another. */
const photo = defineModel<string>('photo', { required: true })
const message = defineModel<string>('message', { required: true })
/** that papers are written in; empty: as the shop writes */
const language = defineModel<string>('language', { default: '' })
const shop = useShopStore()
const languages = computed(() =>
  Object.fromEntries([...shop.policy.languages.map(l => l.name), language.value].filter(Boolean).map(n => [n, n])),
)
</script>

<template>
  <div class="consent">
    <ChipGroup v-model="photo" label="Photos kept" :options="CONSENT" needed /><ChipGroup
      v-model="message"
      label="Messages sent"
      :options="CONSENT"
      needed
    />
    <PickField
      v-if="Object.keys(languages).length"
      v-model="language"
      label="Papers in"
      :options="languages"
      empty="English"
      class="papers"
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
.papers {
  width: 220px;
}
</style>
