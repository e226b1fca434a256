<script setup lang="ts">
import type { Question } from '#core/entries/claim/questions'

/** Questions for this complaint, each answered by a touch or a word. An answer is a claim until it was checked. */
const props = defineProps<{
  questions: Question[]
  /** they are numbered from here, and counted elsewhere */
  from?: number
}>()
const answers = defineModel<Record<string, string>>({ required: true })
const set = (id: string, answer: string): void => {
  answers.value = { ...answers.value, [id]: answers.value[id] === answer ? '' : answer }
}
const done = computed(() => props.questions.filter(q => answers.value[q.id]?.trim()).length)
const id = useId()
</script>

<template>
  <div class="questions">
    <p v-if="!from" class="lab">{{ done }} of {{ questions.length }} answered. “Doesn't know” is an answer too.</p>
    <div
      v-for="(q, i) in questions"
      :key="q.id"
      class="q"
      :class="{ one: from }"
      role="group"
      :aria-labelledby="`${id}-${q.id}`"
    >
      <p :id="`${id}-${q.id}`">
        <span v-if="from" class="lab n">{{ from + i }}</span> {{ q.ask }}
      </p>
      <div class="a">
        <ElButton
          v-for="a in q.answers"
          :key="a"
          :class="{ on: answers[q.id] === a }"
          :aria-pressed="answers[q.id] === a"
          @click="set(q.id, a)"
        >
          {{ a }}
        </ElButton>
        <ElInput
          class="words"
          :model-value="q.answers.includes(answers[q.id] ?? '') ? '' : (answers[q.id] ?? '')"
          :aria-label="`${q.ask} In words`"
          placeholder="or in words"
          maxlength="300"
          @update:model-value="said => (answers = { ...answers, [q.id]: said })"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.questions {
  display: grid;
  gap: 2px;
}
.q {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2.1fr);
  gap: 4px 14px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
}
.q.one {
  grid-template-columns: minmax(0, 1fr);
  padding: 9px 0 10px;
}
.one > p {
  font-weight: 600;
}
.n {
  display: inline-block;
  min-width: 22px;
}
.one .a {
  padding-left: 22px;
}
.a {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.a .words {
  flex: 1 1 92px;
  width: 92px;
}
.a .el-button.el-button {
  padding: 0 9px;
  font-weight: 400;
  white-space: normal;
}
.a .on {
  border-color: var(--petrol);
  box-shadow: inset 0 0 0 1px var(--petrol);
  background: var(--petrol-wash);
  font-weight: 500;
}
@media (max-width: 760px) {
  .q {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
