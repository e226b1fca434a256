import { compression, reference, releaseWorks } from '../compression'
import { blowby, burn, heatOf, inSump, isLocked, liquidLock, overfull, smoke, startScore } from '../physics'
import { clamp } from '../../units/clamp'
import { rnd, uni } from '../seeded'
import { ASKED, COMPLAINTS } from '../truth'
import type { Look } from './ctx'
import { flags, largest } from './ctx'

const SURE = ['was_tipped', 'ran_low', 'was_hit']

/** What needs no tool: the owner, the oil, a hand on the rope, and eyes. */
export const OUTSIDE = {
  story: c => {
    const complaint = COMPLAINTS.find(sign => c.told.includes(sign)) ?? null
    const said = ASKED.filter(sign => {
      const chance = sign === complaint ? 0.96 : !c.told.includes(sign) ? 0.04 : SURE.includes(sign) ? 0.7 : 0.85
      return uni(c.seed, 'o', 'story', 0, sign) < chance
    }).sort()
    return { signs: said, values: { complaint, said } }
  },
  oil_level: ({ a, x, N }) => {
    const v = inSump(x) + 0.025 * a.cap * N('stick')
    const reads =
      v < 0.55 * a.oilMin ? 'dry' : v < a.oilMin - 0.02 * a.cap ? 'low' : v > a.oilMax + 0.04 * a.cap ? 'high' : 'ok'
    return {
      signs: reads === 'ok' ? [] : [`oil_${reads}`],
      values: { reads, position_pct: rnd((100 * (v - a.oilMin)) / (a.oilMax - a.oilMin)) },
    }
  },
  oil_drain: ({ x, N }) => ({
    signs: [],
    values: { volume_ml: rnd(inSump(x) * (0.96 + 0.01 * N('rest'))) },
  }),
  oil_smell: ({ x, N, U }) => {
    const tot = Math.max(1, inSump(x))
    const smell = largest(
      {
        petrol: (18 * x.ofuel) / tot + 0.15 * N('petrol'),
        burnt: 1.4 * x.smell + 0.5 * x.ruin * U('b') + 0.15 * N('burnt'),
        sweet: (10 * x.glycol * x.owater) / tot + 0.15 * N('sweet'),
      },
      0.5,
    )
    return { signs: smell ? [`oil_${smell}`] : [], values: { smell: smell ?? 'plain' } }
  },
  oil_look: ({ x, see }) => {
    const tot = Math.max(1, inSump(x))
    const signs = [
      ...see('oil_treacle', x.ruin, 0.42),
      ...see('oil_milky', (9 * x.owater) / tot, 0.3),
      ...see('oil_thin', (4 * x.ofuel) / tot, 0.5),
      ...see('oil_metal', 0.09 * (x.al + x.brg + x.fe + x.shell), 0.4),
    ]
    const has = (sign: string): boolean => signs.includes(sign)
    const colour = has('oil_milky')
      ? 'milky'
      : has('oil_metal')
        ? 'silvery'
        : has('oil_treacle') || x.since > 60
          ? 'black'
          : x.since > 15
            ? 'brown'
            : 'honey'
    return {
      signs,
      values: { colour, thickness: has('oil_treacle') ? 'thick' : has('oil_thin') ? 'thin' : 'normal' },
    }
  },
  turn: ({ a, x, N }) => {
    if (isLocked(a, x)) return { signs: ['turns_locked'], values: { feel: 'locked', bump: 0, drive_note: false } }
    const share = (compression(a, x, { rpm: 150 }) / reference(a, { rpm: 150 })) * (1 + 0.12 * N('hand'))
    const one = x.rodbroken ? 0 : share
    const r = a.cyl === 2 ? 0.4 * one + 0.6 : one
    const tight = x.tight + 0.4 * Math.max(0, x.run - 0.25) + 0.4 * x.drag
    const feel =
      r < 0.08 ? 'free' : tight + 0.08 * N('tight') > 0.3 ? 'tight' : r < 0.5 ? 'weak' : r > 1.6 ? 'hard' : 'normal'
    return {
      signs: feel === 'normal' || feel === 'hard' ? [] : [`turns_${feel}`],
      values: { feel, bump: rnd(r, 2), drive_note: x.drag > 0.1 },
    }
  },
  plug_out_turn: ({ a, x, N }) => {
    const liquids = { fuel: x.flood, oil: x.oilcyl, water: x.watercyl }
    const most = largest(liquids, -1) as keyof typeof liquids
    const liquid = liquids[most] / a.vc + 0.04 * N('l') > 0.25 ? most : null
    const freed = liquidLock(a, x) !== null && x.lock === ''
    return {
      signs: [...(liquid ? [`liquid_${liquid}`] : []), ...(freed ? ['free_plug_out'] : [])],
      values: { liquid, turns: x.lock === '' },
    }
  },
  drive_off: ({ a, x }) => {
    const free = x.lock === 'drive'
    return { signs: free ? ['free_drive_off'] : [], values: { turns: free || !isLocked(a, x) } }
  },
  brake_off: ({ a, x }) => {
    const free = x.lock === 'brake' || (x.drag > 0.1 && x.lock === '')
    return { signs: free ? ['free_brake_off'] : [], values: { turns: free || !isLocked(a, x) } }
  },
  starter_off: ({ a, x }) => {
    const free = x.lock === 'starter'
    return { signs: free ? ['starter_in_ring'] : [], values: { turns: free || !isLocked(a, x) } }
  },
  piston_moves: ({ x, see, U }) => {
    const still = x.rodbroken > 0 && U('r') < 0.93
    return {
      signs: [
        ...(still ? ['piston_still'] : []),
        ...see('crown_hole', x.hole / 10),
        ...see('bore_marks', x.marks, 0.5),
      ],
      values: { piston: still ? 'still' : 'moves' },
    }
  },
  plug: ({ a, x, d, N, U }) => {
    if (x.plugNew) return { signs: ['plug_new'], values: { look: 'new' } }
    const { b, rings, guides, carry } = burn(a, x)
    const { z, worst } = startScore(a, x, d)
    const two = a.strokes === 2 ? Math.max(0, x.mixoil - 1.35) + Math.max(0, x.injoil - 1.5) : 0
    const m = (0.6 * d.phiMain + 0.4 * d.phiIdle) / d.wet
    const pulled =
      z < 0.15 && ['spark', 'timing', 'compression', 'exhaust'].includes(worst) && d.phiStart > 0.5 && d.supply > 0
    const figures: Record<string, number> = {
      plug_oily:
        (rings + 0.5 * guides + 0.7 * carry) / (7 * b) +
        (4 * x.oilcyl) / a.vc +
        x.oilfoul +
        two +
        (x.tipped ? 0.8 * x.pipeoil : 0),
      plug_fuel: x.flood / (0.02 * a.cc) + 0.8 * x.fuelfoul + (pulled ? 0.9 * U('pulled') : 0) + 0.9 * x.wrongfuel,
      plug_sooty: 4 * Math.max(0, m - 1.1) + 0.3 * Math.max(0, d.exh - 0.4) + 0.25 * Math.max(0, x.carbon - 0.3),
      plug_pale: 4.5 * Math.max(0, 0.93 - m) + (d.supply <= 0.05 ? 0.5 - 4.5 * Math.max(0, 0.93 - m) : 0),
    }
    const sign = largest(Object.fromEntries(Object.entries(figures).map(([k, v]) => [k, v + 0.12 * N(k)])), 0.5)
    return { signs: sign ? [sign] : [], values: { look: sign?.replace('plug_', '') ?? 'normal' } }
  },
  plug_seat: ({ x, see }) => ({ signs: see('plug_loose', x.plugleak, 0.3) }),
  filter: ({ a, x, N }) => {
    const sump = a.sump ? 1.1 * Math.max(0, overfull(a, x) - 0.2) + 0.07 * Math.max(0, blowby(a, x) - 4) : 0
    const figures = { filter_choked: x.afilt, filter_oily: x.afoil + sump, filter_torn: 0.9 * x.torn }
    const sign = largest(Object.fromEntries(Object.entries(figures).map(([k, v]) => [k, v + 0.08 * N(k)])), 0.45)
    return { signs: sign ? [sign] : [], values: { look: sign?.replace('filter_', '') ?? 'sound' } }
  },
  breather: ({ a, x, N }) => {
    if (x.breath + 0.08 * N('b') > 0.3) return { signs: ['breather_blocked'] }
    const oily =
      0.12 * Math.max(0, blowby(a, x) - 1.5) +
      2.2 * overfull(a, x) +
      0.5 * x.pipeoil +
      0.5 * x.goil * (1 - x.gout) +
      0.08 * N('o')
    return { signs: oily > 0.35 ? ['breather_oily'] : [] }
  },
  outside: ({ a, x, d, L, U, see, run }) => ({
    signs: [
      ...flags({
        blow_outside: x.blow > 0 && U('b') < 0.9,
        rust_outside: x.rust > 0 && U('r') < 0.9,
        bolts_loose: x.bolts > 0 && U('bo') < 0.85,
      }),
      ...see('fins_packed', x.fins * (0.5 + 0.6 * L('finsout'))),
      ...(run.runs ? see('burnt_paint', heatOf(a, x, 0.8, 25, d).end / 900, 0.38, 0.03) : []),
      ...see('sealant_seen', 0.1 * x.seal, 0.3),
    ],
  }),
  smoke: ({ a, x, d, N, U }) => {
    const amounts = smoke(a, x, d)
    const seen = Object.fromEntries(Object.entries(amounts).map(([k, v]) => [k, v + 0.12 * N(`smoke_${k}`)])) as Record<
      keyof typeof amounts,
      number
    >
    const { blue, white, black, sweet, start, overrun } = seen
    const main = largest({ blue, white, black, sweet }, 0.45 - 1e-12)
    const kind = main ?? largest({ start, overrun }, 0.45 - 1e-12)
    const called = kind === 'blue' && amounts.blue > 1 && U('called_white') < 0.5 ? 'white' : kind
    return {
      signs: called ? [`smoke_${called}`] : [],
      values: {
        smoke: called ?? 'none',
        amounts: Object.fromEntries(Object.entries(amounts).map(([k, v]) => [k, rnd(v, 2)])),
      },
    }
  },
  leaks: ({ a, x, N }) => {
    const wet: [sign: string, name: string, figure: number][] = [
      ['wet_sump', 'wsump', x.wsump],
      ['wet_top_seal', 'wtop', x.wtop],
      ['wet_bottom_seal', 'wbot', x.wbot],
      ['wet_cover', 'wcover', x.wcover],
      ['wet_head', 'whead', x.whead],
      ['wet_base', 'wbase', x.wbase],
      ['wet_fuel', 'wfuel', x.wfuel],
    ]
    const signs = wet.flatMap(([sign, name, figure]) => (figure + 0.07 * N(name) > 0.3 ? [sign] : []))
    const seal = a.strokes === 2 && x.caseleak > 0.12 && !x.sealside
    return { signs: seal && !signs.includes('wet_top_seal') ? [...signs, 'wet_top_seal'] : signs }
  },
  coolant: ({ x, see }) => ({
    signs: [...see('coolant_low', x.cool, 0.3), ...see('coolant_oily', 2 * x.goil * x.gcool, 0.3)],
  }),
  fins: ({ x, see }) => ({ signs: see('fins_blocked', x.fins, 0.25, 0.06) }),
  start: ({ a, x, d, run }) => {
    const { z } = startScore(a, x, d)
    const failing = a.release === 'automatic' && !releaseWorks(a, x)
    const kicks = (x.key > 5 && (a.start === 'rope' || a.start === 'kick')) || (failing && a.start === 'rope')
    return {
      signs: kicks ? ['kicks_back'] : [],
      values: {
        result: z >= 0.5 ? 'starts' : z >= 0.15 ? 'starts_badly' : 'no',
        dies_after_min: z >= 0.15 && Number.isFinite(run.dies) ? rnd(run.dies, 1) : null,
      },
    }
  },
  clutch_play: ({ x, see }) => ({
    signs: [
      ...see('no_free_play', x.cable, 0.25),
      ...see('creeps', x.dragc),
      ...see('slips', Math.max(x.slipf, 0.9 * x.belt)),
    ],
  }),
  governor: ({ x, see }) => ({ signs: see('linkage_off', x.govlink, 0.25) }),
  drive_tight: ({ x, see }) => ({
    signs: [...see('drive_loose', x.driveloose, 0.3), ...see('belt_bad', x.belt)],
  }),
  screen: ({ x, see }) => ({
    signs: see('screen_blocked', x.screen + 0.25 * Math.max(0, x.mixoil - 1.6), 0.3),
  }),
  back_pressure: ({ x, see }) => ({ signs: see('exhaust_choked', clamp(x.exh, 0, 1), 0.5) }),
} satisfies Record<string, Look>
