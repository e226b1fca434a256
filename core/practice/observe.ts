import { CHECK_BY_ID, fits } from '../catalogue'
import { InputError } from '../errors'
import type { Archetype } from './archetypes'
import { factsOf } from './archetypes'
import type { Look, Options, Value } from './checks/ctx'
import { ctxOf } from './checks/ctx'
import { INSIDE } from './checks/inside'
import { OUTSIDE } from './checks/outside'
import { SPARK } from './checks/spark'
import type { PracticeEngine } from './engine'
import { figure } from './inputs'
import { isLocked } from './physics'

const LOOKS: Readonly<Record<string, Look>> = { ...OUTSIDE, ...SPARK, ...INSIDE }

interface OwnCheck {
  minutes: number
  runs?: true
  fits?(a: Archetype): boolean
}
/** What the catalogue does not ask, or asks as a size: minutes of each. */
const OWN: Readonly<Record<string, OwnCheck>> = {
  oil_drain: { minutes: 6, fits: a => a.sump === 1 },
  start: { minutes: 1 },
  sound: { minutes: 4, runs: true },
  warm_up: { minutes: 20, runs: true },
  // nobody pours oil into a hand-held; the model answers whoever does
  wet: { minutes: 3 },
  m_bore: { minutes: 10 },
  m_skirt: { minutes: 6 },
  m_ring_gap: { minutes: 6 },
  m_big_end: { minutes: 8 },
  m_main: { minutes: 5 },
  m_guide: { minutes: 8, fits: a => a.strokes === 4 },
  m_pump: { minutes: 10, fits: a => a.oiling === 'pump_wet' },
}

/** Whoever does not turn can't show these. */
const TURNED = ['compression', 'wet', 'leakdown', 'spark', 'stop_wire', 'spray_test', 'start']
const HELD_INSIDE = ['rod', 'piston', 'rust', 'gear']

/** Whether this engine has what a check looks at. A pulse pump feeds a float bowl. */
export function hasCheck(a: Archetype, id: string): boolean {
  const own = OWN[id]
  if (own) return own.fits?.(a) ?? true
  const check = CHECK_BY_ID.get(id)
  // electronic injection with a lamp is on none of them
  if (!check || !(id in LOOKS) || id === 'fault_lamp') return false
  const facts = factsOf(a)
  return fits(check.needs, facts) || (a.feed === 'pulse' && fits(check.needs, { ...facts, fuelFeed: 'float' }))
}
export const checksOf = (a: Archetype): string[] => Object.keys(LOOKS).filter(id => hasCheck(a, id))

export interface Observation {
  check: string
  minutes: number
  status: 'ok' | 'does_not_run' | 'does_not_turn'
  /** the catalogue's signs, sorted */
  signs: string[]
  [value: string]: Value
}

const RANGES: Readonly<Record<string, Parameters<typeof figure>[2]>> = {
  pulls: { low: 1, high: 20, whole: true },
  rpm: { low: 300, high: 12000 },
  load: { low: 0, high: 1 },
}
const TAKES = ['idle', 'load', 'plug_shorted', 'drive_off']

function checked(a: Archetype, given: Record<string, unknown>): Options {
  for (const [name, value] of Object.entries(given)) {
    const range = name === 'oil_ml' ? { low: 0, high: a.vc / 2, above: true as const } : RANGES[name]
    if (range) figure(value, name, range)
    else if (name === 'release_off') {
      if (typeof value !== 'boolean') throw new InputError('bad_choice', name, 'release_off: yes or no.')
    } else if (name === 'take') {
      if (!TAKES.includes(String(value))) throw new InputError('bad_choice', name, `take: one of ${TAKES.join(', ')}.`)
    } else throw new InputError('bad_choice', name, `No reading is taken with ${name}.`)
  }
  return given
}

/**
 * What a check shows, the n-th time it is made. Nothing changes by it, and asking in another order gives the same answers.
 * @param check  one of the catalogue's, or a size or a run of its own: `checksOf`
 * @param n      how often it was made before, 0..999
 * @throws InputError `bad_choice`, `not_a_number`, `out_of_range`, or `inconsistent` for a check that this engine has not
 */
export function observe(
  engine: PracticeEngine,
  check: unknown,
  n: unknown = 0,
  options: Record<string, unknown> = {},
): Observation {
  const { a, hidden } = engine
  if (check === null || check === undefined) throw new InputError('missing', 'check', 'Say which check it is.')
  const id = typeof check === 'string' ? check : ''
  const known = id in LOOKS || CHECK_BY_ID.has(id)
  if (!known) throw new InputError('bad_choice', 'check', `There is no check called ${String(check)}.`)
  if (!hasCheck(a, id)) throw new InputError('inconsistent', 'check', 'This engine has nothing to look at there.')
  const times = figure(n, 'n', { low: 0, high: 999, whole: true })
  const taken = checked(a, options)
  const { x } = hidden
  const c = ctxOf(engine, id, times, taken)
  const fixed = (isLocked(a, x) && TURNED.includes(id)) || (id === 'rock' && HELD_INSIDE.includes(x.lock))
  if (fixed) return { check: id, minutes: 1, status: 'does_not_turn', signs: [] }
  if ((OWN[id]?.runs ?? CHECK_BY_ID.get(id)?.runs) && !c.run.runs)
    return { check: id, minutes: 1, status: 'does_not_run', signs: [] }
  const { signs, values } = (LOOKS[id] as Look)(c)
  const minutes = OWN[id]?.minutes ?? CHECK_BY_ID.get(id)?.minutes ?? 1
  return { ...values, check: id, minutes, status: 'ok', signs: [...signs].sort() }
}
