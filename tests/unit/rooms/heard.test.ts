import { existsSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { CAUSES, CHECKS, SIGNS, strongSignsOf } from '#core/catalogue'
import { diagnose } from '#core/diagnosis/diagnose'
import { reportsOf } from '#core/diagnosis/reports'
import { isHeard, SIZES_SILENT } from '#core/entries/measure/signs'
import { roomOf } from '#core/entries/rooms'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import type { BodyOf, Entry, EntryKind } from '#core/entries/types'
import { UNHEARD } from '#core/entries/unheard'
import { assess } from '#core/assess'
import { notToRun } from '#core/judgement'
import type { MeasureItem } from '#core/measure/items'
import { MEASURE_PLANS } from '#core/measure/items'
import type { PartKey } from '#core/teardown/parts'
import { PART_PLANS } from '#core/teardown/parts'
import { MARKS_SILENT, PART_SIGNS } from '#core/teardown/partSigns'
import { ENGINES } from '../../vignettes/engines'
import { entry, FACTS, file } from '../job/file'

const source = (kind: string, name: string): string => {
  const path = `core/entries/${kind}/${name}.ts`
  return existsSync(path) ? readFileSync(path, 'utf8') : ''
}
/** The fields of a body, whatever its rules are wrapped in. */
function fieldsOf(schema: unknown): string[] {
  const s = schema as { shape?: object; def?: { innerType?: unknown; in?: unknown } }
  if (s.shape) return Object.keys(s.shape)
  const inner = s.def?.innerType ?? s.def?.in
  return inner ? fieldsOf(inner) : []
}
const FINDINGS = (Object.keys(BODY_SCHEMAS) as EntryKind[]).filter(
  k => roomOf({ kind: k } as Entry).finding || k === 'complaint',
)
/** Heard for every kind alike: each cylinder has its own newest word. */
const BY_ALL = ['ofCylinder']

describe('what was entered is heard', () => {
  it.each(FINDINGS)(
    'every field of %s is read by its signs or its judgement, or stands on the list that says why not',
    kind => {
      const silent = UNHEARD[kind] ?? {}
      if (silent['*']) return expect(source(kind, 'signs')).toBe('')
      const read = ['signs', 'judge', 'standing'].map(name => source(kind, name)).join('')
      expect(source(kind, 'signs'), 'no signs.ts and not on the list').not.toBe('')
      for (const field of fieldsOf(BODY_SCHEMAS[kind]).filter(f => !BY_ALL.includes(f)))
        expect([field, new RegExp(`\\b${field}\\b`).test(read) || Boolean(silent[field])]).toEqual([field, true])
      for (const field of Object.keys(silent)) expect(fieldsOf(BODY_SCHEMAS[kind])).toContain(field)
    },
  )
  it('every sign of a check that has a form is one that the form can say', () => {
    for (const { id, form, shows } of CHECKS) {
      if (!form || id === 'story') continue
      const said = source(form, 'signs')
      for (const sign of shows)
        expect([id, sign.id, said.includes(sign.id) || said.includes(sign.id.replace(/_.*/, '_${'))]).toEqual([
          id,
          sign.id,
          true,
        ])
    }
  })
})

describe('every mark and every size', () => {
  it('points at a cause, or stands on the list of those that point at none', () => {
    for (const [part, { look = {} }] of Object.entries(PART_PLANS) as [PartKey, { look?: object }][]) {
      const [heard, silent] = [Object.keys(PART_SIGNS[part] ?? {}), MARKS_SILENT[part] ?? []]
      for (const mark of Object.keys(look))
        expect([part, mark, heard.includes(mark) !== silent.includes(mark)]).toEqual([part, mark, true])
      for (const mark of [...heard, ...silent]) expect([part, mark, mark in look]).toEqual([part, mark, true])
    }
    for (const item of Object.keys(MEASURE_PLANS) as MeasureItem[])
      expect([item, isHeard(item) !== SIZES_SILENT.includes(item)]).toEqual([item, true])
  })
  it('a mark is a sign of the catalogue that some cause makes', () => {
    const made = new Set(CAUSES.flatMap(c => Object.values(c.shows).flat()))
    for (const signs of Object.values(PART_SIGNS))
      for (const sign of Object.values(signs)) expect([sign, made.has(sign)]).toEqual([sign, true])
  })
})

describe('every cause can be shown', () => {
  it('by a strong sign of its own, and a check that its engine has', () => {
    for (const cause of CAUSES.filter(c => !c.madeBy))
      expect([cause.id, strongSignsOf(cause).length > 0]).toEqual([cause.id, true])
  })
  it('a state names what makes it, and stands after it', () => {
    const ids = new Set(CAUSES.map(c => c.id))
    for (const { madeBy = [] } of CAUSES) for (const id of madeBy) expect(ids).toContain(id)
    const { likely } = diagnose(
      ENGINES.mower!,
      'oil_high oil_petrol oil_thin carb_overflows'
        .split(' ')
        .map(sign => ({ sign, there: true, claimed: false, entryId: sign })),
    )
    const place = (id: string) => likely.findIndex(l => l.cause.id === id)
    expect(place('needle_leaks')).toBeGreaterThanOrEqual(0)
    expect(place('needle_leaks')).toBeLessThan(place('fuel_in_oil'))
    expect(likely[place('fuel_in_oil')]?.state).toBe(true)
  })
  it('a four-stroke in the hand has valves and oil, and the carburettor of its class', () => {
    const of = (cycle: 'two' | 'four', signs: string) =>
      diagnose(
        {
          ...ENGINES.trimmer!,
          cycle,
          oiling: cycle === 'four' ? 'splash' : 'premix',
          valves: cycle === 'four' ? 'push_rod' : 'unknown',
        },
        signs.split(' ').map(sign => ({ sign, there: true, claimed: false, entryId: sign })),
      ).likely.map(l => l.cause.id)
    expect(of('four', 'lash_none comp_low')[0]).toBe('valve_held')
    expect(of('four', 'diaphragm_hard wants_choke')[0]).toBe('diaphragm_stiff')
    expect(of('two', 'lash_none comp_low')).not.toContain('valve_held')
  })
})

describe('a check of the catalogue says what a room of its own would', () => {
  const check = (id: string, found: string[], how: 'by_eye' | 'claimed' = 'by_eye'): Entry =>
    entry(
      'check',
      {
        ...{ check: id, found, skipped: null, note: null },
        absent: (CHECKS.find(c => c.id === id)?.shows ?? []).map(s => s.id).filter(s => !found.includes(s)),
      },
      { how },
    )
  const forbidding = (...log: Entry[]) => notToRun(assess(file(log)).stops).map(s => s.id.split(':')[0])
  it.each([
    ['oil_smell', 'oil_petrol', 'oil_fuel'],
    ['oil_look', 'oil_milky', 'oil_milky'],
    ['oil_look', 'oil_treacle', 'oil_ruined'],
    ['oil_level', 'oil_dry', 'oil_low'],
    ['turn', 'turns_locked', 'locked_plug_in'],
    ['piston_moves', 'piston_still', 'rod_broken'],
    ['piston_moves', 'crown_hole', 'piston_broken'],
    ['fuel_floods', 'carb_overflows', 'fuel_leak'],
    ['stop_wire', 'spark_back', 'safety_device'],
    ['runout', 'crank_bent', 'crank_bent'],
    ['drive_tight', 'drive_loose', 'mount'],
    ['water_flow', 'water_none', 'cooling'],
    ['can', 'can_lean', 'mix_lean'],
    ['debris', 'd_bearing', 'debris_hard'],
    ['sump_off', 'teeth_chipped', 'fragment'],
    ['muffler', 'piston_smeared', 'ran_short'],
  ])('%s that shows %s forbids by %s', (id, sign, hazard) => {
    expect(forbidding(check(id, [sign]))).toContain(hazard)
    expect(forbidding(check(id, []))).not.toContain(hazard)
  })
  it('a sniff of its own is a smell: no second reading is asked, and fuel is the way back from fuel', () => {
    const level = entry('oil', {
      ...{ reading: { by: 'marks', pct: 190 }, colour: null, thickness: null, smell: 'not_smelt', glitter: null },
      ...{ whereGone: null, note: null },
    } as BodyOf['oil'])
    const asked = (...log: Entry[]) => assess(file(log)).next.map(n => n.id)
    expect(asked(level)).toContain('smell')
    expect(asked(level, check('oil_smell', []))).not.toContain('smell')
    expect(asked(level, check('oil_smell', []))).toContain('follow:breather')
    expect(assess(file([level, check('oil_smell', ['oil_petrol'])])).fuel?.step).toBe('drain')
    // a level that was fuel is dealt with on the way back from it
    expect(forbidding(level)).toContain('oil_over')
    expect(forbidding(level, check('oil_smell', ['oil_petrol']))).not.toContain('oil_over')
  })
  it('what is only told is asked after: it hit something', () => {
    const told = check('story', ['was_hit'], 'claimed')
    const a = assess(file([told], { facts: { ...FACTS, ignition: 'key' } }))
    expect(notToRun(a.stops)).toEqual([])
    expect(a.asked.map(s => s.id)).toContain('hit')
    expect(a.next.map(n => n.id).slice(0, 3)).toEqual(['follow:mount', 'follow:runout', 'follow:key'])
  })
  it('fuel that does not arrive is held against no tap while compression is missing', () => {
    const log = (more: Entry[]) => [check('fuel_arrives', ['fuel_none']), ...more]
    const none = entry('compression', {
      ...{ ofCylinder: null, feel: 'none', dry: null, wet: null, throttleOpen: true, pulls: 6, temperature: 'cold' },
      ...{ release: 'none', hoseMl: null, altitudeM: null, note: null },
    } as BodyOf['compression'])
    const blamed = (more: Entry[]) => {
      const f = file(log(more), { facts: ENGINES.moto! })
      return diagnose(ENGINES.moto!, reportsOf(f.entries, f)).likely.find(l => l.cause.id === 'vacuum_tap_dead')?.p ?? 0
    }
    expect(blamed([])).toBeGreaterThan(0.15)
    expect(blamed([none])).toBeLessThan(0.05)
  })
  it('knows every sign that it forbids by', () => {
    const signs = [...readFileSync('core/entries/check/dangers.ts', 'utf8').matchAll(/^ {2}([a-z_]+): \{/gm)].map(
      m => m[1] ?? '',
    )
    expect(signs.filter(s => !SIGNS.has(s))).toEqual([])
  })
})
