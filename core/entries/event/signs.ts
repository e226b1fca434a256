import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { EventBody } from './schema'

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<EventBody>): SignDraft[] {
  return (
    (
      {
        ran_low: [['ran_low', true]],
        ran_dry: [['ran_low', true]],
        tipped: [['was_tipped', true]],
        hit: [['was_hit', true]],
      } satisfies Partial<Record<string, SignDraft[]>> as Partial<Record<string, SignDraft[]>>
    )[entry.body.what] ?? []
  )
}
