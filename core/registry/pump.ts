import { PUMP_LIMITS, oringLeak, pumpClearances, pumpPressure, slipScale } from '../measure/oilPump'
import { calculator } from './calculator'
import type { Field, Issue } from './fieldTypes'
import { num, row } from './fields'
import { absent, missing } from './fieldTypes'
import { opt } from './objectField'
import { aboveZero, fromZero } from './ranges'

/** A limit by place: one figure, or new and limit. */
function pumpLimits(): Field {
  const places = Object.keys(PUMP_LIMITS)
  const [one, two] = [fromZero(), row([fromZero(), fromZero()])]
  return {
    optional: false,
    fallback: undefined,
    parse(value, path, issues) {
      if (typeof value !== 'object' || value === null || Array.isArray(value)) {
        issues.push({
          step: 1,
          code: 'not_a_number',
          field: path,
          message: `${path} must be an object with any of ${places.join(', ')}.`,
        })
        return {}
      }
      return Object.fromEntries(
        Object.entries(value)
          .filter(([, v]) => !absent(v))
          .map(([place, v]) => {
            const at = `${path}.${place}`
            if (!places.includes(place))
              issues.push({
                step: 2,
                code: 'bad_choice',
                field: at,
                message: `${at} is no place of a pump; use ${places.join(', ')}.`,
              })
            return [place, (Array.isArray(v) ? two : one).parse(v, at, issues)]
          }),
      )
    },
    schema: () => ({
      type: 'object',
      properties: Object.fromEntries(places.map(p => [p, { anyOf: [one.schema(), two.schema()] }])),
      additionalProperties: false,
    }),
  }
}

export const both =
  (lo: string, hi: string) =>
  (given: Record<string, unknown>, prefix: string): Issue[] =>
    absent(given[lo]) === absent(given[hi])
      ? []
      : [missing(prefix + (absent(given[lo]) ? lo : hi), 'give both ends of the band, or neither.')]

export const PUMP_CALCULATORS = [
  calculator(
    'pump_clearances',
    'A rotor pump',
    { tip_mm: opt(fromZero()), side_mm: opt(fromZero()), body_mm: opt(fromZero()), limits_mm: opt(pumpLimits(), {}) },
    pumpClearances,
    (given, prefix) =>
      ['tip_mm', 'side_mm', 'body_mm'].every(name => absent(given[name]))
        ? [missing(`${prefix}tip_mm`, 'measure one of tip, side and body at least.')]
        : [],
  ),
  calculator(
    'pump_pressure',
    'Oil pressure with and without a leak',
    {
      disp_cc_per_rev: fromZero(),
      pump_rpm: num({ min: 0, max: 25000 }),
      slip_lpm_per_kpa: opt(fromZero(), 0),
      bearing_lpm_per_kpa: opt(fromZero(), 0),
      orifice_mm2: fromZero(),
      leak_mm2: opt(fromZero(), 0),
      relief_kpa: opt(fromZero()),
      relief_lpm_per_kpa: opt(fromZero(), 0.5),
      cd: opt(aboveZero(), 0.65),
      rho: opt(aboveZero(), 860),
    },
    pumpPressure,
  ),
  calculator('oring_leak', 'A flattened O-ring as a leak', { ring_dia_mm: aboveZero(), gap_mm: fromZero() }, oringLeak),
  calculator(
    'slip_scale',
    "A pump's slip at another clearance",
    {
      slip0_lpm_per_kpa: fromZero(),
      clearance0_mm: aboveZero(),
      clearance_mm: fromZero(),
      visc_ratio: opt(aboveZero(), 1),
    },
    slipScale,
  ),
]
