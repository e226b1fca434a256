import { condemned } from '../entries/part/standing'
import type { Entry } from '../entries/types'
import { keptOf } from '../entries/kept'
import type { Stop } from '../judgement'
import { PART_PLANS } from '../teardown/parts'
import { DECIDING, partName } from '../teardown/places'

/**
 * Whether it is time to stop stripping and decide: a deciding part is condemned and nobody has said since what more is looked for.
 * @returns the parts that decide it, or none
 */
export function timeToDecide(inForce: Entry[]): string[] {
  const deciding = condemned(inForce).filter(e => DECIDING.includes(e.body.part))
  const since = Math.max(-1, ...deciding.map(e => inForce.indexOf(e)))
  const { note, option } = keptOf(inForce.slice(since + 1))
  const purpose = option.length > 0 || note.some(e => e.body.stage === 'open_up')
  return purpose ? [] : deciding.map(e => PART_PLANS[e.body.part].name.toLowerCase())
}

/** Whether the first cause is named, and a line of a way to go cures it; two first causes want two cures. */
export function causeCured(inForce: Entry[]): { named: boolean; causes: number; cured: boolean } {
  const causes = new Set(
    keptOf(inForce).cause_found.flatMap(({ body: { proof, causeId, text } }) =>
      proof === 'unknown' ? [] : [causeId ?? text ?? ''],
    ),
  )
  const cures = Math.max(0, ...keptOf(inForce).option.map(o => o.body.lines.filter(l => l.cures).length))
  return { named: causes.size > 0, causes: causes.size, cured: cures > 0 && cures >= causes.size }
}

/** New parts into an engine that killed the old ones: held back until the cause is named and a line cures it, or somebody signs. */
export function causeStop(inForce: Entry[]): Stop[] {
  const parts = condemned(inForce)
  const { named, causes, cured } = causeCured(inForce)
  if (!parts.length || (named && cured)) return []
  const names = parts.map(p => partName(p.body.part, p.body.place).toLowerCase())
  return [
    {
      id: 'cause',
      forbids: ['build', 'refill'],
      title: "Don't build it yet",
      reason: `${names.slice(0, 3).join(', ')}${names.length > 3 ? ` and ${names.length - 3} more` : ''}: ${named ? (causes > 1 ? `${causes} first causes are named, and no way to go has a line that cures each.` : 'the cause is named, but no line of any way to go cures it.') : 'what did that is not named yet, and would do it again.'}`,
      clearedBy:
        'The first cause, at least suspected, and a line that cures it; or a named person signs that it is unknown, and the owner is told.',
    },
  ]
}
