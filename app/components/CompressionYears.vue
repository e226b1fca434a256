<script setup lang="ts">
import dayjs from 'dayjs'
import type { CompressionHistory } from '#core/entries/compression/visits'
import { shownIn } from '#core/units/unitRound'
import type { Curve } from './CurveChart.vue'

/** Compression of one machine from visit to visit, against its limit: by running hours where they are known, by the day where not. */
const props = defineProps<{ history: CompressionHistory & { limitKpa: number | null } }>()
const shop = useShopStore()
const byHours = computed(() => !props.history.back && props.history.points.every(p => p.hours !== null))
const points = computed(() =>
  props.history.points.map(p => ({ x: byHours.value ? (p.hours ?? 0) : Date.parse(p.at), y: p.pStdKpa })),
)
const curves = computed((): Curve[] => {
  const [first, last] = [points.value[0], points.value.at(-1)]
  const { limitKpa } = props.history
  return [
    { name: 'read', tone: 'petrol', points: points.value },
    ...(limitKpa !== null && first && last
      ? [{ name: 'limit', tone: 'past' as const, points: [first, last].map(({ x }) => ({ x, y: limitKpa })) }]
      : []),
  ]
})
const pressure = (kpa: number): string => shownIn(kpa, 'kPa', shop.policy.pressureUnit)
const place = (x: number): string => (byHours.value ? `${Math.round(x)} h` : dayjs(x).format('MMM YYYY'))
const says = computed(() => {
  const { slopeKpaPer100h, hoursToLimit, significant, back } = props.history
  if (back) return 'The meter counts back somewhere between: no line is drawn through that.'
  if (slopeKpaPer100h === null) return null
  const way = slopeKpaPer100h < 0 ? 'Falls' : 'Rises'
  const left =
    hoursToLimit === null
      ? ''
      : hoursToLimit > 0
        ? ` At its limit in about ${Math.round(hoursToLimit)} h.`
        : ' At its limit now.'
  const sure =
    significant === null
      ? ' From fewer than six readings: a hint, no forecast.'
      : significant
        ? ''
        : ' The readings scatter more than that.'
  return `${way} by ${pressure(Math.abs(slopeKpaPer100h))} in 100 h.${left}${sure}`
})
</script>

<template>
  <div>
    <CurveChart
      label="Compression over the visits"
      :curves="curves"
      :x-label="byHours ? 'running hours' : 'day'"
      :x-say="place"
      :y-say="pressure"
    />
    <p v-if="says" class="note">{{ says }}</p>
  </div>
</template>
