import { shortText } from './words'
import { UNITS } from '../units/unitTable'
import { z } from 'zod'

/** A quantity of one kind, read in any unit of that kind, within what can be. */
function quantity(kind: string, what: string, max: number) {
  return z
    .strictObject({
      value: z
        .number({ error: `${what}: type a figure, for example 62.` })
        .min(0, `${what} can't be less than nothing.`),
      unit: z.string(),
    })
    .superRefine(({ value, unit }, check) => {
      const known = Object.hasOwn(UNITS, unit) ? UNITS[unit] : undefined
      if (!known || known.kind !== kind)
        check.addIssue({
          code: 'custom',
          path: ['unit'],
          message: `${what} can't be read in ${unit || 'no unit'}: choose a unit of ${kind}.`,
        })
      else if (value * known.factor > max)
        check.addIssue({
          code: 'custom',
          path: ['value'],
          message: `${what} of ${value} ${known.label} is more than can be: check the decimal point and the unit.`,
        })
    })
}

/** A quantity in the internal unit of its kind; as it stands where the unit is not known, which is refused elsewhere. */
export const inner = ({ value, unit }: { value: number; unit: string }): number =>
  Object.hasOwn(UNITS, unit) ? value * (UNITS[unit]?.factor ?? 1) : value

export const pressure = (what: string) => quantity('pressure', what, 6000)

/** Pressure, or vacuum as a negative figure. */
export const signedPressure = (what: string) =>
  z.strictObject({
    value: z
      .number({ error: `${what}: type a figure, for example 40, or −40 for vacuum.` })
      .min(-1000)
      .max(1000),
    unit: z
      .string()
      .refine(u => Object.hasOwn(UNITS, u) && UNITS[u]?.kind === 'pressure', `${what} needs a unit of pressure.`),
  })

export const length = (what: string, max = 10) => quantity('length', what, max)

export const torque = (what: string) => quantity('torque', what, 400)

export const volume = (what: string, max = 20000) => quantity('volume', what, max)

export const day = (what: string) => z.iso.date({ error: `${what}: give a date, for example 2026-11-25.` })

export const moneyMinor = (what: string) =>
  z
    .number({ error: `${what}: type an amount, for example 120.` })
    .int(`${what} has too many decimals.`)
    .min(0, `${what} can't be negative.`)
    .max(1e9, `${what} is too large: check the decimal point.`)

export const hoursField = (what: string) =>
  z
    .number({ error: `${what}: type hours, for example 1.5.` })
    .min(0, `${what} can't be negative.`)
    .max(100000, `${what} is too large: check the decimal point.`)

export const figureIn = (what: string, min: number, max: number, unit: string) =>
  z
    .number({ error: `${what}: type a figure.` })
    .min(min, `${what} must be at least ${min} ${unit}.`)
    .max(max, `${what} can be at most ${max.toLocaleString('en-GB')} ${unit}: check the decimal point.`)

export const wordList = (what: string) => z.array(shortText(what, 200)).max(80, `${what}: at most 80 lines.`)
