import { CHECK_BY_ID, CHECKS, SIGNS } from '#core/catalogue'
import { DEFAULT_POLICY } from '#core/engine/policy'
import type { EngineFacts } from '#core/engine/facts'
import type { MachineKind } from '#core/engine/words'
import type { JobFile } from '#core/entries/file'
import type { Entry } from '#core/entries/types'
import type { Logged } from '#core/practice/bridge'
import { ENGINES } from './engines'

type Draft = Omit<Logged, 'kind' | 'body'> & { kind: string; body: object }
const bar = (value: number) => ({ value, unit: 'bar' })
const mm = (value: number) => ({ value, unit: 'mm' })
const draft = (kind: string, how: Draft['how'], body: object): Draft => ({ kind, how, body })

/** A check that has a room of its own, as it is logged there; the others are logged as a check of the catalogue. */
const ROOMS: Record<string, (there: ReadonlySet<string>, facts: EngineFacts) => Draft[]> = {
  oil_level: there => [
    draft('oil', 'by_eye', {
      reading: there.has('oil_dry')
        ? { by: 'dry' }
        : { by: 'marks', pct: there.has('oil_high') ? 190 : there.has('oil_low') ? -40 : 80 },
      ...{ colour: null, thickness: null, smell: 'not_smelt', glitter: null, whereGone: null, note: null },
    }),
  ],
  turn: there => [
    draft('turn_over', 'by_feel', {
      feel: there.has('turns_locked')
        ? 'locked'
        : there.has('turns_free')
          ? 'free'
          : there.has('turns_tight')
            ? 'tight_spot'
            : there.has('turns_weak')
              ? 'weak'
              : 'normal',
      ...{ method: 'rope', plugIn: true, note: null },
    }),
  ],
  plug_out_turn: there => {
    const liquid = ['fuel', 'oil', 'water'].find(l => there.has(`liquid_${l}`))
    return [
      draft('lock_step', 'by_feel', {
        step: 'plug_out',
        result: liquid ? 'liquid' : there.has('free_plug_out') ? 'freed' : 'no_change',
        liquid: liquid ?? null,
        note: null,
      }),
    ]
  },
  drive_off: there => [freed('driven_off', there.has('free_drive_off'))],
  brake_off: there => [freed('brake_off', there.has('free_brake_off'))],
  starter_off: there => [freed('starter_gear', there.has('starter_in_ring'))],
  compression: (there, { release }) => [squeeze(there, release, null)],
  wet: (there, { release }) => [squeeze(there, release, there.has('wet_rises') ? 7.5 : 4)],
  lash: there => [
    draft('lash', 'measured', {
      ...{ state: 'as_found', inlet: mm(0.12), rockers: 'not_tried', note: null },
      exhaust: mm(there.has('lash_none') ? 0 : there.has('lash_wide') ? 0.5 : 0.16),
    }),
  ],
  can: there => [
    draft('mix', 'measured', {
      ...{
        fuel: { value: 5, unit: 'L' },
        makerRatio: 50,
        fuelType: null,
        fuelDays: null,
        stabilised: false,
        note: null,
      },
      oil: { value: there.has('can_lean') ? 50 : there.has('can_rich') ? 250 : 104, unit: 'mL' },
    }),
  ],
}
const freed = (step: string, free: boolean): Draft =>
  draft('lock_step', 'by_feel', { step, result: free ? 'freed' : 'no_change', liquid: null, note: null })
const squeeze = (there: ReadonlySet<string>, release: string, wet: number | null): Draft =>
  draft('compression', 'measured', {
    ...{ feel: null, throttleOpen: true, pulls: 6, temperature: 'warm', hoseMl: null, altitudeM: null, note: null },
    dry: bar(there.has('comp_none') ? 0 : there.has('comp_low') || wet !== null ? 3.9 : 9.5),
    wet: wet === null ? null : bar(wet),
    oilMl: wet === null ? null : 2,
    release: release === 'none' ? 'none' : 'disabled',
  })

const KINDS: Partial<Record<EngineFacts['engineClass'], MachineKind>> = {
  ...{ S4: 'walk_behind_mower', H2: 'chainsaw', V2: 'offroad_motorcycle', M4: 'step_through', T4: 'tractor' },
}

/**
 * A job whose log says what a case says: each check that was done, in its own room, its signs there or not; `ok:` for one that showed nothing.
 * @param known signs, `-sign`, `ok:check`, with a space between
 */
export function fileOf(engine: string, known: string): JobFile {
  const facts = ENGINES[engine]
  if (!facts) throw new RangeError(`There is no engine called ${engine}.`)
  const words = known.split(' ').filter(Boolean)
  const there = new Set(words.filter(w => !/^-|^ok:/.test(w)))
  const done = words.map(w => (w.startsWith('ok:') ? w.slice(3) : (SIGNS.get(w.replace(/^-/, ''))?.check ?? w)))
  for (const id of done) if (!CHECK_BY_ID.has(id)) throw new RangeError(`There is no check or sign called ${id}.`)
  const drafts = CHECKS.filter(c => done.includes(c.id)).flatMap((check): Draft[] => {
    const room = ROOMS[check.id]
    if (room) return room(there, facts)
    const shows = check.shows.map(s => s.id)
    const found = shows.filter(s => there.has(s))
    const absent = check.id === 'story' ? [] : shows.filter(s => !there.has(s))
    const how = check.id === 'story' ? 'claimed' : 'by_eye'
    return [draft('check', how, { check: check.id, found, absent, skipped: null, note: null })]
  })
  return {
    machineKind:
      engine === 'rider' ? 'riding_mower' : engine === 'plant' ? 'generator' : (KINDS[facts.engineClass] ?? 'tractor'),
    facts,
    spec: [
      ...(facts.cycle === 'four' ? LASH : []),
      { item: 'compression_limit', value: 6, unit: 'bar', source: 'maker', ...UNCHECKED },
    ],
    ...{ fill: null, history: [], policy: DEFAULT_POLICY, counts: null },
    entries: drafts.map((d, i) => ({
      ...d,
      ...{ id: `01K${String(i + 1).padStart(23, '0')}`, by: 'P', supersedes: null },
      at: new Date(Date.parse('2026-05-04T09:00:00Z') + 60_000 * i).toISOString(),
    })) as unknown as Entry[],
  }
}
const UNCHECKED = { note: null, year: null, checkedBy: null, chosen: false }
const LASH: JobFile['spec'] = (['lash_inlet', 'lash_exhaust'] as const).flatMap(valve => [
  { item: `${valve}_min` as const, value: 0.08, unit: 'mm', source: 'maker', ...UNCHECKED },
  { item: `${valve}_max` as const, value: 0.2, unit: 'mm', source: 'maker', ...UNCHECKED },
])
