<script setup lang="ts">
/** The ways to a sound crank, each with the figures it stands by. */
const sheet = useSheet()
const paths = computed(() => sheet.assessment.value?.crank ?? [])
const WORD = { good: 'inside', near: 'near', past: 'past' } as const
</script>

<template>
  <FoldedPart v-if="paths.length" class="crank">
    <template #title
      ><b>The crank: {{ paths.length }} ways to a sound one, and the figures each asks</b></template
    >
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
  </FoldedPart>
</template>

<style scoped>
li {
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
.fig {
  margin-right: 14px;
}
</style>
