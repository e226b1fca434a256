import type { SignDraft } from '../../log/facts'
import type { EntryOf } from '../types'
import type { JobFile } from '../file'
import { judgeMix } from './judge'

/** What it says of the catalogue's signs. */
export function signs(entry: EntryOf<'mix'>, file: JobFile): SignDraft[] {
  const { tooLean, tooRich } = judgeMix(entry, file)
  return [
    ['can_lean', tooLean],
    ['can_rich', tooRich],
  ]
}
