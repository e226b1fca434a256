import type { Room } from '../room'
import { FIT_ITEMS } from '../../words/deciding'
import { FIT_KEYS, fitState, judgeFit } from './judge'

const FITS = { fits: 'good', adapt: 'near', no: 'past', not_checked: 'open' } as const

export const room: Room<'fit_check'> = {
  name: 'fit',
  stage: null,
  finding: true,
  judge: judgeFit,
  facts: ({ body }) =>
    FIT_KEYS.map(key => ({
      subject: `fit:${key}`,
      property: 'fits',
      mark: FITS[fitState(body, key)],
      whose: 'looked' as const,
      value: FIT_ITEMS[key].toLowerCase(),
    })),
}
