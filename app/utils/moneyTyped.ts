import { toMajor, toMinor } from '#core/units/money'

/** An amount as typed, in the currency's smallest unit; what is not a figure is passed on as typed. */
export function moneyTyped(typed: string, currency: string): number | null {
  const value = figure(typed)
  return value === null ? null : (sendable(Number.isNaN(value) ? value : toMinor(value, currency), typed) as number)
}

/** An amount for a form field. */
export const moneyField = (minor: number | null, currency: string): string =>
  minor === null ? '' : String(toMajor(minor, currency))
