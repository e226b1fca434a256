<script setup lang="ts">
import type { Diagnosis, Likely, Why } from '#core/diagnosis/diagnose'

/** The causes with their likelihood; each opens what made it. */
const sheet = useSheet()
const d = computed(() => sheet.diagnosis.value)
/** the one whose reasons lie open: at first the one that leads */
const open = ref<string>()
watch(
  () => d.value?.likely[0]?.cause.id,
  first => {
    open.value = first
  },
  { immediate: true },
)
const told = (w: Why): string =>
  `${w.there ? '' : 'not: '}${w.seen}${w.claimed ? ' (claimed)' : ''}${w.gone ? ' (as found; gone since the work)' : ''}`
const stands = (l: Likely): string | null =>
  l.cured ? 'Gone since the work.' : l.state ? 'A state: what made it is still to be named.' : null
/** what the shares rest on, where no finding lifts a cause */
const RESTS_ON: Partial<Record<Diagnosis['basis'], string>> = {
  nothing_found: 'Nothing is found yet. These are only the commonest faults of this class of engine.',
  nothing_lifted:
    'What was found so far lifts no cause over its usual share: these are the commonest faults that it leaves.',
  cant_say:
    "The model can't bring these findings together: at least one of them has no cause in the catalogue on this engine. It names nothing rather than guess. Look for a slip in the log, or follow the findings themselves.",
}
/** under this a cause that leads is no answer yet */
const STANDS_OUT = 0.3
const pct = (p: number): number => Math.round(100 * p)
const mine = (l: Likely): boolean => Math.abs(l.prior - l.cataloguePrior) > 0.002
</script>

<template>
  <section v-if="d" class="like" aria-label="What it looks like">
    <h2>What it looks like <span class="lab">several can be true</span></h2>
    <p v-if="d.mended.length" class="note" data-test="mended">
      Mended: {{ d.mended.map(c => c.name.toLowerCase()).join(', ') }}. Something is still there, so this is what is
      left: what that would show counts again once it was looked at after the work.
    </p>
    <p v-if="RESTS_ON[d.basis]" :class="d.basis === 'cant_say' ? 'bar' : 'note'" data-test="rests-on">
      {{ RESTS_ON[d.basis] }}
    </p>
    <p v-else-if="(d.likely[0]?.p ?? 0) < STANDS_OUT" class="note">Nothing stands out yet.</p>
    <ElCollapse v-model="open" accordion class="causes">
      <ElCollapseItem v-for="(l, i) in d.likely" :key="l.cause.id" :name="l.cause.id" class="cause">
        <template #title>
          <span class="row"
            ><span class="n">{{ i + 1 }}</span
            ><span class="name"
              >{{ l.cause.name }}<small v-if="stands(l)">{{ stands(l) }}</small></span
            ><span class="lab p">{{ l.words }}, {{ pct(l.p) }} %</span
            ><span class="track" aria-hidden="true"
              ><i :style="{ width: `${Math.max(1, pct(l.p))}%` }" :class="{ strong: l.p >= 0.6 }" /></span
          ></span>
        </template>
        <dl class="why">
          <dt>for</dt>
          <dd>
            <template v-if="l.for.length"
              ><span v-for="w in l.for" :key="w.sign">{{ told(w) }}</span></template
            ><template v-else>only how common it is</template>
          </dd>
          <dt>against</dt>
          <dd>
            <template v-if="l.against.length"
              ><span v-for="w in l.against" :key="w.sign">{{ told(w) }}</span></template
            ><template v-else>nothing yet</template>
          </dd>
          <dt>cure</dt>
          <dd>{{ l.cause.cure }}</dd>
          <dt>it is</dt>
          <dd>
            {{ l.cause.what }} <template v-if="l.cause.damages">Next it hurts: {{ l.cause.damages }}</template>
          </dd>
          <dt>usual</dt>
          <dd>
            in {{ (100 * l.cataloguePrior).toFixed(1) }} % of such jobs by the catalogue<template v-if="mine(l)"
              >; with this shop's own {{ d.closedJobs }} closed jobs counted,
              {{ (100 * l.prior).toFixed(1) }} %</template
            >
          </dd>
        </dl>
      </ElCollapseItem>
    </ElCollapse>
    <p v-if="d.explains && d.unexplained.length" class="bar" data-test="unexplained">
      Not explained by it: {{ d.unexplained.map(s => s.seen.toLowerCase()).join(', ') }}. A second fault, or a finding
      to look at again.
    </p>
    <p class="note">
      <template v-if="d.leftOut">{{ d.leftOut }} less telling findings are left out of the sum. </template
      >{{ d.minutesSpent }} minutes of checks so far.
    </p>
  </section>
</template>

<style scoped>
.like > h2 {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  padding: 8px 12px 4px;
}
.like > .note,
.like > .bar {
  padding: 6px 12px;
}
.row {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr) auto;
  gap: 3px 6px;
  align-items: baseline;
  width: 100%;
  padding: 6px 0 8px;
}
.n {
  font: 600 16px var(--label);
  color: var(--ink-2);
}
.name {
  font-weight: 600;
}
small {
  display: block;
  font-weight: 400;
  font-size: 14px;
  color: var(--ink-2);
}
.track {
  grid-column: 2 / -1;
  height: 6px;
  background: var(--track);
}
.track i {
  display: block;
  height: 100%;
  background: var(--bar-weak);
}
.track .strong {
  background: var(--ink);
}
.causes {
  padding: 0 12px;
}
.why {
  display: grid;
  grid-template-columns: 54px minmax(0, 1fr);
  gap: 3px 6px;
  padding: 0 0 6px 26px;
  font-size: 14px;
}
.why dt {
  font: 500 14px/1.4 var(--label);
  color: var(--ink-2);
}
.why dd span {
  display: block;
}
.like :deep(.el-collapse-item.is-active) {
  background: var(--petrol-wash);
  box-shadow:
    -12px 0 var(--petrol-wash),
    12px 0 var(--petrol-wash),
    -12px 0 0 0 var(--petrol-wash);
}
</style>
