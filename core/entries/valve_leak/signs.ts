import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import { judgeValveLeak } from './judge'
import type { ValveLeakBody } from './schema'

/** A seat that drips or streams leaks; one that stays dry or only damp does not. */
export const signs = (entry: Logged<ValveLeakBody>): SignDraft[] => {
  const { mark } = judgeValveLeak(entry)
  return [mark === 'near' ? ['seat_drips', true, 'thumb'] : ['seat_drips', mark === 'past']]
}
