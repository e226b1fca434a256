import { keptOf } from '../kept'
import type { Room } from '../room'

export const room: Room<'outwork'> = {
  name: 'outwork',
  right: 'order',
  stage: null,
  // the bore is cut to the piston, and the piston that is bought to a bore may never come
  refuse({ body }, { inForce }) {
    if (body.kind !== 'bore' || body.sentOn === null || body.returnedOn !== null) return null
    const measured = keptOf(inForce).bore.some(e => e.body.pistonInHand)
    const here = keptOf(inForce).order.some(e => e.body.state === 'arrived' && /piston/i.test(e.body.what))
    return measured || here
      ? null
      : {
          message:
            'Boring is not sent out without the piston: have it here and measure it first. The size to cut is the piston and its clearance.',
          field: 'body.kind',
          hint: 'Log the bore with the new piston in hand, or its order as here.',
        }
  },
}
