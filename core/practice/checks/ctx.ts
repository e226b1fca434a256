import type { Archetype } from '../archetypes'
import type { Derived } from '../physics'
import { derive, runsFor } from '../physics'
import { normal, uni } from '../seeded'
import type { Latent, State } from '../state'
import { latentOf, referenceState } from '../state'
import type { PracticeEngine } from '../engine'

/** How somebody takes a reading. */
export interface Options {
  pulls?: number
  release_off?: boolean
  rpm?: number
  load?: number
  oil_ml?: number
  take?: 'idle' | 'load' | 'plug_shorted' | 'drive_off'
}

export type Value = number | string | boolean | null | Value[] | { [key: string]: Value }
/** What one look shows: signs of the catalogue, and figures. */
export interface Shown {
  signs: string[]
  values?: Record<string, Value>
}

/** Everything that a look may read, with its own noise. */
export interface Ctx {
  a: Archetype
  x: State
  d: Derived
  told: readonly string[]
  seed: number
  n: number
  options: Options
  L: Latent
  /** what a sound engine of its kind is like */
  sound: State
  /** noise of this reading, by name: close to normal, and even */
  N: (name: string) => number
  U: (name: string) => number
  /** a tool's error of the day */
  tool: (name: string, sd: number) => number
  /** the sign is there where the figure, with its noise, is over the threshold */
  see: (sign: string, figure: number, over?: number, sd?: number) => string[]
  run: { runs: boolean; dies: number }
}

/** What follows from a state is worked out once for each engine: an engine never changes, only its copies differ. */
const FOLLOWS = new WeakMap<PracticeEngine['hidden'], Pick<Ctx, 'd' | 'run' | 'sound'>>()
function followsFrom({ a, hidden }: PracticeEngine): Pick<Ctx, 'd' | 'run' | 'sound'> {
  const known = FOLLOWS.get(hidden)
  if (known) return known
  const d = derive(a, hidden.x)
  const follows = { d, run: runsFor(a, hidden.x, d), sound: referenceState(a, hidden.x.temp) }
  FOLLOWS.set(hidden, follows)
  return follows
}

export function ctxOf(engine: PracticeEngine, check: string, n: number, options: Options): Ctx {
  const { a, hidden } = engine
  const { x, seed, told } = hidden
  const N = (name: string): number => normal(seed, 'o', check, n, name)
  return {
    ...{ a, x, told, seed, n, options, N },
    ...followsFrom(engine),
    L: latentOf(seed),
    U: name => uni(seed, 'o', check, n, name),
    tool: (name, sd) => sd * normal(seed, 'tool', name),
    see: (sign, figure, over = 0.35, sd = 0.1) => (figure + sd * N(sign) > over ? [sign] : []),
  }
}

export type Look = (c: Ctx) => Shown
export const flags = (shown: Record<string, boolean>): string[] => Object.keys(shown).filter(k => shown[k])
/** Of several, the one that is plainest, if any is plain enough. */
export const largest = (figures: Record<string, number>, over: number): string | null => {
  const [name = null] = Object.keys(figures).sort((p, q) => (figures[q] ?? 0) - (figures[p] ?? 0))
  return name !== null && (figures[name] ?? 0) > over ? name : null
}
