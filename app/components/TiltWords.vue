<script setup lang="ts">
import type { TiltGuide } from '#core/oil/tiltGuide'

/** Which way up, for how long, and what to clean if it was done wrong. */
defineProps<{ guide: TiltGuide }>()
</script>

<template>
  <div class="tilt">
    <p><StateMark mark="good" bare /> {{ guide.best }}</p>
    <p><StateMark mark="past" bare /> Never: {{ guide.never }}</p>
    <ul>
      <li v-for="s in guide.steps" :key="s">{{ s }}</li>
    </ul>
    <template v-if="guide.after.length"
      ><p class="lab">If it was done wrong</p>
      <ul>
        <li v-for="s in guide.after" :key="s">{{ s }}</li>
      </ul></template
    >
    <p class="note">{{ guide.drain }}</p>
  </div>
</template>

<style scoped>
.tilt {
  display: grid;
  gap: 5px;
}
li {
  padding: 2px 0 2px 14px;
  position: relative;
}
li::before {
  content: '–';
  position: absolute;
  left: 0;
  color: var(--ink-2);
}
</style>
