import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'

export type RustGrade = 'clean' | 'rusty'
/** A joint that was undone in this shop: whether a fastener was stuck, and the minutes that it took. */
export interface JointCase {
  grade: RustGrade
  stuck: boolean
  minutes: number | null
}
export interface StuckHistory {
  clean: { joints: number; stuck: number; minutes: number[] }
  rusty: { joints: number; stuck: number; minutes: number[] }
}

export const NO_HISTORY: StuckHistory = {
  clean: { joints: 0, stuck: 0, minutes: [] },
  rusty: { joints: 0, stuck: 0, minutes: [] },
}

/** From this age on a machine counts as rusty, seen or not. Years; shop judgement. */
const OLD_YEARS = 15

/** How a machine stands as to rust: seen outside or inside, or old. */
export function rustGrade(inForce: Entry[]): RustGrade {
  const clues = keptOf(inForce).clues.at(-1)?.body
  return clues?.outside.includes('rust') || (clues?.ageYears ?? 0) >= OLD_YEARS ? 'rusty' : 'clean'
}

/** The joints that one job's log tells of. */
export const jointsOf = (inForce: Entry[]): JointCase[] =>
  keptOf(inForce).fasteners.map(({ body }) => ({
    grade: rustGrade(inForce),
    stuck: body.stuck.length > 0,
    minutes: body.minutes,
  }))

export function historyOf(cases: JointCase[]): StuckHistory {
  const one = (grade: RustGrade): StuckHistory['clean'] => {
    const all = cases.filter(c => c.grade === grade)
    return {
      joints: all.length,
      stuck: all.filter(c => c.stuck).length,
      minutes: all.flatMap(c => (c.stuck && c.minutes !== null ? [c.minutes] : [])).sort((a, b) => a - b),
    }
  }
  return { clean: one('clean'), rusty: one('rusty') }
}

/** Chance of a stuck fastener on a job and the hours it costs, before a shop has counted its own. Rule of thumb (formula sheet, topic 19). */
export const STUCK_SEED = {
  clean: { chance: 0.1, hours: [0.3, 0.6, 1.5] },
  rusty: { chance: 0.35, hours: [0.5, 1, 4] },
} as const
/** The seed weighs as much as this many joints of the shop's own. */
const SEED_WEIGHT = 10
/** With fewer stuck ones than this the hours are the seed's. */
const ENOUGH = 4

export interface Allowance {
  grade: RustGrade
  chance: number
  low: number
  likely: number
  high: number
  /** joints and stuck ones it is learnt from */ joints: number
  stuck: number
  learntHours: boolean
  why: string
}

/**
 * What stuck fasteners will cost: the chance counted from the shop's own joints of that grade, drawn to the rule of thumb while there are few,
 * and the hours from the minutes written down: the tenth, the middle and the ninetieth of a hundred.
 */
export function stuckAllowance(history: StuckHistory, grade: RustGrade): Allowance {
  const { joints, stuck, minutes } = history[grade]
  const seed = STUCK_SEED[grade]
  const chance = (stuck + SEED_WEIGHT * seed.chance) / (joints + SEED_WEIGHT)
  const learntHours = minutes.length >= ENOUGH
  const at = (q: number): number =>
    Math.round((100 * (minutes[Math.min(minutes.length - 1, Math.floor(q * minutes.length))] ?? 0)) / 60) / 100
  const [low, likely, high] = learntHours ? [at(0.1), at(0.5), at(0.9)] : seed.hours
  const words = grade === 'rusty' ? 'rusty or old' : 'clean'
  return {
    grade,
    chance: Math.round(100 * chance) / 100,
    low,
    likely,
    high,
    joints,
    stuck,
    learntHours,
    why: joints
      ? `${stuck} of ${joints} joints on ${words} machines here were stuck${learntHours ? ', their minutes counted' : '; hours by rule of thumb'}`
      : `rule of thumb for a ${words} machine: none counted here yet`,
  }
}
