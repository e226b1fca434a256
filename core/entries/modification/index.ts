import type { Room } from '../room'
import { DANGEROUS_MODIFICATIONS, MODIFICATIONS } from '../../words/counter'
import { judgeModification } from './judge'

export const room: Room<'modification'> = {
  name: 'modification',
  stage: 'book_in',
  all: true,
  judge: judgeModification,
  deeds: ({ body }) => (body.state === 'put_right' ? [{ did: 'repaired', subject: `mod:${body.what}` }] : []),
  hazards: ({ body }) => {
    if (body.state === 'put_right') return []
    const { label, risk } = MODIFICATIONS[body.what]
    if (body.what === 'oil_tap') return [{ hazard: 'oil_tap', subject: 'mod:oil_tap', why: `${label}. ${risk}` }]
    return DANGEROUS_MODIFICATIONS.includes(body.what)
      ? [{ hazard: 'safety_device', subject: `mod:${body.what}`, why: `${label}. ${risk}` }]
      : []
  },
}
