import type { EngineFacts } from '../engine/facts'
import type { EngineClass } from '../engine/words'

/** How often a cause shows a sign, in words; the figures stand in one table. */
export const LINK_WORDS = { always: 0.93, often: 0.7, sometimes: 0.4, seldom: 0.15, hardly: 0.05 } as const
export type LinkWord = keyof typeof LINK_WORDS
export const LINK_TEXT: Record<LinkWord, string> = {
  always: 'nearly always',
  often: 'often',
  sometimes: 'sometimes',
  seldom: 'seldom',
  hardly: 'hardly ever',
}

/** On which engines something can be. Unknown facts rule nothing out. */
export interface Needs {
  cycle?: 'two' | 'four'
  sump?: true
  fuelFeed?: readonly EngineFacts['fuelFeed'][]
  oiling?: readonly EngineFacts['oiling'][]
  cooling?: 'air' | 'liquid'
  valves?: readonly EngineFacts['valves'][]
  ignition?: readonly EngineFacts['ignition'][]
  release?: true
  clutch?: true
  governor?: true
  /** more than one cylinder */
  several?: true
  classes?: readonly EngineClass[]
}

export type CauseGroup =
  'fuel' | 'ignition' | 'air' | 'top' | 'bottom' | 'oil' | 'leak' | 'cooling' | 'starting' | 'drive' | 'use'
export const GROUP_WORDS: Record<CauseGroup, string> = {
  fuel: 'Fuel',
  ignition: 'Ignition',
  air: 'Intake and exhaust',
  top: 'Head, valves, bore',
  bottom: 'Bottom end',
  oil: 'Oil and oiling',
  leak: 'Leaks',
  cooling: 'Cooling',
  starting: 'Starting',
  drive: 'Drive and driven parts',
  use: 'How it is used',
}

export interface Cause {
  id: string
  name: string
  group: CauseGroup
  needs?: Needs
  /** share of jobs in which it is there, by class: H2, V2, S4, M4, T4, D4. Shop judgement, replaced by the shop's own counts */
  base: readonly [number, number, number, number, number, number]
  what: string
  /** a state that is found, and the causes that make it: they come before it */
  madeBy?: readonly string[]
  /** what it damages next */
  damages?: string
  cure: string
  shows: Partial<Record<LinkWord, readonly string[]>>
}

export interface Sign {
  id: string
  /** as it is seen, heard, smelt or read */
  seen: string
  /** chance that it shows without any cause that is known here */
  leak: number
}

export interface Check {
  id: string
  name: string
  minutes: number
  tools: string
  how: string
  caution?: string
  /** checks that come first */
  before?: readonly string[]
  /** the engine is opened for it */
  opens?: true
  /** it has to run for it */
  runs?: true
  needs?: Needs
  /** at most one of its signs shows */
  oneOf?: true
  shows: readonly Sign[]
  /** somebody pulls the cord or works the starter for it, plug in or a spark at its end */
  cranks?: true
  /** it is turned by hand, plug in */
  turns?: true
  /** the kind of entry that takes this check, where it has a form of its own */
  form?: string
}
