import { debrisGrowth } from '../../debris/debrisGrowth'
import { debrisScore } from '../../debris/debrisScore'
import type { DebrisAmount, DebrisMaterial, DebrisState } from '../../debris/debrisTables'
import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { specFor } from '../../spec/specValue'
import { DEBRIS_PLACES, MATERIAL_WORDS } from '../../words/looks'
import type { Entry } from '../types'
import type { Logged } from '../../log/entry'
import { entriesBefore } from '../../log/entry'
import type { DebrisBody } from './schema'
import { keptOf } from '../kept'

export interface DebrisJudgement extends Judgement {
  score: number
  state: DebrisState
  sources: string[]
}

const STATE_WORDS: Record<DebrisState, string> = {
  normal: 'normal debris',
  watch: 'debris to watch',
  investigate: 'debris to follow up',
  stop: 'debris that stops it',
}

const STATE_MARKS: Record<DebrisState, Mark> = { normal: 'good', watch: 'near', investigate: 'past', stop: 'past' }

const STATE_ADVICE: Record<DebrisState, string> = {
  normal: 'Nothing to follow up.',
  watch: 'Shorten the oil interval and look again.',
  investigate: 'Cut the filter or open the sump before more running.',
  stop: "Don't run it. Open it, or price it as damaged inside.",
}

export const SOURCE_WORDS: Record<string, string> = {
  normal_wear: 'normal wear',
  bore_and_rings: 'bore and rings',
  gears: 'gears',
  gear_teeth: 'gear teeth',
  camshaft_or_lifter: 'camshaft or follower',
  broken_part: 'a broken part',
  rolling_bearing_spall: 'a rolling bearing breaking up',
  big_end_cage_or_race: 'big-end cage or race',
  piston_scuff: 'scuffed piston',
  bare_bore: 'unlined bore',
  case_or_head_rub: 'case or head rubbing',
  small_end_bush: 'small-end bush',
  thrust_washer: 'thrust washer',
  bearing_cage: 'bearing cage',
  oil_pump_or_worm: 'oil pump or worm',
  plain_bearing_overlay: 'plain bearing shells',
  wet_clutch: 'wet clutch',
  brake_in_oil: 'brake in oil',
  blow_by: 'blow-by',
  overdue_oil: 'overdue oil',
  excess_gasket_sealant: 'too much sealant',
  timing_chain_guide: 'timing chain guide',
  governor_or_cam_gear: 'governor or cam gear',
  air_filter_bypass: 'dirt past the air filter',
  dirty_rebuild: 'a dirty rebuild',
  coolant_leak: 'coolant leak',
  condensation: 'condensation',
  lab_sample: 'a laboratory would tell',
  rag_or_wipe: 'a rag or wipe, the workshop’s or the owner’s: look for more',
  filter_material: 'the filter’s own material',
  gasket_or_seal: 'a gasket or seal',
  filter_batch: 'glue of the filter: look at the others of its batch',
}

const DEFAULT_INTERVAL_H = 50

/** How long an engine beds in: hours, or km, or, where nothing was counted, months. Rule of thumb of the trade; the sheet may say otherwise. */
export const BREAK_IN = { h: 10, km: 500, months: 2 } as const

/** How far an engine is through its bedding in, 1 when it is over; null when nobody knows. What was run is heard before the calendar. */
function beddedIn({ hoursSinceRebuild: h, kmSinceRebuild: km, monthsSinceRebuild: months }: DebrisBody): number | null {
  const run = [h === null ? null : h / BREAK_IN.h, km == null ? null : km / BREAK_IN.km].filter(x => x !== null)
  const most = run.length ? Math.max(...run) : months == null ? null : months / BREAK_IN.months
  return most === null ? null : Math.min(1, most)
}

const NEXT_STATE: Record<DebrisState, DebrisState> = {
  normal: 'watch',
  watch: 'investigate',
  investigate: 'stop',
  stop: 'stop',
}

const GROWTH_WORDS: Record<string, string> = { steady: 'steady', rising: 'rising', rising_fast: 'rising fast' }

const CONTROL_WORDS = {
  same: 'A sound engine or an unused filter shows the same: not a finding by itself.',
  more: 'More than the control shows: it comes from this engine.',
  less: 'Less than the control shows.',
} as const

/** What a magnet does with a material; absent where it tells nothing. */
const MAGNETIC: Partial<Record<DebrisMaterial, boolean>> = {
  iron_paste: true,
  iron_chips: true,
  bearing_flake: true,
  aluminium: false,
  bronze: false,
  babbitt: false,
  friction_fibre: false,
  carbon: false,
  sealant: false,
  plastic: false,
  lint: false,
  fibre: false,
  glue: false,
}

/** Area that an amount covers on the tray, mm²: only ratios of these are used. Shop judgement. */
const AREA_MM2: Record<DebrisAmount, number> = { none: 0, trace: 2, some: 15, much: 80, mass: 300 }

/** Rate up to which a sample is steady whatever came before, mm² an hour. Shop judgement. */
const FLOOR_MM2_PER_H = 0.2

/** Samples of the same place before this one, on earlier visits and on this. */
function samplesBefore(entry: Logged<DebrisBody>, file: JobFile, inForce: Entry[]): Logged<DebrisBody>[] {
  const before = [...file.history.flatMap(v => v.entries), ...entriesBefore(inForce, entry.id)]
  return keptOf(before).debris.filter(e => e.body.place === entry.body.place)
}

/** What was counted in 100 mL, all of it; null where nobody counted. */
function counted(items: DebrisBody['items']): number | null {
  const counts = items.map(i => i.per100Ml ?? null).filter(c => c !== null)
  return counts.length ? counts.reduce((a, b) => a + b, 0) : null
}

/** Counted pieces, against the sound one beside it and against the sample before. */
function countWords({ body }: Logged<DebrisBody>, before: Logged<DebrisBody>[]): string[] {
  const count = counted(body.items)
  if (count === null) return []
  const words = [`${count} pieces in 100 mL`]
  if (body.controlPer100Ml != null)
    words.push(
      body.controlPer100Ml > 0
        ? `the control has ${body.controlPer100Ml}, so ${(count / body.controlPer100Ml).toFixed(1)} times as many`
        : 'the control has none',
    )
  const last = before.map(e => counted(e.body.items)).findLast(c => c !== null)
  if (last !== undefined && last !== null)
    words.push(`the sample before had ${last}${last > 0 ? `, so ${(count / last).toFixed(1)} times as many` : ''}`)
  return [`${words.join('; ')}.`]
}

function growthOf(entry: Logged<DebrisBody>, before: Logged<DebrisBody>[]): ReturnType<typeof debrisGrowth> | null {
  const samples = [...before, entry].filter(e => (e.body.hoursSinceOil ?? 0) > 0)
  if (samples.length < 2 || samples.at(-1)?.id !== entry.id) return null
  const area = (e: Logged<DebrisBody>): number => e.body.items.reduce((sum, i) => sum + AREA_MM2[i.amount], 0)
  return debrisGrowth({
    amountsMm2: samples.map(area),
    hours: samples.map(e => e.body.hoursSinceOil ?? 1),
    floorMm2PerH: FLOOR_MM2_PER_H,
  })
}

/** A debris sample scored, with where it may come from. */
export function judgeDebris(entry: Logged<DebrisBody>, file: JobFile, inForce: Entry[] = []): DebrisJudgement {
  const { body } = entry
  const intervalH =
    specFor('oil_change', file.spec, file.facts.engineClass, file.facts.displacementCc)?.value ?? DEFAULT_INTERVAL_H
  const bedded = beddedIn(body)
  const scored = debrisScore({
    items: body.items,
    hoursSinceOil: body.hoursSinceOil ?? intervalH,
    intervalH,
    hoursSinceRebuild: bedded,
    breakInH: 1,
  })
  const { score, sources } = scored
  const before = samplesBefore(entry, file, inForce)
  const growth = growthOf(entry, before)
  const state = growth?.raiseOneLevel ? NEXT_STATE[scored.state] : scored.state
  const details = [`Scores ${Math.round(score)} of 100 (shop judgement). ${STATE_ADVICE[state]}`]
  if (sources.length) details.push(`Most likely from: ${sources.map(s => SOURCE_WORDS[s] ?? s).join(', ')}.`)
  if (growth)
    details.push(
      `Against earlier samples of this place it is ${GROWTH_WORDS[growth.state]}${growth.ratio === null ? '' : `, ${growth.ratio.toFixed(1)} times the usual rate`}.${growth.raiseOneLevel ? ' Counted one level graver for it.' : ''}`,
    )
  details.push(...countWords(entry, before))
  if (body.control !== 'none') details.push(CONTROL_WORDS[body.control])
  else if (bedded !== null && bedded < 1 && scored.state !== 'normal')
    details.push(
      "It is still bedding in and there is no control beside it: what is wear and what is bedding in can't be told apart yet.",
    )
  if (body.hoursSinceOil === null) details.push('Hours on this oil are not known: taken as one interval.')
  for (const i of body.items)
    if (i.magnet && MAGNETIC[i.material] !== undefined && MAGNETIC[i.material] !== (i.magnet === 'takes'))
      details.push(
        `Written down as ${MATERIAL_WORDS[i.material].toLowerCase()}, but the magnet ${i.magnet} it: look again what it is.`,
      )
  if (body.place === 'filter_clean') details.push('Found on the clean side: whatever it is could reach the bearings.')
  if (body.place === 'jet')
    details.push('A blocked jet or passage decides what it feeds: prove it clear before any rebuild.')
  return {
    entryId: entry.id,
    mark: STATE_MARKS[state],
    headline: `${DEBRIS_PLACES[body.place]}: ${STATE_WORDS[state]}`,
    details,
    score,
    state,
    sources,
  }
}
