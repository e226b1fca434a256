import type { Room } from '../room'

export const room: Room<'quote_sent'> = {
  name: 'quote',
  stage: null,
}
