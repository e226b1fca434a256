import type { EngineFacts } from '../engine/facts'
import type { Report } from './reports'
import { NEEDS_COMPRESSION, NO_COMPRESSION } from './reports'

export type EssentialName = 'compression' | 'spark' | 'fuel' | 'timing'
export type EssentialState = 'good' | 'weak' | 'missing' | 'open' | 'parked'
export interface Essential {
  name: EssentialName
  state: EssentialState
  why: string
  entryId: string | null
}

/** For each essential: the signs that it is missing or weak, and the checks that show it sound when nothing of that is there. */
const SIGNS: Record<EssentialName, { missing: readonly string[]; weak: readonly string[]; sound: readonly string[] }> =
  {
    compression: {
      missing: NO_COMPRESSION,
      weak: ['comp_low', 'turns_weak'],
      sound: ['comp_low'],
    },
    spark: { missing: ['spark_none'], weak: ['spark_weak', 'spark_dies_hot'], sound: ['spark_none'] },
    fuel: {
      missing: ['fuel_none', 'tank_empty'],
      weak: ['fuel_trickle', 'fuel_stale', 'fuel_water', 'fuel_wrong', 'jet_dirty'],
      sound: ['fuel_none'],
    },
    timing: { missing: ['key_sheared', 'marks_off'], weak: [], sound: ['key_sheared', 'marks_off'] },
  }
const WORDS: Record<string, string> = {
  comp_none: 'no compression',
  turns_free: 'spins free',
  piston_still: 'piston does not move',
  comp_low: 'low',
  turns_weak: 'weak by hand',
  spark_none: 'none',
  spark_weak: 'weak or yellow',
  spark_dies_hot: 'gone when hot',
  fuel_none: 'none arrives',
  tank_empty: 'tank empty or tap shut',
  fuel_trickle: 'only trickles',
  fuel_stale: 'stale',
  fuel_water: 'water in it',
  fuel_wrong: 'wrong fuel',
  jet_dirty: 'jet dirty',
  key_sheared: 'key sheared',
  marks_off: 'marks out',
}

/**
 * Compression, spark and fuel, then timing. The one that is plainly missing is followed; the others are parked, not failed, and what
 * depends on it is said.
 */
export function essentials(reports: Report[], facts: EngineFacts): Essential[] {
  const seen = (sign: string): Report | undefined => reports.find(r => r.sign === sign && !r.claimed)
  const states = (Object.keys(SIGNS) as EssentialName[]).map((name): Essential => {
    const { missing, weak, sound } = SIGNS[name]
    const gone = missing.map(seen).find(r => r?.there)
    if (gone) return { name, state: 'missing', why: WORDS[gone.sign] ?? '', entryId: gone.entryId }
    const poor = weak.map(seen).find(r => r?.there)
    if (poor) return { name, state: 'weak', why: WORDS[poor.sign] ?? '', entryId: poor.entryId }
    const proved = sound.map(seen).find(r => r && !r.there)
    return proved
      ? { name, state: 'good', why: 'looked at, sound', entryId: proved.entryId }
      : { name, state: 'open', why: 'not looked at', entryId: null }
  })
  const lead = states.find(s => s.state === 'missing')
  if (!lead) return states
  return states.map(s => {
    if (s === lead || s.state !== 'open') return s
    const depends = lead.name === 'compression' && s.name === 'fuel' && NEEDS_COMPRESSION.includes(facts.fuelFeed)
    return {
      ...s,
      state: 'parked',
      why: depends ? 'its feed lives on compression: look there first' : `parked while ${lead.name} is missing`,
    }
  })
}
