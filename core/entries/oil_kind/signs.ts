import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { JobFile } from '../file'
import { judgeOilKind } from './judge'
import type { OilKindBody } from './schema'

/** Oil that does not suit the engine is the wrong kind; what nobody can tell says nothing. */
export function signs(entry: Logged<OilKindBody>, file: JobFile): SignDraft[] {
  const { mark } = judgeOilKind(entry, file)
  return mark === 'open' ? [] : [['oil_kind_wrong', mark === 'past']]
}
