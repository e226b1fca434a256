import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { JobFile } from '../file'
import { judgeOilPressure } from './judge'
import type { OilPressureBody } from './schema'

/** What it says of the catalogue's signs: only what was read warm says that it is not low. */
export function signs(entry: Logged<OilPressureBody>, file: JobFile): SignDraft[] {
  const { low, falls } = judgeOilPressure(entry, file)
  return [
    ...(low === null ? [] : [['pressure_low', low] as SignDraft]),
    ...(falls === null ? [] : [['pressure_falls_hot', falls] as SignDraft]),
  ]
}
