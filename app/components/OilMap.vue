<script setup lang="ts">
import type { OilMap } from '#core/condition/oilMap'
import type { OilNode } from '#core/teardown/oilPath'
import { OIL_STATES } from '#core/teardown/partPlan'
import type { PartKey } from '#core/teardown/parts'

/** The oil's way as pipes: full where oil came through, broken where it stopped. Each part can be touched. */
const props = defineProps<{ map: OilMap }>()
const emit = defineEmits<{ pick: [part: PartKey] }>()
const ROW = 36
const STEP = 30
/** `fromY`: where the pipe to it leaves the trunk */
interface Row {
  node: OilNode
  depth: number
  y: number
  fromY: number | null
}
const rows = computed(() => {
  const list: Row[] = []
  const walk = (node: OilNode, depth: number, fromY: number | null): void => {
    const y = list.length * ROW + ROW / 2
    list.push({ node, depth, y, fromY })
    let from = y + 8
    for (const next of node.then) {
      const at = list.length * ROW + ROW / 2
      walk(next, depth + 1, from)
      from = at
    }
  }
  walk(props.map.root, 0, null)
  return list
})
const bad = (id: string): boolean => props.map.states[id] === 'dry' || props.map.states[id] === 'hurt'
const flows = (id: string): boolean => props.map.cleared.includes(id) || props.map.states[id] === 'sound'
const suspect = (id: string): boolean => props.map.suspects.includes(id)
const colour = (id: string): string =>
  flows(id) ? 'var(--good)' : suspect(id) || bad(id) ? 'var(--past)' : 'var(--edge)'
const word = (id: string): string => {
  const state = props.map.states[id]
  if (state && state !== 'not_looked') return OIL_STATES[state].toLowerCase()
  return suspect(id) ? 'look here' : props.map.cleared.includes(id) ? 'oil came through' : ''
}
</script>

<template>
  <figure class="map">
    <svg :viewBox="`0 0 620 ${rows.length * ROW}`" role="group" aria-label="The way of the oil through this engine">
      <template v-for="r in rows" :key="r.node.id">
        <path
          v-if="r.fromY !== null"
          :d="`M${12 + (r.depth - 1) * STEP} ${r.fromY}V${r.y}H${r.depth * STEP + 4}`"
          fill="none"
          :stroke="colour(r.node.id)"
          :stroke-width="flows(r.node.id) ? 5 : 3"
          :stroke-dasharray="bad(r.node.id) || suspect(r.node.id) ? '6 5' : undefined"
        />
        <circle
          :cx="12 + r.depth * STEP"
          :cy="r.y"
          r="8"
          :fill="flows(r.node.id) ? 'var(--good)' : bad(r.node.id) ? 'var(--past)' : 'var(--sheet)'"
          :stroke="colour(r.node.id)"
          stroke-width="2.4"
        />
        <path
          v-if="bad(r.node.id)"
          :d="`M${8 + r.depth * STEP} ${r.y - 4}l8 8m0-8l-8 8`"
          stroke="var(--sheet)"
          stroke-width="2"
        />
        <g
          v-if="r.node.part"
          class="touch"
          role="button"
          tabindex="0"
          :aria-label="`${r.node.name}: ${word(r.node.id) || 'not looked at'}`"
          @click="emit('pick', r.node.part)"
          @keydown.enter="emit('pick', r.node.part)"
        >
          <rect :x="26 + r.depth * STEP" :y="r.y - ROW / 2 + 1" width="440" :height="ROW - 2" fill="transparent" />
          <text :x="30 + r.depth * STEP" :y="r.y + 5" font-size="16" font-weight="600">
            {{ r.node.name }}
            <tspan font-weight="400" :fill="bad(r.node.id) || suspect(r.node.id) ? 'var(--past)' : 'var(--ink-2)'">
              {{ word(r.node.id) }}
            </tspan>
          </text>
        </g>
        <text v-else :x="30 + r.depth * STEP" :y="r.y + 5" font-size="16" fill="var(--ink-2)">
          {{ r.node.name }}
          <tspan
            :fill="suspect(r.node.id) ? 'var(--past)' : 'var(--ink-2)'"
            :font-weight="suspect(r.node.id) ? 600 : 400"
          >
            {{ word(r.node.id) }}
          </tspan>
        </text>
      </template>
    </svg>
    <figcaption class="note">
      {{
        map.suspects.length
          ? 'Broken line: what all hurt or dry parts share and no sound part lies behind. The nearest to them first.'
          : 'Say of each part whether it was oiled, dry or hurt: the map then points at what they share.'
      }}
    </figcaption>
  </figure>
</template>

<style scoped>
.map {
  max-width: 660px;
}
svg {
  width: 100%;
  font-family: var(--label);
  fill: var(--ink);
}
.touch {
  cursor: pointer;
}
.touch:hover text {
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
