import type { FactDraft, HazardStart } from '../../log/facts'
import type { OilState } from '../../oil/oilSeverity'
import { isInside } from '../../oil/oilWords'
import type { OilJudgement } from './judge'
import type { OilBody } from './schema'

/** Level, smell and state of the oil, each a fact of its own: a full engine may hold ruined oil. */
export function levelFacts(body: OilBody, judged: OilJudgement, unsettled: boolean): FactDraft[] {
  const facts: FactDraft[] = []
  const fact = (property: string, mark: FactDraft['mark'], value: string): void => {
    facts.push({ subject: 'oil', property, mark, whose: 'maker', value })
  }
  // what was measured in a can is no level of the stick: it is out
  if (body.reading.by !== 'volume' && !unsettled && (judged.state !== null || body.reading.by === 'dry'))
    fact(
      'level',
      isInside(judged.state) ? 'good' : judged.state === 'low' || judged.state === 'over' ? 'near' : 'past',
      judged.headline,
    )
  if (!body.smell || body.smell === 'not_smelt') fact('smell', 'open', 'not smelt')
  else fact('smell', body.smell === 'plain' ? 'good' : body.smell === 'burnt' ? 'near' : 'past', `smells ${body.smell}`)
  const metal = body.colour === 'silvery' || body.glitter === 'flakes' || body.glitter === 'magnetic'
  if (metal) fact('metal', 'past', 'metal in the oil')
  else if (body.glitter) fact('metal', body.glitter === 'fine' ? 'near' : 'good', `glitter: ${body.glitter}`)
  return facts
}

/** What a level forbids, by whatever door the oil came in. @param told it was added up on marks that are guessed: look first */
export function levelStarts(state: OilState, told = false): HazardStart[] {
  if (state === 'dangerously_low' || state === 'very_low')
    return [
      {
        hazard: 'oil_low',
        subject: 'oil',
        why: 'There is too little oil to carry the big end and the cam.',
        ...(told && { told }),
      },
    ]
  return state === 'dangerously_over'
    ? [
        {
          hazard: 'oil_over',
          subject: 'oil',
          why: 'So much oil can lock the engine or flood the breather, and runs into filter, carburettor and cylinder when it is tipped; a level that rose by itself is fuel until it was smelt.',
          ...(told && { told }),
        },
      ]
    : []
}

export function oilHazards(body: OilBody, judged: OilJudgement, unsettled: boolean): HazardStart[] {
  const starts: HazardStart[] = []
  const start = (hazard: string, why: string): void => {
    starts.push({ hazard, subject: 'oil', why })
  }
  const low = judged.state === 'dangerously_low' || judged.state === 'very_low' || body.reading.by === 'dry'
  // a tank that stood may have run down into its sump: looked at first
  if (low) starts.push(...levelStarts('dangerously_low', unsettled))
  const fuel = body.smell === 'petrol'
  if (fuel)
    start(
      'oil_fuel',
      'There was fuel in the oil. Drain all of it, cure the way that it came, stand it dry, then fill: in that order. Never crank it with the plug in while fuel may lie inside; no sparks near.',
    )
  // a level that was fuel is dealt with by the way back from it
  else if (judged.state === 'dangerously_over') starts.push(...levelStarts(judged.state))
  if (body.colour === 'milky') start('oil_milky', 'Milky: water or coolant in it carries no bearing.')
  if (body.thickness === 'thick' && body.colour === 'black' && !low)
    start('oil_ruined', 'Thick and black: it no longer reaches what it has to carry, however full the stick reads.')
  return starts
}
