import { CHECK_BY_ID } from '../catalogue'
import type { MachineKind } from '../engine/words'
import { HAND_HELD } from '../engine/words'
import type { Report } from './reports'

/** Pulled or kicked over and nothing else, unless somebody has found a battery on it. */
const PULLED: readonly MachineKind[] = [...HAND_HELD, 'walk_behind_mower', 'tiller', 'pump', 'pressure_washer']
const STARTER_CHECKS: readonly string[] = ['starter', 'starter_volts', 'charging']
const STARTER_CAUSES: readonly string[] = ['battery', 'starter_weak', 'charging']
const STARTER_SIGNS = STARTER_CHECKS.flatMap(id => CHECK_BY_ID.get(id)?.shows.map(s => s.id) ?? [])

/** A cylinder full of liquid is one that was found locked, or that liquid came out of. */
const LIQUID_LOCKS: readonly string[] = ['lock_fuel', 'lock_oil', 'lock_water']
const LOCKED: readonly string[] = ['turns_locked', 'free_plug_out', 'liquid_fuel', 'liquid_oil', 'liquid_water']

/** Checks that such a machine can't be asked. */
export const checksLacking = (kind: MachineKind, reports: readonly Report[]): readonly string[] =>
  hasStarter(kind, reports) ? [] : STARTER_CHECKS

/** Causes that such a machine can't have, or that what was found leaves no room for. */
export const causesLacking = (kind: MachineKind | null, reports: readonly Report[]): readonly string[] => [
  ...(kind === null || hasStarter(kind, reports) ? [] : STARTER_CAUSES),
  ...(reports.some(r => r.there && LOCKED.includes(r.sign)) ? [] : LIQUID_LOCKS),
]

const hasStarter = (kind: MachineKind, reports: readonly Report[]): boolean =>
  !PULLED.includes(kind) || reports.some(r => STARTER_SIGNS.includes(r.sign))
