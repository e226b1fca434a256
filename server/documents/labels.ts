import dayjs from 'dayjs'
import { notToRun } from '#core/judgement'
import type { Stop } from '#core/judgement'
import { entriesInForce } from '#core/log/entry'
import { keptOf } from '#core/entries/kept'
import type { ShopPolicy } from '#core/engine/policy'
import { FUEL_WORDS } from '#core/words/looks'
import { SHELF_GRADES } from '#core/words/deciding'
import { FUEL_DAYS } from '#core/mix/fuelAge'
import type { FuelType } from '#core/mix/fuelAge'
import { mixForTotal } from '#core/mix/mixMake'
import { ratioText } from '#core/mix/mixPlan'
import { quantityText } from '#core/units/unitRound'
import type { JobView, ShelfItem } from '#shared/types/records'
import { printable, SECOND } from './pdf'
import { writingFor } from './writing'

export interface MixLabel {
  ratio: number
  totalMl: number
  made: string
  by: string
  fuel: FuelType
}

/** What goes on a can of mix: ratio, amounts, date, and until when it may be used. */
export function mixLabel({ ratio, totalMl, made, by, fuel }: MixLabel, policy: ShopPolicy): unknown[] {
  const { oilMl, fuelMl } = mixForTotal({ totalMl, ratio })
  const [, last] = FUEL_DAYS[fuel].plain
  const { day, figures } = writingFor(policy)
  return [
    { text: 'TWO-STROKE MIX', fontSize: 9, bold: true, color: SECOND },
    { text: ratioText(ratio), fontSize: 34, bold: true, lineHeight: 1 },
    { text: figures(`${quantityText(fuelMl / 1000, 'L')} fuel, ${quantityText(oilMl, 'mL')} oil`), fontSize: 12 },
    {
      text: `${FUEL_WORDS[fuel]} · made ${day(made)}${by ? ` by ${printable(by)}` : ''}`,
      fontSize: 9,
    },
    {
      text: `Not after ${day(dayjs(made).add(last, 'day').toDate())} (rule of thumb). Shake before use.`,
      fontSize: 9,
      bold: true,
    },
    {
      text: `Highly flammable. No flame, no sparks, away from children.${policy.shopName ? ` ${printable(policy.shopName)}` : ''}`,
      fontSize: 8,
      color: SECOND,
      margin: [0, 3, 0, 0],
    },
  ]
}

/** The tag that hangs on the machine: what must not be done first, then number, owner, complaint, and a square that opens the job. */
export function jobTag(
  { number, machine, customer, createdAt, entries }: JobView,
  policy: ShopPolicy,
  url: string,
  stops: Stop[] = [],
): unknown[] {
  const inForce = entriesInForce(entries)
  const words = keptOf(inForce).complaint.at(-1)?.body.words ?? ''
  const due = keptOf(inForce).terms.at(-1)?.body.deadline
  const { day } = writingFor(policy)
  // one label holds it all: where something must not be done, that has the room of what the owner said
  const held = [...new Set(notToRun(stops).map(s => s.title))].slice(0, 3)
  return [
    ...held.map(title => ({ text: printable(title.toUpperCase()), fontSize: 13, bold: true, lineHeight: 1 })),
    ...(held.length
      ? [{ text: printable(notToRun(stops)[0]?.reason.slice(0, 110) ?? ''), fontSize: 8, margin: [0, 2, 0, 2] }]
      : []),
    {
      columns: [
        {
          width: '*',
          stack: [
            { text: `T ${number}`, fontSize: held.length ? 26 : 36, bold: true, lineHeight: 1 },
            { text: printable(machine.name), fontSize: held.length ? 11 : 13, bold: true },
            { text: printable(customer.name), fontSize: held.length ? 10 : 11 },
            ...(held.length
              ? []
              : [
                  {
                    text: printable(words.length > 90 ? `‘${words.slice(0, 88)}…’` : words ? `‘${words}’` : ''),
                    fontSize: 9,
                    margin: [0, 3, 0, 0],
                  },
                ]),
            {
              text: `In ${day(createdAt)}${due ? ` · wanted ${day(due)}` : ''}`,
              fontSize: 9,
              color: SECOND,
              margin: [0, 3, 0, 0],
            },
            { text: printable(policy.shopName), fontSize: 8, color: SECOND },
          ],
        },
        held.length
          ? { width: 74, qr: url, fit: 74, eccLevel: 'M', alignment: 'right' }
          : { width: 96, qr: url, fit: 96, eccLevel: 'M', alignment: 'right' },
      ],
      columnGap: 10,
    },
  ]
}

/** The label on a part of the shelf; its square opens it on the shelf's page. */
export function shelfLabel(
  { number, name, grade, tested, measured, place, fromNumber, quarantine }: ShelfItem,
  url: string,
): unknown[] {
  return [
    {
      columns: [
        {
          width: '*',
          stack: [
            { text: `S ${number}`, fontSize: 30, bold: true, lineHeight: 1 },
            { text: printable(name), fontSize: 13, bold: true },
            { text: printable(`${SHELF_GRADES[grade]}${tested ? `, tested: ${tested}` : ''}`), fontSize: 10 },
            { text: printable(measured ?? 'UNMEASURED'), fontSize: 11, bold: true },
            { text: printable(`${place}${fromNumber ? `, out of T ${fromNumber}` : ''}`), fontSize: 9, color: SECOND },
            ...(quarantine ? [{ text: printable(`QUARANTINE: ${quarantine}`), fontSize: 10, bold: true }] : []),
          ],
        },
        { width: 96, qr: url, fit: 96, eccLevel: 'M', alignment: 'right' },
      ],
      columnGap: 10,
    },
  ]
}
