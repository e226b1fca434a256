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

const COMMA: readonly Locale[] = ['de-DE', 'fr-FR', 'nl-NL', 'sv-SE']

/** A sentence of this program with its figures as a shop writes them; days and what somebody typed are put in afterwards. */
export const figuresIn = (text: string, locale: Locale): string =>
  COMMA.includes(locale) ? text.replace(/(?<![\d.,])(\d+)\.(\d+)(?![\d.])/g, '$1,$2') : text
