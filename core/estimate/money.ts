/** Decimals of a currency: 2 for most, 0 for yen. */
export function currencyDecimals(currency: string): number {
  return new Intl.NumberFormat('en-GB', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2
}

export const toMajor = (minor: number, currency: string): number => minor / 10 ** currencyDecimals(currency)
export const toMinor = (major: number, currency: string): number => Math.round(major * 10 ** currencyDecimals(currency) + 1e-9)

/** "€1,360.00", or "€1,360" for amounts that are estimates anyway. */
export function moneyText(major: number, currency: string, exact = false): string {
  const decimals = exact ? currencyDecimals(currency) : 0
  const text = new Intl.NumberFormat('en-GB', { style: 'currency', currency, minimumFractionDigits: decimals, maximumFractionDigits: decimals }).format(major)
  return text.replace(/^-(?=[^1-9]*0(\.0*)?$)/, '')
}
