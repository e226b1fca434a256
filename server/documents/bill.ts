import dayjs from 'dayjs'
import Papa from 'papaparse'
import { assess } from '#core/assess'
import type { ShopPolicy } from '#core/engine/policy'
import type { GivenBill } from '#core/handover/bill'
import { toldWords } from '#core/handover/handBack'
import { notToRun } from '#core/judgement'
import { entriesInForce } from '#core/log/entry'
import { moneyText, toMajor } from '#core/units/money'
import { PAID_BY, TAX_MODES } from '#core/words/bill'
import type { JobBills, JobView, Person, Takings } from '#shared/types/records'
import { fileOf } from '../db/jobs'
import { nameIn } from './handBack'
import { head, heading, printable, rule, SECOND, standing, TABLE_LAYOUT } from './pdf'

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
  const title = `${credit ? 'Credit note' : 'Invoice'} ${bill.number}`
  const cash = (minor: number): string => moneyText(toMajor(minor, shop.currency), shop.currency, true)
  const given = dayjs(bill.givenAt)
  const taxed = draft.tax === 'charged' && draft.lines.some(l => l.taxPct > 0)
  const rows = draft.lines.map((l, i) => [
    {
      stack: [
        { text: printable(l.text) },
        ...(l.detail ? [{ text: printable(l.detail), fontSize: 8.5, color: SECOND }] : []),
        ...(l.discountPct ? [{ text: `${cash(l.minor)} less ${l.discountPct} %`, fontSize: 8.5, color: SECOND }] : []),
      ],
    },
    right(taxed ? `${l.taxPct} %` : '', { color: SECOND }),
    right(cash(sum.lines[i] ?? 0)),
  ])
  const off = sum.linesMinor - sum.netMinor
  return {
    info: { title, author: printable(shop.shopName) },
    foot: printable(`${shop.shopName || 'Remedium'} · ${title.toLowerCase()} · ${given.format('D MMM YYYY')}`),
    content: [
      ...head(shop.shopName, shop.shopAddress, title, given.format('D MMM YYYY')),
      ...standing(
        stops,
        notToRun(stops).length ? 'Not to be run' : 'Not to be done',
        nameIn(people),
        toldWords(entriesInForce(view.entries)),
      ),
      ...(shop.taxNumber ? [{ text: printable(`Tax number ${shop.taxNumber}`), fontSize: 9, color: SECOND }] : []),
      {
        columns: [
          {
            stack: [
              { text: printable(draft.to.name), bold: true },
              ...(draft.to.contact ? [{ text: printable(draft.to.contact) }] : []),
              ...(draft.to.taxNumber ? [{ text: printable(`Tax number ${draft.to.taxNumber}`) }] : []),
            ],
          },
          {
            stack: [
              right(printable(view.machine.name)),
              right(`Job T ${view.number}`, { color: SECOND }),
              ...(credit
                ? []
                : [
                    right(
                      draft.payDays
                        ? `To be paid by ${given.add(draft.payDays, 'day').format('D MMM YYYY')}`
                        : 'To be paid at once',
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
              text: printable(`Takes back invoice ${bill.answersNumber ?? ''}, all of it: ${bill.why ?? ''}`),
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
              { text: 'What', color: SECOND, fontSize: 9 },
              right(taxed ? 'Tax' : '', { color: SECOND, fontSize: 9 }),
              right('Without tax', { color: SECOND, fontSize: 9 }),
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
            ...(off ? [['Discount in all', right(cash(-off))]] : []),
            ['Net', right(cash(sum.netMinor))],
            ...sum.taxes.map(t => [`Tax ${t.pct} % of ${cash(t.baseMinor)}`, right(cash(t.taxMinor))]),
            ...(sum.roundingMinor ? [['Rounding, least charge', right(cash(sum.roundingMinor))]] : []),
            [
              { text: credit ? 'Credited' : 'Total', bold: true, fontSize: 12 },
              right(cash(sum.totalMinor), { bold: true, fontSize: 12 }),
            ],
          ],
        },
        layout: TABLE_LAYOUT,
        margin: [0, 12, 0, 6],
      },
      ...(draft.tax === 'charged'
        ? []
        : [{ text: printable(`No tax is charged: ${TAX_MODES[draft.tax].toLowerCase()}. ${draft.taxWhy ?? ''}`) }]),
      ...(draft.words && !credit ? [{ text: printable(draft.words), margin: [0, 6, 0, 0] }] : []),
      ...(credit || !paid.length
        ? []
        : [
            heading('Paid'),
            {
              table: {
                widths: ['*', 110],
                body: [
                  ...paid.map(p => [
                    printable(
                      `${dayjs(p.at).format('D MMM YYYY')}, ${PAID_BY[p.paidBy].toLowerCase()}${p.minor < 0 ? ', paid back' : ''}${p.note ? `: ${p.note}` : ''}`,
                    ),
                    right(cash(p.minor)),
                  ]),
                  [{ text: 'Still due for this job', bold: true }, right(cash(dueMinor), { bold: true })],
                ],
              },
              layout: TABLE_LAYOUT,
            },
          ]),
      rule(),
      {
        text: `Given ${given.format('D MMM YYYY, HH:mm')}. Its number and figures do not change; what was wrong is answered by a credit note.`,
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
