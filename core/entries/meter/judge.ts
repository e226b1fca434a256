import type { Judgement } from '../../judgement'
import type { Logged } from '../../log/entry'
import { entriesBefore } from '../../log/entry'
import { METER_SOURCES } from '../../words/counter'
import type { JobFile } from '../file'
import { keptOf } from '../kept'
import type { Entry } from '../types'
import { countsBack, meterThatCounts } from './runningTime'
import type { MeterBody } from './schema'

const said = ({ reading, unit }: MeterBody): string => `${(reading ?? 0).toLocaleString('en-GB')} ${unit}`

/** A running time beside what was read before: one that counts back is said, and one that is only told takes no reading's place. */
export function judgeMeter(entry: Logged<MeterBody>, file: JobFile, inForce: Entry[]): Judgement {
  const { body } = entry
  const before = [
    ...file.history.flatMap(v => keptOf(v.entries).meter),
    ...entriesBefore(keptOf(inForce).meter, entry.id),
  ]
  const read = meterThatCounts(before)
  const done = (mark: Judgement['mark'], details: string[]): Judgement => ({
    entryId: entry.id,
    mark,
    headline:
      body.reading === null
        ? 'Running time: nobody knows'
        : `Running time ${said(body)}, ${METER_SOURCES[body.source]}`,
    details,
  })
  if (body.reading === null) return done('open', [])
  if (countsBack(read, entry) && read)
    return done('near', [
      `It counts back: ${said(read.body)} was read before. The meter was changed, or one of the two was misread; no trend is drawn over it.`,
    ])
  if (body.source !== 'measured' && read?.body.source === 'measured')
    return done('open', [
      `${said(read.body)} was read before: that stays the machine's figure, and this one beside it, ${METER_SOURCES[body.source]}.`,
    ])
  return done(body.source === 'measured' ? 'good' : 'open', [])
}
