import { owedNow } from '../condition/owed'
import type { JobFile } from '../entries/file'
import { keptOf } from '../entries/kept'
import { entriesInForce } from '../log/entry'
import { newestDay, watchWords, watchesOf } from '../condition/watches'
import type { PaperWord } from '../words/paperWords'
import { PAPER_WORDS } from '../words/paperWords'
import { careText } from './careText'

export interface CareSection {
  key: PaperWord
  title: string
  lines: string[]
}

/** What the owner takes home, on paper or as a page: how to check and fill this machine, what is still owed, what was put off. */
export function careSections(file: JobFile): CareSection[] {
  const inForce = entriesInForce(file.entries)
  const kept = keptOf(inForce)
  const said = kept.hand_back.at(-1)?.body.words
  return [
    { key: 'care_oil' as const, lines: careText(file) },
    { key: 'care_back' as const, lines: said ? [said] : [] },
    {
      key: 'care_again' as const,
      lines: watchesOf(file, inForce, newestDay(inForce)).map(w => watchWords(w)),
    },
    { key: 'care_owed' as const, lines: owedNow(inForce, file.policy).map(o => o.text) },
    { key: 'care_refused' as const, lines: kept.refused.map(e => `${e.body.what}: ${e.body.risk}`) },
  ]
    .filter(s => s.lines.length)
    .map(s => ({ ...s, title: PAPER_WORDS[s.key] }))
}

export const CARE_CAUTION = PAPER_WORDS.care_caution
