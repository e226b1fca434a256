import { derive, isLocked, startScore } from '../physics'
import { rnd } from '../seeded'
import type { Look } from './ctx'
import { flags } from './ctx'

/** Spark, starting and fuel. */
export const SPARK = {
  spark: ({ x, d, N, U }) => {
    const broken = x.stopearth > 0.12 && x.stopearth <= 0.35 && U('int') < 2 * x.stopearth
    const e = broken ? 0 : d.e * (1 + 0.08 * N('e'))
    return {
      signs: e < 0.12 ? ['spark_none'] : e < 0.6 ? ['spark_weak'] : [],
      values: { kv: rnd(22 * e, 1) },
    }
  },
  stop_wire: ({ a, x, d, N }) => {
    const off = derive(a, { ...x, stopearth: 0 }).e * (1 + 0.08 * N('x'))
    return { signs: d.e < 0.12 && off > 0.3 ? ['spark_back'] : [], values: { kv: rnd(22 * off, 1) } }
  },
  spark_hot: ({ x, N }) => {
    const dies = x.coilhot < 15 + 1.5 * N('t')
    return { signs: dies ? ['spark_dies_hot'] : [], values: { died_after_min: dies ? rnd(x.coilhot, 1) : null } }
  },
  interlock: ({ x, U }) => ({
    signs: x.switched > 0.35 || (x.switched > 0.1 && U('i') < 2 * x.switched) ? ['switch_open'] : [],
  }),
  earth: ({ x, N }) => {
    const ohm = rnd(Math.max(0.02, 0.05 + 6 * (1 - x.earth) ** 2 + 0.03 * N('o')), 2)
    return { signs: ohm > 0.5 ? ['earth_bad'] : [], values: { ohm } }
  },
  coil_gap: ({ x, N, tool }) => {
    const gap = rnd(0.3 + x.gapoff + 0.02 * N('g') + tool('feeler', 0.01), 2)
    return { signs: gap < 0.15 || gap > 0.45 ? ['coil_gap_off'] : [], values: { gap_mm: gap } }
  },
  key: ({ x, N }) => {
    const shift = rnd(Math.abs(x.key + 0.4 * N('k')), 1)
    return { signs: shift > 2 ? ['key_sheared'] : [], values: { shift_deg: shift } }
  },
  timing: ({ x, see }) => ({
    signs: [...(x.camoff > 9 ? ['marks_off'] : []), ...see('chain_slack', x.chain, 0.4, 0.08)],
    values: { teeth_out: Math.round(x.camoff / 18) },
  }),
  starter: ({ a, x, N }) => {
    const volts = rnd(x.batt + 0.03 * N('v'), 2)
    const sign =
      x.startw > 0.4
        ? x.click
          ? 'click_lamp'
          : 'no_click'
        : x.earth < 0.15 || (x.switched > 0.35 && a.start === 'starter')
          ? 'no_click'
          : isLocked(a, x) && a.start === 'starter' && x.batt > 11.8
            ? 'click_lamp'
            : null
    return {
      signs: [...(volts < 12.2 ? ['battery_low'] : []), ...(sign ? [sign] : [])],
      values: { volts },
    }
  },
  fuel_tap: ({ x, run }) => ({
    signs: [...(x.tank ? [] : ['tank_empty']), ...(x.vent < 0.75 && run.runs ? ['runs_cap_loose'] : [])],
    values: { tank: x.tank ? 'fuel' : 'empty' },
  }),
  fuel_smell: ({ x, see }) => ({
    signs: [
      ...see('fuel_stale', x.stale),
      ...see('fuel_water', x.water, 0.2, 0.06),
      ...see('fuel_wrong', x.wrongfuel, 0.25, 0.08),
    ],
  }),
  fuel_arrives: ({ a, x, d, N }) => {
    const dead = isLocked(a, x) || x.rodbroken > 0
    const sucked = a.feed === 'pulse' || a.feed === 'diaphragm' || a.feed === 'vacuum_tap'
    const still = 1.6 * x.tank * Math.min(x.filt, x.tap, 1 - 0.75 * x.line) * (sucked ? 0 : x.pumpf)
    const s = (dead ? still : d.supply) * (1 + 0.1 * N('s')) * (x.vent + 0.4 * (1 - x.vent))
    return {
      signs: s < 0.08 ? ['fuel_none'] : s < 0.8 ? ['fuel_trickle'] : [],
      values: { ml_per_min: rnd(0.12 * s * a.cc * a.cyl) },
    }
  },
  fuel_floods: ({ x, N }) => {
    const ml = ((x.needle * x.tank) / 6) * (1 + 0.2 * N('f'))
    return { signs: ml > 1 ? ['carb_overflows'] : [], values: { ml_in_10_min: rnd(ml, 1) } }
  },
  fuel_line: ({ x, see }) => ({
    signs: [
      ...see('line_cracked', x.line, 0.25),
      ...see('fuel_filter_dirty', x.filtdirt, 0.4),
      ...see('bulb_soft', 0.75 * x.line + 0.3 * x.pulsesplit + (x.filtdirt > 0.8 ? 0.4 : 0) + 0.3 * x.diaph, 0.4),
    ],
  }),
  vacuum_tap: ({ x, N, see }) => ({
    signs: [...(x.tap < 0.55 + 0.08 * N('t') ? ['tap_stays_shut'] : []), ...see('tap_leaks', x.tapleak, 0.25)],
  }),
  pulse: ({ x }) => ({
    signs: flags({
      pulse_line_split: x.pulsesplit > 0 && x.pumpf < 0.8,
      pulse_pump_wet: x.pulsewet > 0 && x.pumpf < 0.8,
    }),
  }),
  pump_sound: ({ x }) => ({ signs: x.pumpf < 0.4 || x.batt < 9 || x.earth < 0.1 ? ['pump_silent'] : [] }),
  spray_test: ({ a, x, d, U }) => {
    const now = startScore(a, x, d).z
    const fed = startScore(a, { ...x, wrongfuel: 0 }, { ...d, phiStart: 1 }).z
    const fires = fed > 0.3 && now < 0.4 && U('s') < 0.92
    return { signs: fires ? ['fires_on_squirt'] : [], values: { fires } }
  },
  choke: ({ x, d, N }) => {
    if (x.choke + 0.06 * N('c') > 0.3) return { signs: ['choke_stuck'] }
    const lean = [
      ...(d.supply / 0.2 > 1.2 * d.meterIdle ? [d.phiIdle] : []),
      ...(d.supply > 1.2 * d.meterMain ? [d.phiMain] : []),
    ].map(phi => phi / d.wet)
    return { signs: lean.length && Math.min(...lean) + 0.05 * N('w') < 0.78 ? ['wants_choke'] : [] }
  },
  throttle: ({ a, d, N }) => {
    if (d.phiMain + 0.05 * N('m') < 0.68 || d.power + 0.05 * N('p') < 0.4) return { signs: ['dies_on_throttle'] }
    const four = a.petrol && (d.phiMain + 0.05 * N('f') > 1.35 || d.ep < 0.35)
    return { signs: four ? ['four_strokes'] : [] }
  },
  air_leak: ({ x, see }) => ({ signs: see('speed_changes', x.aleak, 0.2, 0.08) }),
  bowl: ({ x, see }) => ({
    signs: [
      ...see('jet_dirty', x.jetdirt + 0.8 * (1 - x.jet) + 0.5 * (1 - x.idlejet) + 0.2 * x.water, 0.3),
      ...see('needle_ring', x.needlewear),
    ],
  }),
  diaphragm: ({ x, see }) => ({ signs: see('diaphragm_hard', x.diaph, 0.3) }),
  can: ({ x, N }) => {
    const oil = x.mixoil * (1 + 0.06 * N('m'))
    return {
      signs: oil < 0.85 ? ['can_lean'] : oil > 1.25 ? ['can_rich'] : [],
      values: { ratio: rnd(50 / oil) },
    }
  },
  injector_oil: ({ x, see, U }) => ({
    signs: [
      ...see('oil_line_air', x.injair, 0.2),
      ...(x.stroke ? ['oil_stroke_off'] : []),
      ...(x.injair > 0.8 && U('d') < 0.3 ? ['oil_tank_dry'] : []),
    ],
  }),
} satisfies Record<string, Look>
