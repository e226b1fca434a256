import type { EstimateLine } from '#core/estimate/estimateLine'
import { HOUR_LINES, LINE_TYPES } from '#core/words/deciding'
import { printable, SECOND, TABLE_LAYOUT } from './pdf'
import type { Writing } from './writing'

/** The lines of a way as they are printed, with the rate that they were reckoned at. */
export function lines(
  { cash, figures }: Writing,
  all: EstimateLine[],
  currency: string,
  rateMinor: number,
  taxPct: number,
): unknown[] {
  const figure = (line: EstimateLine, value: number): string =>
    HOUR_LINES.includes(line.type) ? `${figures(value)} h` : cash(value, currency)
  const header = ['Line', 'Kind', 'Low', 'Likely', 'High', 'Chance'].map((text, i) => ({
    text,
    color: SECOND,
    fontSize: 9,
    alignment: i > 1 ? 'right' : 'left',
  }))
  const rows = all.map(line => [
    {
      stack: [
        { text: printable(line.text) },
        ...(line.why ? [{ text: printable(line.why), fontSize: 8.5, color: SECOND }] : []),
      ],
    },
    { text: line.priceKind ?? LINE_TYPES[line.type].toLowerCase(), fontSize: 9 },
    ...[line.low, line.likely, line.high].map(value => ({ text: figure(line, value), alignment: 'right' })),
    { text: line.chance >= 1 ? 'sure' : `${Math.round(100 * line.chance)} %`, alignment: 'right' },
  ])
  return [
    {
      text: `Labour ${cash(rateMinor, currency)} an hour${taxPct ? `, tax ${figures(taxPct)} % included in the sums` : ''}. Chance: how likely the line is needed.`,
      fontSize: 9,
      color: SECOND,
    },
    { table: { headerRows: 1, widths: ['*', 52, 58, 58, 58, 40], body: [header, ...rows] }, layout: TABLE_LAYOUT },
  ]
}

/** Room for two names. */
export function signatures(): unknown {
  return {
    columns: ['Owner', 'For the shop'].map(who => ({
      text: `\n\n________________________\n${who}`,
      fontSize: 9,
      color: SECOND,
    })),
  }
}
