import type { HazardRow } from './hazardRow'
import { MACHINE_HAZARDS } from './hazardsOfMachine'
import { METAL_HAZARDS } from './hazardsOfMetal'
import { OIL_HAZARDS } from './hazardsOfOil'

/** What must not be done, until when, and who may answer for it: every row of the trade. Naming a cause ends none of them. */
export const HAZARD_ROWS: Record<string, HazardRow> = { ...OIL_HAZARDS, ...METAL_HAZARDS, ...MACHINE_HAZARDS }
