import { ambientPressure } from '../../compression/ambient'
import { crankcaseTest } from '../../compression/crankcaseTest'
import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { convert } from '../../units/unitConvert'
import { shownIn } from '../../units/unitRound'
import type { Logged } from '../../log/entry'
import type { CrankcaseBody } from './schema'

/** A two-stroke's crankcase under pressure or vacuum. */
export function judgeCrankcase(entry: Logged<CrankcaseBody>, file: JobFile): Judgement {
  const { start, end, seconds } = entry.body
  const engineClass = file.facts.engineClass === 'H2' ? 'handheld' : 'vehicle'
  const { mode, rateKpaPerMin, dropPct, state } = crankcaseTest({
    p0Kpa: convert(start.value, start.unit, 'kPa'),
    p1Kpa: convert(end.value, end.unit, 'kPa'),
    seconds,
    engineClass,
    volumeMl: null,
    pAmbKpa: ambientPressure({ altitudeM: file.policy.altitudeM }).pKpa,
    tempC: 20,
  })
  const lost = shownIn(rateKpaPerMin, 'kPa', start.unit)
  const mark: Mark = state === 'pass' ? 'good' : state === 'doubtful' ? 'open' : 'near'
  const other = mode === 'pressure' ? 'vacuum' : 'pressure'
  return {
    entryId: entry.id,
    mark,
    headline: `Crankcase ${mode}: ${state === 'pass' ? 'holds' : state === 'doubtful' ? 'doubtful' : 'leaks'}`,
    details: [
      `Lost ${lost} a minute, ${Math.round(dropPct)} % of it in ${seconds} s (${engineClass === 'handheld' ? 'hand-held' : 'vehicle'} limits, rule of thumb).`,
      ...(state === 'pass'
        ? [`A lip seal may hold one way only: do ${other} too.`]
        : ['Test the blanking plates and the hose alone first; then soapy water at seals, base and inlet joint.']),
      'A dry seal is a hint; this test is the proof.',
    ],
  }
}
