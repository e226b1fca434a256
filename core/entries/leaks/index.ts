import type { Room } from '../room'
import { judgeLeaks } from './judge'

const FUEL_SITES = ['carburettor', 'tank'] as const

export const room: Room<'leaks'> = {
  name: 'leaks',
  stage: 'first_look',
  finding: true,
  judge: judgeLeaks,
  facts: ({ body }) =>
    FUEL_SITES.flatMap(site =>
      body.sites
        .filter(s => s.site === site)
        .map(s => ({
          subject: site,
          property: 'tight',
          mark: s.state === 'dry' ? ('good' as const) : s.state === 'residue' ? ('near' as const) : ('past' as const),
          whose: 'looked' as const,
          value: `${site} ${s.state}`,
        })),
    ),
  hazards: ({ body }) =>
    FUEL_SITES.flatMap(site =>
      body.sites
        .filter(s => s.site === site && s.state === 'wet')
        .map(() => ({ hazard: 'fuel_leak', subject: site, why: `Fuel runs from the ${site}.` })),
    ),
}
