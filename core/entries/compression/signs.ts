import type { SignDraft } from '../../log/facts'
import type { Entry } from '../types'
import type { JobFile } from '../file'
import { judgeCompression } from './judge'
import type { Logged } from '../../log/entry'
import type { CompressionBody } from './schema'

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<CompressionBody>, file: JobFile, inForce: Entry[]): SignDraft[] {
  return compressionSigns(entry, file, inForce)
}

function compressionSigns(entry: Logged<CompressionBody>, file: JobFile, inForce: Entry[]): SignDraft[] {
  const { status, pair, mark } = judgeCompression(entry, file, inForce)
  if (status === 'not_comparable' || (status === 'by_feel' && mark === 'open')) return []
  const none = status === 'no_compression'
  const drafts: SignDraft[] = [
    ['comp_none', none],
    ['comp_low', !none && (mark === 'near' || mark === 'past')],
  ]
  if (pair === 'rings' || pair === 'both') drafts.push(['wet_rises', true], ['wet_same', pair === 'both'])
  if (pair === 'top_end') drafts.push(['wet_rises', false], ['wet_same', true])
  if (pair === 'no_fault_shown') drafts.push(['wet_rises', false], ['wet_same', false])
  return drafts
}
