import type { JobFile } from '../file'
import type { Judgement } from '../../judgement'
import { SMOKE_AFTER, SMOKE_COLOURS, SMOKE_MOMENTS } from '../../words/looks'
import type { SmokeBody } from './schema'
import type { Logged } from '../../log/entry'

/** What the smoke says, with the order in which to look. Colour alone settles nothing. */
export function judgeSmoke(entry: Logged<SmokeBody>, file: JobFile): Judgement {
  const { colour, moment, after } = entry.body
  const details = smokeDetails(entry.body, file)
  const said = [
    SMOKE_COLOURS[colour].toLowerCase(),
    moment && SMOKE_MOMENTS[moment].toLowerCase(),
    after && after !== 'nothing' && `after ${SMOKE_AFTER[after].toLowerCase()}`,
  ]
    .filter(Boolean)
    .join(', ')
  return {
    entryId: entry.id,
    mark: colour === 'none' ? 'good' : 'near',
    headline: colour === 'none' ? 'No smoke' : `Smoke: ${said}`,
    details,
  }
}

function smokeDetails({ colour, moment, after, smell, engine, coolant }: SmokeBody, { facts }: JobFile): string[] {
  if (colour === 'none')
    return ['No smoke at this moment says nothing about the next: look at the start and under load.']
  const details: string[] = []
  if (after === 'top_up')
    details.push('After topping up: read the level first. Overfilled, it smokes until the surplus is out.')
  if (after === 'tipped')
    details.push(
      'After tipping: oil has run into the cylinder or filter. Plug out before it is turned, clean the filter; it should clear in some minutes.',
    )
  if (smell === 'sweet') details.push('Sweet: coolant. Look at its level and at the head joint.')
  if (facts.cycle === 'two') {
    details.push(
      colour === 'black'
        ? 'Black on a two-stroke: rich setting or choked filter.'
        : 'On a two-stroke look in this order: too much oil in the mix, rich setting, choked filter, then rings. Smoking and clean by turns: oil line, pump and crank seals.',
    )
    return details
  }
  if (colour === 'black')
    details.push('Black is fuel: choke, filter, float level or injection. Rings are not to blame.')
  else if (colour === 'white')
    details.push(
      'White can mean oil, water or raw fuel: smell it, look at the coolant, and see whether it goes when warm.',
    )
  else
    details.push(
      'Blue or grey is oil. Look in this order: level, smell, tipped, filter and breather, a leak onto the exhaust, head joint, then rings and guides.',
    )
  if (colour === 'white' && coolant && coolant !== 'full')
    details.push(
      'White, and coolant is missing: it goes through the head joint. Don’t run it hot; pressurised coolant scalds.',
    )
  else if (colour === 'white' && engine === 'cold' && smell !== 'sweet')
    details.push('White while cold alone is moisture or raw fuel: look again warm before anything is opened.')
  else if (colour === 'white' && engine === 'warm')
    details.push('White when warm too: oil in the exhaust, coolant, or fuel that does not burn.')
  if (moment === 'overrun') details.push('When the throttle closes: oil drawn past the guides.')
  if (moment === 'idle')
    details.push('After idling long: oil that ran down past the guides, or a rich idle that washes the bore.')
  if (moment === 'load') details.push('Under load: rings and bore come before guides.')
  if (moment === 'start')
    details.push('A puff at the start only: guide seals or oil lying in the cylinder after tipping.')
  return details
}
