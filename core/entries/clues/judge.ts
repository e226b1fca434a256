import type { Judgement, Mark } from '../../judgement'
import { EARLIER_HANDS, OUTSIDE_CLUES } from '../../words/counter'
import type { Logged } from '../../log/entry'
import type { CluesBody } from './schema'

const CLUE_SAYS: Record<keyof typeof OUTSIDE_CLUES, string> = {
  blow_shaft: 'A blow to blade or shaft: think of a sheared key, a bent crank, a cracked case.',
  bent_guard: 'Bent guard: it fell or hit something.',
  fresh_grass: 'Fresh dirt: it ran lately, whatever is said.',
  worn_tread: 'Tread worn out: more use than the meter says.',
  rust: 'Rust: it stood wet. Expect a stuck ring or valve.',
  loose_bolts: 'Loose bolts: something shook or somebody was in there.',
  stale_fuel: 'Stale fuel: drain it before anything else is judged.',
  burnt_paint: 'Burnt paint: it ran hot or lean.',
  blocked_fins: 'Blocked fins: it ran hot.',
  cracked_case: 'Cracked case: price it before it is opened further.',
}

const HAND_SAYS: Record<keyof typeof EARLIER_HANDS, string> = {
  sealant: 'Sealant squeezed out also squeezes inward: look for strings in strainer and jets.',
  tool_marks: 'Tool marks: somebody was in there.',
  new_plug: 'A new plug hides what the old one showed.',
  mixed_bolts: 'Mixed bolts: check their length before one goes through a casting.',
  new_parts: 'Parts already swapped are evidence, not progress.',
  wires_changed: 'Wires changed: earth and stop wire first.',
}

/** What is seen from outside, and signs of earlier hands. */
export function judgeClues(entry: Logged<CluesBody>): Judgement {
  const { outside, hands } = entry.body
  const words = [...outside.map(k => OUTSIDE_CLUES[k]), ...hands.map(k => EARLIER_HANDS[k])].map(w => w.toLowerCase())
  const mark: Mark = outside.includes('cracked_case') ? 'past' : words.length ? 'near' : 'good'
  return {
    entryId: entry.id,
    mark,
    headline: words.length
      ? `Outside: ${words.slice(0, 3).join(', ')}${words.length > 3 ? ` and ${words.length - 3} more` : ''}`
      : 'Nothing to see from outside',
    details: [...outside.map(k => CLUE_SAYS[k]), ...hands.map(k => HAND_SAYS[k])],
  }
}
