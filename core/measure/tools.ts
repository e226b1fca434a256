import type { KeyOf } from '../words/keys'

/** Expanded uncertainty (k = 2) of a reading in a shop's hands, mm. Rule of thumb; a card of known thickness is an improvised feeler. */
export const TOOLS = {
  micrometer: { label: 'micrometer', uMm: 0.006 },
  bore_dial: { label: 'bore dial', uMm: 0.01 },
  dial: { label: 'dial gauge', uMm: 0.01 },
  feeler: { label: 'feeler', uMm: 0.02 },
  vernier: { label: 'vernier', uMm: 0.04 },
  solder: { label: 'solder and micrometer', uMm: 0.02 },
  card: { label: 'card of known thickness', uMm: 0.05 },
} as const

export type Tool = KeyOf<typeof TOOLS>

export const TOOL_LABELS = Object.fromEntries(Object.entries(TOOLS).map(([k, v]) => [k, v.label])) as Record<
  Tool,
  string
>
