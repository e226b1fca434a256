<script setup lang="ts">
import { moneyText } from '#core/units/money'
import type { Mark } from '#core/judgement'
import type { JobLine } from '#shared/types/records'

/** One job on one line: which machine, what was said, how far it is, which way it leans. */
const props = defineProps<{ line: JobLine; currency: string; owner?: boolean }>()
const { since, here } = useSince()
const spread = computed(() => {
  const lean = props.line.lean
  if (!lean) return ''
  if (!lean.known) return 'worth not said'
  const cash = (v: number): string => moneyText(v, props.currency)
  return lean.mends ? `${cash(lean.p10)} to ${cash(lean.p90)}` : `worth ${cash(lean.p90)}`
})
</script>

<template>
  <li>
    <NuxtLink :to="`/jobs/${line.id}`" class="line">
      <span class="tag small">T {{ line.number }}</span>
      <span class="what"
        ><b>{{ line.machineName }}</b
        ><span class="lab"
          >{{ line.customerName }} · {{ line.closed ? 'handed back' : here(line.createdAt)
          }}<template v-if="line.waiting?.what">
            · {{ line.waiting.what }}, {{ since(line.waiting.since) }}</template
          ></span
        ></span
      >
      <q class="words">{{ line.complaint ?? 'nothing said' }}</q>
      <StageStrip :stages="line.stages" :current="line.stage" />
      <span class="lean">
        <span v-if="line.trouble" class="past">{{ line.trouble }}</span>
        <span v-if="line.stops.length && (!line.closed || line.outNotToRun)" class="st past"
          ><svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
            <circle cx="7" cy="7" r="5.8" fill="none" stroke="currentColor" stroke-width="1.8" />
            <path d="M3.4 7h7.2" stroke="currentColor" stroke-width="2" /></svg
          >{{ line.stops[0]?.title }}</span
        >
        <span v-if="line.lean" class="st"
          ><template v-if="line.lean.agreed">Agreed: </template>{{ line.lean.outcome }}</span
        >
        <span v-else-if="line.finding && !line.stops.length" class="finding"
          ><StateMark :mark="line.finding.mark as Mark" bare />
          <span class="lab">{{ line.finding.headline }}</span></span
        >
        <span class="lab">{{ spread || (line.closed ? 'handed back' : (line.nextTitle ?? '')) }}</span>
      </span>
    </NuxtLink>
  </li>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--rule);
}
.line {
  display: grid;
  grid-template-columns: 74px minmax(170px, 1.3fr) minmax(140px, 1.3fr) 136px minmax(150px, 1fr);
  gap: 8px 16px;
  align-items: center;
  padding: 9px 0;
  color: inherit;
  text-decoration: none;
  min-height: 58px;
}
.line:hover b {
  text-decoration: underline;
  text-underline-offset: 3px;
}
.what {
  display: grid;
  gap: 1px;
  min-width: 0;
}
.what b {
  font-weight: 600;
}
q {
  quotes: '‘' '’';
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.lean {
  display: grid;
  gap: 1px;
  min-width: 0;
}
.finding {
  display: flex;
  gap: 4px;
  align-items: baseline;
}
@media (max-width: 900px) {
  .line {
    grid-template-columns: 74px minmax(0, 1fr) 136px;
  }
  .line q {
    grid-column: 2 / -1;
    grid-row: 2;
  }
  .lean {
    grid-column: 2 / -1;
  }
}
@media (max-width: 560px) {
  .line {
    grid-template-columns: 70px minmax(0, 1fr);
  }
  .strip {
    grid-column: 2;
  }
  .line q {
    grid-row: auto;
    grid-column: 2;
  }
  .lean {
    grid-column: 2;
  }
}
</style>
