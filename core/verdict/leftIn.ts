import type { Entry } from '../entries/types'
import type { OptionBody } from '../entries/option/schema'
import type { EstimateLine } from '../estimate/estimateLine'
import { ofKind } from '../entries/types'
import type { Way } from '../words/deciding'
import type { MeasureItem } from '../measure/items'
import type { BoreJudgement } from '../entries/bore/judge'
import type { Judgement } from '../judgement'
import { partsStanding } from '../entries/part/judge'
import type { PartKey } from '../teardown/parts'
import { partName, placeKey } from '../teardown/places'

/** Ways in which the engine does not go on running: what is worn in it stays out of them. */
const ENGINE_GOES: readonly Way[] = ['scrap', 'part_out', 'new_engine', 'exchange']

/** What renews or repairs a size that is past its limit. Sizes that are only set, and gaskets that are only chosen, are no part's. */
const PARTS_OF_SIZE: Partial<Record<MeasureItem, readonly PartKey[]>> = {
  ring_gap: ['rings', 'cylinder'],
  ring_wear: ['rings', 'cylinder'],
  ring_side: ['piston'],
  rod_shake: ['rod', 'crank'],
  rod_play: ['rod', 'crank'],
  rod_rim: ['rod', 'crank'],
  rod_side: ['rod', 'crank'],
  big_end_oil: ['rod', 'crank'],
  crank_pin: ['crank'],
  journal: ['crank'],
  crank_runout: ['crank'],
  end_float: ['crank', 'main_drive', 'main_flywheel'],
  main_oil: ['main_drive', 'main_flywheel', 'crank'],
  main_play: ['main_drive', 'main_flywheel'],
  seal_proud: ['seals'],
  guide: ['inlet_valve', 'exhaust_valve', 'head'],
  seat_width: ['inlet_valve', 'exhaust_valve', 'head'],
  spring_free: ['springs'],
  pump_tip: ['pump'],
  pump_side: ['pump'],
  pump_body: ['pump'],
  oring: ['orings'],
  plate: ['clutch'],
  key_shift: ['key'],
}

/** Something that may not stay in an engine that is to run again. */
export interface Bad {
  /** as it is said: the part that is condemned, or the size with its figure */ words: string
  /** a line for any of these renews or repairs it; with its place where it has one */ parts: {
    part: PartKey
    place: string | null
  }[]
}

/** What is condemned, and what was measured past a limit: the newest word on each part and place. */
export function badParts(inForce: Entry[], measured: Judgement[], bore: BoreJudgement | null): Bad[] {
  const judged = new Map(measured.map(j => [j.entryId, j]))
  const newest = new Map(ofKind(inForce, 'measure').map(e => [`${e.body.item} ${e.body.place ?? ''}`, e]))
  const condemnedParts = partsStanding(inForce).filter(
    e => e.body.disposition === 'replace' || e.body.disposition === 'machine',
  )
  return [
    ...condemnedParts.map(({ body: { part, place } }): Bad => ({
      words: `${partName(part, place).toLowerCase()} (condemned)`,
      parts: [{ part, place }],
    })),
    ...(bore?.mark === 'past'
      ? [
          {
            words: `${bore.headline.charAt(0).toLowerCase()}${bore.headline.slice(1)} (past its limit)`,
            parts: [{ part: 'cylinder' as const, place: null }],
          },
        ]
      : []),
    ...[...newest.values()].flatMap((e): Bad[] => {
      const j = judged.get(e.id)
      const parts = PARTS_OF_SIZE[e.body.item]
      return j?.mark === 'past' && parts
        ? [
            {
              words: `${j.headline.charAt(0).toLowerCase()}${j.headline.slice(1)} (past its limit)`,
              parts: parts.map(part => ({ part, place: null })),
            },
          ]
        : []
    }),
  ]
}

/** Whether a line renews or repairs one of these: by the parts that were picked for it, or, for a line from before, by a name that is the part's own. */
function standsFor({ parts: picked, text }: EstimateLine, { parts }: Bad): boolean {
  if (picked === undefined)
    return parts.some(p => text.trim().toLowerCase() === partName(p.part, p.place).toLowerCase())
  return parts.some(p => picked.some(key => key === placeKey(p) || (p.place === null && key.split(':')[0] === p.part)))
}

const RENEWS: readonly EstimateLine['type'][] = ['part', 'outwork']

/**
 * What a way leaves in that may not stay, and the lines whose part nobody said, which could be for it.
 * @returns nothing for a way in which the engine does not go on
 */
export function leftIn(
  { way, lines }: Pick<OptionBody, 'way' | 'lines'>,
  bad: Bad[],
): { left: Bad[]; unsaid: EstimateLine[] } {
  if (ENGINE_GOES.includes(way)) return { left: [], unsaid: [] }
  const left = bad.filter(b => !lines.some(l => l.chance > 0 && standsFor(l, b)))
  const taken = (l: EstimateLine): boolean => bad.some(b => standsFor(l, b))
  return {
    left,
    unsaid: left.length ? lines.filter(l => RENEWS.includes(l.type) && l.parts === undefined && !taken(l)) : [],
  }
}
