const formats = new Map<string, Intl.NumberFormat>()

/** Formatters are slow to make, so each is made once. */
function formatOf(currency: string, decimals?: number, locale = 'en-GB'): Intl.NumberFormat {
  const key = `${locale} ${currency} ${decimals ?? ''}`
  const found =
    formats.get(key) ??
    new Intl.NumberFormat(locale, {
      style: 'currency',
      currency,
      minimumFractionDigits: decimals,
      maximumFractionDigits: decimals,
    })
  formats.set(key, found)
  return found
}

/** Decimals of a currency: 2 for most, 0 for yen. */
export function currencyDecimals(currency: string): number {
  const known = decimals.get(currency)
  if (known !== undefined) return known
  const found = formatOf(currency).resolvedOptions().maximumFractionDigits ?? 2
  decimals.set(currency, found)
  return found
}
const decimals = new Map<string, number>()

export const toMajor = (minor: number, currency: string): number => minor / 10 ** currencyDecimals(currency)
export const toMinor = (major: number, currency: string): number =>
  Math.round(major * 10 ** currencyDecimals(currency) + 1e-9)

/** "€1,360.00", or "€1,360" for amounts that are estimates anyway; where a locale is given, as it is written there. */
export function moneyText(major: number, currency: string, exact = false, locale?: string): string {
  const text = formatOf(currency, exact ? currencyDecimals(currency) : 0, locale).format(major)
  return text.replace(/^[-−](?=[^1-9]*0([.,]0*)?[^1-9]*$)/, '')
}
