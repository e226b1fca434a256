<script setup lang="ts">
import type { StageState } from '#core/condition/stages'
import type { Stage } from '#core/log/words'
import { STAGES } from '#core/log/words'

/** The nine stages in the order of the work; any can be opened at any time. */
defineProps<{ stages: StageState[]; open: Stage }>()
const emit = defineEmits<{ pick: [stage: Stage] }>()
const WORDS = { done: 'done', skipped: 'skipped', open: 'open' } as const
</script>

<template>
  <nav class="spine" aria-label="Stages">
    <button
      v-for="s in stages"
      :key="s.stage"
      type="button"
      :class="{ on: s.stage === open }"
      :aria-current="s.stage === open ? 'step' : undefined"
      :title="s.reason ?? undefined"
      @click="emit('pick', s.stage)"
    >
      <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
        <g v-if="s.state === 'done'">
          <circle cx="11" cy="11" r="8" fill="var(--ink)" />
          <path d="m7 11 3 3 5-6" stroke="#fff" stroke-width="2" fill="none" />
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
        >{{ STAGES[s.stage]
        }}<small
          >{{ s.state === 'open' ? (s.logged ? `${s.logged} logged` : '') : WORDS[s.state]
          }}<span v-if="s.state === 'open'" class="sr"> open</span></small
        ></span
      >
    </button>
  </nav>
</template>

<style scoped>
.spine {
  padding: 8px 0;
  border-right: 1px solid var(--rule);
}
button {
  position: relative;
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr);
  align-items: center;
  width: 100%;
  min-height: 52px;
  padding: 0 6px 0 13px;
  border: 1px solid transparent;
  background: none;
  text-align: left;
  font-weight: 500;
  color: var(--ink-2);
  cursor: pointer;
}
button::before {
  content: '';
  position: absolute;
  left: 23px;
  top: -26px;
  height: 52px;
  width: 1px;
  background: var(--rule-2);
}
button:first-child::before {
  display: none;
}
svg {
  position: relative;
  z-index: 1;
}
button:hover .words {
  text-decoration: underline;
  text-underline-offset: 3px;
}
button.on {
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
}
small {
  display: block;
  font: 500 13px/1.1 var(--label);
  color: var(--ink-2);
}
@media (max-width: 1000px) {
  .spine {
    display: grid;
    grid-template-columns: repeat(9, minmax(0, 1fr));
    border-right: 0;
    border-bottom: 1px solid var(--rule);
    padding: 6px 8px 0;
  }
  button {
    grid-template-columns: minmax(0, 1fr);
    justify-items: center;
    text-align: center;
    padding: 4px 0 6px;
    font: 500 14px/1.1 var(--label);
  }
  button.on {
    border-color: var(--rule) var(--rule) var(--sheet);
    margin: 0 0 -1px;
    width: 100%;
    border-radius: var(--radius) var(--radius) 0 0;
  }
  button::before {
    left: -50%;
    top: 15px;
    width: 100%;
    height: 1px;
  }
}
@media (max-width: 620px) {
  .spine {
    grid-template-columns: repeat(5, minmax(0, 1fr));
  }
  button::before {
    display: none;
  }
}
</style>
