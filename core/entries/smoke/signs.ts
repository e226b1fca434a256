import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { SmokeBody } from './schema'

const SMOKE = { blue: 'smoke_blue', grey: 'smoke_blue', white: 'smoke_white', black: 'smoke_black', none: '' }

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<SmokeBody>): SignDraft[] {
  return smokeSigns(entry)
}

function smokeSigns({ body: { colour, moment, smell } }: Logged<SmokeBody>): SignDraft[] {
  const chosen =
    smell === 'sweet'
      ? 'smoke_sweet'
      : moment === 'start' && colour !== 'none'
        ? 'smoke_start'
        : moment === 'overrun'
          ? 'smoke_overrun'
          : SMOKE[colour]
  return ['smoke_blue', 'smoke_white', 'smoke_black', 'smoke_start', 'smoke_overrun', 'smoke_sweet'].map(sign => [
    sign,
    sign === chosen,
  ])
}
