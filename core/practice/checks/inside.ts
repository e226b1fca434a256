import { AIR_R, flowFunction } from '../../compression/flowFunction'
import { STANDARD_KPA } from '../../units/gaugeToAbs'
import type { Archetype } from '../archetypes'
import { compression, leakdownPct, paths, reference, releaseWorks, secondCylinder, totalLeak } from '../compression'
import { heatOf, knocks, oilPressure, tempAfter } from '../physics'
import { normal, rnd } from '../seeded'
import type { State } from '../state'
import { soundDecision } from './soundDecision'
import type { Ctx, Look, Value } from './ctx'
import { flags } from './ctx'

const to5 = (kpa: number): number => 5 * rnd(kpa / 5)

/** What the needle shows pull by pull: dead volume after the check valve fills by shares, a hand gets faster. */
function trace(c: Ctx, check: 'compression' | 'wet', cylinder: 1 | 2, oil: number): number[] {
  const { a, seed, n, options, tool } = c
  const x: State = cylinder === 2 ? secondCylinder(a) : c.x
  const at = (rpm: number): number =>
    compression(a, x, { rpm, releaseOff: options.release_off, hose: 0.04 * a.vc, oil, wet: check === 'wet' })
  const fast = at(a.pull)
  const slow = at(0.6 * a.pull)
  const dead = 0.9 * a.vc
  let p = 0
  return Array.from({ length: options.pulls ?? 6 }, (_, k) => {
    const rpm = a.pull * (1 - 0.4 * Math.exp(-k / 1.2))
    const share = (1 / rpm - 1 / a.pull) / (1 / (0.6 * a.pull) - 1 / a.pull)
    const top = fast + (slow - fast) * share
    if (top > p) p = top - ((top - p) * dead) / (a.vc + dead)
    const noise = 1 + 0.02 * normal(seed, 'o', check, n, 'pull', cylinder)
    return Math.max(0, to5(p * (1 + tool('gauge', 0.02)) * noise))
  })
}
const last = (list: number[]): number => list.at(-1) ?? 0

function readings(c: Ctx, check: 'compression' | 'wet', oil: number): { traces: number[][]; lowest: number } {
  const traces = (c.a.cyl === 2 ? ([1, 2] as const) : ([1] as const)).map(cyl => trace(c, check, cyl, oil))
  return { traces, lowest: Math.min(...traces.map(last)) }
}
const shownTraces = ([one = [], two]: number[][]): Record<string, Value> => ({
  trace_kpa: one,
  reading_kpa: last(one),
  ...(two && { trace2_kpa: two, reading2_kpa: last(two) }),
})
const referenceShown = (c: Ctx): number => to5(0.97 * reference(c.a, { releaseOff: c.options.release_off }))

/** What a sound engine of its kind shows after so many minutes of the same work, °C. */
const soundTemp = (a: Archetype, sound: State, load: number, minutes: number): number =>
  tempAfter(heatOf(a, sound, load, sound.temp), sound.temp, minutes)

function series({ a, x, d, options, N, tool, run }: Ctx, minutes: number[]): [number, number][] {
  const heat = heatOf(a, x, options.load ?? 0.8, x.temp, d)
  return minutes
    .filter(t => t < run.dies || t === 0)
    .map(t => [t, rnd(tempAfter(heat, x.temp, t) + tool('infrared', 2) + 2 * N(`t${t}`))])
}

const heldOpen = (open: number, lash: number): boolean => open > 0 || lash < 0

/** What needs a gauge, an ear or a spanner. */
export const INSIDE = {
  compression: c => {
    const { traces, lowest } = readings(c, 'compression', 0)
    const ref = referenceShown(c)
    return {
      signs: lowest < 70 ? ['comp_none'] : lowest < 0.75 * ref ? ['comp_low'] : [],
      values: { ...shownTraces(traces), reference_kpa: ref },
    }
  },
  wet: c => {
    const { a } = c
    const oil = c.options.oil_ml ?? Math.min(5, 0.12 * a.vc)
    const { traces } = readings(c, 'wet', oil)
    const dry = last(trace(c, 'compression', 1, 0))
    const wet = last(traces[0] ?? [])
    const swept = 0.9 * a.cc
    const k = ((1 + swept / (a.vc - oil)) / (1 + swept / a.vc)) ** 1.25
    const corrected = (wet + STANDARD_KPA) / k - STANDARD_KPA
    const rise = dry > 0 ? corrected / dry - 1 : null
    const more = corrected - dry
    const signs =
      dry < 70
        ? more >= 100
          ? ['wet_rises']
          : []
        : rise !== null && rise >= 0.2 && more >= 60
          ? ['wet_rises']
          : rise !== null && rise < 0.1
            ? ['wet_same']
            : []
    return {
      signs,
      values: {
        ...shownTraces(traces),
        reference_kpa: referenceShown(c),
        dry_kpa: dry,
        oil_ml: rnd(oil, 1),
        rise_pct: rise === null ? null : rnd(100 * rise),
        raw_rise_pct: dry > 0 ? rnd(100 * (wet / dry - 1)) : null,
      },
    }
  },
  leakdown: ({ a, x, seed, n, N, tool }) => {
    const p = paths(a, x)
    const pct = (area: number, cyl: number): number =>
      rnd(
        Math.max(
          0,
          leakdownPct(area * (1 + 0.05 * normal(seed, 'o', 'leakdown', n, 'ld', cyl))) + tool('leakdown', 0.8),
        ),
      )
    const loud = (area: number, name: string, over: number): boolean => area * Math.exp(0.25 * N(`h${name}`)) > over
    const heard: [word: string, sign: string | null, there: boolean][] = [
      ['inlet', 'hiss_inlet', loud(p.inlet, 'in', 0.15)],
      ['exhaust', 'hiss_exhaust', loud(p.exhaust, 'ex', 0.15)],
      [
        a.strokes === 2 ? 'crankcase' : 'breather',
        'hiss_breather',
        loud(p.ring + x.goil * (1 - x.gout) * x.gasket, 'br', 2.4 * a.ring0),
      ],
      ['joint', 'hiss_joint', loud(x.gasket * (0.25 + 0.75 * x.gout), 'jt', 0.3)],
      ['plug', null, loud(p.plug, 'pl', 0.3)],
      ['coolant', 'bubbles', x.gcool > 0.1],
    ]
    const there = heard.filter(h => h[2])
    return {
      signs: there.flatMap(([, sign]) => (sign ? [sign] : [])),
      values: {
        pct: pct(totalLeak(p), 1),
        ...(a.cyl === 2 && { pct2: pct(totalLeak(paths(a, secondCylinder(a))), 2) }),
        heard: there.map(([word]) => word),
      },
    }
  },
  release: ({ a, x }) => ({
    signs: x.relOpen > 0 ? ['release_stays'] : releaseWorks(a, x) ? [] : ['release_dead'],
  }),
  lash: ({ a, x, N, tool }) => {
    const read = (lash: number, open: number, name: string): number =>
      rnd(Math.max(0, (open > 0 ? 0.9 * open : 0) + lash + 0.012 * N(name) + tool('feeler', 0.008)), 2)
    const inlet = read(x.lashIn, x.openIn, 'lash_in')
    const exhaust = read(x.lashEx, x.openEx, 'lash_ex')
    return {
      signs: flags({
        lash_none: inlet < 0.015 || exhaust < 0.015,
        lash_wide: inlet > 2.2 * a.lashIn || exhaust > 2.2 * a.lashEx,
      }),
      values: { inlet_mm: inlet, exhaust_mm: exhaust },
    }
  },
  valves_move: ({ a, x, N, see }) => {
    const still = x.still > 0.55
    const lift = (share: number, lash: number, maker: number): number => share - 0.25 * Math.max(0, lash - 2 * maker)
    const liftIn = lift(x.liftIn, x.lashIn, a.lashIn)
    const liftEx = lift(x.liftEx, x.lashEx, a.lashEx)
    const small = !still && Math.min(liftIn, liftEx) + 0.04 * N('l') < 0.84
    return {
      signs: [
        ...flags({ valve_still: still, rocker_stuck: x.rocker > 0, lift_small: small }),
        ...see('push_rod_bent', x.rodbent, 0.3),
      ],
      values: { lift_in: rnd(Math.max(0, liftIn), 2), lift_ex: rnd(Math.max(0, liftEx), 2) },
    }
  },
  pour: ({ x, N }) => {
    const drops = (seat: number, held: boolean, name: string): number | 'stream' =>
      held || seat > 3 ? 'stream' : rnd(Math.min(120, 40 * Math.max(0, seat - 0.06) * Math.exp(0.2 * N(name))))
    const heldIn = heldOpen(x.openIn, x.lashIn)
    const heldEx = heldOpen(x.openEx, x.lashEx)
    const inlet = drops(x.seatIn, heldIn, 'in')
    const exhaust = drops(x.seatEx, heldEx, 'ex')
    const bad = (d: number | 'stream', held: boolean): boolean => (d === 'stream' ? !held : d >= 2)
    return {
      signs: bad(inlet, heldIn) || bad(exhaust, heldEx) ? ['seat_drips'] : [],
      values: { drops_per_min: { in: inlet, ex: exhaust } },
    }
  },
  muffler: ({ x, see, U }) => ({
    signs: [
      ...see('piston_smeared', x.smear),
      ...see('port_carbon', x.portcarbon + 0.15 * Math.max(0, x.mixoil - 1.5)),
      ...(x.stuckseen && U('rs') < 0.7 ? ['ring_stuck_seen'] : []),
    ],
  }),
  crankcase: ({ a, x, N }) => {
    const from = 40
    const v = 2.2 * a.cc * 1e-6
    let p = from
    for (let i = 0; i < 120; i++) {
      const abs = p + STANDARD_KPA
      const flow = x.caseleak * 1e-6 * abs * Math.sqrt(AIR_R * 293.15) * flowFunction(STANDARD_KPA / abs)
      p = Math.max(0, p - (flow / v) * 0.25)
    }
    const leaks = 2 * (from - p) > (a.cls === 'H2' ? 15 : 7)
    return {
      signs: leaks ? ['case_leaks'] : [],
      values: { p0_kpa: from, p1_kpa: rnd(Math.max(0, p + 0.3 * N('p')), 1), seconds: 30 },
    }
  },
  reeds: ({ x, see }) => ({ signs: see('reed_bad', x.reed, 0.2) }),
  power_valves: ({ x, see }) => ({ signs: see('power_valve_stuck', x.pvalve, 0.25) }),
  rock: ({ a, x, N }) => {
    const rod = rnd(x.be + 0.015 * N('be'), 2)
    const main = rnd(x.main + 0.015 * N('main'), 2)
    return {
      signs: flags({ rod_slack: rod > 2.2 * a.be0 + 0.05, main_play: main > 2.5 * a.main0 + 0.03 }),
      values: { play_mm: { rod, main } },
    }
  },
  listen: ({ a, x, N }) => {
    const k = knocks(a, x)
    const heard: Record<string, [level: number, over: number]> = {
      knock_load: [Math.max(k.rod, 0.8 * k.pink), 0.4],
      tick_half: [Math.max(k.tick, 0.7 * k.chain), 0.4],
      slap_cold: [k.slap, 0.35],
      rattle_drive: [Math.max(k.drive, 0.8 * k.basket) + (x.belt > 0.7 ? 0.25 : 0), 0.4],
      rumble: [Math.max(k.main, 0.8 * k.gear), 0.35],
    }
    return {
      signs: Object.entries(heard).flatMap(([sign, [level, over]]) => (level + 0.1 * N(sign) > over ? [sign] : [])),
    }
  },
  sound: ({ a, x, d, options, N, L }) => {
    const take = options.take ?? 'idle'
    const rpm = options.rpm ?? a.idle * (take === 'load' ? 1.6 : 1)
    const l = { idle: 0.5, load: 1, plug_shorted: 0.15, drive_off: 0.45 }[take]
    const k = knocks(a, x)
    const turning = 0.6 * k.main + 0.25 * k.rod + (take === 'drive_off' ? 0 : 0.7 * k.drive) + 0.3 * k.gear
    const fired = 0.7 * k.slap * l + 0.9 * k.rod * l
    const two = a.strokes === 2
    const half = two
      ? d.phiMain > 1.35
        ? 0.5
        : 0
      : 0.8 * k.tick + fired + 0.35 * k.chain + k.pink * (l > 0.6 ? 0.7 : 0.1)
    const whole = turning + (two ? fired : 0)
    const orders = [0.5, 1, 1.5, 2, 2.5, 3]
    const amps = orders.map((order, i) => {
      const isWhole = Number.isInteger(order)
      const ground = order === (two ? 1 : 0.5) ? 0.03 : 0.008
      const level = (0.3 * half + (isWhole ? 0.42 * whole : 0)) * (1 - 0.08 * i) + ground
      return Math.max(0, level * (1 + 0.06 * N(`a${i}`)) + 0.004 * N(`b${i}`))
    })
    const { ratio, decision } = soundDecision(amps)
    return {
      signs: [],
      values: {
        ...{ take, orders, decision },
        rpm: rnd(rpm * (1 + 0.003 * N('rpm'))),
        amps: amps.map(v => rnd(v, 4)),
        ratio: ratio === null ? null : rnd(ratio, 3),
        hiss: rnd(0.05 + 0.5 * k.gear + x.main / (30 * a.main0), 3),
        carrier_hz: rnd(1800 + 1400 * L('ring_hz')),
      },
    }
  },
  runout: ({ x, N, tool }) => {
    const tir = rnd(x.run + 0.008 * N('r') + tool('dial', 0.004), 3)
    return { signs: tir > 0.08 ? ['crank_bent'] : [], values: { tir_mm: rnd(tir, 2) } }
  },
  hot: c => {
    const [at] = series(c, [10])
    const load = c.options.load ?? 0.8
    const ref = soundTemp(c.a, c.sound, load, 10)
    const true_ = tempAfter(heatOf(c.a, c.x, load, c.x.temp, c.d), c.x.temp, 10)
    const over = true_ > ref + (c.a.cooling === 'liquid' ? 10 : 22)
    return {
      signs: at && over ? ['runs_hot'] : [],
      values: { series: at ? [at] : [], reference_c: rnd(ref) },
    }
  },
  warm_up: c => ({ signs: [], values: { series: series(c, [0, 1, 2, 4, 6, 8, 10, 14, 20]) } }),
  oil_pressure: ({ a, x, sound, N, tool }) => {
    const three = (of: State): [cold: number, idle: number, fast: number] => [
      oilPressure(a, of, a.idle, 30),
      oilPressure(a, of, a.idle, 95),
      oilPressure(a, of, a.rated, 95),
    ]
    const names = ['c', 'h', 'f']
    const read = three(x).map((p, i) => rnd(p * (1 + tool('oilgauge', 0.03)) * (1 + 0.03 * N(names[i] ?? '')), 0))
    const ref = three(sound).map(p => rnd(p, 0))
    const [cold = 0, idle = 0, fast = 0] = read
    const [rc = 1, ri = 1, rf = 1] = ref
    return {
      signs: flags({
        pressure_low: fast < 0.6 * rf || cold < 0.6 * rc,
        pressure_falls_hot: idle / Math.max(1, cold) < (0.6 * ri) / rc,
      }),
      values: { cold_idle_kpa: cold, hot_idle_kpa: idle, hot_fast_kpa: fast, reference_kpa: ref },
    }
  },
  clutch_open: ({ x, see }) => ({
    signs: [...see('plates_thin', x.plates, 0.25), ...see('basket_grooved', x.basket, 0.25)],
  }),
  debris: ({ x, N }) => {
    const signs: string[] = []
    const items: Value[] = []
    for (const [material, { mass, um, sign }] of Object.entries(METALS)) {
      const m = mass(x) * Math.exp(0.35 * N(`d${material}`)) + Math.max(0, 0.12 * N(`bg${material}`))
      const amount = m < 0.25 ? null : m < 0.8 ? 'trace' : m < 3 ? 'some' : m < 8 ? 'much' : 'mass'
      if (!amount) continue
      const largest = um * (0.3 + 0.2 * Math.min(m, 6)) * Math.exp(0.3 * N(`u${material}`))
      items.push({ material, amount, largest_um: rnd(largest) })
      if (amount !== 'trace') signs.push(sign)
    }
    const paste = x.borewear >= 0.08 ? 'much' : x.since < 20 ? 'trace' : 'some'
    items.push({ material: 'iron_paste', amount: paste, largest_um: 40 })
    return { signs, values: { items, hours_since_oil: rnd(x.since, 1) } }
  },
  head_off: ({ x, see }) => ({
    signs: [
      ...see('gasket_track', x.gasket / 3, 0.2),
      ...see('valve_burnt_seen', 0.2 * Math.max(x.seatIn, x.seatEx), 0.25),
      ...see('bore_scored_seen', x.marks, 0.4),
      ...see('rings_loose_seen', x.ringgap + 0.5 * x.stuckseen, 0.45),
    ],
  }),
  sump_off: ({ a, x, see }) => ({
    signs: [
      ...see('rod_damaged', x.rodbroken || x.lock === 'rod' ? 1 : (x.be - 2 * a.be0) / 0.2),
      ...(x.rodbent < 0.5 ? see('cam_worn_seen', 1 - Math.min(x.liftIn, x.liftEx), 0.12, 0.04) : []),
      ...see('strainer_blocked_seen', x.strain, 0.3),
      ...see('pump_worn_seen', (x.pumpclr - 0.06) / 0.15),
      ...(x.gov ? ['governor_broken_seen'] : []),
    ],
  }),
  m_bore: ({ a, x, N, tool }) => {
    const w = x.borewear
    const wear = [
      [w, 0.7 * w + 0.012 * x.marks],
      [0.6 * w, 0.4 * w],
      [0.25 * w, 0.2 * w],
    ]
    return {
      signs: [],
      values: {
        readings_mm: wear.map((row, i) =>
          row.map((v, j) => rnd(a.bore + v + 0.004 * N(`b${i}${j}`) + tool('bore_gauge', 0.004), 3)),
        ),
      },
    }
  },
  m_skirt: ({ x, N, tool }) => clearance(x.skirt + 0.006 * N('s') + tool('mic', 0.003)),
  m_ring_gap: ({ a, x, N }) => ({
    signs: [],
    values: { gap_mm: rnd(0.004 * a.bore + x.ringgap + Math.PI * x.borewear + 0.02 * N('g'), 2) },
  }),
  m_big_end: ({ x, N, tool }) => clearance(x.be + 0.006 * N('b') + tool('mic', 0.003)),
  m_main: ({ x, N, tool }) => ({
    signs: [],
    values: { play_mm: rnd(Math.max(0, x.main + 0.005 * N('m') + tool('dial', 0.003)), 3) },
  }),
  m_guide: ({ x, N }) => clearance(0.04 + x.guide + 0.01 * N('g')),
  m_pump: ({ x, N }) => ({
    signs: [],
    values: { tip_mm: rnd(1.8 * x.pumpclr + 0.01 * N('t'), 3), side_mm: rnd(x.pumpclr + 0.01 * N('s'), 3) },
  }),
} satisfies Record<string, Look>

const clearance = (mm: number) => ({ signs: [], values: { clearance_mm: rnd(Math.max(0, mm), 3) } })

/** What lies in old oil: how much of it there is, how large a piece is, µm, and its sign. */
const METALS: Record<string, { mass: (x: State) => number; um: number; sign: string }> = {
  aluminium: { mass: x => x.al, um: 900, sign: 'd_aluminium' },
  iron_chips: { mass: x => x.fe, um: 1200, sign: 'd_iron' },
  bearing_flake: { mass: x => x.brg, um: 700, sign: 'd_bearing' },
  bronze: { mass: () => 0, um: 300, sign: 'd_bronze' },
  babbitt: { mass: x => x.shell, um: 250, sign: 'd_shell' },
  friction_fibre: { mass: x => x.fib, um: 600, sign: 'd_fibre' },
  plastic: { mass: x => x.plas, um: 2500, sign: 'd_plastic' },
  grit: { mass: x => x.grit, um: 120, sign: 'd_grit' },
  sealant: { mass: x => x.seal, um: 3000, sign: 'd_sealant' },
}
