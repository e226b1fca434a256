<script setup lang="ts">
import { ArrowLeft, ArrowRight } from '@element-plus/icons-vue'
import type { StageState } from '#core/condition/stages'
import type { Stage } from '#core/log/words'
import { STAGES } from '#core/log/words'

/** The nine stages in the order of the work; any can be opened at any time. */
const props = defineProps<{ stages: StageState[]; open: Stage }>()
const emit = defineEmits<{ pick: [stage: Stage] }>()
const WORDS = { done: 'done', skipped: 'skipped', open: 'open' } as const
const at = computed(() => props.stages.findIndex(s => s.stage === props.open))
/** where the nine don't fit side by side, the ones before and after are a touch away */
const step = (by: number): void => {
  const to = props.stages[at.value + by]
  if (to) emit('pick', to.stage)
}
</script>

<template>
  <nav class="spine" aria-label="Stages">
    <button
      v-for="(s, i) in stages"
      :key="s.stage"
      type="button"
      class="stage"
      :class="{ on: s.stage === open }"
      :aria-keyshortcuts="`Alt+${i + 1}`"
      :aria-current="s.stage === open ? 'step' : undefined"
      :title="s.reason ?? undefined"
      @click="emit('pick', s.stage)"
    >
      <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
        <g v-if="s.state === 'done'">
          <circle cx="11" cy="11" r="8" fill="var(--ink)" />
          <path d="m7 11 3 3 5-6" stroke="var(--sheet)" stroke-width="2" fill="none" />
        </g>
        <g v-else-if="s.state === 'skipped'">
          <circle cx="11" cy="11" r="7.2" fill="var(--paper)" stroke="var(--edge)" stroke-width="1.6" />
          <path d="M6.5 15.5l9-9" stroke="var(--edge)" stroke-width="1.8" />
        </g>
        <circle v-else cx="11" cy="11" r="7.2" fill="var(--paper)" stroke="var(--edge)" stroke-width="1.6" />
        <g v-if="s.stage === open && s.state === 'open'">
          <circle cx="11" cy="11" r="8" fill="var(--sheet)" stroke="var(--petrol)" stroke-width="2.5" />
          <circle cx="11" cy="11" r="3.5" fill="var(--petrol)" />
        </g>
      </svg>
      <span class="words"
        >{{ STAGES[s.stage] }}<kbd class="key" aria-hidden="true">{{ i + 1 }}</kbd
        ><small
          >{{ s.state === 'open' ? (s.logged ? `${s.logged} logged` : '') : WORDS[s.state]
          }}<span v-if="s.state === 'open'" class="sr"> open</span></small
        ></span
      >
    </button>
    <div class="foot"><slot name="foot" /></div>
    <div class="bar1">
      <ElButton :disabled="at <= 0" aria-label="The stage before" @click="step(-1)"
        ><ArrowLeft width="20" aria-hidden="true"
      /></ElButton>
      <LazyPickList
        :model-value="open"
        aria-label="Stage"
        :options="
          stages.map(
            (s, i) =>
              [s.stage, `${i + 1} ${STAGES[s.stage]}${s.state === 'open' ? '' : `, ${WORDS[s.state]}`}`] as const,
          )
        "
        @change="(s: Stage) => emit('pick', s)"
      />
      <ElButton :disabled="at >= stages.length - 1" aria-label="The stage after" @click="step(1)"
        ><ArrowRight width="20" aria-hidden="true"
      /></ElButton>
    </div>
  </nav>
</template>

<style scoped>
.spine {
  padding: 8px 0;
  border-right: 1px solid var(--rule);
  display: flex;
  flex-direction: column;
}
.stage {
  position: relative;
  flex: none;
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr);
  align-items: center;
  width: 100%;
  min-height: 52px;
  padding: 0 2px 0 9px;
  border: 1px solid transparent;
  background: none;
  text-align: left;
  font-weight: 500;
  color: var(--ink-2);
  cursor: pointer;
}
.stage::before {
  content: '';
  position: absolute;
  left: 19px;
  top: -26px;
  height: 52px;
  width: 1px;
  background: var(--rule-2);
}
.stage:first-child::before {
  display: none;
}
svg {
  position: relative;
  z-index: 1;
}
.stage:hover .words {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.stage.on {
  background: var(--sheet);
  color: var(--ink);
  font-weight: 600;
  border-color: var(--rule) var(--sheet) var(--rule) var(--rule);
  margin-right: -1px;
  width: calc(100% + 1px);
  border-radius: var(--radius) 0 0 var(--radius);
}
.words {
  font-style: normal;
  color: inherit;
  line-height: 1.2;
}
.key {
  position: absolute;
  right: 5px;
  bottom: 1px;
  border: 0;
  background: none;
  padding: 0;
  font-size: 13px;
}
small {
  display: block;
  font: 500 13px/1.1 var(--label);
  color: var(--ink-2);
}
.foot {
  margin-top: auto;
  padding: 6px 8px 0;
}
.foot :deep(.el-button) {
  width: 100%;
}
.bar1 {
  display: none;
}
@media screen and (min-width: 1001px) and (max-height: 740px) {
  .stage {
    min-height: 46px;
  }
  .stage::before {
    top: -23px;
    height: 46px;
  }
}
@media (max-width: 1000px) {
  .spine {
    border-right: 0;
    border-bottom: 1px solid var(--rule);
    padding: 2px 8px;
  }
  .stage {
    display: none;
  }
  .foot {
    padding: 0;
  }
  .bar1 {
    display: grid;
    grid-template-columns: 44px minmax(0, 1fr) 44px;
    gap: 8px;
    width: 100%;
  }
  .bar1 .el-button.el-button {
    padding: 0;
    justify-content: center;
    border: 0;
    background: none;
  }
}
</style>
