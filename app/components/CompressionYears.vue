<script setup lang="ts">
import dayjs from 'dayjs'
import type { MachineCompression } from '#core/entries/compression/visits'
import { trendWords } from '#core/entries/compression/visits'
import { SPEC_SOURCES } from '#core/spec/specValue'
import { shownIn } from '#core/units/unitRound'
import type { Curve } from './CurveChart.vue'

/** Compression of one machine from visit to visit, against its limit: by running hours where they are known, by the day where not. */
const props = defineProps<{ history: MachineCompression }>()
const shop = useShopStore()
const byHours = computed(() => !props.history.back && props.history.points.every(p => p.hours !== null))
const points = computed(() =>
  props.history.points.map(p => ({ x: byHours.value ? (p.hours ?? 0) : Date.parse(p.at), y: p.pStdKpa })),
)
const curves = computed((): Curve[] => {
  const [first, last] = [points.value[0], points.value.at(-1)]
  const { limitKpa, limitBy } = props.history
  // a rule of thumb is no limit, and is not called one
  const line =
    limitBy === null ? '' : limitBy === 'rule_of_thumb' ? SPEC_SOURCES[limitBy] : `limit, ${SPEC_SOURCES[limitBy]}`
  return [
    { name: 'read', tone: 'petrol', points: points.value },
    ...(limitKpa !== null && first && last
      ? [{ name: line, tone: 'past' as const, points: [first, last].map(({ x }) => ({ x, y: limitKpa })) }]
      : []),
  ]
})
const pressure = (kpa: number): string => shownIn(kpa, 'kPa', shop.policy.pressureUnit)
const place = (x: number): string => (byHours.value ? `${Math.round(x)} h` : dayjs(x).format('MMM YYYY'))
const says = computed(() => trendWords(props.history, pressure).join(' '))
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
