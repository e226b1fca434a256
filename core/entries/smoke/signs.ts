import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { SmokeBody } from './schema'

const SMOKE = { blue: 'smoke_blue', grey: 'smoke_blue', white: 'smoke_white', black: 'smoke_black', none: '' }

const AFTER: Partial<Record<NonNullable<SmokeBody['after']>, string>> = {
  top_up: 'was_topped',
  tipped: 'was_tipped',
  repair: 'was_serviced',
  standing: 'stood_long',
  hot: 'hot_only',
}

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<SmokeBody>): SignDraft[] {
  return smokeSigns(entry)
}

function smokeSigns({ body: { colour, moment, after, smell, coolant } }: Logged<SmokeBody>): SignDraft[] {
  const chosen =
    smell === 'sweet'
      ? 'smoke_sweet'
      : moment === 'start' && colour !== 'none'
        ? 'smoke_start'
        : (moment === 'overrun' || moment === 'idle') && colour !== 'none'
          ? 'smoke_overrun'
          : SMOKE[colour]
  // what went before it is heard too: tipped, topped up, serviced, stood
  const went: SignDraft[] = after && colour !== 'none' && AFTER[after] ? [[AFTER[after], true]] : []
  return [
    ...went,
    ...(coolant ? [['coolant_low', coolant !== 'full'] as SignDraft] : []),
    ...['smoke_blue', 'smoke_white', 'smoke_black', 'smoke_start', 'smoke_overrun', 'smoke_sweet'].map(
      (sign): SignDraft => [sign, sign === chosen],
    ),
  ]
}
