import { describe, expect, it } from 'vitest'
import { assess } from '#core/assess'
import { CHECKS, SIGNS } from '#core/catalogue'
import { diagnoseJob } from '#core/diagnosis/diagnoseJob'
import type { BodyOf, Entry } from '#core/entries/types'
import { DEFAULT_POLICY } from '#core/engine/policy'
import { MEASURE_PLANS } from '#core/measure/items'
import { oilMapOf } from '#core/condition/oilMap'
import { timeline } from '#core/handover/timeline'
import { batchMessage, sameBatch } from '#core/teardown/batches'
import { oilPath, oilSuspects } from '#core/teardown/oilPath'
import { coversOf } from '#core/teardown/plan'
import { timeToDecide } from '#core/condition/cause'
import { PART_KEYS, PART_PLANS } from '#core/teardown/parts'
import { PART_SIGNS } from '#core/teardown/partSigns'
import { partsOf, placeKey, placesOf } from '#core/teardown/places'
import { trapsOf } from '#core/teardown/traps'
import { BODY_SCHEMAS } from '#core/entries/schemas'
import { ENGINES } from '../../vignettes/engines'
import { entry, FACTS, file, line, option } from '../job/file'

const part = (
  name: BodyOf['part']['part'],
  disposition: BodyOf['part']['disposition'],
  more: Partial<BodyOf['part']> = {},
  how: 'by_eye' | 'measured' = 'by_eye',
): Entry =>
  entry(
    'part',
    {
      part: name,
      disposition,
      seen: [],
      oil: 'not_looked',
      role: 'open',
      reason: null,
      orientation: null,
      owed: null,
      place: null,
      ...more,
    },
    { how },
  )
const cause = (proof: BodyOf['cause_found']['proof']): Entry =>
  entry('cause_found', { causeId: null, text: 'jet blocked', proof, missing: null, chain: [] }, { how: null })
const PUMPED = { engineClass: 'M4', oiling: 'pump_wet', valves: 'overhead_cam', oilFilter: 'none' } as const

describe('the parts of an engine', () => {
  it("what can't be on it is not asked for", () => {
    const of = (name: string) => partsOf(ENGINES[name]!)
    expect(of('saw')).not.toEqual(expect.arrayContaining(['exhaust_valve']))
    expect(of('saw')).toEqual(expect.arrayContaining(['reed', 'crank', 'seals']))
    expect(of('mower')).toContain('dipper')
    expect(of('moto')).toEqual(expect.arrayContaining(['pump', 'jet', 'strainer', 'chain']))
    expect(trapsOf(ENGINES.moto!).map(t => t.title)).toContain('Cam chain')
    expect(trapsOf(ENGINES.saw!).map(t => t.title)).not.toContain('Cam chain')
  })
  it('the way in fits the engine: fluids, special tools and what is written down before', () => {
    const names = (engine: string) => coversOf(ENGINES[engine]!).map(c => c.name)
    expect(names('saw')).not.toEqual(expect.arrayContaining(['Oil drain', 'Valve cover']))
    expect(names('moto')).toEqual(
      expect.arrayContaining(['Oil drain', 'Valve cover', 'Cam cover, chain and cam', 'Oil pump']),
    )
    expect(names('mower').indexOf('Valve cover')).toBeLessThan(names('mower').indexOf('Head'))
    expect(coversOf(ENGINES.moto!).find(c => c.name === 'Valve cover')?.first).toContain('Lash as found')
    expect(coversOf(ENGINES.saw!).find(c => c.name.startsWith('Coil'))?.special).toBe(true)
  })
  it('asks only for figures that can be taken, and speaks in signs of the catalogue', () => {
    for (const key of PART_KEYS) {
      for (const ask of PART_PLANS[key].asks ?? [])
        expect(ask === 'bore' || ask in MEASURE_PLANS, `${key} asks ${ask}`).toBe(true)
      for (const [look, sign] of Object.entries(PART_SIGNS[key] ?? {}))
        expect([look in PART_PLANS[key].look, SIGNS.has(sign)], `${key} ${look} ${sign}`).toEqual([true, true])
    }
    expect(CHECKS.length).toBeGreaterThan(0)
  })
  it('a part kept on a look owes its figure until it is measured', () => {
    const kept = [part('rod', 'reuse')]
    expect(assess(file(kept)).owed.map(o => o.text)).toEqual([
      'Rod and big end: kept on a look, big end, radial play not measured',
    ])
    expect(assess(file(kept)).judgements[0]).toMatchObject({
      mark: 'open',
      details: [expect.stringContaining('not measured')],
    })
    const play = entry('measure', {
      item: 'rod_play',
      reads: [{ value: 0.01, unit: 'mm' }],
      tool: 'dial',
      place: null,
      when: 'as_found',
      note: null,
    })
    expect(assess(file([...kept, play])).owed).toEqual([])
    expect(assess(file([...kept, { ...play, how: 'by_feel' } as Entry])).owed).toHaveLength(1)
  })
  it('what was noticed stays open until it is answered; the newest word on a part counts', () => {
    const log = [
      part('seals', 'unknown', { reason: 'age' }),
      entry('evidence', { what: 'a pin', where: 'sump', missing: true, explained: null }, { how: null }),
    ]
    expect(assess(file(log)).owed).toHaveLength(2)
    expect(assess(file([...log, part('seals', 'replace', { reason: 'hard' })])).owed).toHaveLength(1)
  })
  it('replacing takes a reason or something seen', () => {
    const body = {
      part: 'rod',
      disposition: 'replace',
      seen: [],
      oil: 'hurt',
      role: 'open',
      reason: null,
      orientation: null,
      owed: null,
      place: null,
    }
    expect(BODY_SCHEMAS.part.safeParse(body).error?.issues[0]?.path).toEqual(['reason'])
    expect(BODY_SCHEMAS.part.safeParse({ ...body, seen: ['smeared'] }).success).toBe(true)
    expect(BODY_SCHEMAS.part.safeParse({ ...body, seen: ['plating'] }).error?.issues[0]?.path).toEqual(['seen'])
  })
  it('a blocked jet seen moves what it looks like', () => {
    const facts = ENGINES.moto!
    const seen = diagnoseJob(
      file([part('jet', 'clean', { seen: ['blocked'] }), part('cam', 'replace', { seen: ['scored'], oil: 'hurt' })], {
        facts,
      }),
    )
    expect(seen.likely[0]?.for.map(w => w.sign)).toContain('strainer_blocked_seen')
  })
})

describe('the way of the oil', () => {
  const path = (facts: object) => oilPath({ ...FACTS, ...facts })!
  it('points at what the hurt parts share, and clears what sound ones share', () => {
    const root = path(PUMPED)
    const { suspects, cleared } = oilSuspects(root, { cam: 'hurt', rockers: 'dry', rod: 'sound', main_drive: 'sound' })
    expect(suspects).toEqual(['jet'])
    expect(cleared).toEqual(expect.arrayContaining(['pump', 'strainer', 'gallery', 'crank_way']))
  })
  it('everything dry: pump and strainer are in it too, the nearest first', () => {
    const { suspects, cleared } = oilSuspects(path(PUMPED), { cam: 'hurt', rod: 'hurt' })
    expect(suspects[0]).toBe('gallery')
    expect(suspects).toEqual(expect.arrayContaining(['pump', 'strainer', 'sump']))
    expect(cleared).toEqual([])
  })
  it('two hurt ends with a sound one between are two faults, each with its own branch', () => {
    const { suspects } = oilSuspects(path(PUMPED), {
      cam: 'hurt',
      rod: 'hurt',
      main_drive: 'hurt',
      main_flywheel: 'hurt',
      cylinder: 'sound',
    })
    expect(suspects.sort()).toEqual(['crank_way', 'jet'])
  })
  it('every way of oiling has its map; nobody knows has none', () => {
    expect(['splash', 'premix', 'injection', 'pump_wet', 'pump_dry'].map(oiling => path({ oiling }).name)).toEqual([
      'Oil in the sump',
      'Mix in the tank',
      'Oil tank',
      'Oil in the sump',
      'Oil tank',
    ])
    expect(oilPath({ ...FACTS, oiling: 'unknown' })).toBeNull()
  })
})

describe('nothing is built before the cause', () => {
  const rebuild = (cures: boolean) => option('Rebuild', 'rebuild', [line('part', 5000, { cures })])
  const held = (...log: Entry[]) => assess(file(log)).stops.some(s => s.id === 'cause')
  it('condemned parts hold it until the cause is named and a line cures it', () => {
    const dead = part('cam', 'replace', { seen: ['scored'], oil: 'hurt' })
    expect(held(dead)).toBe(true)
    expect(held(dead, cause('suspected'))).toBe(true)
    expect(held(dead, cause('suspected'), rebuild(false))).toBe(true)
    expect(held(dead, cause('suspected'), rebuild(true))).toBe(false)
    expect(held(dead, cause('unknown'), rebuild(true))).toBe(true)
    // several first causes: one that is named will do
    expect(held(dead, cause('probable'), cause('unknown'), rebuild(true))).toBe(false)
  })
  it('a fault of its own, or a part that is only cleaned, holds nothing', () => {
    expect(held(part('springs', 'replace', { seen: ['broken'], role: 'own' }))).toBe(false)
    expect(held(part('carburettor', 'clean', { seen: ['gum'] }))).toBe(false)
  })
  it("a named person may sign it, but never for a child's machine", () => {
    const dead = part('rod', 'replace', { seen: ['blue'] })
    const sign = entry('sign_off', { stopId: 'cause', reason: 'owner told' }, { how: null })
    const child = entry(
      'terms',
      { useClass: 'child', runningValueMinor: null, asIsValueMinor: null, capMinor: null, deadline: null },
      { how: null },
    )
    expect(assess(file([dead, sign])).stops.find(s => s.id === 'cause')?.signed).toBeTruthy()
    expect(assess(file([dead, child, sign])).stops.find(s => s.id === 'cause')?.canSign).toBe(false)
  })
})

describe('stop, or go on', () => {
  const note = entry('note', { stage: 'open_up', text: 'to find out whether the head can be sold' }, { how: null })
  it('a condemned rod asks for a decision, until somebody says what more is looked for', () => {
    const dead = part('rod', 'replace', { seen: ['bent'] })
    expect(timeToDecide([dead])).toEqual(['rod and big end'])
    expect(timeToDecide([note, dead])).toHaveLength(1)
    expect(timeToDecide([dead, note])).toEqual([])
    expect(timeToDecide([dead, option('Scrap', 'scrap', [])])).toEqual([])
    expect(timeToDecide([part('springs', 'replace', { seen: ['broken'] })])).toEqual([])
  })
})

describe('fasteners, batches and what came before', () => {
  it('what came out must go back, to the last one', () => {
    const bolts = (back: number | null): Entry =>
      entry(
        'fasteners',
        { cover: 'Sump', what: 'eight M6 × 30', tool: null, out: 8, back, stuck: [], minutes: null, broke: null },
        { how: null },
      )
    expect(assess(file([bolts(null)])).owed[0]?.text).toBe('Sump: 8 fasteners out, none back yet')
    expect(assess(file([bolts(7)])).owed[0]?.text).toBe('Sump: 8 fasteners out, 7 back')
    expect(assess(file([bolts(8)])).owed).toEqual([])
  })
  it('a label is read with or without its dashes', () => {
    expect([
      sameBatch('LX 204', 'lx-204'),
      sameBatch('LX204', 'LX205'),
      sameBatch(null, null),
      sameBatch(' ', '-'),
    ]).toEqual([true, false, false, false])
    const { text } = batchMessage({
      owner: 'Nell',
      machine: 'Mower',
      what: 'Filter',
      batch: 'L1',
      proof: 'It came apart.',
      shop: 'Weirside',
    })
    expect(text).toContain("don't run it until we have looked at it")
  })
  it("each cylinder has its own parts; the worst of them speaks for the oil's way", () => {
    const twin = file([], { facts: { cylinders: 2, cycle: 'four', oiling: 'splash' } })
    expect(
      placesOf(twin.facts)
        .filter(p => p.part === 'rod' || p.part === 'head')
        .map(placeKey),
    ).toEqual(['head', 'rod:cylinder 1', 'rod:cylinder 2'])
    const one = part('rod', 'replace', { place: 'cylinder 1', oil: 'hurt' })
    const two = part('rod', 'reuse', { place: 'cylinder 2', oil: 'sound' })
    const said = assess({ ...twin, entries: [one, two] })
    expect(said.judgements.map(j => [j.headline, j.mark])).toEqual([
      ['Rod and big end, cylinder 1: replace', 'past'],
      ['Rod and big end, cylinder 2: use again', 'open'],
    ])
    expect(oilMapOf([one, two], twin.facts)?.states.rod).toBe('hurt')
  })
  it('the timeline is newest first over all visits, in days before the newest', () => {
    const at = (e: Entry, day: string): Entry => ({ ...e, at: `2026-05-${day}T09:00:00Z` })
    const earlier = [
      at(entry('oil_change', { amount: null, oil: null, filter: false, atHours: null }), '01'),
      at(entry('plug', { state: 'normal', note: null }), '01'),
    ]
    const now = [at(entry('complaint', { words: 'Locked', since: null, about: null }), '11')]
    expect(timeline([{ number: 1, at: '', entries: earlier }], now, DEFAULT_POLICY)).toEqual([
      { at: '2026-05-11T09:00:00Z', text: 'Complaint: ‘Locked’', daysBefore: 0 },
      { at: '2026-05-01T09:00:00Z', text: 'Oil changed: all of it', daysBefore: 10 },
    ])
    expect(timeline([], [], DEFAULT_POLICY)).toEqual([])
  })
})
