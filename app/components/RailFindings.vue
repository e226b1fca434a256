<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { basisWords } from '#core/condition/basisWords'
import { HOW_GOT } from '#core/log/words'

/** What the findings say: four counts, and the list a touch behind them. */
const props = defineProps<{
  /** the list lies open */
  spread?: boolean
}>()
const sheet = useSheet()
const a = computed(() => sheet.assessment.value)
const findings = computed(() => a.value?.findings ?? [])
const basis = computed(() => (a.value ? basisWords(a.value.basis) : ''))
/** how each was got, in a word */
const how = computed(() => new Map(sheet.inForce.value.flatMap(e => (e.how ? [[e.id, HOW_GOT[e.how]] as const] : []))))
const wanted = useLocalStorage('findings-listed', false)
const listed = computed(() => props.spread || wanted.value)
const COUNTED = { past: 'past limit', near: 'near', good: 'good', open: 'open' } as const
const counts = computed(() =>
  (Object.keys(COUNTED) as (keyof typeof COUNTED)[]).map(mark => ({
    ...{ mark, word: COUNTED[mark] },
    n: findings.value.filter(j => j.mark === mark).length,
  })),
)
</script>

<template>
  <section v-if="findings.length || sheet.typing.value" class="say">
    <ElButton
      text
      class="counts"
      :disabled="spread"
      :aria-expanded="listed"
      :aria-label="`What the findings say: ${counts.map(c => `${c.n} ${c.word}`).join(', ')}`"
      @click="wanted = !wanted"
    >
      <span class="lab"
        >What the findings say<span v-if="sheet.typing.value" class="typing">, with what you type</span></span
      >
      <span v-for="c in counts" :key="c.mark" class="count" :class="{ none: !c.n }"
        ><span><StateMark :mark="c.mark" bare /> {{ c.n }}</span> <small>{{ c.word }}</small></span
      >
    </ElButton>
    <ElCollapse v-show="listed" class="list">
      <ElCollapseItem v-for="j in findings" :key="j.entryId" :name="j.entryId">
        <template #title
          ><span class="finding"
            ><StateMark :mark="j.mark" bare /><span
              >{{ j.headline }} <span v-if="how.get(j.entryId)" class="lab how">{{ how.get(j.entryId) }}</span></span
            ></span
          ></template
        >
        <p v-for="d in j.details" :key="d" class="detail">{{ d }}</p>
      </ElCollapseItem>
      <p v-if="basis" class="basis">{{ basis }}</p>
    </ElCollapse>
  </section>
</template>

<style scoped>
.say {
  padding: 6px 10px 8px;
  border-top: 1px solid var(--rule-2);
  background: var(--sheet-2);
}
.counts.el-button.el-button {
  width: 100%;
  padding: 2px 0;
  background: none;
  opacity: 1;
}
.counts :deep(> span) {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 5px 0;
  width: 100%;
}
.counts .lab {
  grid-column: 1 / -1;
  padding-left: 6px;
}
.count {
  display: grid;
  justify-items: center;
  gap: 1px;
  padding: 4px 0 3px;
  border: 1px solid var(--edge);
  border-right-width: 0;
  background: var(--sheet);
  font: 600 17px/1.1 var(--label);
}
.count:last-child {
  border-right-width: 1px;
}
.count small {
  font: 500 14px/1 var(--label);
  color: var(--ink-2);
}
.none {
  color: var(--ink-2);
}
.finding {
  display: grid;
  grid-template-columns: 20px 1fr;
  gap: 4px;
  align-items: baseline;
  font-weight: 500;
}
.list {
  padding: 0 6px;
}
.detail,
.basis {
  font-size: 14px;
  padding: 0 0 6px 24px;
  color: var(--ink-2);
}
.basis {
  padding-left: 0;
  margin-top: 7px;
}
@media screen and (min-width: 1001px) and (min-height: 560px) {
  .list {
    max-height: 42dvh;
    overflow-y: auto;
  }
}
</style>
