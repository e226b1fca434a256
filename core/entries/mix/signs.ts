import type { SignDraft } from '../../log/facts'
import type { JobFile } from '../file'
import { judgeMix } from './judge'
import type { Logged } from '../../log/entry'
import type { MixBody } from './schema'

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<MixBody>, file: JobFile): SignDraft[] {
  const { tooLean, tooRich } = judgeMix(entry, file)
  return [
    ['can_lean', tooLean],
    ['can_rich', tooRich],
  ]
}
