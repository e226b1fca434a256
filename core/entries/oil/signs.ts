import type { SignDraft } from '../../log/facts'
import type { JobFile } from '../file'
import { judgeOil, unsettled } from './judge'
import type { Entry } from '../types'
import { oneOf } from '../../catalogue/oneOf'
import type { Logged } from '../../log/entry'
import type { OilBody } from './schema'

const SMELL = { petrol: 'oil_petrol', burnt: 'oil_burnt', sweet: 'oil_sweet', plain: '' }

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<OilBody>, file: JobFile, inForce: Entry[]): SignDraft[] {
  return oilSigns(entry, file, inForce)
}

function oilSigns(entry: Logged<OilBody>, file: JobFile, inForce: Entry[]): SignDraft[] {
  const { state } = judgeOil(entry, file, inForce)
  const { reading, colour, thickness, smell, glitter } = entry.body
  const level = unsettled(entry.body, file)
    ? null
    : reading.by === 'dry'
      ? 'oil_dry'
      : state === null
        ? null
        : state === 'over' || state === 'dangerously_over'
          ? 'oil_high'
          : state === 'ok' || state === 'ok_low'
            ? ''
            : state === 'slightly_over'
              ? null
              : 'oil_low'
  const drafts: SignDraft[] =
    level === null
      ? []
      : // under the low mark it is in any case: a dry stick is no stick that is not low
        ['oil_high', 'oil_low', 'oil_dry']
          .filter(sign => !(sign === 'oil_low' && level === 'oil_dry'))
          .map(sign => [sign, sign === level])
  if (smell && smell !== 'not_smelt') {
    drafts.push(...oneOf(SMELL, smell))
    if (level !== null) drafts.push(['over_plain', level === 'oil_high' && smell === 'plain' && thickness !== 'thin'])
  }
  if (colour) drafts.push(['oil_milky', colour === 'milky'])
  if (colour && thickness) drafts.push(['oil_treacle', colour === 'black' && thickness === 'thick'])
  if (thickness) drafts.push(['oil_thin', thickness === 'thin'])
  if (glitter || colour === 'silvery')
    drafts.push(['oil_metal', colour === 'silvery' || glitter === 'flakes' || glitter === 'magnetic'])
  return drafts
}
