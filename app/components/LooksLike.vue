<script setup lang="ts">
import type { Diagnosis, Likely, Why } from '#core/diagnosis/diagnose'

/** The causes with their likelihood; each opens what made it. */
const sheet = useSheet()
const d = computed(() => sheet.diagnosis.value)
const open = ref<string | null>(null)
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
    <h2>
      What it looks like
      <span class="lab"
        >several at once are possible, so they need not add up · {{ d.minutesSpent }} minutes of checks so far</span
      >
    </h2>
    <p v-if="RESTS_ON[d.basis]" :class="d.basis === 'cant_say' ? 'bar' : 'note'" data-test="rests-on">
      {{ RESTS_ON[d.basis] }}
    </p>
    <p v-else-if="(d.likely[0]?.p ?? 0) < STANDS_OUT" class="note">Nothing stands out yet.</p>
    <ol>
      <li v-for="(l, i) in d.likely" :key="l.cause.id">
        <button
          type="button"
          :aria-expanded="open === l.cause.id"
          @click="open = open === l.cause.id ? null : l.cause.id"
        >
          <span class="n">{{ i + 1 }}</span><span class="name"
            >{{ l.cause.name }}<small v-if="stands(l)">{{ stands(l) }}</small
            ><small v-if="l.for[0]">{{ told(l.for[0]) }}</small></span
          >
          <span class="track" aria-hidden="true"
            ><i :style="{ width: `${Math.max(1, pct(l.p))}%` }" :class="{ strong: l.p >= 0.6 }"
          /></span>
          <span class="lab p">{{ l.words }}, {{ pct(l.p) }} %</span>
        </button>
        <div v-if="open === l.cause.id" class="why">
          <p>
            {{ l.cause.what }} <template v-if="l.cause.damages">Next it hurts: {{ l.cause.damages }}</template>
          </p>
          <div class="two">
            <div>
              <p class="lab">Speaks for it</p>
              <ul>
                <li v-for="w in l.for" :key="w.sign">{{ told(w) }}</li>
                <li v-if="!l.for.length" class="note">Only how common it is.</li>
              </ul>
            </div>
            <div>
              <p class="lab">Speaks against it</p>
              <ul>
                <li v-for="w in l.against" :key="w.sign">{{ told(w) }}</li>
                <li v-if="!l.against.length" class="note">Nothing yet.</li>
              </ul>
            </div>
          </div>
          <p class="note">Cure: {{ l.cause.cure }}</p>
          <p class="lab">
            In {{ (100 * l.cataloguePrior).toFixed(1) }} % of such jobs by the catalogue<template v-if="mine(l)"
              >; with this shop's own {{ d.closedJobs }} closed jobs counted,
              {{ (100 * l.prior).toFixed(1) }} %</template
            >.
          </p>
        </div>
      </li>
    </ol>
    <p v-if="d.explains && d.unexplained.length" class="bar" data-test="unexplained">
      Not explained by it: {{ d.unexplained.map(s => s.seen.toLowerCase()).join(', ') }}. A second fault, or a finding
      to look at again.
    </p>
    <p v-if="d.leftOut" class="note">{{ d.leftOut }} less telling findings are left out of the sum.</p>
  </section>
</template>

<style scoped>
.like h2 {
  margin-bottom: 4px;
}
.like > ol > li {
  border-bottom: 1px solid var(--rule);
}
button {
  display: grid;
  grid-template-columns: 26px minmax(0, 1.2fr) minmax(60px, 1.3fr) 132px;
  gap: 10px;
  align-items: center;
  width: 100%;
  min-height: 48px;
  padding: 4px 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
button:hover .name {
  text-decoration: underline;
  text-underline-offset: 3px;
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
  font-size: 13.5px;
  color: var(--ink-2);
}
.track {
  height: 9px;
  background: #ecebe4;
}
.track i {
  display: block;
  height: 100%;
  background: #8b9094;
}
.track .strong {
  background: var(--ink);
}
.p {
  text-align: right;
}
.why {
  padding: 2px 0 12px 36px;
  display: grid;
  gap: 8px;
}
.two {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 16px;
}
.two li {
  padding: 2px 0;
}
@media (max-width: 640px) {
  button {
    grid-template-columns: 22px minmax(0, 1fr) 108px;
  }
  .track {
    grid-column: 2 / -1;
    grid-row: 2;
  }
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .why {
    padding-left: 0;
  }
}
</style>
