import type { Room } from '../room'

export const room: Room<'quote_sent'> = {
  name: 'quote',
  right: 'ask',
  stage: null,
}
