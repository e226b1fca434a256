import { owedNow } from '../condition/owed'
import type { JobFile } from '../entries/file'
import { keptOf } from '../entries/kept'
import { entriesInForce } from '../log/entry'
import { newestDay, watchWords, watchesOf } from '../condition/watches'
import { careText } from './careText'

export interface CareSection {
  title: string
  lines: string[]
}

/** What the owner takes home, on paper or as a page: how to check and fill this machine, what is still owed, what was put off. */
export function careSections(file: JobFile): CareSection[] {
  const inForce = entriesInForce(file.entries)
  const kept = keptOf(inForce)
  const said = kept.hand_back.at(-1)?.body.words
  return [
    { title: 'Oil and fuel', lines: careText(file) },
    { title: 'When back, what to look at first', lines: said ? [said] : [] },
    {
      title: 'To be looked at again',
      lines: watchesOf(file, inForce, newestDay(inForce)).map(w => watchWords(w)),
    },
    { title: 'Still owed', lines: owedNow(inForce, file.policy).map(o => o.text) },
    { title: 'Put off, and what it risks', lines: kept.refused.map(e => `${e.body.what}: ${e.body.risk}`) },
  ].filter(s => s.lines.length)
}

export const CARE_CAUTION =
  "A knock, smoke, a rising oil level or a smell of fuel: stop it and ring us. Follow the machine's own book and your local rules."
