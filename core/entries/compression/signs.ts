import type { SignDraft } from '../../log/facts'
import { convert } from '../../units/unitConvert'
import type { Entry } from '../types'
import type { JobFile } from '../file'
import { keptOf } from '../kept'
import { compressionBand } from '../../spec/rulesOfThumb'
import type { CompressionJudgement } from './judge'
import { judgeCompression } from './judge'
import type { Logged } from '../../log/entry'
import type { CompressionBody } from './schema'

/** Whatever a release does, a cylinder under this share of its neighbour is the weak one. Rule of thumb. */
const UNDER_NEIGHBOUR = 0.5
/** And one under this share of its class's figure holds next to nothing, release or not. Shop judgement. */
const NEXT_TO_NOTHING = 0.2

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<CompressionBody>, file: JobFile, inForce: Entry[]): SignDraft[] {
  const judged = judgeCompression(entry, file, inForce)
  if (judged.status === 'by_feel') return byFeel(entry.body)
  if (judged.status === 'not_comparable') return released(entry, judged, file, inForce)
  const none = judged.status === 'no_compression'
  return [
    ['comp_none', none],
    ['comp_low', !none && (judged.mark === 'near' || judged.mark === 'past'), ...byThumb(judged.mark)],
    ...wet(judged, file),
  ]
}

/** Only a maker's or the shop's figure is past: a rule of thumb makes it doubtful. */
const byThumb = (mark: CompressionJudgement['mark']): ['thumb'] | [] => (mark === 'near' ? ['thumb'] : [])

/** By feel only none, and that it kicks, can be trusted; weak is the weak bump of turning it by hand. */
function byFeel({ feel }: CompressionBody): SignDraft[] {
  if (feel === 'kicks') return [['kicks_back', true]]
  if (feel === 'weak') return [['turns_weak', true]]
  return feel === 'normal' ? [['turns_weak', false]] : []
}

/** Read with a release at work it can't be held against a limit, and yet says what it is beside its neighbour, and whether oil seals it. */
function released(
  entry: Logged<CompressionBody>,
  judged: CompressionJudgement,
  file: JobFile,
  inForce: Entry[],
): SignDraft[] {
  const kpa = (q: { value: number; unit: string } | null): number => (q ? convert(q.value, q.unit, 'kPa') : 0)
  const dry = kpa(entry.body.dry)
  const best = Math.max(
    0,
    ...keptOf(inForce)
      .compression.filter(e => e.body.ofCylinder !== entry.body.ofCylinder && e.body.release === entry.body.release)
      .map(e => kpa(e.body.dry)),
  )
  const low = dry < UNDER_NEIGHBOUR * best || dry < NEXT_TO_NOTHING * compressionBand(file.facts).look
  return [
    ['comp_none', false],
    ...(low ? [['comp_low', true] satisfies SignDraft] : []),
    // an open release lets oil change little: only a rise tells
    ...wet(judged, file).filter(([sign, there]) => sign === 'wet_rises' && there),
  ]
}

/** Dry against wet. A two-stroke is not read by it: its oil seals ports and rings alike. */
function wet({ pair }: CompressionJudgement, { facts }: JobFile): SignDraft[] {
  if (facts.cycle === 'two') return []
  if (pair === 'rings' || pair === 'both')
    return [
      ['wet_rises', true],
      ['wet_same', pair === 'both'],
    ]
  if (pair === 'top_end')
    return [
      ['wet_rises', false],
      ['wet_same', true],
    ]
  return pair === 'no_fault_shown'
    ? [
        ['wet_rises', false],
        ['wet_same', false],
      ]
    : []
}
