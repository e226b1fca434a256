import type { EngineFacts } from '../engine/facts'
import type { KeyOf } from '../words/keys'
import type { PartKey } from './parts'
import type { OIL_STATES } from './partPlan'
import { PART_PLANS } from './parts'

/** A place that oil flows through on its way; `part` where somebody can look at it. */
export interface OilNode {
  id: string
  name: string
  part: PartKey | null
  then: OilNode[]
}
export type OilState = KeyOf<typeof OIL_STATES>

const at = (part: PartKey, ...then: OilNode[]): OilNode => ({ id: part, name: PART_PLANS[part].name, part, then })
const way = (id: string, name: string, ...then: OilNode[]): OilNode => ({ id, name, part: null, then })

/** How oil (or fuel with oil) reaches the parts of this engine; null where nobody said how it is oiled. */
export function oilPath(facts: EngineFacts): OilNode | null {
  const has = (part: PartKey): OilNode[] => (PART_PLANS[part].fits(facts) ? [at(part)] : [])
  const head = (): OilNode[] => [...has('cam'), ...has('rockers')]
  const bottom = (): OilNode[] => [at('rod'), at('main_drive'), at('main_flywheel')]
  switch (facts.oiling) {
    case 'splash':
      return way(
        'sump',
        'Oil in the sump',
        at(
          'dipper',
          at('rod'),
          at('cylinder'),
          way('mist', 'Oil mist', at('main_drive'), at('main_flywheel'), ...head()),
        ),
      )
    case 'premix':
      return way(
        'can',
        'Mix in the tank',
        at('carburettor', at('main_drive'), at('main_flywheel'), at('rod'), at('pin'), at('cylinder')),
      )
    case 'injection':
      return way(
        'tank',
        'Oil tank',
        at(
          'injector_pump',
          way(
            'inlet',
            'Line to the inlet',
            at('main_drive'),
            at('main_flywheel'),
            at('rod'),
            at('pin'),
            at('cylinder'),
          ),
        ),
      )
    case 'pump_wet':
    case 'pump_dry': {
      const pump = at(
        'pump',
        way(
          'gallery',
          'Main gallery',
          way('crank_way', 'Way to the crank', ...bottom()),
          at('jet', ...head()),
          at('cylinder'),
        ),
      )
      const filter = PART_PLANS.oil_filter.fits(facts) ? { ...pump, then: [at('oil_filter', ...pump.then)] } : pump
      return facts.oiling === 'pump_dry'
        ? way('tank', 'Oil tank', at('strainer', filter))
        : way('sump', 'Oil in the sump', at('strainer', filter))
    }
    default:
      return null
  }
}

const leaves = (node: OilNode): OilNode[] => (node.then.length ? node.then.flatMap(leaves) : [node])
const isBad = (state: OilState | undefined): boolean => state === 'dry' || state === 'hurt'

/**
 * Where oil stopped: the nearest place that all hurt or dry parts share and no sound part lies behind. What sound parts lie behind
 * is cleared.
 * @param states by part, as they were found
 * @returns ids of the places to look at, the nearest to the hurt parts first, and of those that are cleared
 */
export function oilSuspects(
  root: OilNode,
  states: Partial<Record<string, OilState>>,
): { suspects: string[]; cleared: string[] } {
  const bad = leaves(root).filter(l => isBad(states[l.id]))
  const sound = leaves(root).filter(l => states[l.id] === 'sound')
  const behind = (node: OilNode, of: OilNode[]): number => leaves(node).filter(l => of.includes(l)).length
  const suspects: string[] = []
  const cleared: string[] = []
  const walk = (node: OilNode): void => {
    for (const next of node.then) walk(next)
    if (!node.then.length) return
    if (behind(node, sound)) cleared.push(node.id)
    else if (bad.length && behind(node, bad) === bad.length) suspects.push(node.id)
  }
  walk(root)
  // two branches that share nothing but a cleared trunk are each looked at by themselves
  if (bad.length && !suspects.length) {
    const seek = (node: OilNode): void => {
      if (behind(node, bad) && !behind(node, sound)) suspects.push(node.id)
      else for (const next of node.then) seek(next)
    }
    seek(root)
  }
  return { suspects, cleared }
}
