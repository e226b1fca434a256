import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { HazardRow } from '#core/condition/hazardRow'
import { HAZARD_ROWS } from '#core/condition/hazardRows'

/** Ways with the same steps in every order are one, in any order. */
function waysOut(row: HazardRow): string {
  const ways = row.ends.map(way => way.map(step => step.words))
  const same = (way: string[]): string => [...way].sort().join()
  return [
    ...new Set(
      ways.map(way => {
        const orders = new Set(ways.filter(w => same(w) === same(way)).map(w => w.join()))
        return orders.size > 2
          ? `${ways.find(w => same(w) === same(way))?.join(', ')}, in any order`
          : way.join(', then ')
      }),
    ),
  ].join('; or ')
}

/** A row of the table as the reasoning prints it. */
const rowText = (key: string, row: HazardRow): string =>
  `| ${key.replaceAll('_', ' ')} | ${row.forbids.join(', ').replace('hand_back', 'hand back')} | ${waysOut(row)} | ${row.signable} |`

describe('the written reasoning', () => {
  it('has every danger as the core has it, and no other', () => {
    const written = readFileSync('docs/how-it-judges.md', 'utf8')
    const rows = Object.entries(HAZARD_ROWS).map(([key, row]) => rowText(key, row))
    for (const row of rows) expect(written).toContain(row)
    const [, table = ''] = written.split('| what stands | must not |')
    expect(
      table
        .split('\n\n')[0]
        ?.split('\n')
        .filter(l => l.startsWith('| ')).length,
    ).toBe(rows.length + 1)
  })
})
