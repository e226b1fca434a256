import type { Room } from '../room'

export const room: Room<'sign_off'> = {
  name: 'signature',
  stage: 'narrow_down',
  // some stops nobody may take on
  refuse({ body }, { stops }) {
    const stop = stops.find(s => s.id === body.stopId)
    if (!stop) return { message: 'That stop is not there any more.' }
    return stop.canSign ? null : { message: `“${stop.title}” can't be signed off. It ends only so: ${stop.clearedBy}` }
  },
}
