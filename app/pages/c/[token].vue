<script setup lang="ts">
import type { CarePage } from '#shared/types/session'

/** How the owner looks after the machine: the care card as a page, by an address that can be taken back. */
definePageMeta({ layout: 'owner' })
useHead({
  title: 'Care card',
  meta: [
    { name: 'referrer', content: 'no-referrer' },
    { name: 'robots', content: 'noindex' },
  ],
})
const token = String(useRoute().params.token)
const page = ref<CarePage | null>(null)
const trouble = ref('')
try {
  page.value = await read<CarePage>(`/api/c/${token}`)
} catch (error) {
  trouble.value = (error as Error).message
}
</script>

<template>
  <div class="care">
    <p v-if="trouble" class="bar" role="alert">{{ trouble }}</p>
    <template v-if="page">
      <p class="lab">{{ page.shopName }} · T {{ page.number }}</p>
      <h1>{{ page.machineName }}</h1>
      <div v-if="page.warnings.length" class="warn" role="alert">
        <h2>Not to be run</h2>
        <p v-for="w in page.warnings" :key="w">{{ w }}</p>
      </div>
      <section v-for="s in page.sections" :key="s.title">
        <h2>{{ s.title }}</h2>
        <ul>
          <li v-for="line in s.lines" :key="line">{{ line }}</li>
        </ul>
      </section>
      <p class="caution">{{ page.caution }}</p>
      <p>
        <a class="btn" :href="`/api/c/${token}/care.pdf`" target="_blank" rel="noopener">The same to print</a>
      </p>
      <p class="note">{{ page.shopAddress }}</p>
    </template>
  </div>
</template>

<style scoped>
.care {
  max-width: 640px;
  margin: 0 auto;
  padding: 18px 18px 40px;
  font-size: 17px;
  line-height: 1.45;
}
h1 {
  margin: 2px 0 12px;
}
section {
  border-top: 1px solid var(--rule-2);
  padding: 10px 0 6px;
}
h2 {
  font-size: 20px;
  margin-bottom: 6px;
}
ul {
  list-style: disc;
  padding-left: 20px;
}
li {
  margin-bottom: 6px;
}
.warn {
  background: var(--past);
  color: #fff;
  padding: 12px 16px;
  border-radius: var(--radius);
  margin-bottom: 14px;
}
.caution {
  border-left: 4px solid var(--near);
  background: var(--near-wash);
  padding: 10px 14px;
  margin: 12px 0 16px;
}
</style>
