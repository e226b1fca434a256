import { describe, expect, it } from 'vitest'
import { moneyText } from '#core/units/money'
import type { Locale } from '#core/words/locale'
import { DAY_SHAPES, figuresIn, LOCALES, shortDay } from '#core/words/locale'
import type { PaperWord } from '#core/words/paperWords'
import { bracesOf, bracesWrong, PAPER_WORDS, paperWord } from '#core/words/paperWords'

const plain = (text: string): string => text.replace(/[\u00a0\u202f]/g, ' ').replaceAll("'", '’')

describe('figures, money and days as a shop writes them', () => {
  it('money, with its decimals and without, of currencies with two, three and none', () => {
    const written = (currency: string, locale?: Locale) => plain(moneyText(1234.5, currency, true, locale))
    expect(written('EUR')).toBe('€1,234.50')
    expect(written('EUR', 'de-DE')).toBe('1.234,50 €')
    expect(written('EUR', 'fr-FR')).toBe('1 234,50 €')
    expect(written('KWD', 'de-DE')).toBe('1.234,500 KWD')
    expect(plain(moneyText(1234, 'JPY', true, 'sv-SE'))).toBe('1 234 JPY')
    expect(plain(moneyText(1234.5, 'CHF', false, 'de-CH'))).toBe('CHF 1’235')
    // nothing is never less than nothing
    expect(plain(moneyText(-0.001, 'EUR', true, 'de-DE'))).toBe('0,00 €')
    expect(plain(moneyText(-0.004, 'SEK', true, 'sv-SE'))).toBe('0,00 kr')
    expect(plain(moneyText(-12, 'EUR', true, 'de-DE'))).toBe('-12,00 €')
  })
  it('figures of a sentence get a comma where a shop writes one; what is no decimal stays', () => {
    expect(figuresIn('Oil 1.25 L, tag T 14, 7.8 of 9 bar', 'fr-FR')).toBe('Oil 1,25 L, tag T 14, 7,8 of 9 bar')
    expect(figuresIn('sheet 1.2.3, on 05.01.2027', 'de-DE')).toBe('sheet 1.2.3, on 05.01.2027')
    expect(figuresIn('1.25 L in 1,000 km', 'en-US')).toBe('1.25 L in 1,000 km')
    expect(figuresIn('417 mL in 1,000 km, (0.05–0.10 mm), 12,345.6 h', 'de-DE')).toBe(
      '417 mL in 1.000 km, (0,05–0,10 mm), 12.345,6 h',
    )
    expect(figuresIn('part A1.25, 2026-05-01, 1,2,3 and 4.5', 'de-DE')).toBe('part A1.25, 2026-05-01, 1,2,3 and 4,5')
    expect(figuresIn('Past its limit by 0.5.', 'sv-SE')).toBe('Past its limit by 0,5.')
  })
  it('a day without its year', () => {
    expect((Object.keys(LOCALES) as Locale[]).map(shortDay)).toEqual([
      ...['D MMM', 'MMM D', 'DD.MM.', 'DD.MM.', 'DD/MM', 'DD-MM', 'MM-DD'],
    ])
  })
  it('every way of writing has a shape of its days, and shows it', () => {
    for (const locale of Object.keys(LOCALES) as Locale[]) {
      const day = DAY_SHAPES[locale].replace('YYYY', '2027').replace('MMM', 'Jan').replace('MM', '01')
      expect(LOCALES[locale]).toContain(day.replace('DD', '05').replace('D', '5'))
    }
  })
})

describe('standing words of the papers', () => {
  const fill = (word: PaperWord): Record<string, string> =>
    Object.fromEntries(bracesOf(PAPER_WORDS[word]).map(b => [b, b.toUpperCase()]))
  it("as the shop wrote them, in their own order; what it did not write is the program's", () => {
    const own = { open_until: 'Bis {until} offen, vom {day}', net: '  ' }
    expect(paperWord(own, 'open_until', { day: '1.5.', until: '15.5.' })).toBe('Bis 15.5. offen, vom 1.5.')
    expect(paperWord(own, 'net')).toBe('Net')
    expect(paperWord({}, 'labour', { hours: 1.5, rate: '€60.00' })).toBe('1.5 h at €60.00')
    for (const word of Object.keys(PAPER_WORDS) as PaperWord[])
      expect(paperWord({}, word, fill(word))).not.toMatch(/[{}]/)
  })
  it('a wording that loses what it is filled in with, or asks for more, says which', () => {
    expect(bracesWrong('open_until', 'Offen bis {until}')).toEqual(['{day} is missing'])
    expect(bracesWrong('net', 'Netto {sum}')).toEqual(['{sum} is nothing that this is filled in with'])
    expect(bracesWrong('invoice', 'Rechnung {number}')).toEqual([])
  })
})
