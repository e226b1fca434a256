<script setup lang="ts">
/** The ways to a sound crank, each with the figures it stands by. */
const sheet = useSheet()
const paths = computed(() => sheet.assessment.value?.crank ?? [])
const WORD = { good: 'inside', near: 'near', past: 'past' } as const
</script>

<template>
  <details v-if="paths.length" class="crank">
    <summary>The crank: {{ paths.length }} ways to a sound one, and the figures each asks</summary>
    <ul>
      <li v-for="p in paths" :key="p.id">
        <b>{{ p.name }}</b> <span class="note">{{ p.note }}</span>
        <p>
          <span v-for="f in p.figures" :key="f.name" class="lab fig">
            <StateMark :mark="f.taken ?? 'open'" bare /> {{ f.name }}: {{ f.taken ? WORD[f.taken] : 'not taken' }}
          </span>
        </p>
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  min-height: 44px;
  padding-top: 11px;
  cursor: pointer;
}
li {
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
.fig {
  margin-right: 14px;
}
</style>
