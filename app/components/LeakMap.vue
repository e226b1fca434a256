<script setup lang="ts">
import type { LeakSite } from '#core/entries/leaks/schema'
import { LEAK_SITES, LEAK_STATES } from '#core/words/looks'
import type { EngineFacts } from '#core/engine/facts'

/** The engine with the places where oil or fuel comes out: each touch goes one step further, from dry to wet and off again. */
const props = defineProps<{ facts: Pick<EngineFacts, 'cycle' | 'cooling'>; fault?: string }>()
const sites = defineModel<LeakSite[]>({ required: true })
type Site = LeakSite['site']
const AT: Record<Site, [x: number, y: number]> = {
  valve_cover: [92, 62],
  head: [128, 96],
  breather: [64, 118],
  carburettor: [52, 172],
  tank: [196, 40],
  top_seal: [226, 122],
  filler: [318, 176],
  base: [176, 178],
  coolant: [112, 142],
  sump: [306, 236],
  drain: [196, 262],
  bottom_seal: [244, 286],
}
const ONLY_FOUR: Site[] = ['filler', 'valve_cover', 'breather', 'sump', 'drain']
const shown = computed(() =>
  (Object.keys(AT) as Site[]).filter(
    s => (props.facts.cycle === 'four' || !ONLY_FOUR.includes(s)) && (s !== 'coolant' || props.facts.cooling !== 'air'),
  ),
)
const STEPS = ['dry', 'residue', 'trail', 'wet'] as const
const PAINT = { dry: 'var(--good)', residue: 'var(--ink-2)', trail: 'var(--near)', wet: 'var(--past)' } as const
const stateOf = (site: Site): LeakSite['state'] | null => sites.value.find(s => s.site === site)?.state ?? null
function set(site: Site, state: LeakSite['state'] | null): void {
  const rest = sites.value.filter(s => s.site !== site)
  sites.value = state ? [...rest, { site, state }] : rest
}
function step(site: Site): void {
  const now = stateOf(site)
  set(site, now === null ? 'wet' : (STEPS[STEPS.indexOf(now) - 1] ?? null))
}
const said = (site: Site): string =>
  `${LEAK_SITES[site]}: ${stateOf(site) ? LEAK_STATES[stateOf(site)!].toLowerCase() : 'not looked at'}`
</script>

<template>
  <div class="leakmap">
    <svg viewBox="0 0 380 310" aria-label="Engine with the places where it may leak" role="group">
      <g fill="none" stroke="var(--ink-2)" stroke-width="1.6" stroke-linejoin="round">
        <path d="M150 28h96l14 12v26l-14 12h-96l-10-12V40z" fill="var(--sheet-2)" />
        <path d="M184 20h24v8h-24z" fill="var(--sheet-2)" />
        <path d="M150 92h150l16 16v18H134v-18z" fill="var(--sheet-2)" />
        <path d="M160 104h132" opacity=".5" />
        <path d="M148 126h168l14 40v58l-20 20H170l-22-26z" fill="var(--sheet)" />
        <path d="M150 244h166l10 10-6 10H158l-14-10z" fill="var(--sheet-2)" />
        <path d="M236 264h18v40h-18z" fill="var(--sheet-2)" />
        <path d="M148 132 116 108 90 168l58 36z" fill="var(--sheet)" />
        <path d="M142 128 118 184M132 121l-24 56M123 115 99 171" opacity=".6" />
        <path d="M116 108 92 90 68 152l22 16z" fill="var(--sheet-2)" />
        <path d="M92 90 76 78 56 134l12 18z" fill="var(--sheet)" />
        <path d="M56 110q-20 4-22 26t14 32" />
        <path d="M40 160h26v26H40zM66 168h20" fill="var(--sheet-2)" />
        <path d="M196 78v14" stroke-dasharray="3 3" />
        <path d="M318 168v-10h14v10" fill="var(--sheet-2)" />
        <path d="M186 254h18v14h-18z" fill="var(--sheet-2)" />
      </g>
      <text x="338" y="164" font-size="13" fill="var(--ink-2)">filler</text>
      <text x="206" y="56" font-size="13" fill="var(--ink-2)">tank</text>
      <text x="262" y="302" font-size="13" fill="var(--ink-2)">shaft</text>
      <text x="322" y="108" font-size="13" fill="var(--ink-2)">flywheel</text>
      <g
        v-for="(site, i) in shown"
        :key="site"
        role="button"
        tabindex="0"
        :aria-label="said(site)"
        class="site"
        :transform="`translate(${AT[site][0]} ${AT[site][1]})`"
        @click="step(site)"
        @keydown.enter.prevent="step(site)"
        @keydown.space.prevent="step(site)"
      >
        <circle r="19" fill="transparent" />
        <circle
          r="11"
          :fill="stateOf(site) ? PAINT[stateOf(site)!] : 'var(--sheet)'"
          :stroke="stateOf(site) ? PAINT[stateOf(site)!] : 'var(--ink)'"
          stroke-width="1.8"
        />
        <text
          y="4.5"
          text-anchor="middle"
          font-size="13"
          font-weight="600"
          :fill="stateOf(site) ? 'var(--sheet)' : 'var(--ink)'"
        >
          {{ i + 1 }}
        </text>
        <path v-if="stateOf(site) === 'wet'" d="M0 13q7 8 0 12-7-4 0-12z" fill="var(--past)" />
        <path v-else-if="stateOf(site) === 'trail'" d="M0 12v12" stroke="var(--near)" stroke-width="2.6" />
      </g>
    </svg>
    <div class="list">
      <p class="note">Touch a place: wet, trail, old residue, dry, off again.</p>
      <div v-for="(site, i) in shown" :key="site" class="row">
        <label :for="`leak-${site}`"
          ><b>{{ i + 1 }}</b> {{ LEAK_SITES[site] }}</label
        ><LazyPickList
          :id="`leak-${site}`"
          :model-value="stateOf(site) ?? ''"
          :empty-values="[null, undefined]"
          :aria-label="LEAK_SITES[site]"
          @change="(state: LeakSite['state'] | '') => set(site, state || null)"
          :options="[['', 'not looked at'], ...Object.entries(LEAK_STATES)]"
        />
      </div>
      <ElButton class="dash" @click="sites = shown.map(site => ({ site, state: stateOf(site) ?? 'dry' }))">
        The rest is dry
      </ElButton>
      <p v-if="fault" class="fault">{{ fault }}</p>
    </div>
  </div>
</template>

<style scoped>
.leakmap {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 18px;
  align-items: start;
}
svg {
  width: 100%;
  max-width: 460px;
}
.site {
  cursor: pointer;
}
.site:focus-visible {
  outline: 3px solid var(--petrol);
  border-radius: 50%;
}
.list {
  display: grid;
  gap: 6px;
}
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 138px;
  gap: 8px;
  align-items: center;
  border-bottom: 1px solid var(--rule);
}
.row .el-select {
  border-color: transparent;
  background: none;
  padding: 4px 6px;
}
.row b {
  display: inline-block;
  min-width: 22px;
  font-weight: 600;
}
@media (max-width: 760px) {
  .leakmap {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
