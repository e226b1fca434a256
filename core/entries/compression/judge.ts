import { compToStandard } from '../../compression/ambient'
import type { CompStatus } from '../../compression/compVerdict'
import { compVerdict } from '../../compression/compVerdict'
import type { CompressionHistory } from './visits'
import { compressionHistory, trendWords } from './visits'
import type { ExpectedCompression } from '../../compression/expectedFromSheet'
import { expectedFromSheet } from '../../compression/expectedFromSheet'
import { hoseCorrect } from '../../compression/gauge'
import type { WetDryStatus } from '../../compression/wetDry'
import { WET_DRY_MODEL, wetDry } from '../../compression/wetDry'
import type { WetOil } from '../../compression/wetOil'
import { mlText, NO_WET_TEST, noWetTest, riseByVolume, wetOil } from '../../compression/wetOil'
import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { compressionBand } from '../../spec/rulesOfThumb'
import { SPEC_SOURCES, sourceWords, specFor } from '../../spec/specValue'
import type { Quantity } from '../../units/quantity'
import { convert } from '../../units/unitConvert'
import { quantityText, shownIn } from '../../units/unitRound'
import { noLash } from '../lash/judge'
import type { Entry } from '../types'
import type { Logged } from '../../log/entry'
import type { CompressionBody } from './schema'
import { keptOf } from '../kept'

export interface CompressionJudgement extends Judgement {
  status: CompStatus | 'by_feel' | 'no_compression'
  pStdKpa: number | null
  limitKpa: number | null
  pair: WetDryStatus | 'too_low_to_tell' | 'volume_unknown' | null
  /** from the sheet's geometry, where it has one */
  expected: ExpectedCompression | null
  /** readings of earlier visits with this one */
  visits: CompressionHistory | null
}

/** Under this the cylinder holds next to nothing, and a rise in per cent says little. kPa. */
const NEXT_TO_NOTHING_KPA = 100

/** Then only a rise of this much points at the rings. kPa. */
const CLEAR_RISE_KPA = 100

/** From a reading under this share of its figure a rise smaller than the next figure (kPa) tells nothing at all: the way out is too large for oil to seal. From any low reading it points at no ring. Shop judgement. */
const FAR_UNDER = 1 / 3

const LEAST_RISE_KPA = 70

const PAIR_WORDS: Record<WetDryStatus | 'too_low_to_tell' | 'volume_unknown', string> = {
  no_compression:
    'Nothing dry: the air has a free way out. Look for a valve held open, a hole, a gasket or a broken rod before thinking of rings.',
  repeat_test: 'The wet reading fell: test again, throttle open, same pulls.',
  no_fault_shown: 'The pair shows no fault. Good compression does not clear the bore by itself.',
  rings: 'Oil sealed it: rings or bore.',
  top_end: 'Oil changed little: valves, head gasket or plug seat.',
  both: 'Some rise, not all: rings and top end together, or oil that did not reach.',
  unclear: "The pair can't tell rings from top end: leak-down would.",
  volume_unknown:
    'Oil makes the chamber smaller and raises every engine, a small one by half and more. How much went in, or how large the chamber is, is not known: this rise tells little. Bore, stroke and ratio on the sheet say how much oil is right; a leak-down needs none.',
  too_low_to_tell: 'So little dry that the rise says nothing: the way out is too large for oil to seal.',
}

/** A compression test: dry reading against its figure, then what the wet one adds, and what neither can say. */
export function judgeCompression(
  entry: Logged<CompressionBody>,
  file: JobFile,
  inForce: Entry[] = [],
): CompressionJudgement {
  const { body } = entry
  const show = (kpa: number): string => shownIn(kpa, 'kPa', file.policy.pressureUnit)
  const asRead = (q: Quantity): string => quantityText(q.value, q.unit)
  if (!body.dry) return byFeel(entry, file)

  const readKpa = convert(body.dry.value, body.dry.unit, 'kPa')
  const expected = expectedFromSheet(file.facts, file.spec)
  const hose = hoseCorrected(readKpa, body.hoseMl, expected)
  const dryKpa = hose ?? readKpa
  const altitudeM = body.altitudeM ?? file.policy.altitudeM
  const { pStdKpa, factor } = compToStandard({
    pGaugeKpa: dryKpa,
    pAmbKpa: null,
    altitudeM,
    tempC: 15,
    mode: 'pressure',
  })
  const spec = specFor('compression_limit', file.spec, file.facts.engineClass, file.facts.displacementCc)
  const withRelease = specFor('compression_with_release', file.spec, file.facts.engineClass, file.facts.displacementCc)
  const fitted = body.release === 'working' || (body.release === 'unknown' && file.facts.release !== 'none')
  // what the geometry says of this very engine is better than the figure of its class
  const byGeometry = expected !== null && (!spec || spec.source === 'rule_of_thumb')
  const band = compressionBand(file.facts)
  const verdict = compVerdict({
    pStdKpa,
    // and of a class the valve gear says more than the class alone
    limitKpa: byGeometry ? null : spec && spec.source !== 'rule_of_thumb' ? spec.value : band.look,
    expectedKpa: expected?.pKpa ?? null,
    autoRelease: fitted,
    releaseDisabled: false,
    withReleaseLimitKpa: withRelease?.value ?? null,
  })
  const used = fitted ? withRelease : spec
  const thumb = fitted ? withRelease?.source === 'rule_of_thumb' : byGeometry || spec?.source === 'rule_of_thumb'
  const details: string[] = []
  const corrected = Math.abs(factor - 1) > 0.005 || hose !== null ? `, ${show(pStdKpa)} at sea level` : ''
  let mark: Mark = 'good'
  let headline = `Compression ${asRead(body.dry)}`
  if (dryKpa <= NEXT_TO_NOTHING_KPA / 10) {
    mark = 'past'
    headline = 'No compression'
  } else if (verdict.status === 'not_comparable') {
    mark = 'open'
    headline += ", can't be compared"
    details.push(
      `Read with the release working${body.release === 'unknown' ? ', as far as is known' : ''}: a sound engine reads low by design, and there is no figure for that state. Hold the release off, or use a leak-down.`,
    )
  } else if (verdict.limitUsedKpa !== null) {
    const source =
      byGeometry && !fitted
        ? 'three quarters of what the geometry gives, rule of thumb'
        : used
          ? sourceWords(used, 'kPa', file.policy.pressureUnit)
          : SPEC_SOURCES.rule_of_thumb
    const passed = verdict.status === 'pass'
    mark = passed ? 'good' : thumb ? 'near' : 'past'
    headline += passed ? ', above its limit' : thumb ? ', low: look further' : ', under its limit'
    details.push(
      `Reads ${asRead(body.dry)}${corrected}; the figure used is ${show(verdict.limitUsedKpa)} (${source}).${!passed && thumb ? " A rule of thumb makes it doubtful; it can't condemn." : ''}`,
    )
    if (thumb && !byGeometry && !fitted)
      details.push(
        `${file.facts.valves === 'side' ? 'Side-valve engines' : 'Engines'} of this class usually read ${show(band.low)} to ${show(band.high)}.`,
      )
    if (passed) details.push('Good compression does not clear the bore by itself.')
    if (used?.conflict)
      details.push("The sheet's sources disagree on this figure: see which one is right for this engine.")
  }
  if (expected)
    details.push(`From its geometry expect ${show(expected.lowKpa)} to ${show(expected.highKpa)} at sea level.`)
  if (hose !== null) details.push(`The hose hides some: corrected from ${show(readKpa)} to ${show(hose)}.`)
  if (!body.throttleOpen)
    details.push('The throttle was not held open: the reading is too low to judge by. Test again.')
  if (body.pulls !== null && body.pulls < 4)
    details.push(`${body.pulls} pulls are few: pull until the needle stops rising.`)
  if (body.temperature === 'cold' && mark !== 'good') details.push('Cold reads 5 to 10 % under warm.')
  const oil = oilOf(body, file)
  const pair = pairOf({ dryKpa, pStdKpa, limitKpa: verdict.limitUsedKpa }, body.wet, verdict.status, mark, oil)
  if (pair) {
    const wet = body.wet ? `Wet ${asRead(body.wet)}${oilWords(oil)}. ` : ''
    details.push(
      wet +
        (file.facts.cycle === 'two'
          ? 'A two-stroke is not read by it: oil seals ports and rings alike, and fills the case. Look through the port, and try the crankcase.'
          : PAIR_WORDS[pair]),
    )
  } else if (mark !== 'good' && mark !== 'open') {
    details.push(
      oil.never
        ? `${NO_WET_TEST} A leak-down tells rings from the rest.`
        : `Test again with a little oil in the cylinder${oil.right ? `, ${mlText(oil.right.oilMl)}` : ''}: it tells rings from valves.`,
    )
  }
  if (mark === 'past' || mark === 'near' || pair === 'top_end') details.push(...lashWords(inForce, file))
  const visits = compressionHistory(file, inForce, entry, spec?.value ?? null)
  if (visits) details.push(...visitWords(visits, show))
  const status = dryKpa <= NEXT_TO_NOTHING_KPA / 10 ? 'no_compression' : verdict.status
  return {
    entryId: entry.id,
    mark,
    headline,
    details,
    status,
    pStdKpa,
    limitKpa: verdict.limitUsedKpa,
    pair,
    expected,
    visits,
  }
}

function hoseCorrected(readKpa: number, hoseMl: number | null, expected: ExpectedCompression | null): number | null {
  if (!hoseMl || expected?.sweptEffMl == null || expected.clearanceMl == null) return null
  return hoseCorrect({
    pGaugeKpa: readKpa,
    sweptEffMl: expected.sweptEffMl,
    clearanceMl: expected.clearanceMl,
    hoseMl,
    pAmbKpa: 101.325,
    n: 1.25,
  }).pGaugeCorrKpa
}

/** A valve that is held open is not a burnt one. */
function lashWords(inForce: Entry[], file: JobFile): string[] {
  if (file.facts.cycle === 'two') return []
  const lash = keptOf(inForce).lash.at(-1)
  if (!lash) return ['The lash was not read: no valve is blamed before it was.']
  const none = [lash.body.inlet, lash.body.exhaust].some(q => q !== null && noLash(q))
  return none && lash.body.state === 'as_found'
    ? ['A valve had no lash as found: set it and test again before a seat is blamed.']
    : []
}

function visitWords(history: CompressionHistory, show: (kpa: number) => string): string[] {
  const [before, now] = [history.points.at(-2), history.points.at(-1)]
  return before && now
    ? [
        `${before.number === null ? 'Before' : `On T ${before.number}`} it read ${show(before.pStdKpa)} at sea level, now ${show(now.pStdKpa)}.`,
        ...trendWords(history, show),
      ]
    : []
}

function pairOf(
  { dryKpa, pStdKpa, limitKpa }: { dryKpa: number; pStdKpa: number; limitKpa: number | null },
  wet: Quantity | null,
  verdict: CompStatus,
  mark: Mark,
  oil: OilIn,
): CompressionJudgement['pair'] {
  // with a release at work no limit is there, and the pair tells all the same
  if (!wet || (mark === 'open' && verdict !== 'not_comparable')) return null
  const wetKpa = convert(wet.value, wet.unit, 'kPa')
  const rise = wetKpa - dryKpa
  // a reading that fell is tested again, however low it was
  if (dryKpa > 0 && limitKpa !== null && pStdKpa < FAR_UNDER * limitKpa && rise >= 0 && rise < LEAST_RISE_KPA)
    return 'too_low_to_tell'
  if (dryKpa > 0 && dryKpa < NEXT_TO_NOTHING_KPA) return wetKpa - dryKpa >= CLEAR_RISE_KPA ? 'rings' : 'too_low_to_tell'
  const { status } = wetDry({
    dryKpa,
    wetKpa,
    ...(oil.taken ?? { oilMl: 0, clearanceMl: null, sweptEffMl: null }),
    pAmbKpa: 101.325,
    n: 1.25,
    priors: null,
    verdict,
  })
  // a rise that is small in itself points at no ring, whatever share it is of a low reading
  const low = limitKpa !== null && pStdKpa < limitKpa
  if (low && rise < LEAST_RISE_KPA && (status === 'rings' || status === 'both')) return 'too_low_to_tell'
  if (!oil.taken)
    return oil.asked && rise > SMALL_RISE * dryKpa && rise <= oil.byVolume * dryKpa ? 'volume_unknown' : status
  // what leaks gains less by a smaller chamber than what is tight: under what its volume gives, and yet no lower, it changed nothing
  const fell = wetKpa < dryKpa * (1 + WET_DRY_MODEL.fall)
  return status === 'repeat_test' && !fell ? 'top_end' : status
}

/** Under this share of the dry reading the oil did not even do what its volume does: that is told by any amount. */
const SMALL_RISE = 0.1

/** Oil of a wet reading: how much went in, how much is right, and what its volume alone may have done. */
interface OilIn {
  ml: number | null
  right: WetOil | null
  /** its volume and the chamber's, where both are known and it leaves room: then they are taken out */
  taken: { oilMl: number; clearanceMl: number; sweptEffMl: number } | null
  byVolume: number
  /** somebody was asked how much it was */
  asked: boolean
  /** a chamber that the oil would fill */
  never: boolean
}
function oilOf({ oilMl }: CompressionBody, { facts, spec, machineKind }: JobFile): OilIn {
  const right = wetOil(facts, spec)
  const fits = right && oilMl && oilMl < right.chamberMl / 2
  return {
    ml: oilMl ?? null,
    right,
    taken: fits ? { oilMl, clearanceMl: right.chamberMl, sweptEffMl: right.sweptMl } : null,
    byVolume: riseByVolume(facts),
    asked: oilMl !== undefined,
    never: noWetTest(facts, machineKind),
  }
}

function oilWords({ ml, right }: OilIn): string {
  if (ml === null) return ''
  if (!right) return ` with ${mlText(ml)} of oil`
  const share = ml / right.chamberMl
  return ` with ${mlText(ml)} of oil, ${Math.round(100 * share)} % of its chamber${share >= 0.5 ? ': so much can lock it' : ', its own volume taken out'}`
}

function byFeel(entry: Logged<CompressionBody>, file: JobFile): CompressionJudgement {
  const base = {
    entryId: entry.id,
    status: 'by_feel' as const,
    pStdKpa: null,
    limitKpa: null,
    pair: null,
    expected: null,
    visits: null,
  }
  const released = file.facts.release === 'automatic' || file.facts.release === 'unknown'
  switch (entry.body.feel) {
    case 'none':
      return {
        ...base,
        mark: 'past',
        status: 'no_compression',
        headline: 'No compression, by feel',
        details: ["By feel, 'none' is reliable. Ask a gauge before any part is condemned."],
      }
    case 'weak':
      return {
        ...base,
        mark: 'open',
        headline: 'Weak compression, by feel',
        details: [`By feel, 'weak' is not reliable${released ? ', and a release may be at work' : ''}: use a gauge.`],
      }
    case 'kicks':
      return {
        ...base,
        mark: 'near',
        headline: 'Kicks back',
        details: ['A kick-back asks for the flywheel key, the timing, and a release that does not lift.'],
      }
    default:
      return {
        ...base,
        mark: 'good',
        headline: 'Normal compression, by feel',
        details: ['By feel only: it does not clear the bore.'],
      }
  }
}
