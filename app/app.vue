<script setup lang="ts">
useHead({
  titleTemplate: title => (title && title !== 'Remedium' ? `${title} · Remedium` : 'Remedium'),
  meta: [
    {
      name: 'description',
      content: 'The repair bench on one sheet: what is wrong with a small engine, and what it is worth doing about it.',
    },
  ],
})
</script>

<template>
  <NuxtLayout><NuxtPage /></NuxtLayout>
</template>
