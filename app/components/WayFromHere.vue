<script setup lang="ts">
import { wrap } from 'comlink'
import type { TreeNode } from '#core/diagnosis/tree'
import type { AssessApi } from '~/workers/assess.worker'

/** The same suggestions as a fault tree: worked out when it is opened, in a worker of its own. */
const sheet = useSheet()
const open = ref(false)
const tree = shallowRef<TreeNode | null>(null)
watch([open, () => sheet.job.value.entries.length], async () => {
  if (!open.value) return
  const worker = new Worker(new URL('../workers/assess.worker.ts', import.meta.url), { type: 'module', name: 'tree' })
  tree.value = await wrap<AssessApi>(worker).tree(JSON.parse(JSON.stringify(sheet.file.value)))
  worker.terminate()
})
</script>

<template>
  <details class="way" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>The way from here, as a tree</summary>
    <CheckTree v-if="tree" :node="tree" />
    <p v-else class="note">Working it out.</p>
  </details>
</template>

<style scoped>summary { min-height: 44px; padding-top: 11px; cursor: pointer; font-weight: 600; }</style>
