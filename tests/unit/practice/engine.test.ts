import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { act } from '#core/practice/act'
import { ARCHETYPES } from '#core/practice/archetypes'
import { compression, leakdownPct, paths, reference, totalLeak } from '#core/practice/compression'
import type { PracticeEngine } from '#core/practice/engine'
import { newEngine } from '#core/practice/engine'
import { canHave, FAULTS } from '#core/practice/faults'
import { checksOf, observe } from '#core/practice/observe'
import { burn, derive, heatOf, inSump, knocks, smoke, startScore } from '#core/practice/physics'
import { draws, fnv1a, normal } from '#core/practice/seeded'
import type { InputError } from '#core/errors'

interface Of {
  archetype: string
  faults: Record<string, number>
  seed: number
}
interface Step {
  action: string
  options: Record<string, unknown>
}
const EXAMPLES = JSON.parse(readFileSync('tests/fixtures/practice-engine.json', 'utf8')) as {
  numbers: { key: string; fnv1a: number; first3: number[]; normal: number }[]
  states: (Of & Record<string, unknown>)[]
  observations: (Of & { check: string; n: number; options: Record<string, unknown>; expect: object })[]
  acts: (Of & { steps: (Step & object)[]; after: object; faults_left: object })[]
  refusals: { call: string; args: unknown[]; options: Record<string, unknown>; expect: object }[]
}

/** The figures asked for, each to nine places or a millionth. */
function near(got: unknown, want: unknown, at = ''): void {
  if (typeof want === 'number')
    expect(Math.abs((got as number) - want), `${at}: ${String(got)} for ${want}`).toBeLessThanOrEqual(
      Math.max(1e-9, 1e-6 * Math.abs(want)),
    )
  else if (want !== null && typeof want === 'object') {
    if (Array.isArray(want)) expect(got, at).toHaveLength(want.length)
    for (const [key, value] of Object.entries(want)) near((got as Record<string, unknown>)[key], value, `${at}.${key}`)
  } else expect(got, at).toBe(want)
}
const name = ({ archetype, faults, seed }: Of): string =>
  `${archetype} ${Object.keys(faults).join(', ') || 'sound'} ${seed}`
const built = ({ archetype, faults, seed }: Of): PracticeEngine => newEngine(archetype, faults, seed)

describe('numbers from a key', () => {
  it.each(EXAMPLES.numbers)('“$key”', ({ key, fnv1a: hash, first3, normal: n }) => {
    expect(fnv1a(key)).toBe(hash)
    expect(draws(key, 3)).toEqual(first3)
    near(normal(key), n)
  })
})

describe('the model against its worked figures', () => {
  it.each(EXAMPLES.states.map(s => [name(s), s] as const))('state of %s', (_name, s) => {
    const { a, hidden } = built(s)
    const { x, told } = hidden
    const d = derive(a, x)
    const { z, worst } = startScore(a, x, d)
    const { archetype: _a, faults: _f, seed: _s, ...want } = s
    near(
      {
        ...{ ring: x.ring, oil: x.oil, told, supply: d.supply, power: d.power, heat: d.heat },
        ...{ phi_idle: d.phiIdle, phi_main: d.phiMain, phi_start: d.phiStart, start_score: z, worst_gate: worst },
        compression_full_kpa: compression(a, x, { releaseOff: true }),
        compression_release_kpa: compression(a, x),
        reference_kpa: reference(a, { releaseOff: true }),
        leak_areas: paths(a, x),
        spark_at_plug: a.petrol ? d.ep : null,
        plateau_c_at_load_0_8: heatOf(a, x, 0.8, 20, d).end,
        burn_ml_per_h: burn(a, x).all,
        smoke: smoke(a, x, d),
        knocks: knocks(a, x),
      },
      want,
    )
  })
  it.each(EXAMPLES.observations.map(o => [`${o.check} of ${name(o)}`, o] as const))('%s', (_name, o) => {
    near(observe(built(o), o.check, o.n, o.options), o.expect)
  })
  it.each(EXAMPLES.acts.map(o => [name(o), o] as const))('what is done to %s', (_name, o) => {
    let engine = built(o)
    for (const { action, options, ...want } of o.steps) {
      const acted = act(engine, action, options)
      near(acted, want, action)
      engine = acted.engine
    }
    const { x, done, faults } = engine.hidden
    near({ ...x, ran_min: done.ranMin }, o.after)
    expect(faults).toEqual(o.faults_left)
  })
  it.each(EXAMPLES.refusals.map(r => [`${r.call} ${JSON.stringify(r.args)}`, r] as const))('refuses %s', (_n, r) => {
    const call = (): unknown => {
      const [first, second, third, fourth] = r.args
      if (r.call === 'new_engine') return newEngine(first, second, third, fourth)
      const engine = newEngine(first, second, 1)
      return r.call === 'observe' ? observe(engine, third, fourth, r.options) : act(engine, third, r.options)
    }
    let refused: InputError | null = null
    try {
      call()
    } catch (error) {
      refused = error as InputError
    }
    expect({ error: refused?.code, field: refused?.field }).toEqual(r.expect)
    expect(refused?.message).toMatch(/\w/)
  })
})

const KINDS = [...ARCHETYPES.values()]
const kind = fc.constantFrom(...KINDS)
const seed = fc.nat(2 ** 31)
const severity = fc.double({ min: 0.05, max: 1, noNaN: true })
/** An engine with one fault that it can have. */
const withFault = fc.tuple(kind, seed, fc.nat(200), severity).map(([a, s, i, bad]) => {
  const ids = Object.keys(FAULTS).filter(id => canHave(a, id))
  return { a, seed: s, id: ids[i % ids.length] as string, bad }
})

describe('laws', () => {
  it('more leak by any way never raises compression, nor lowers what a leak-down tester shows', () => {
    const ways = ['ring', 'score', 'stick', 'hole', 'gasket', 'plugleak', 'relOpen', 'seatIn', 'seatEx'] as const
    fc.assert(
      fc.property(withFault, fc.constantFrom(...ways), fc.double({ min: 0, max: 5, noNaN: true }), (f, way, more) => {
        const { x } = newEngine(f.a.id, { [f.id]: f.bad }, f.seed).hidden
        const worse = { ...x, [way]: x[way] + more }
        expect(compression(f.a, worse)).toBeLessThanOrEqual(compression(f.a, x) + 1e-9)
        expect(leakdownPct(totalLeak(paths(f.a, worse)))).toBeGreaterThanOrEqual(
          leakdownPct(totalLeak(paths(f.a, x))) - 1e-9,
        )
      }),
      { numRuns: 40 },
    )
  })
  it('asking in another order, or twice, gives the same answers, and changes nothing', () => {
    fc.assert(
      fc.property(withFault, f => {
        const engine = newEngine(f.a.id, { [f.id]: f.bad }, f.seed)
        const before = JSON.stringify(engine.hidden)
        const ids = checksOf(f.a)
        const there = new Map(ids.map(id => [id, observe(engine, id)]))
        for (const id of [...ids].reverse()) expect(observe(engine, id)).toEqual(there.get(id))
        expect(JSON.stringify(engine.hidden)).toBe(before)
      }),
      { numRuns: 15 },
    )
  })
  it('faults are the same in whatever order they are named', () => {
    const one = newEngine('ohv_mower', { rings_worn: 0.5, fins: 0.4, air_leak: 0.3 }, 9)
    const other = newEngine('ohv_mower', { fins: 0.4, air_leak: 0.3, rings_worn: 0.5 }, 9)
    expect(one.hidden.x).toEqual(other.hidden.x)
  })
  it('a worse fault never starts or pulls better', () => {
    const MONOTONE = ['rings_worn', 'valve_burnt', 'head_gasket', 'plug_thread', 'coil_dead', 'fuel_filter_blocked']
    fc.assert(
      fc.property(kind, seed, fc.constantFrom(...MONOTONE), severity, severity, (a, s, id, p, q) => {
        fc.pre(canHave(a, id))
        const [mild, bad] = [Math.min(p, q), Math.max(p, q)].map(v => newEngine(a.id, { [id]: v }, s).hidden.x)
        expect(startScore(a, bad!).z).toBeLessThanOrEqual(startScore(a, mild!).z + 1e-9)
        expect(derive(a, bad!).power).toBeLessThanOrEqual(derive(a, mild!).power + 1e-9)
      }),
      { numRuns: 40 },
    )
  })
  it('oil before is oil after, what was burnt and what ran out', () => {
    fc.assert(
      fc.property(withFault, fc.integer({ min: 1, max: 60 }), (f, minutes) => {
        const engine = newEngine(f.a.id, { [f.id]: f.bad }, f.seed)
        const { engine: after, events } = act(engine, 'run', { minutes, load: 0.7 })
        const ran = events.find(e => typeof e === 'object') as Record<string, number> | undefined
        const gone = (ran?.burnt_ml ?? 0) + (ran?.leaked_ml ?? 0)
        expect(engine.hidden.x.oil - after.hidden.x.oil).toBeCloseTo(gone, 2)
      }),
      { numRuns: 40 },
    )
  })
  it('what is poured in is in it, and what is drained is out, all but a rest', () => {
    const engine = newEngine('ohv_mower', {}, 5)
    const before = inSump(engine.hidden.x)
    const out = act(engine, 'drain').engine
    expect(inSump(out.hidden.x)).toBeCloseTo(0.04 * before, 6)
    expect(inSump(act(out, 'fill', { ml: 480 }).engine.hidden.x)).toBeCloseTo(0.04 * before + 480, 6)
  })
  it('the right repair cures, a wrong one changes nothing but the bill', () => {
    fc.assert(
      fc.property(withFault, f => {
        const engine = newEngine(f.a.id, { [f.id]: f.bad }, f.seed)
        const right = act(engine, 'repair', { cause: f.id })
        expect(right.events).toEqual(['right'])
        expect(right.engine.hidden.faults).toEqual({})
        const wrong = act(engine, 'repair', { cause: f.id === 'fins' ? 'belt' : 'fins' })
        expect(wrong.events).toEqual(['not_it'])
        expect(wrong.engine.hidden.x).toEqual(engine.hidden.x)
        expect(wrong.minutes).toBeGreaterThan(0)
      }),
      { numRuns: 40 },
    )
  })
  it('a cured one starts again where only its fault stood in the way', () => {
    for (const [a, id] of [
      ['ohv_mower', 'coil_dead'],
      ['side_valve_mower', 'plug_dead'],
      ['handheld_two_stroke', 'tank_empty'],
      ['ohv_mower', 'valve_held'],
      ['twin_garden_tractor', 'key_sheared'],
    ] as const) {
      const bad = newEngine(a, { [id]: 0.9 }, 3)
      const mended = act(bad, 'repair', { cause: id }).engine
      expect([id, startScore(bad.a, bad.hidden.x).z < 0.5]).toEqual([id, true])
      expect([id, startScore(bad.a, mended.hidden.x).z > 0.9]).toEqual([id, true])
    }
  })
  it.each([
    ['ohv_mower', { lock_fuel: 0.8 }, 'crank', {}, 'rod bent against liquid'],
    ['ohv_mower', { ran_low: 0.9 }, 'run', { minutes: 5 }, 'ran short of oil: big end hurt'],
    ['ohv_mower', { fuel_in_oil: 0.8 }, 'run', { minutes: 5 }, 'ran on thinned oil: big end hurt'],
    ['handheld_two_stroke', { mix_lean: 0.9 }, 'run', { minutes: 5 }, 'scuffed the piston'],
    ['ohv_mower', { fuel_in_oil: 0.8 }, 'fill', { ml: 400 }, 'fresh oil before the path was cured: wasted'],
    ['side_valve_mower', { key_sheared: 0.9 }, 'start', {}, 'kicked back: hand and rope'],
    ['ohv_mower', { crank_bent: 0.9 }, 'run', { minutes: 5 }, 'ran with the shaft or blade out of true'],
    ['step_through', { timing_jumped: 0.9 }, 'crank', {}, 'valve met the piston'],
    ['ohv_mower', { rod_broken: 0.9 }, 'crank', {}, 'cranked with a broken rod'],
  ] as const)('%s %o: to %s it costs, and the same on a sound one does not', (a, faults, action, options, what) => {
    const bad = act(newEngine(a, faults, 4), action, options)
    expect(bad.harm.map(h => h.what)).toContain(what)
    expect(bad.harm.every(h => h.money > 0)).toBe(true)
    expect(act(newEngine(a, {}, 4), action, options).harm).toEqual([])
  })
  it('hands in before it was made safe is a near miss, and after it is not', () => {
    const engine = newEngine('ohv_mower', {}, 4)
    expect(act(engine, 'turn').near).toHaveLength(1)
    expect(act(act(engine, 'make_safe').engine, 'turn').near).toEqual([])
  })
  it('every cause that an engine can have shows itself by some check, or by what its owner says, where it is bad', () => {
    const look = (e: PracticeEngine, check: string): string => {
      const o = observe(e, check)
      return `${o.status} ${o.signs.join()}`
    }
    const silent = KINDS.flatMap(a => {
      const checks = checksOf(a)
      const sound = newEngine(a.id, {}, 77)
      const usual = new Map(checks.map(check => [check, look(sound, check)]))
      const shows = (id: string): boolean => {
        const bad = newEngine(a.id, { [id]: 1 }, 77)
        return checks.some(check => look(bad, check) !== usual.get(check))
      }
      return Object.keys(FAULTS)
        .filter(id => canHave(a, id) && !shows(id))
        .map(id => `${a.id} ${id}`)
    })
    expect(silent).toEqual([])
  })
})
