import dayjs from 'dayjs'
import type { QuoteLine, JobView } from '#shared/types/records'
import { moneyText, toMajor } from '#core/units/money'
import type { ShopPolicy } from '#core/engine/policy'
import { HOUR_LINES, QUOTE_STAGES } from '#core/words/deciding'
import { head, heading, printable, rule, SECOND, TABLE_LAYOUT } from './pdf'

/** A quote as it was shown to the owner, with the lines of each way. */
export function quotePaper(
  view: JobView,
  { quote, createdAt, expiresAt, answer }: QuoteLine,
  policy: ShopPolicy,
  picture: (id: string) => Buffer | null = () => null,
) {
  const cash = (x: number): string => moneyText(x, quote.currency)
  const tag = `T ${view.number}`
  // as it was asked, whatever the shop's rate is now
  const taxPct = Object.values(quote.frozen)[0]?.taxPct ?? policy.taxPct
  const taxWords = taxPct ? `Tax ${taxPct} % is in them.` : 'No tax is charged on them.'
  return {
    info: { title: `Quote ${tag} ${printable(view.machine.name)}`, author: printable(policy.shopName) },
    foot: printable(`${policy.shopName || 'Remedium'} · quote ${tag} · ${dayjs(createdAt).format('D MMM YYYY')}`),
    content: [
      ...head(
        policy.shopName,
        policy.shopAddress,
        `${quote.agreedBefore === null ? 'Quote' : 'Change to what was agreed'} ${tag}`,
        `${dayjs(createdAt).format('D MMM YYYY')}, open until ${dayjs(expiresAt).format('D MMM YYYY')}`,
      ),
      { text: printable(view.machine.name), bold: true, fontSize: 13 },
      { text: printable(view.customer.name) },
      ...(quote.complaint ? [{ text: printable(`You said: ‘${quote.complaint}’`), margin: [0, 6, 0, 0] }] : []),
      ...(quote.cause ? [{ text: printable(`What did it: ${quote.cause}.`) }] : []),
      ...(quote.words ? [{ text: printable(quote.words), margin: [0, 6, 0, 0] }] : []),
      ...(quote.agreedBefore === null
        ? []
        : [
            {
              text: `It is likely to pass the ${cash(quote.agreedBefore)} that were agreed. Nothing more is done before you answer.`,
              bold: true,
              margin: [0, 6, 0, 0],
            },
          ]),
      ...(quote.fee === null
        ? []
        : [
            heading(QUOTE_STAGES[quote.stage]),
            { text: `${moneyText(quote.fee, quote.currency, true)}, whatever is decided after it.` },
          ]),
      ...quote.options.flatMap(o => way(o)),
      ...list('Not known yet', quote.notKnown),
      ...list(
        'Refused before, and what it risks',
        quote.refusedBefore.map(r => `${r.what}: ${r.risk}`),
      ),
      ...photos(),
      ...(answer
        ? [
            heading('Answer'),
            {
              text: printable(
                `${answer.name}: ${answer.choice === 'agree' ? `agreed${answer.optionId ? ` to ‘${quote.options.find(o => o.id === answer.optionId)?.name ?? ''}’` : ''}` : 'none of it'}${answer.words ? `; ${answer.words}` : ''}`,
              ),
            },
          ]
        : [
            { text: 'I agree to: __________________________________   up to: ______________', margin: [0, 16, 0, 0] },
            { text: '\n________________________\nDate, name', fontSize: 9, color: SECOND },
          ]),
      rule(),
      {
        text: `Likely costs are estimates: eight times in ten the bill falls between the two figures. ${taxWords}${quote.cap === null ? '' : ` We ask again before anything over ${cash(quote.cap)}.`}`,
        fontSize: 8,
        color: SECOND,
      },
    ],
  }

  function way(o: (typeof quote.options)[number]): unknown[] {
    const lines = quote.frozen[o.id]?.lines ?? []
    const rows = lines.map(l => [
      {
        stack: [
          { text: printable(l.text) },
          ...(l.why ? [{ text: printable(l.why), fontSize: 8.5, color: SECOND }] : []),
        ],
      },
      {
        text: HOUR_LINES.includes(l.type)
          ? `${l.low === l.high ? l.likely : `${l.low} – ${l.high}`} h`
          : moneyText(toMajor(l.likely, quote.currency), quote.currency, true),
        alignment: 'right',
      },
      {
        text:
          l.chance >= 1
            ? ''
            : l.type === 'sale'
              ? `sells with ${Math.round(100 * l.chance)} %`
              : `only if needed, ${Math.round(100 * l.chance)} %`,
        fontSize: 9,
        color: SECOND,
      },
    ])
    return [
      heading(printable(o.name)),
      {
        text: [
          {
            text: o.mends
              ? `${cash(o.low)} to ${cash(o.high)}, likely ${cash(o.likely)}. `
              : `Brings about ${cash(o.brings)}. `,
            bold: true,
          },
          ...(o.mends && o.hours ? [`Buys about ${o.hours} hours of running. `] : []),
          ...(o.daysDown ? [`It stands ${o.daysDown} days. `] : []),
          ...(o.past ? ['It may pass your limit. '] : []),
          ...(o.best ? ['This is what we would do.'] : []),
        ],
      },
      ...(rows.length
        ? [{ table: { widths: ['*', 74, 110], body: rows }, layout: TABLE_LAYOUT, margin: [0, 3, 0, 0] }]
        : []),
    ]
  }
  function list(title: string, lines: string[]): unknown[] {
    return lines.length ? [heading(title), ...lines.map(text => ({ text: printable(text), margin: [0, 0, 0, 2] }))] : []
  }
  function photos(): unknown[] {
    const kept = quote.photos.flatMap(p => {
      const data = picture(p.id)
      return data
        ? [
            {
              stack: [
                { image: `data:image/jpeg;base64,${data.toString('base64')}`, fit: [240, 170] },
                { text: printable(p.caption ?? ''), fontSize: 9, color: SECOND },
              ],
            },
          ]
        : []
    })
    const pairs = Array.from({ length: Math.ceil(kept.length / 2) }, (_, i) => ({
      columns: kept.slice(2 * i, 2 * i + 2),
      columnGap: 14,
      margin: [0, 0, 0, 6],
    }))
    return pairs.length ? [heading('Photos'), ...pairs] : []
  }
}
