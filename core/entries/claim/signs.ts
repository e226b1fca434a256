import type { SignDraft } from '../../log/facts'
import type { Entry } from '../types'
import type { JobFile } from '../file'
import type { ClaimBody } from './schema'
import { DONT_KNOW } from './questions'
import { checkedAs } from '../claim_check/checked'
import type { Logged } from '../../log/entry'

/** One sign, and the answers that mean that it is there; any other clear answer means that it is not. */
interface Asked {
  sign: string
  yes: readonly string[]
}
/** One answer for each of several signs, which may all be there; and those that mean that none of them is. */
interface Several {
  each: Record<string, string>
  none: readonly string[]
}
/** Answers of guided questions: which sign they are about, and which of those offered mean that it is there. */
const CHOSEN = new Map<string, Asked | Several>(
  Object.entries<Asked | Several>({
    tipped: { sign: 'was_tipped', yes: ['carburettor side down', 'exhaust side down', 'tail down'] },
    hit: { sign: 'was_hit', yes: ['yes, a stump or stone', 'yes, a kerb'] },
    ran_low: { sign: 'ran_low', yes: ['yes, filled it and went on'] },
    stood: { sign: 'stood_long', yes: ['over the winter', 'a year or more'] },
    since_repair: { sign: 'was_serviced', yes: ['at once', 'some hours later'] },
    sound: { sign: 'bang_heard', yes: ['a bang, then nothing'] },
    hot_cold: { sign: 'hot_only', yes: ['hot only'] },
    kicks: { sign: 'kicks_back', yes: ['yes'] },
    just_topped: { sign: 'was_topped', yes: ['yes'] },
    came_on: {
      each: { 'stopped dead while running': 'stopped_dead', 'weaker over months': 'slow_loss' },
      none: ['from one day to the next'],
    },
    runs_how: {
      each: {
        'surges up and down': 'surges',
        'shakes more than it did': 'vibrates',
        'stops in wet grass or rain': 'cuts_out_wet',
      },
      none: ['evenly'],
    },
  }),
)

/** Answers of claims from before they were chosen: read out of their words, as they always were. */
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

/** The signs of an answer as it was given, whoever checked it since. */
export const answered = (body: ClaimBody): SignDraft[] => told(body, undefined)

function told({ topic, text, answer: chosen }: ClaimBody, checked: string | undefined): SignDraft[] {
  if (chosen !== undefined) {
    if (!topic || chosen === null || chosen === DONT_KNOW) return []
    const asked = CHOSEN.get(topic)
    const wrong = checked === 'contradicted'
    if (!asked) return []
    if ('sign' in asked) return [[asked.sign, asked.yes.includes(chosen) !== wrong]]
    const sign = asked.each[chosen]
    if (sign) return [[sign, !wrong]]
    // that there is nothing of it, contradicted, does not say what there is
    return asked.none.includes(chosen) && !wrong ? Object.values(asked.each).map((s): SignDraft => [s, false]) : []
  }
  const known = topic ? TOLD.get(topic) : undefined
  const answer = text
    .slice(text.indexOf(':') + 1)
    .trim()
    .toLowerCase()
  if (!known || !answer || answer.includes('know')) return []
  const there = known.yes.test(answer)
  return [[known.sign, checked === 'contradicted' ? !there : there]]
}
