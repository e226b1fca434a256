import type { SignDraft } from '../../log/facts'
import type { Entry } from '../types'
import type { JobFile } from '../file'
import type { ClaimBody } from './schema'
import { checkedAs } from '../claim_check/checked'
import type { Logged } from '../../log/entry'

/** Answers at the counter: which sign they are about, and which of them mean that it is there. */
const TOLD = new Map<string, { sign: string; yes: RegExp }>(
  Object.entries({
    tipped: { sign: 'was_tipped', yes: /down|yes|van|side/ },
    hit: { sign: 'was_hit', yes: /yes|stump|stone|kerb/ },
    ran_low: { sign: 'ran_low', yes: /yes/ },
    stood: { sign: 'stood_long', yes: /winter|year|month/ },
    since_repair: { sign: 'was_serviced', yes: /once|later|yes|hours/ },
    sound: { sign: 'bang_heard', yes: /bang/ },
    hot_cold: { sign: 'hot_only', yes: /hot only/ },
    topped: { sign: 'was_topped', yes: /just|too much|whole/ },
  }),
)

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<ClaimBody>, _file: JobFile, inForce: Entry[]): SignDraft[] {
  return told(entry.body, checkedAs(entry.id, inForce))
}

function told({ topic, text }: ClaimBody, checked: string | undefined): SignDraft[] {
  const known = topic ? TOLD.get(topic) : undefined
  const answer = text
    .slice(text.indexOf(':') + 1)
    .trim()
    .toLowerCase()
  if (!known || !answer || answer.includes('know')) return []
  const there = known.yes.test(answer)
  return [[known.sign, checked === 'contradicted' ? !there : there]]
}
