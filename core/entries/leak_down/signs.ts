import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { LeakDownBody } from './schema'

const HISS: Record<string, string> = {
  intake: 'hiss_inlet',
  exhaust: 'hiss_exhaust',
  breather: 'hiss_breather',
  oil_filler: 'hiss_breather',
  crankcase: 'hiss_breather',
  head_joint: 'hiss_joint',
  next_cylinder: 'hiss_joint',
  base_joint: 'hiss_joint',
  plug_thread: 'plug_loose',
  coolant_bubbles: 'bubbles',
}

/** What it says of the catalogue's signs. */
export function signs(entry: Logged<LeakDownBody>): SignDraft[] {
  return heard(entry.body.heard)
}

function heard(places: string[]): SignDraft[] {
  const there = new Set(places.map(p => HISS[p]))
  return ['hiss_inlet', 'hiss_exhaust', 'hiss_breather', 'hiss_joint', 'bubbles', 'plug_loose'].map(sign => [
    sign,
    there.has(sign),
  ])
}
