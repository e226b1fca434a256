import { CHECK_BY_ID } from '../catalogue'
import type { BodyOf, EntryKind } from '../entries/types'
import type { HowGot } from '../log/words'
import type { MeasureItem } from '../measure/items'
import type { SpecValue } from '../spec/specValue'
import { MEASURE_PLANS } from '../measure/items'
import type { Archetype } from './archetypes'
import type { Observation } from './observe'

/** An entry as a technician would log it, before it has an author and a time. */
export type Logged = { [K in EntryKind]: { kind: K; how: HowGot | null; body: BodyOf[K] } }[EntryKind]
export interface Bridged {
  entries: Logged[]
  /** signs and readings that no room of the log has a place for */
  lost: string[]
}

const logged = <K extends EntryKind>(kind: K, how: HowGot | null, body: BodyOf[K]): Logged =>
  ({ kind, how, body }) as Logged
const quantity = (value: unknown, unit: string): { value: number; unit: string } => ({ value: Number(value), unit })
const kpa = (value: unknown): { value: number; unit: string } => quantity(value, 'kPa')
const mm = (value: unknown): { value: number; unit: string } => quantity(value, 'mm')

/** What the maker's sheet of a practice engine says: no more than any owner has. */
export function sheetOf(a: Archetype): SpecValue[] {
  const figure = (item: SpecValue['item'], value: number, unit: string): SpecValue => ({
    ...{ item, value, unit, source: 'maker', note: null, year: null, checkedBy: null, chosen: false },
  })
  return [
    figure('bore', a.bore, 'mm'),
    figure('stroke', a.strokeMm, 'mm'),
    figure('rod_length', a.rod, 'mm'),
    figure('compression_ratio', a.cr, 'ratio'),
    ...(a.sump
      ? [
          figure('oil_capacity', a.cap, 'mL'),
          figure('oil_full_mark', a.oilMax, 'mL'),
          figure('oil_low_mark', a.oilMin, 'mL'),
        ]
      : []),
    ...(a.strokes === 4
      ? [
          figure('lash_inlet_min', a.lashIn * 0.8, 'mm'),
          figure('lash_inlet_max', a.lashIn * 1.25, 'mm'),
          figure('lash_exhaust_min', a.lashEx * 0.8, 'mm'),
          figure('lash_exhaust_max', a.lashEx * 1.25, 'mm'),
        ]
      : []),
  ]
}

const ABOUT: Record<string, BodyOf['complaint']['about']> = {
  ...{ says_wont_turn: 'wont_turn', says_wont_start: 'wont_start', says_dies: 'dies', says_no_power: 'no_power' },
  ...{ says_smoke: 'smoke', says_noise: 'noise', says_leak: 'leak', says_uses_oil: 'uses_oil' },
  ...{ says_oil_rises: 'oil_rises', says_hot: 'overheats', says_clutch: 'clutch' },
}
/** Guided questions of booking in that ask for a sign, with the answer that says it is there. */
const ANSWERS: Record<string, [topic: string, answer: string]> = {
  was_tipped: ['tipped', 'carburettor side down'],
  was_hit: ['hit', 'yes, a stump or stone'],
  ran_low: ['ran_low', 'yes, filled it and went on'],
  stood_long: ['stood', 'a year or more'],
  was_serviced: ['since_repair', 'at once'],
  bang_heard: ['sound', 'a bang, then nothing'],
  hot_only: ['hot_cold', 'hot only'],
  kicks_back: ['kicks', 'yes'],
  was_topped: ['just_topped', 'yes'],
  stopped_dead: ['came_on', 'stopped dead while running'],
  slow_loss: ['came_on', 'weaker over months'],
  surges: ['runs_how', 'surges up and down'],
  vibrates: ['runs_how', 'shakes more than it did'],
  cuts_out_wet: ['runs_how', 'stops in wet grass or rain'],
}

/** Signs of the catalogue that the model knows nothing of: nobody has looked for them and found them absent. */
const NOT_MODELLED: readonly string[] = [
  ...['carbon_crown', 'rust_bore', 'bore_over', 'head_warped', 'guide_loose', 'rod_welded', 'teeth_chipped'],
  ...['sludge_seen', 'over_plain', 'turns_hard'],
]

/** A check with no figures of its own: what it showed and what it did not. */
function byCheck(o: Observation, how: HowGot = 'by_eye'): Bridged {
  const shows = CHECK_BY_ID.get(o.check)?.shows.map(s => s.id) ?? []
  const found = o.signs.filter(s => shows.includes(s))
  if (!shows.length) return { entries: [], lost: [o.check] }
  const absent = shows.filter(s => !found.includes(s) && !NOT_MODELLED.includes(s))
  return {
    entries: [logged('check', how, { check: o.check, found, absent, skipped: null, note: null })],
    lost: o.signs.filter(s => !shows.includes(s)),
  }
}

const one = (entry: Logged, lost: string[] = []): Bridged => ({ entries: [entry], lost })
const size = (item: MeasureItem, reads: unknown[], more: Partial<BodyOf['measure']> = {}): Logged =>
  logged('measure', 'measured', {
    ...{ item, reads: reads.map(mm), tool: MEASURE_PLANS[item].tool, place: null, when: 'as_found' as const },
    ...{ note: null, soldMm: [], ...(MEASURE_PLANS[item].swing && { swing: 'total' as const }), ...more },
  })

function story(o: Observation): Bridged {
  const said = o.signs
  const complaint = o.complaint as string | null
  const second = said.filter(s => s in ABOUT && s !== complaint)
  const lost = said.filter(s => !(s in ABOUT) && !(s in ANSWERS))
  const claims = said.flatMap(sign => {
    const asked = ANSWERS[sign]
    return asked
      ? [
          logged('claim', 'claimed', {
            ...{ text: `${asked[0]}: ${asked[1]}`, howKnown: null, topic: asked[0], answer: asked[1] },
          }),
        ]
      : []
  })
  const about = complaint && said.includes(complaint) ? ABOUT[complaint] : 'other'
  const rest = [...second, ...lost]
  return {
    entries: [
      logged('complaint', 'claimed', { words: complaint ?? 'it is not right', since: null, about: about ?? 'other' }),
      ...claims,
      // told, and with no question of its own at the counter
      ...(rest.length
        ? [logged('check', 'claimed', { check: 'story', found: rest, absent: [], skipped: null, note: null })]
        : []),
    ],
    lost,
  }
}

const FEEL = {
  free: 'free',
  tight: 'tight_spot',
  weak: 'weak',
  locked: 'locked',
  hard: 'hard',
  normal: 'normal',
} as const
const PLUGS: Record<string, BodyOf['plug']['state']> = {
  ...{ pale: 'pale', sooty: 'sooty', fuel: 'fuel_wet', oily: 'oil_wet', new: 'new', normal: 'normal' },
}
const FILTERS = { choked: 'choked', oily: 'soaked', torn: 'torn', sound: 'sound' } as const
const HISSES: Record<string, BodyOf['leak_down']['heard'][number]> = {
  ...{ inlet: 'intake', exhaust: 'exhaust', breather: 'breather', crankcase: 'crankcase', joint: 'head_joint' },
  ...{ plug: 'plug_thread', coolant: 'coolant_bubbles' },
}
const SITES: Record<string, BodyOf['leaks']['sites'][number]['site']> = {
  ...{ wet_sump: 'sump', wet_top_seal: 'top_seal', wet_bottom_seal: 'bottom_seal', wet_cover: 'valve_cover' },
  ...{ wet_head: 'head', wet_base: 'base', wet_fuel: 'carburettor' },
}
const CLUES: Record<string, BodyOf['clues']['outside'][number]> = {
  ...{ blow_outside: 'blow_shaft', rust_outside: 'rust', burnt_paint: 'burnt_paint', fins_packed: 'blocked_fins' },
  bolts_loose: 'loose_bolts',
}
const SMOKES: Record<string, [colour: BodyOf['smoke']['colour'], moment: BodyOf['smoke']['moment']]> = {
  ...{ blue: ['blue', 'always'], white: ['white', 'always'], black: ['black', 'always'] },
  ...{ sweet: ['white', 'always'], start: ['blue', 'start'], overrun: ['blue', 'overrun'] },
}
const MATERIALS: Record<string, BodyOf['debris']['items'][number]['material']> = {
  ...{ aluminium: 'aluminium', iron_chips: 'iron_chips', iron_paste: 'iron_paste', bearing_flake: 'bearing_flake' },
  ...{ bronze: 'bronze', babbitt: 'babbitt', friction_fibre: 'friction_fibre', plastic: 'plastic' },
  ...{ grit: 'grit', sealant: 'sealant' },
}

/** @param freed by whether it shows its sign */
const lockStep = (step: BodyOf['lock_step']['step'], freed: boolean): Bridged =>
  one(logged('lock_step', 'by_feel', { step, result: freed ? 'freed' : 'no_change', liquid: null, note: null }))

const blankOil = (reading: BodyOf['oil']['reading']): BodyOf['oil'] => ({
  ...{ reading, colour: null, thickness: null, smell: null, glitter: null, whereGone: null, note: null },
})
/** The stick's end is the stick's end. */
const stick = (o: Observation): BodyOf['oil']['reading'] =>
  o.reads === 'dry' ? { by: 'dry' } : { by: 'marks', pct: Math.max(-60, Math.min(300, Number(o.position_pct))) }

type Make = (o: Observation, a: Archetype, before: readonly Observation[]) => Bridged
const level = (before: readonly Observation[]): Observation | undefined =>
  before.findLast(o => o.check === 'oil_level' && o.status === 'ok')

const MAKES: Readonly<Record<string, Make>> = {
  story,
  oil_level: o => one(logged('oil', 'by_eye', { ...blankOil(stick(o)), smell: 'not_smelt' })),
  oil_smell: (o, _a, before) => {
    const read = level(before)
    // smelt without a reading: the room asks for one
    return read
      ? one(
          logged('oil', 'by_eye', {
            ...blankOil(stick(read)),
            smell: o.smell as BodyOf['oil']['smell'],
          }),
        )
      : byCheck(o)
  },
  oil_look: (o, _a, before) => {
    const read = level(before)
    return read
      ? one(
          logged('oil', 'by_eye', {
            ...blankOil(stick(read)),
            smell: 'not_smelt',
            colour: o.colour as BodyOf['oil']['colour'],
            thickness: o.thickness as BodyOf['oil']['thickness'],
            glitter: o.signs.includes('oil_metal') ? 'flakes' : 'none',
          }),
        )
      : byCheck(o)
  },
  oil_drain: o =>
    one(logged('fluid', 'measured', { action: 'drained', amount: quantity(o.volume_ml, 'mL'), what: 'old oil' })),
  turn: (o, a) =>
    one(
      logged('turn_over', 'by_feel', {
        feel: FEEL[o.feel as keyof typeof FEEL],
        method: a.start === 'rope' ? 'rope' : a.start === 'kick' ? 'kick' : 'flywheel',
        plugIn: true,
        note: null,
      }),
    ),
  plug_out_turn: o =>
    o.liquid
      ? one(
          logged('lock_step', 'by_feel', {
            step: 'plug_out',
            result: 'liquid',
            liquid: o.liquid as 'fuel' | 'oil' | 'water',
            note: null,
          }),
        )
      : lockStep('plug_out', o.signs.includes('free_plug_out')),
  drive_off: o => lockStep('driven_off', o.signs.length > 0),
  brake_off: o => lockStep('brake_off', o.signs.length > 0),
  starter_off: o => lockStep('starter_gear', o.signs.length > 0),
  plug: o => one(logged('plug', 'by_eye', { state: PLUGS[String(o.look)] ?? 'normal', note: null })),
  filter: o =>
    one(
      logged('air_filter', 'by_eye', { filter: FILTERS[o.look as keyof typeof FILTERS], breather: null, note: null }),
    ),
  outside: o => {
    const outside = o.signs.flatMap(s => (CLUES[s] ? [CLUES[s]] : []))
    return one(
      logged('clues', 'by_eye', {
        outside,
        hands: o.signs.includes('sealant_seen') ? ['sealant'] : [],
        ageYears: null,
        note: null,
      }),
    )
  },
  smoke: o => {
    const [colour, moment] = SMOKES[String(o.smoke)] ?? ['none', null]
    const smell = o.smoke === 'sweet' ? 'sweet' : null
    return one(logged('smoke', 'by_eye', { colour, moment, after: null, smell, note: null }))
  },
  leaks: o =>
    one(
      logged('leaks', 'by_eye', {
        look: 'after_run',
        sites: Object.entries(SITES).map(([sign, site]) => ({ site, state: o.signs.includes(sign) ? 'wet' : 'dry' })),
        note: null,
      }),
    ),
  compression: (o, a) => one(logged('compression', 'measured', pulled(o, a, o.reading_kpa, null))),
  wet: (o, a) =>
    one(
      logged('compression', 'measured', {
        ...pulled(o, a, o.dry_kpa, o.reading_kpa),
        oilMl: Number(o.oil_ml),
      }),
    ),
  leakdown: o => {
    const heard = (o.heard as string[]).flatMap(word => (HISSES[word] ? [HISSES[word]] : []))
    const left = 600 * (1 - Number(o.pct) / 100)
    return one(
      logged('leak_down', 'measured', { regulator: kpa(600), cylinder: kpa(left), orificeMm: 1, heard, note: null }),
    )
  },
  lash: o =>
    one(
      logged('lash', 'measured', {
        ...{ state: 'as_found', inlet: mm(o.inlet_mm), exhaust: mm(o.exhaust_mm), rockers: 'not_tried', note: null },
      }),
    ),
  crankcase: o =>
    one(
      logged('crankcase', 'measured', {
        ...{ start: kpa(o.p0_kpa), end: kpa(o.p1_kpa), seconds: Number(o.seconds), note: null },
      }),
    ),
  can: o =>
    one(
      logged('mix', 'measured', {
        ...{ fuel: quantity(1000, 'mL'), oil: quantity(1000 / Number(o.ratio), 'mL') },
        ...{
          makerRatio: 50,
          fuelType: null,
          fuelDays: null,
          stabilised: false,
          note: null,
        },
      }),
    ),
  debris: o =>
    one(
      logged('debris', 'by_eye', {
        place: 'drain_pan',
        items: (o.items as { material: string; amount: string; largest_um: number }[]).map(i => ({
          magnet: null,
          material: MATERIALS[i.material] ?? 'unknown',
          amount: i.amount as BodyOf['debris']['items'][number]['amount'],
          largestUm: Math.max(1, i.largest_um),
        })),
        ...{ hoursSinceOil: Number(o.hours_since_oil), hoursSinceRebuild: null, control: 'none' as const, note: null },
      }),
    ),
  oil_pressure: o =>
    one(
      logged('oil_pressure', 'measured', {
        ...{ by: 'gauge', coldIdle: kpa(o.cold_idle_kpa), coldSpeed: null, warmIdle: kpa(o.hot_idle_kpa) },
        ...{ warmSpeed: kpa(o.hot_fast_kpa), rpm: null, oilC: 95, note: null },
      }),
    ),
  coil_gap: o => one(size('coil_gap', [o.gap_mm])),
  runout: o => one(size('crank_runout', [o.tir_mm])),
  rock: o => {
    const { rod, main } = o.play_mm as { rod: number; main: number }
    return { entries: [size('rod_play', [rod]), size('main_play', [main])], lost: [] }
  },
  m_ring_gap: o => one(size('ring_gap', [o.gap_mm])),
  m_big_end: o => one(size('rod_play', [o.clearance_mm])),
  m_main: o => one(size('main_play', [o.play_mm])),
  m_pump: o => ({ entries: [size('pump_tip', [o.tip_mm]), size('pump_side', [o.side_mm])], lost: [] }),
  m_bore: (o, a) => one(logged('bore', 'measured', boreOf(a, o.readings_mm as [number, number][], null))),
  // a fit is bore less piston: with the bore not measured, the standard one stands for it
  m_skirt: (o, a) =>
    one(logged('bore', 'measured', boreOf(a, [[a.bore, a.bore]], mm(a.bore - Number(o.clearance_mm))))),
}

function pulled(o: Observation, a: Archetype, dry: unknown, wet: unknown): BodyOf['compression'] {
  const release = a.release === 'none' ? 'none' : o.release_off === true ? 'disabled' : 'unknown'
  return {
    ...{ feel: null, dry: kpa(dry), wet: wet === null ? null : kpa(wet), throttleOpen: true, pulls: 6 },
    ...{ temperature: 'warm', release, hoseMl: null, altitudeM: null, note: null },
  }
}

const boreOf = (a: Archetype, rows: [number, number][], piston: BodyOf['bore']['piston']): BodyOf['bore'] => ({
  ...{ nominal: mm(a.bore), unit: 'mm', rows, piston, tool: 'bore_dial', when: 'as_found', partC: null },
  ...{ sizesMm: [], holdCentre: false, crossHatch: 'not_looked', note: null },
})

/**
 * What was seen, as entries of the log: each in its own room, with its figures; what has no room of its own as a check of the catalogue.
 * @param before what was seen of the same engine until then
 */
export function entriesOf(o: Observation, a: Archetype, before: readonly Observation[] = []): Bridged {
  if (o.status !== 'ok') return { entries: [], lost: [] }
  const make = MAKES[o.check]
  return make ? make(o, a, before) : byCheck(o)
}
