<script setup lang="ts">
import { wrap } from 'comlink'
import type { TreeNode } from '#core/diagnosis/tree'
import type { AssessApi } from '~/workers/assess.worker'

/** The same suggestions as a fault tree: worked out when it is opened, in a worker of its own. */
const sheet = useSheet()
const open = ref(false)
const tree = shallowRef<TreeNode | null>(null)
const failed = ref('')
watch([open, () => sheet.job.value.entries.length], async () => {
  if (!open.value) return
  const worker = new Worker(new URL('../workers/assess.worker.ts', import.meta.url), { type: 'module', name: 'tree' })
  failed.value = ''
  try {
    tree.value = await wrap<AssessApi>(worker).tree(JSON.parse(JSON.stringify(sheet.file.value)))
  } catch (error) {
    failed.value = `The tree could not be worked out: ${error instanceof Error ? error.message : String(error)}.`
  } finally {
    worker.terminate()
  }
})
</script>

<template>
  <div class="way">
    <ElButton link class="link" @click="open = true">The way from here, as a tree</ElButton>
    <ElDrawer v-if="open" v-model="open" title="The way from here" direction="rtl" size="min(720px, 92vw)">
      <p v-if="failed" class="bar" role="alert">{{ failed }}</p>
      <CheckTree v-else-if="tree" :node="tree" />
      <p v-else class="note">Working it out.</p>
    </ElDrawer>
  </div>
</template>
