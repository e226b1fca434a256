<script setup lang="ts">
import type { TreeNode } from '#core/diagnosis/tree'

/** A check, its answers, and what each leads to. */
defineProps<{ node: TreeNode }>()
const pct = (p: number): string => `${Math.round(100 * p)} %`
</script>

<template>
  <div class="node">
    <p v-if="node.check" class="ask">
      {{ node.check.name }} <span class="lab">{{ node.check.minutes }} min</span>
    </p>
    <p v-else-if="node.lead" class="end">
      <b>{{ node.lead.name }}</b> <span class="lab">{{ pct(node.lead.p) }}</span>
    </p>
    <p v-else class="end note">Nothing left to ask.</p>
    <ul v-if="node.branches.length">
      <li v-for="b in node.branches" :key="b.seen">
        <p class="lab">
          {{ b.seen }} <span class="num">{{ pct(b.p) }}</span>
        </p>
        <CheckTree :node="b.node" />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.ask {
  font-weight: 600;
}
.end {
  padding: 1px 0;
}
ul {
  margin: 2px 0 4px 9px;
  border-left: 2px solid var(--rule-2);
}
li {
  padding: 4px 0 2px 16px;
  position: relative;
}
li::before {
  content: '';
  position: absolute;
  left: 0;
  top: 15px;
  width: 11px;
  border-top: 2px solid var(--rule-2);
}
li .lab {
  color: var(--ink-2);
}
</style>
