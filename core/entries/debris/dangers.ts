import type { FactDraft, HazardStart } from '../../log/facts'
import { AMOUNT_WORDS, DEBRIS_PLACES, MATERIAL_WORDS } from '../../words/looks'
import type { DebrisJudgement } from './judge'
import type { DebrisBody } from './schema'

/** What never is running in, however new the engine is. */
const HARD: readonly string[] = ['bearing_flake', 'babbitt', 'iron_chips']
/** Dirt that blocks what is behind it. */
const BLOCKS: readonly string[] = ['sealant', 'friction_fibre', 'grit', 'plastic', 'lint', 'fibre', 'glue']
/** One trace is looked at again at the same place; more than that is a find. */
const more = (amount: string): boolean => amount !== 'none' && amount !== 'trace'

const subjectOf = (body: DebrisBody): string => (body.place === 'jet' ? 'jet' : `sample:${body.place}`)

/** A sample speaks of its own place and of no other. */
export function debrisFacts(body: DebrisBody, judged: DebrisJudgement): FactDraft[] {
  const found = body.items.some(i => i.amount !== 'none')
  const mark = judged.mark
  const facts: FactDraft[] = [
    { subject: `sample:${body.place}`, property: 'debris', mark, whose: 'shop', value: judged.headline },
  ]
  if (body.place === 'jet')
    facts.push(
      { subject: 'jet', property: 'clear', mark: found ? 'past' : 'good', whose: 'looked', value: judged.headline },
      { subject: 'oilway', property: 'clear', mark: found ? 'past' : 'good', whose: 'looked', value: judged.headline },
    )
  return facts
}

/** The same in a sound sister clears a sample; the same in an unused part of the batch convicts the batch and clears nothing. */
const cleared = (body: DebrisBody): boolean => body.control === 'same' && body.controlOf !== 'unused_part'

/** Traces of what never is fine are looked at again, and block nothing. */
const onlyTraces = (found: DebrisBody['items']): boolean =>
  found.some(i => HARD.includes(i.material)) && !found.some(i => more(i.amount))

export function debrisHazards(body: DebrisBody, judged: DebrisJudgement, pumped: boolean): HazardStart[] {
  const found = body.items.filter(i => i.amount !== 'none')
  if (!found.length) return []
  const words = `${DEBRIS_PLACES[body.place]}: ${found.map(i => `${MATERIAL_WORDS[i.material].toLowerCase()} (${AMOUNT_WORDS[i.amount].toLowerCase()})`).join(', ')}.`
  const starts: HazardStart[] = []
  if (body.place === 'jet')
    starts.push({ hazard: 'passage_blocked', subject: subjectOf(body), why: `${words} What it feeds runs dry.` })
  if (body.place === 'filter_clean' && found.some(i => BLOCKS.includes(i.material)))
    starts.push({
      hazard: 'debris_clean_side',
      subject: `sample:${body.place}`,
      why: `${words} On the clean side it can reach a jet.`,
    })
  if (cleared(body)) return starts
  if (found.some(i => HARD.includes(i.material) && more(i.amount)))
    starts.push({
      hazard: 'debris_hard',
      subject: `sample:${body.place}`,
      why: `${words} What shed it is still in there.`,
    })
  else if ((judged.state === 'stop' || judged.state === 'investigate') && !onlyTraces(found))
    starts.push({ hazard: 'debris', subject: `sample:${body.place}`, why: `${words} What shed it is still in there.` })
  // what was pumped round lies in the passages too
  if (pumped && starts.some(s => s.hazard === 'debris_hard' || s.hazard === 'debris'))
    starts.push({ hazard: 'passages_unseen', subject: 'oilway', why: `${words} It went round with the oil.` })
  return starts
}
