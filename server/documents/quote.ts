import type { EstimateLine } from '#core/estimate/estimateLine'
import type { QuoteLine, JobView } from '#shared/types/records'
import type { ShopPolicy } from '#core/engine/policy'
import type { FrozenOption } from '#core/entries/approval/schema'
import { toMajor } from '#core/units/money'
import { HOUR_LINES, QUOTE_STAGES } from '#core/words/deciding'
import { head, heading, printable, rule, SECOND, TABLE_LAYOUT } from './pdf'
import { writingFor } from './writing'

/** A quote as it was shown to the owner, with the lines of each way. */
export function quotePaper(
  view: JobView,
  { quote, createdAt, expiresAt, answer }: QuoteLine,
  policy: ShopPolicy,
  picture: (id: string) => Buffer | null = () => null,
) {
  const { say, sum, day, figures } = writingFor(policy, view.customer)
  const cash = (x: number, exact = false): string => sum(x, quote.currency, exact)
  const tag = `T ${view.number}`
  // as it was asked, whatever the shop's rate is now
  const taxPct = Object.values(quote.frozen)[0]?.taxPct ?? policy.taxPct
  const title = say('quote', { tag })
  return {
    info: { title: `${title} ${printable(view.machine.name)}`, author: printable(policy.shopName) },
    foot: printable(`${policy.shopName || 'Remedium'} · ${title} · ${day(createdAt)}`),
    pages: (page: number, pages: number) => say('page', { page, pages }),
    content: [
      ...head(
        policy.shopName,
        policy.shopAddress,
        quote.agreedBefore === null ? title : say('change', { tag }),
        say('open_until', { day: day(createdAt), until: day(expiresAt) }),
      ),
      { text: printable(view.machine.name), bold: true, fontSize: 13 },
      { text: printable(view.customer.name) },
      ...(quote.complaint
        ? [{ text: printable(say('you_said', { words: quote.complaint })), margin: [0, 6, 0, 0] }]
        : []),
      ...(quote.cause ? [{ text: printable(say('what_did_it', { cause: quote.cause })) }] : []),
      ...(quote.words ? [{ text: printable(quote.words), margin: [0, 6, 0, 0] }] : []),
      ...(quote.agreedBefore === null
        ? []
        : [
            {
              text: say('passes', { sum: cash(quote.agreedBefore) }),
              bold: true,
              margin: [0, 6, 0, 0],
            },
          ]),
      ...(quote.fee === null
        ? []
        : [
            heading(
              quote.stage === 'look'
                ? say('fee_look')
                : quote.stage === 'strip'
                  ? say('fee_strip')
                  : QUOTE_STAGES[quote.stage],
            ),
            { text: say('fee', { sum: cash(quote.fee, true) }) },
          ]),
      ...list(say('found'), (quote.findings ?? []).map(figures)),
      ...quote.options.flatMap(o => way(o)),
      ...list(say('not_known'), quote.notKnown.map(figures)),
      ...list(
        say('refused_before'),
        quote.refusedBefore.map(r => `${r.what}: ${r.risk}`),
      ),
      ...photos(),
      ...(answer
        ? [
            heading(say('answer')),
            {
              text: printable(`${answered(answer)}${answer.words ? `; ${answer.words}` : ''}`),
            },
          ]
        : []),
      // what is signed stands on the page of its sum
      {
        unbreakable: true,
        stack: [
          ...(quote.options.length ? [rule(), sums()] : []),
          ...(answer
            ? []
            : [
                {
                  text: say('agree_line', { line: '_'.repeat(34), limit: '_'.repeat(14) }),
                  margin: [0, 16, 0, 0],
                },
                { text: `\n${'_'.repeat(24)}\n${say('sign')}`, fontSize: 9, color: SECOND },
              ]),
          rule(),
          {
            text: `${taxPct ? say('tax_in', { pct: figures(taxPct) }) : say('tax_none')}${quote.cap === null ? '' : ` ${say('ask_again', { sum: cash(quote.cap) })}`}`,
            fontSize: 8,
            color: SECOND,
          },
        ],
      },
    ],
  }

  function answered({ name, choice, optionId }: NonNullable<QuoteLine['answer']>): string {
    if (choice !== 'agree') return say('none_of_it', { name })
    return optionId
      ? say('agreed_to', { name, way: quote.options.find(o => o.id === optionId)?.name ?? '' })
      : say('agreed', { name })
  }
  /** What a line comes to, without tax: hours at the rate that they were reckoned at. */
  function money(l: EstimateLine, frozen: FrozenOption): string {
    const each = HOUR_LINES.includes(l.type) ? frozen.labourRateMinor : 1
    const [low, high] = [l.low, l.high].map(x => cash(toMajor(Math.round(x * each), quote.currency), l.low === l.high))
    return low === high ? (low ?? '') : `${low} – ${high}`
  }
  function rowOf(l: EstimateLine, frozen: FrozenOption): unknown[] {
    const labour = HOUR_LINES.includes(l.type)
    const hours = figures(l.low === l.high ? l.likely : `${l.low} – ${l.high}`)
    const small = { fontSize: 8.5, color: SECOND }
    return [
      {
        stack: [
          { text: printable(l.text) },
          ...(labour
            ? [
                {
                  text: policy.linePrices
                    ? say('labour', { hours, rate: cash(toMajor(frozen.labourRateMinor, quote.currency), true) })
                    : `${hours} h`,
                  ...small,
                },
              ]
            : []),
          ...(l.why ? [{ text: printable(l.why), ...small }] : []),
        ],
      },
      {
        text:
          l.chance >= 1
            ? ''
            : say(l.type === 'sale' ? 'sells' : 'only_if', { pct: figures(Math.round(100 * l.chance)) }),
        fontSize: 9,
        color: SECOND,
      },
      { text: policy.linePrices ? money(l, frozen) : '', alignment: 'right' },
    ]
  }
  function way(o: (typeof quote.options)[number]): unknown[] {
    const frozen = quote.frozen[o.id]
    return [
      heading(printable(o.name)),
      {
        text: [
          {
            text: o.mends
              ? `${say('costs', { low: cash(o.low), high: cash(o.high), likely: cash(o.likely) })} `
              : `${say('brings', { sum: cash(o.brings) })} `,
            bold: true,
          },
          ...(o.mends && o.low !== o.high ? [`${say('spread')} `] : []),
          ...(o.mends && o.hours ? [`${say('hours', { hours: o.hours })} `] : []),
          ...(o.daysDown ? [`${say('days', { days: figures(o.daysDown) })} `] : []),
          ...(o.past ? [`${say('passes_limit')} `] : []),
          ...(o.best ? [say('advised')] : []),
        ],
      },
      ...(frozen?.lines.length
        ? [
            {
              table: {
                widths: ['*', 110, 104],
                dontBreakRows: true,
                body: [
                  [
                    '',
                    '',
                    {
                      text: policy.linePrices && taxPct ? say('without_tax') : '',
                      alignment: 'right',
                      color: SECOND,
                      fontSize: 8.5,
                    },
                  ],
                  ...frozen.lines.map(l => rowOf(l, frozen)),
                ],
              },
              layout: TABLE_LAYOUT,
              margin: [0, 3, 0, 0],
            },
          ]
        : []),
    ]
  }
  /** The ways and what each comes to, beside the line that is signed. */
  function sums(): unknown {
    return {
      table: {
        widths: ['*', 'auto'],
        body: quote.options.map(o => [
          { text: printable(o.name), bold: o.best },
          {
            text: o.mends
              ? say('costs', { low: cash(o.low), high: cash(o.high), likely: cash(o.likely) })
              : say('brings', { sum: cash(o.brings) }),
            bold: o.best,
            alignment: 'right',
          },
        ]),
      },
      layout: TABLE_LAYOUT,
    }
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
    return pairs.length ? [heading(say('photos')), ...pairs] : []
  }
}
