<script setup lang="ts">
/** The dipstick or the sight glass with the oil on it: drag the level, or use the arrow keys. */
const props = defineProps<{
  glass: boolean
  dry: boolean
  low: string
  full: string
  colour: string | null
  mark: 'good' | 'near' | 'past' | 'open'
}>()
const pct = defineModel<number | null>({ required: true })
const root = ref<SVGSVGElement | null>(null)

const MIN = -80
const MAX = 200
/** y of a position: 0 is the low mark, 100 the full mark */
const y = (p: number): number => (props.glass ? 246 - (p + 40) * 1.02 : 274 - p * 0.9)
const unY = (at: number): number => (props.glass ? (246 - at) / 1.02 - 40 : (274 - at) / 0.9)
const clamp = (p: number): number => Math.round(Math.min(MAX, Math.max(MIN, p)))
const shown = computed(() => (props.dry ? MIN : pct.value))
const at = computed(() => y(Math.min(props.glass ? 150 : 200, Math.max(props.glass ? -40 : MIN, shown.value ?? 50))))

const PAINT: Record<string, string> = {
  honey: '#d9a441',
  brown: '#7a4a1c',
  black: '#1d1611',
  silvery: '#9a9a98',
  milky: '#cfc3ad',
}
const paint = computed(() => PAINT[props.colour ?? ''] ?? '#8a5a1e')

const dragging = ref(false)
function move(event: PointerEvent): void {
  const box = root.value?.getBoundingClientRect()
  if (!box) return
  pct.value = clamp(unY(((event.clientY - box.top) * 372) / box.height))
}
function start(event: PointerEvent): void {
  dragging.value = true
  root.value?.setPointerCapture(event.pointerId)
  move(event)
}
const STEPS: Record<string, number> = {
  ArrowUp: 5,
  ArrowDown: -5,
  ArrowRight: 1,
  ArrowLeft: -1,
  PageUp: 25,
  PageDown: -25,
}
function key(event: KeyboardEvent): void {
  const step = STEPS[event.key]
  if (step === undefined) return
  event.preventDefault()
  pct.value = clamp((props.dry ? MIN : (pct.value ?? 50)) + step)
}
const said = computed(() =>
  props.dry ? 'dry' : pct.value === null ? 'not read yet' : `${pct.value} % from low to full`,
)
const inkOf = computed(() =>
  shown.value === null ? 'var(--petrol)' : `var(--${props.mark === 'open' ? 'petrol' : props.mark})`,
)
</script>

<template>
  <svg
    ref="root"
    class="oil"
    viewBox="20 0 190 372"
    role="slider"
    tabindex="0"
    aria-label="Oil level"
    :aria-valuenow="pct ?? 50"
    :aria-valuemin="MIN"
    :aria-valuemax="MAX"
    :aria-valuetext="said"
    @keydown="key"
    @pointerdown.prevent="start"
    @pointermove="dragging && move($event)"
    @pointerup="dragging = false"
    @pointercancel="dragging = false"
  >
    <template v-if="glass">
      <circle cx="84" cy="170" r="80" fill="var(--sheet)" stroke="var(--ink)" stroke-width="9" />
      <clipPath id="eye"><circle cx="84" cy="170" r="74" /></clipPath>
      <g clip-path="url(#eye)">
        <rect x="4" y="90" width="160" height="160" fill="#efe9da" />
        <rect v-if="shown !== null" x="4" :y="at" width="160" height="200" :fill="paint" />
      </g>
      <g v-for="i in 6" :key="i">
        <circle
          :cx="84 + 80 * Math.cos((i * Math.PI) / 3)"
          :cy="170 + 80 * Math.sin((i * Math.PI) / 3)"
          r="3.4"
          fill="var(--sheet)"
        />
      </g>
    </template>
    <template v-else>
      <rect x="24" y="4" width="64" height="19" rx="4" fill="var(--ink)" />
      <rect x="48" y="23" width="16" height="12" fill="var(--ink)" />
      <path d="M49 35h14v305q0 9-7 14-7-5-7-14z" fill="#e9e4d6" stroke="var(--ink-2)" stroke-width="1.4" />
      <g stroke="var(--ink-2)" opacity=".5"><path v-for="i in 8" :key="i" :d="`M49 ${274 - i * 10}l14-10`" /></g>
      <path v-if="shown !== null && !dry" :d="`M49.7 ${at}h12.6V340q0 8-6.3 12.6-6.3-4.6-6.3-12.6z`" :fill="paint" />
    </template>
    <g
      v-for="[name, p, amount] in [
        ['Full', 100, full],
        ['Low', 0, low],
      ] as const"
      :key="name"
    >
      <path
        :d="glass ? `M6 ${y(p)}H164` : `M40 ${y(p)}H74`"
        stroke="var(--ink)"
        stroke-width="2"
        :stroke-dasharray="glass ? '6 4' : ''"
      />
      <text :x="glass ? 172 : 80" :y="y(p) + 5" font-size="16" fill="var(--ink)">{{ name }}</text>
      <text v-if="amount" :x="glass ? 172 : 112" :y="y(p) + (glass ? 22 : 5)" font-size="14" fill="var(--ink-2)">
        {{ amount.split(', ')[0] }}
      </text>
      <text
        v-if="amount.includes(', ')"
        :x="glass ? 172 : 112"
        :y="y(p) + (glass ? 39 : 22)"
        font-size="14"
        fill="var(--ink-2)"
      >
        {{ amount.split(', ')[1] }}
      </text>
    </g>
    <g v-if="shown !== null">
      <path :d="`M${glass ? 4 : 28} ${at}H164`" :stroke="inkOf" stroke-width="2" />
      <text
        v-if="!glass && Math.abs(at - y(0)) > 20 && Math.abs(at - y(100)) > 20"
        x="80"
        :y="at - 6"
        font-size="15"
        font-weight="600"
        :fill="inkOf"
      >
        {{ dry ? 'dry' : 'wet to here' }}
      </text>
    </g>
    <g :transform="`translate(162 ${at - 22})`" class="grip">
      <rect width="46" height="44" rx="3" :fill="inkOf" />
      <path d="M15 17l8-8 8 8M15 27l8 8 8-8" stroke="var(--sheet)" stroke-width="2.2" fill="none" />
    </g>
  </svg>
</template>

<style scoped>
.oil {
  width: 190px;
  max-width: 100%;
  touch-action: none;
  cursor: ns-resize;
  display: block;
  border-radius: var(--radius);
}
</style>
