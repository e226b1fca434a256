import type { SignDraft } from '../../log/facts'
import type { JobFile } from '../file'
import { judgeMix } from './judge'
import type { Logged } from '../../log/entry'
import type { MixBody } from './schema'

/** A can with less of its oil than this explains a seizure; a few per cent too lean is put right, and explains nothing. Shop judgement. */
const LEAN = 0.85

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<MixBody>, file: JobFile): SignDraft[] {
  const { tooLean, tooRich, ratio } = judgeMix(entry, file)
  const little = tooLean && ratio !== null && entry.body.makerRatio / ratio >= LEAN
  return [...(little ? [] : ([['can_lean', tooLean]] satisfies SignDraft[])), ['can_rich', tooRich]]
}
