import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { Entry } from '../types'
import type { JobFile } from '../file'
import { judgeOilUse } from './judge'
import type { OilUseBody } from './schema'

/** Oil that was counted says more than an owner who says that it uses some. */
export function signs(entry: Logged<OilUseBody>, file: JobFile, inForce: Entry[]): SignDraft[] {
  const { mark } = judgeOilUse(entry, file, inForce)
  return mark === 'open' ? [] : [['says_uses_oil', mark !== 'good']]
}
