import { ambientPressure } from '../../compression/ambient'
import type { LeakClass } from '../../compression/leakdown'
import { LEAK_LIMITS, leakPath, leakdown, leakdownClass } from '../../compression/leakdown'
import type { EngineFacts } from '../../engine/facts'
import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { convert } from '../../units/unitConvert'
import { quantityText } from '../../units/unitRound'
import { HEARD } from '../../words/looks'
import type { Logged } from '../../log/entry'
import type { LeakDownBody } from './schema'

const PATH_WORDS: Record<string, string> = {
  intake_valve: 'the inlet valve',
  exhaust_valve: 'the exhaust valve',
  rings_bore_piston: 'rings, bore or piston',
  head_gasket_or_crack: 'head gasket or a crack',
  head_gasket_between: 'the gasket between two cylinders',
  head_gasket_or_loose_head: 'head gasket or a loose head',
  plug_seal: "the plug's own seat",
  base_gasket_after_rings: 'the base gasket, after the rings',
}

/** Which limits of leakage belong to an engine. */
export function leakClassOf({ engineClass, cycle, cooling }: EngineFacts): LeakClass {
  if (cycle === 'two') return 'two_stroke'
  if (engineClass === 'D4') return 'diesel'
  return cooling === 'liquid' ? 'liquid_4s' : 'air_4s'
}

const GRADE: Record<'good' | 'fair' | 'worn' | 'bad', { mark: Mark; words: string }> = {
  good: { mark: 'good', words: 'good' },
  fair: { mark: 'good', words: 'fair' },
  worn: { mark: 'near', words: 'worn' },
  bad: { mark: 'near', words: 'bad' },
}

/** Air in at top dead centre: how much gets away, and where it is heard. The limits are rules of thumb: they make it doubtful, the ear names the part. */
export function judgeLeakdown(entry: Logged<LeakDownBody>, file: JobFile): Judgement & { leakPct: number } {
  const { regulator, cylinder, orificeMm, heard } = entry.body
  const engineClass = leakClassOf(file.facts)
  const strokes = file.facts.cycle === 'two' ? 2 : 4
  const pRegKpa = convert(regulator.value, regulator.unit, 'kPa')
  const { leakPct, holeMm } = leakdown({
    pRegKpa,
    pCylKpa: Math.min(convert(cylinder.value, cylinder.unit, 'kPa'), pRegKpa),
    orificeMm,
    pAmbKpa: ambientPressure({ altitudeM: file.policy.altitudeM }).pKpa,
  })
  const state = leakdownClass({ leakPct, engineClass }).state
  const known = heard.filter(place => HEARD[place].strokes.includes(strokes))
  const paths = leakPath({ heard: known, strokes }).paths.map(p => PATH_WORDS[p] ?? p)
  const [good, fair, worn] = LEAK_LIMITS[engineClass]
  const details = [
    `${quantityText(cylinder.value, cylinder.unit)} left of ${quantityText(regulator.value, regulator.unit)}: good to ${good} %, fair to ${fair} %, worn to ${worn} % (rule of thumb).`,
    holeMm === null
      ? 'Everything gets away: a valve held open, a hole, or not at top dead centre.'
      : `The leak is as large as a hole of ${holeMm.toFixed(2)} mm; compare that between testers, not the per cent.`,
  ]
  if (paths.length)
    details.push(`Heard: it goes by ${paths.join(', and by ')}. A hiss that stops after a tap on the stem was dirt.`)
  else if (state !== 'good') details.push('Listen at inlet, exhaust, filler and plug before anything is blamed.')
  const valve = paths.some(p => p.includes('valve'))
  if (valve) details.push('Read the lash before a seat is blamed.')
  const mark: Mark = paths.length && state !== 'good' ? 'past' : paths.length ? 'near' : GRADE[state].mark
  return {
    entryId: entry.id,
    mark,
    headline: `Leak-down ${Math.round(leakPct)} %, ${GRADE[state].words}${paths.length ? `: ${paths.join(', ')}` : ''}`,
    details,
    leakPct,
  }
}
