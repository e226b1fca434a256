import dayjs from 'dayjs'
import Papa from 'papaparse'
import { assess } from '#core/assess'
import type { ShopPolicy } from '#core/engine/policy'
import type { GivenBill } from '#core/handover/bill'
import { toldWords } from '#core/handover/handBack'
import { notToRun } from '#core/judgement'
import { entriesInForce } from '#core/log/entry'
import { toMajor } from '#core/units/money'
import { PAID_BY } from '#core/words/bill'
import type { JobBills, JobView, Person, Takings } from '#shared/types/records'
import { fileOf } from '../db/jobs'
import { nameIn } from './handBack'
import { head, heading, printable, rule, SECOND, standing, TABLE_LAYOUT } from './pdf'
import { writingFor } from './writing'

const right = (text: string, more: object = {}): object => ({ text, alignment: 'right', ...more })

/**
 * A bill or a credit note as it was given: every figure is the one that was kept, whatever the shop's rules are now.
 * @param payments what came for the job until now, and what is due of it; printed on a bill only
 */
export function billPaper(
  bill: GivenBill,
  view: JobView,
  policy: ShopPolicy,
  people: Person[],
  { payments: paid, dueMinor }: Pick<JobBills, 'payments' | 'dueMinor'>,
) {
  // what must not be done with the machine leads every paper that goes out with it, as it stands now
  const { stops } = assess(fileOf(view, policy))
  const { draft, sum, head: shop } = bill
  const credit = bill.kind === 'credit'
  const { say, day, dayTime, figures, ...write } = writingFor(policy, view.customer)
  const title = say(credit ? 'credit' : 'invoice', { number: bill.number })
  const cash = (minor: number): string => write.cash(minor, shop.currency)
  const given = dayjs(bill.givenAt)
  const taxed = draft.tax === 'charged' && draft.lines.some(l => l.taxPct > 0)
  const rows = draft.lines.map((l, i) => [
    {
      stack: [
        { text: printable(l.text) },
        ...(l.detail ? [{ text: printable(l.detail), fontSize: 8.5, color: SECOND }] : []),
        ...(l.discountPct
          ? [{ text: say('less', { sum: cash(l.minor), pct: figures(l.discountPct) }), fontSize: 8.5, color: SECOND }]
          : []),
      ],
    },
    right(taxed ? `${figures(l.taxPct)} %` : '', { color: SECOND }),
    right(cash(sum.lines[i] ?? 0)),
  ])
  const off = sum.linesMinor - sum.netMinor
  return {
    info: { title, author: printable(shop.shopName) },
    foot: printable(`${shop.shopName || 'Remedium'} · ${title} · ${day(bill.givenAt)}`),
    pages: (page: number, pages: number) => say('page', { page, pages }),
    content: [
      ...head(shop.shopName, shop.shopAddress, title, day(bill.givenAt)),
      ...standing(
        stops,
        say(notToRun(stops).length ? 'not_to_run' : 'not_to_do'),
        nameIn(people),
        toldWords(entriesInForce(view.entries)),
      ),
      ...(shop.taxNumber
        ? [{ text: printable(say('tax_number', { number: shop.taxNumber })), fontSize: 9, color: SECOND }]
        : []),
      {
        columns: [
          {
            stack: [
              { text: printable(draft.to.name), bold: true },
              ...(draft.to.contact ? [{ text: printable(draft.to.contact) }] : []),
              ...(draft.to.taxNumber ? [{ text: printable(say('tax_number', { number: draft.to.taxNumber })) }] : []),
            ],
          },
          {
            stack: [
              right(printable(view.machine.name)),
              right(say('job', { tag: `T ${view.number}` }), { color: SECOND }),
              ...(credit
                ? []
                : [
                    right(
                      draft.payDays
                        ? say('pay_by', { day: day(given.add(draft.payDays, 'day').toDate()) })
                        : say('pay_at_once'),
                      { color: SECOND },
                    ),
                  ]),
            ],
          },
        ],
        margin: [0, 6, 0, 8],
      },
      ...(credit
        ? [
            {
              text: printable(say('takes_back', { number: bill.answersNumber ?? '', why: bill.why ?? '' })),
              bold: true,
            },
          ]
        : []),
      {
        table: {
          headerRows: 1,
          widths: ['*', 44, 90],
          body: [
            [
              { text: say('what'), color: SECOND, fontSize: 9 },
              right(taxed ? say('tax') : '', { color: SECOND, fontSize: 9 }),
              right(say('without_tax'), { color: SECOND, fontSize: 9 }),
            ],
            ...rows,
          ],
        },
        layout: TABLE_LAYOUT,
        margin: [0, 6, 0, 0],
      },
      {
        table: {
          widths: ['*', 110],
          body: [
            ...(off ? [[say('discount'), right(cash(-off))]] : []),
            [say('net'), right(cash(sum.netMinor))],
            ...sum.taxes.map(t => [
              say('tax_of', { pct: figures(t.pct), sum: cash(t.baseMinor) }),
              right(cash(t.taxMinor)),
            ]),
            ...(sum.roundingMinor ? [[say('rounding'), right(cash(sum.roundingMinor))]] : []),
            [
              { text: say(credit ? 'credited' : 'total'), bold: true, fontSize: 12 },
              right(cash(sum.totalMinor), { bold: true, fontSize: 12 }),
            ],
          ],
        },
        layout: TABLE_LAYOUT,
        margin: [0, 12, 0, 6],
      },
      ...(draft.tax === 'charged' ? [] : [{ text: printable(`${say(draft.tax)} ${draft.taxWhy ?? ''}`) }]),
      ...(draft.words && !credit ? [{ text: printable(draft.words), margin: [0, 6, 0, 0] }] : []),
      ...(credit || !paid.length
        ? []
        : [
            heading(say('paid')),
            {
              table: {
                widths: ['*', 110],
                body: [
                  ...paid.map(p => [
                    printable(
                      `${day(p.at)}, ${say(`by_${p.paidBy}`)}${p.minor < 0 ? `, ${say('paid_back')}` : ''}${p.note ? `: ${p.note}` : ''}`,
                    ),
                    right(cash(p.minor)),
                  ]),
                  [{ text: say('due'), bold: true }, right(cash(dueMinor), { bold: true })],
                ],
              },
              layout: TABLE_LAYOUT,
            },
          ]),
      rule(),
      {
        text: say('given', { day: dayTime(bill.givenAt) }),
        fontSize: 8,
        color: SECOND,
      },
    ],
  }
}

/** A day's takings, as a spreadsheet reads them. */
export function takingsCsv({ day, currency, lines }: Takings): string {
  const data = lines.map(l => [
    day,
    dayjs(l.at).format('HH:mm'),
    `T ${l.number}`,
    l.machine,
    l.owner,
    PAID_BY[l.paidBy],
    toMajor(l.minor, currency),
    currency,
    l.note ?? '',
  ])
  const fields = ['day', 'time', 'job', 'machine', 'owner', 'paid_by', 'amount', 'currency', 'note']
  return `${Papa.unparse({ fields, data }, { escapeFormulae: true })}\r\n`
}
