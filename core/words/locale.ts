/** How figures, money and days are written; told apart by an example of each. */
export const LOCALES = {
  'en-GB': '1,234.50 and 5 Jan 2027',
  'en-US': '1,234.50 and Jan 5, 2027',
  'de-DE': '1.234,50 and 05.01.2027',
  'de-CH': '1’234.50 and 05.01.2027',
  'fr-FR': '1 234,50 and 05/01/2027',
  'nl-NL': '1.234,50 and 05-01-2027',
  'sv-SE': '1 234,50 and 2027-01-05',
} as const
export type Locale = keyof typeof LOCALES

/** A day of each, as a calendar library is told it. */
export const DAY_SHAPES: Record<Locale, string> = {
  'en-GB': 'D MMM YYYY',
  'en-US': 'MMM D, YYYY',
  'de-DE': 'DD.MM.YYYY',
  'de-CH': 'DD.MM.YYYY',
  'fr-FR': 'DD/MM/YYYY',
  'nl-NL': 'DD-MM-YYYY',
  'sv-SE': 'YYYY-MM-DD',
}

/** The same without its year. */
export const shortDay = (locale: Locale): string => DAY_SHAPES[locale].replace(/,? ?[/-]?YYYY-?/, '')

/** What stands between thousands and before decimals. */
const MARKS: Record<Locale, readonly [thousands: string, decimals: string]> = {
  'en-GB': [',', '.'],
  'en-US': [',', '.'],
  'de-DE': ['.', ','],
  'de-CH': ['’', '.'],
  'fr-FR': ['\u00a0', ','],
  'nl-NL': ['.', ','],
  'sv-SE': ['\u00a0', ','],
}
/** A figure as this program writes it: not a part of a day, a number of a part or a row of figures. */
const FIGURE = /(?<![\w.,/-])(\d{1,3}(?:,\d{3})+|\d+)(\.\d+)?(?![.,/-]?[\w])/g

/** A sentence of this program with its figures as a shop writes them; days and what somebody typed are put in afterwards. */
export function figuresIn(text: string, locale: Locale): string {
  const [thousands, decimals] = MARKS[locale]
  return text.replace(
    FIGURE,
    (_, whole: string, rest: string | undefined) =>
      whole.replaceAll(',', thousands) + (rest ? rest.replace('.', decimals) : ''),
  )
}
