import Papa from 'papaparse'
import { assess } from '#core/assess'
import { invoiceOf } from '#core/handover/invoice'
import type { InvoiceLine } from '#core/handover/invoice'
import { toMajor } from '#core/units/money'
import { entriesInForce } from '#core/log/entry'
import { keptOf } from '#core/entries/kept'
import type { ShopPolicy } from '#core/engine/policy'
import { HOUR_LINES } from '#core/words/deciding'
import { notToRun } from '#core/judgement'
import { toldWords } from '#core/handover/handBack'
import { careSections } from '#core/handover/careSections'
import type { JobView, Person } from '#shared/types/records'
import { fileOf } from '../db/jobs'
import { head, heading, printable, rule, SECOND, standing, TABLE_LAYOUT } from './pdf'
import { writingFor } from './writing'

export const nameIn =
  (people: Person[]) =>
  (id: string): string =>
    people.find(p => p.id === id)?.name ?? '?'

/** What a job came to so far, for the bench and the owner to look at: each stretch of time, each part, what was agreed beside. No bill: those have a number. */
export function invoicePaper(view: JobView, policy: ShopPolicy, people: Person[], printedAt: Date) {
  const { stops } = assess(fileOf(view, policy))
  const inForce = entriesInForce(view.entries)
  const bill = invoiceOf(inForce, policy)
  const { cash: write, sum, day } = writingFor(policy)
  const cash = (minor: number): string => write(minor, policy.currency)
  const stuck = keptOf(inForce).fasteners.filter(e => e.body.stuck.length)
  return {
    info: { title: `What it came to, T ${view.number}`, author: printable(policy.shopName) },
    foot: printable(`${policy.shopName || 'Remedium'} · what it came to, T ${view.number} · ${day(printedAt)}`),
    content: [
      ...head(policy.shopName, policy.shopAddress, `What it came to, T ${view.number}`, day(printedAt)),
      ...standing(
        stops,
        notToRun(stops).length ? 'Not to be run' : 'Not to be done',
        nameIn(people),
        toldWords(inForce),
      ),
      { text: 'As the log stands; this is no invoice.', color: SECOND },
      { text: printable(view.machine.name), bold: true, fontSize: 13 },
      { text: printable(`${view.customer.name}${view.customer.contact ? `, ${view.customer.contact}` : ''}`) },
      ...block(`Labour, ${cash(policy.labourRateMinor)} an hour`, bill.labour),
      ...block('Parts, outwork and what was bought', bill.parts),
      ...(bill.asAgreed
        ? [
            {
              text: 'Lines marked “as agreed” stand as they were agreed: no other figure for them is on the log.',
              margin: [0, 8, 0, 0],
              color: SECOND,
              fontSize: 9,
            },
          ]
        : []),
      ...(bill.labour.length + bill.parts.length
        ? []
        : [{ text: 'Nothing was put in yet: no time and no part stands on the log.', margin: [0, 10, 0, 0] }]),
      {
        table: {
          widths: ['*', 80],
          body: [
            ['Net', { text: cash(bill.netMinor), alignment: 'right' }],
            ...(policy.taxPct ? [[`Tax ${policy.taxPct} %`, { text: cash(bill.taxMinor), alignment: 'right' }]] : []),
            ...(bill.roundingMinor
              ? [['Rounding, least charge', { text: cash(bill.roundingMinor), alignment: 'right' }]]
              : []),
            [
              { text: 'To pay', bold: true, fontSize: 12 },
              { text: cash(bill.totalMinor), bold: true, fontSize: 12, alignment: 'right' },
            ],
          ],
        },
        layout: TABLE_LAYOUT,
        margin: [0, 12, 0, 6],
      },
      ...(bill.agreed
        ? [
            {
              text: `Agreed: likely ${sum(bill.agreed.likely, policy.currency)}, at most about ${sum(bill.agreed.high, policy.currency)}.`,
              color: SECOND,
            },
          ]
        : []),
      ...(stuck.length
        ? [
            heading('What would not come'),
            ...stuck.map(e => ({
              text: printable(
                `${e.body.cover}: ${e.body.what}${e.body.minutes === null ? '' : `, ${e.body.minutes} min`}${e.body.broke ? `; broke: ${e.body.broke}` : ''}`,
              ),
            })),
          ]
        : []),
    ],
  }
  function block(title: string, lines: InvoiceLine[]): unknown[] {
    return lines.length
      ? [
          heading(title),
          {
            table: {
              widths: ['*', 130, 80],
              body: lines.map(l => [
                printable(l.text),
                { text: printable(l.detail ?? ''), color: SECOND, fontSize: 9 },
                { text: cash(l.minor), alignment: 'right' },
              ]),
            },
            layout: TABLE_LAYOUT,
          },
        ]
      : []
  }
}

/** What the owner takes home: how to check and fill this machine, what is still owed, what was put off. */
export function carePaper(view: JobView, policy: ShopPolicy, people: Person[], printedAt: Date) {
  const inForce = entriesInForce(view.entries)
  const file = fileOf(view, policy)
  const { stops } = assess(file)
  const { say, day, figures } = writingFor(policy, view.customer)
  const title = say('care', { machine: view.machine.name })
  return {
    info: { title: printable(`${title}, T ${view.number}`), author: printable(policy.shopName) },
    foot: printable(`${policy.shopName || 'Remedium'} · T ${view.number} · ${day(printedAt)}`),
    pages: (page: number, pages: number) => say('page', { page, pages }),
    content: [
      ...head(policy.shopName, policy.shopAddress, printable(title), day(printedAt)),
      ...standing(stops, say(notToRun(stops).length ? 'not_to_run' : 'not_to_do'), nameIn(people), toldWords(inForce)),
      ...careSections(file).flatMap(({ key, lines }) => [
        heading(say(key)),
        ...lines.map(text => ({
          text: printable(key === 'care_back' ? text : figures(text)),
          fontSize: 12,
          margin: [0, 0, 0, 4],
        })),
      ]),
      rule(),
      {
        text: say('care_caution'),
        fontSize: 9,
        color: SECOND,
      },
    ],
  }
}

/** The lines of every way, as a spreadsheet reads them. */
export function linesCsv(view: JobView, policy: ShopPolicy): string {
  const rows = keptOf(entriesInForce(view.entries)).option.flatMap(({ body }) =>
    body.lines.map(l => {
      const figure = (x: number): number => (HOUR_LINES.includes(l.type) ? x : toMajor(x, policy.currency))
      return [
        body.name,
        body.way,
        l.type,
        l.text,
        l.why ?? '',
        figure(l.low),
        figure(l.likely),
        figure(l.high),
        HOUR_LINES.includes(l.type) ? 'h' : policy.currency,
        l.chance,
        l.priceKind ?? '',
        l.source ?? '',
        l.pricedOn ?? '',
        l.cures ? 'yes' : '',
      ]
    }),
  )
  return `${Papa.unparse({ fields: ['way', 'kind_of_way', 'type', 'text', 'why', 'low', 'likely', 'high', 'unit', 'chance', 'price_kind', 'source', 'priced_on', 'cures'], data: rows }, { escapeFormulae: true })}\r\n`
}
