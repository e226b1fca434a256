import { partsStanding } from '../entries/part/standing'
import type { Entry } from '../entries/types'
import type { EngineFacts } from '../engine/facts'
import type { OilNode, OilState } from '../teardown/oilPath'
import { oilPath, oilSuspects } from '../teardown/oilPath'

const ORDER: readonly OilState[] = ['not_looked', 'sound', 'dry', 'hurt']

export interface OilMap {
  root: OilNode
  states: Partial<Record<string, OilState>>
  suspects: string[]
  cleared: string[]
}

/** The oil's way through this engine with what was found on it; null where nobody said how it is oiled. */
export function oilMapOf(inForce: Entry[], facts: EngineFacts): OilMap | null {
  const root = oilPath(facts)
  if (!root) return null
  const states: Partial<Record<string, OilState>> = {}
  // the worst of several cylinders speaks
  for (const {
    body: { part, oil },
  } of partsStanding(inForce))
    if (ORDER.indexOf(oil) >= ORDER.indexOf(states[part] ?? 'not_looked')) states[part] = oil
  return { root, states, ...oilSuspects(root, states) }
}
