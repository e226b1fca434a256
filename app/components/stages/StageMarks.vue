<script setup lang="ts">
import { keptOf } from '#core/entries/kept'
import type { Stage } from '#core/log/words'
import { STAGES } from '#core/log/words'

/** Done with this stage, or skipped with a reason: the work is seldom tidy. */
const props = defineProps<{ stage: Stage }>()
const sheet = useSheet()
const reason = ref('')
const skipping = ref(false)
const message = ref('')
const now = computed(() => sheet.assessment.value?.stages.find(s => s.stage === props.stage))
async function mark(state: 'done' | 'skipped' | 'open'): Promise<void> {
  const said = keptOf(sheet.inForce.value).stage.findLast(e => e.body.stage === props.stage)
  const outcome = await sheet.log({
    kind: 'stage',
    how: null,
    body: { stage: props.stage, state, reason: state === 'skipped' ? reason.value : null },
    supersedes: said?.id ?? null,
  })
  message.value = outcome.ok ? '' : (outcome.faults[0]?.message ?? outcome.message)
  if (outcome.ok) {
    skipping.value = false
    reason.value = ''
  }
}
</script>

<template>
  <div v-if="now" class="marks">
    <template v-if="now.state === 'open'">
      <ElButton @click="mark('done')">Done with {{ STAGES[stage].toLowerCase() }}</ElButton>
      <ElButton link v-if="!skipping" class="link" @click="skipping = true">Skip, say why</ElButton>
      <form v-else class="acts" @submit.prevent="mark('skipped')">
        <ElInput v-model="reason" class="why" aria-label="Why it is skipped" placeholder="Why it is skipped" /><ElButton
          native-type="submit"
        >
          Skip it
        </ElButton>
      </form>
    </template>
    <template v-else>
      <span class="lab">{{ now.state === 'done' ? 'Done.' : `Skipped: ${now.reason ?? 'closed before'}.` }}</span>
      <ElButton link class="link" @click="mark('open')">Open it again</ElButton>
    </template>
    <p v-if="message" class="fault">{{ message }}</p>
  </div>
</template>

<style scoped>
.marks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: center;
  margin-top: 18px;
  padding-top: 12px;
  border-top: 1px solid var(--rule);
}
.why {
  width: 240px;
}
</style>
