import type { HazardStart } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { EventBody } from './schema'

const EVENT_HAZARD: Partial<Record<Logged<EventBody>['body']['what'], [hazard: string, subject: string, why: string]>> =
  {
    ran_low: ['ran_short', 'cylinder', 'It ran short of oil, and bore and big end are not looked at.'],
    ran_dry: ['ran_short', 'cylinder', 'It ran dry, and bore and big end are not looked at.'],
    hit: ['hit', 'crank', 'It hit something hard: key, crank and blade mount may be gone.'],
    submerged: ['oil_milky', 'oil', 'It was under water: there is water in it.'],
    ran_away: ['ran_away', 'engine', 'It revved away by itself: an air leak or a governor, and it may again.'],
    wrong_fluid: ['wrong_fluid', 'oil', 'A wrong fluid went into it.'],
  }

/** What happened to it is told until somebody saw it: it is asked after and looked at first, and blocks nothing by itself. */
export function eventHazards({ body, how }: Logged<EventBody>): HazardStart[] {
  const known = EVENT_HAZARD[body.what]
  if (!known) return []
  const [hazard, subject, why] = known
  return [{ hazard, subject, why, told: how === null || how === 'claimed' || how === 'estimated' }]
}
