import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { JobFile } from '../file'
import type { Entry } from '../types'
import { judgeFluid } from './judge'
import type { FluidBody } from './schema'

/** What the owner poured in is heard before anybody read it; what was done here is no sign of a fault. */
export function signs(entry: Logged<FluidBody>, file: JobFile, inForce: Entry[]): SignDraft[] {
  if (entry.body.action !== 'owner_poured') return []
  const { state } = judgeFluid(entry, file, inForce)
  return state === null ? [] : [['oil_high', state === 'over' || state === 'dangerously_over']]
}
