import { TOP_PCT, fillMarks } from '../../oil/fillMarks'
import type { FillMarks } from '../../oil/fillMarks'
import type { OilAccount, OilMove } from '../../oil/oilAccount'
import { oilAccount } from '../../oil/oilAccount'
import { oilVolume } from '../../oil/fillTable'
import { convert } from '../../units/unitConvert'
import type { JobFile } from '../file'
import type { Entry } from '../types'

/** Above this much of the mark gap a stick says "far over", and no more than that. */
const OFF_SCALE_PCT = 150

const ml = (amount: { value: number; unit: string }): number => convert(amount.value, amount.unit, 'mL')

function readMove(pct: number, { points, source }: FillMarks): OilMove[] {
  // marks that are guessed by the class begin no account
  if (source === 'rule_of_thumb') return []
  const reading = Math.min(TOP_PCT, pct)
  const volumeMl = oilVolume({ points, reading: Math.max(points[0]?.[0] ?? reading, reading), kind: 'level' }).volumeMl
  return [{ did: 'read', ml: volumeMl, atLeast: pct >= OFF_SCALE_PCT }]
}

function movesOf(entry: Entry, marks: FillMarks | undefined): OilMove[] {
  switch (entry.kind) {
    case 'oil': {
      const { reading } = entry.body
      if (reading.by === 'volume') return [{ did: 'emptied', ml: ml(reading.amount) }]
      return reading.by === 'marks' && marks ? readMove(reading.pct, marks) : []
    }
    case 'fluid': {
      const { action, amount, onTop } = entry.body
      if (action === 'drained') return [{ did: 'emptied', ml: ml(amount) }]
      if (action === 'drawn_off') return [{ did: 'drawn_off', ml: ml(amount) }]
      return [{ did: 'poured', ml: ml(amount), onTop: onTop ?? (action === 'owner_poured' ? 'unknown' : 'some') }]
    }
    case 'oil_change':
      return entry.body.amount
        ? [{ did: 'poured', ml: ml(entry.body.amount), onTop: 'empty' }]
        : [{ did: 'poured', ml: 0, onTop: 'unknown' }]
    default:
      return []
  }
}

/**
 * What is in this engine by what came out and went in, up to an entry, that one included.
 * @param upTo id of the entry; one that is not among them: all of the log
 */
export function oilIn(file: JobFile, inForce: Entry[], upTo: string): OilAccount {
  const marks = fillMarks(file.facts, file.spec, file.fill)
  const end = inForce.findIndex(e => e.id === upTo)
  const log = end < 0 ? inForce : inForce.slice(0, end + 1)
  return oilAccount(
    log.flatMap(e => movesOf(e, marks)),
    marks?.capacityMl ?? 0,
  )
}
