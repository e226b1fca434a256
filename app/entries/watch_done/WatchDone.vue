<script setup lang="ts">
import { WATCH_RESULTS } from '#core/words/looks'
import type { WatchDoneBody } from '#core/entries/watch_done/schema'

/** What was to be looked at again, answered where it is read: on this visit or a later one. */
const sheet = useSheet()
const session = useSessionStore()
const asked = ref<{ id: string; result: WatchDoneBody['result'] } | null>(null)
const found = ref('')
const trouble = ref('')
async function close(watchId: string, result: WatchDoneBody['result']): Promise<void> {
  if (result !== 'fine' && asked.value?.id !== watchId) {
    asked.value = { id: watchId, result }
    return
  }
  const outcome = await sheet.log({
    kind: 'watch_done',
    how: 'by_eye',
    body: { watchId, result, found: found.value.trim() || null },
  })
  trouble.value = outcome.ok ? '' : outcome.message
  if (outcome.ok) {
    asked.value = null
    found.value = ''
  }
}
</script>

<template>
  <div>
    <WatchList :history="sheet.job.value.history" :entries="sheet.inForce.value">
      <template #default="{ watch }">
        <span v-if="session.mayLog('watch_done')" class="acts">
          <template v-if="asked?.id === watch.id">
            <PlainField v-model="found" :label="asked.result === 'dropped' ? 'Why not' : 'What was found'" />
            <ElButton type="primary" @click="close(watch.id, asked.result)">Log it</ElButton>
            <ElButton @click="asked = null">Leave it</ElButton>
          </template>
          <template v-else>
            <ElButton
              v-for="(word, k) in WATCH_RESULTS"
              :key="k"
              :aria-label="`${word}: ${watch.what}`"
              @click="close(watch.id, k)"
            >
              {{ word }}
            </ElButton>
          </template>
        </span>
      </template>
    </WatchList>
    <p v-if="trouble" class="fault" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.acts {
  align-items: end;
}
</style>
