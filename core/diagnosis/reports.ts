import type { Entry, EntryOf } from '../entries/types'
import type { LeakSite } from '../entries/leaks/schema'
import type { ClaimBody } from '../entries/claim/schema'
import { ofKind } from '../entries/types'
import type { JobFile } from '../entries/file'
import { judgeCompression } from '../entries/compression/judge'
import { judgeCrankcase } from '../entries/crankcase/judge'
import { judgeLash } from '../entries/lash/judge'
import { judgeMix } from '../entries/mix/judge'
import { judgeOil } from '../entries/oil/judge'
import { PART_SIGNS } from '../teardown/partSigns'
import { CHECK_BY_ID, SIGNS } from '../catalogue'

/** One sign, seen or looked for and not there, with the entry that says so. A claim weighs less than what was seen here. */
export interface Report {
  sign: string
  there: boolean
  claimed: boolean
  entryId: string
}

type Draft = [sign: string, there: boolean]

/** One of several answers that exclude each other: the chosen one there, all others not. */
const oneOf = (signs: Record<string, string>, chosen: string | null): Draft[] =>
  chosen === null ? [] : [...new Set(Object.values(signs))].map(sign => [sign, signs[chosen] === sign])

const ABOUT: Record<string, string> = {
  wont_turn: 'says_wont_turn',
  wont_start: 'says_wont_start',
  dies: 'says_dies',
  no_power: 'says_no_power',
  smoke: 'says_smoke',
  noise: 'says_noise',
  leak: 'says_leak',
  uses_oil: 'says_uses_oil',
  oil_rises: 'says_oil_rises',
  overheats: 'says_hot',
  clutch: 'says_clutch',
}
const TURN = { locked: 'turns_locked', free: 'turns_free', tight_spot: 'turns_tight', weak: 'turns_weak', normal: '' }
const PLUG = {
  pale: 'plug_pale',
  sooty: 'plug_sooty',
  fuel_wet: 'plug_fuel',
  oil_wet: 'plug_oily',
  new: 'plug_new',
  normal: '',
}
const FILTER = {
  choked: 'filter_choked',
  soaked: 'filter_oily',
  torn: 'filter_torn',
  missing: 'filter_torn',
  sound: '',
}
const SMELL = { petrol: 'oil_petrol', burnt: 'oil_burnt', sweet: 'oil_sweet', plain: '' }
const SMOKE = { blue: 'smoke_blue', grey: 'smoke_blue', white: 'smoke_white', black: 'smoke_black', none: '' }
const HISS: Record<string, string> = {
  intake: 'hiss_inlet',
  exhaust: 'hiss_exhaust',
  breather: 'hiss_breather',
  oil_filler: 'hiss_breather',
  crankcase: 'hiss_breather',
  head_joint: 'hiss_joint',
  next_cylinder: 'hiss_joint',
  base_joint: 'hiss_joint',
  plug_thread: 'plug_loose',
  coolant_bubbles: 'bubbles',
}
const LEAK: Partial<Record<LeakSite['site'], string>> = {
  sump: 'wet_sump',
  drain: 'wet_sump',
  top_seal: 'wet_top_seal',
  bottom_seal: 'wet_bottom_seal',
  valve_cover: 'wet_cover',
  head: 'wet_head',
  base: 'wet_base',
  carburettor: 'wet_fuel',
  tank: 'wet_fuel',
}
const CLUE: Record<string, string> = {
  blow_shaft: 'blow_outside',
  bent_guard: 'blow_outside',
  cracked_case: 'blow_outside',
  rust: 'rust_outside',
  burnt_paint: 'burnt_paint',
  blocked_fins: 'fins_packed',
  loose_bolts: 'bolts_loose',
  stale_fuel: 'fuel_stale',
}
const DEBRIS: Record<string, string> = {
  aluminium: 'd_aluminium',
  iron_chips: 'd_iron',
  bearing_flake: 'd_bearing',
  bronze: 'd_bronze',
  babbitt: 'd_shell',
  friction_fibre: 'd_fibre',
  plastic: 'd_plastic',
  grit: 'd_grit',
  sealant: 'd_sealant',
  emulsion: 'oil_milky',
}
const LOCK_FREE: Record<string, string> = {
  plug_out: 'free_plug_out',
  driven_off: 'free_drive_off',
  brake_off: 'free_brake_off',
  starter_gear: 'starter_in_ring',
  click_light: 'click_lamp',
}
/** Answers at the counter: which sign they are about, and which of them mean that it is there. */
const TOLD = new Map<string, { sign: string; yes: RegExp }>(
  Object.entries({
    tipped: { sign: 'was_tipped', yes: /down|yes|van|side/ },
    hit: { sign: 'was_hit', yes: /yes|stump|stone|kerb/ },
    ran_low: { sign: 'ran_low', yes: /yes/ },
    stood: { sign: 'stood_long', yes: /winter|year|month/ },
    since_repair: { sign: 'was_serviced', yes: /once|later|yes|hours/ },
    sound: { sign: 'bang_heard', yes: /bang/ },
    hot_cold: { sign: 'hot_only', yes: /hot only/ },
    topped: { sign: 'was_topped', yes: /just|too much|whole/ },
  }),
)

/** What a log says of the catalogue's signs: the newest word on each, what was seen before what was claimed. */
export function reportsOf(inForce: Entry[], file: JobFile): Report[] {
  const checks = new Map(ofKind(inForce, 'claim_check').map(c => [c.body.claimId, c.body.state]))
  const newest = new Map<string, Report>()
  for (const entry of inForce) {
    const claimed =
      entry.how === 'claimed' &&
      !(entry.kind === 'claim' && ['confirmed', 'contradicted'].includes(checks.get(entry.id) ?? ''))
    for (const [sign, there] of draftsOf(entry, file, inForce, checks.get(entry.id))) {
      if (!SIGNS.has(sign)) continue
      if (claimed && newest.get(sign)?.claimed === false) continue
      newest.set(sign, { sign, there, claimed, entryId: entry.id })
    }
  }
  return [...newest.values()]
}

function draftsOf(entry: Entry, file: JobFile, inForce: Entry[], checked: string | undefined): Draft[] {
  switch (entry.kind) {
    case 'complaint':
      return entry.body.about && ABOUT[entry.body.about] ? [[ABOUT[entry.body.about] ?? '', true]] : []
    case 'claim':
      return told(entry.body, checked)
    case 'oil':
      return oilSigns(entry, file)
    case 'turn_over':
      return oneOf(TURN, entry.body.feel)
    case 'lock_step': {
      const { step, result } = entry.body
      const sign = LOCK_FREE[step]
      if (result === 'liquid') return [['free_plug_out', true], ...liquid(entry)]
      return sign && result !== 'cant'
        ? [
            [sign, result === 'freed'],
            ...(step === 'plug_out'
              ? ([
                  ['liquid_fuel', false],
                  ['liquid_oil', false],
                  ['liquid_water', false],
                ] satisfies Draft[])
              : []),
          ]
        : []
    }
    case 'plug':
      return oneOf(PLUG, entry.body.state)
    case 'air_filter':
      return [
        ...oneOf(FILTER, entry.body.filter),
        ...oneOf({ oily: 'breather_oily', blocked: 'breather_blocked', clear: '', missing: '' }, entry.body.breather),
      ]
    case 'mix': {
      const { tooLean, tooRich } = judgeMix(entry, file)
      return [
        ['can_lean', tooLean],
        ['can_rich', tooRich],
      ]
    }
    case 'compression':
      return compressionSigns(entry, file, inForce)
    case 'leak_down':
      return heard(entry.body.heard)
    case 'crankcase':
      return [['case_leaks', judgeCrankcase(entry, file).mark !== 'good']]
    case 'lash': {
      const { tight, wide } = judgeLash(entry, file)
      return [
        ['lash_none', tight],
        ['lash_wide', wide],
        ...(entry.body.rockers === 'not_tried'
          ? []
          : ([['rocker_stuck', entry.body.rockers === 'stuck']] satisfies Draft[])),
      ]
    }
    case 'smoke':
      return smokeSigns(entry)
    case 'leaks':
      return entry.body.sites.flatMap(({ site, state }) =>
        LEAK[site] ? ([[LEAK[site] ?? '', state === 'wet' || state === 'trail']] satisfies Draft[]) : [],
      )
    case 'clues':
      return [...new Set(Object.values(CLUE))]
        .filter(sign => sign !== 'fuel_stale')
        .map((sign): Draft => [sign, entry.body.outside.some(k => CLUE[k] === sign)])
        .concat(entry.body.outside.includes('stale_fuel') ? [['fuel_stale', true]] : [], [
          ['sealant_seen', entry.body.hands.includes('sealant')],
        ])
    case 'debris':
      return entry.body.items
        .filter(i => i.amount !== 'none')
        .flatMap((i): Draft[] => (DEBRIS[i.material] ? [[DEBRIS[i.material] ?? '', true]] : []))
        .concat(
          entry.body.items.length === 0
            ? (CHECK_BY_ID.get('debris')?.shows ?? []).map((s): Draft => [s.id, false])
            : [],
        )
    case 'event':
      return (
        (
          {
            ran_low: [['ran_low', true]],
            ran_dry: [['ran_low', true]],
            tipped: [['was_tipped', true]],
            hit: [['was_hit', true]],
          } satisfies Partial<Record<string, Draft[]>> as Partial<Record<string, Draft[]>>
        )[entry.body.what] ?? []
      )
    case 'check':
      return [
        ...entry.body.found.map((sign): Draft => [sign, true]),
        ...entry.body.absent.map((sign): Draft => [sign, false]),
      ]
    case 'part':
      return partSigns(entry)
    default:
      return []
  }
}

function told({ topic, text }: ClaimBody, checked: string | undefined): Draft[] {
  const known = topic ? TOLD.get(topic) : undefined
  const answer = text
    .slice(text.indexOf(':') + 1)
    .trim()
    .toLowerCase()
  if (!known || !answer || answer.includes('know')) return []
  const there = known.yes.test(answer)
  return [[known.sign, checked === 'contradicted' ? !there : there]]
}

/** What was seen on a part; a part that is used again or only cleaned, and shows nothing of it, speaks against it. */
function partSigns({ body: { part, seen, disposition } }: EntryOf<'part'>): Draft[] {
  const signs = PART_SIGNS[part] ?? {}
  const there = new Set(seen.map(k => signs[k]))
  const judged = disposition === 'reuse' || disposition === 'clean'
  return [...new Set(Object.values(signs))].flatMap((sign): Draft[] =>
    there.has(sign) ? [[sign, true]] : judged ? [[sign, false]] : [],
  )
}

/** Oil, fuel or water: by the words of the note, fuel when nothing is said. */
function liquid(entry: EntryOf<'lock_step'>): Draft[] {
  const note = entry.body.note?.toLowerCase() ?? ''
  const which = /water|coolant/.test(note) ? 'liquid_water' : /\boil\b/.test(note) ? 'liquid_oil' : 'liquid_fuel'
  return ['liquid_fuel', 'liquid_oil', 'liquid_water'].map(sign => [sign, sign === which])
}

function oilSigns(entry: EntryOf<'oil'>, file: JobFile): Draft[] {
  const { state } = judgeOil(entry, file)
  const { reading, colour, thickness, smell, glitter } = entry.body
  const level =
    reading.by === 'dry'
      ? 'oil_dry'
      : state === null
        ? null
        : state === 'over' || state === 'dangerously_over' || state === 'slightly_over'
          ? 'oil_high'
          : state === 'ok' || state === 'ok_low'
            ? ''
            : 'oil_low'
  const drafts: Draft[] = level === null ? [] : ['oil_high', 'oil_low', 'oil_dry'].map(sign => [sign, sign === level])
  if (smell && smell !== 'not_smelt') drafts.push(...oneOf(SMELL, smell))
  if (colour) drafts.push(['oil_milky', colour === 'milky'])
  if (colour && thickness) drafts.push(['oil_treacle', colour === 'black' && thickness === 'thick'])
  if (thickness) drafts.push(['oil_thin', thickness === 'thin'])
  if (glitter || colour === 'silvery')
    drafts.push(['oil_metal', colour === 'silvery' || glitter === 'flakes' || glitter === 'magnetic'])
  return drafts
}

function compressionSigns(entry: EntryOf<'compression'>, file: JobFile, inForce: Entry[]): Draft[] {
  const { status, pair, mark } = judgeCompression(entry, file, inForce)
  if (status === 'not_comparable' || (status === 'by_feel' && mark === 'open')) return []
  const none = status === 'no_compression'
  const drafts: Draft[] = [
    ['comp_none', none],
    ['comp_low', !none && (mark === 'near' || mark === 'past')],
  ]
  if (pair === 'rings' || pair === 'both') drafts.push(['wet_rises', true], ['wet_same', pair === 'both'])
  if (pair === 'top_end') drafts.push(['wet_rises', false], ['wet_same', true])
  if (pair === 'no_fault_shown') drafts.push(['wet_rises', false], ['wet_same', false])
  return drafts
}

function heard(places: string[]): Draft[] {
  const there = new Set(places.map(p => HISS[p]))
  return ['hiss_inlet', 'hiss_exhaust', 'hiss_breather', 'hiss_joint', 'bubbles'].map(sign => [sign, there.has(sign)])
}

function smokeSigns({ body: { colour, moment, smell } }: EntryOf<'smoke'>): Draft[] {
  const chosen =
    smell === 'sweet'
      ? 'smoke_sweet'
      : moment === 'start' && colour !== 'none'
        ? 'smoke_start'
        : moment === 'overrun'
          ? 'smoke_overrun'
          : SMOKE[colour]
  return ['smoke_blue', 'smoke_white', 'smoke_black', 'smoke_start', 'smoke_overrun', 'smoke_sweet'].map(sign => [
    sign,
    sign === chosen,
  ])
}
