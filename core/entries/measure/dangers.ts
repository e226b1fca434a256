import type { FactDraft, HazardStart } from '../../log/facts'
import type { Judgement } from '../../judgement'
import type { MeasureItem } from '../../measure/items'
import { MEASURE_PLANS } from '../../measure/items'
import type { PartKey } from '../../teardown/parts'
import { placeKey } from '../../teardown/places'
import type { MeasureBody } from './schema'

interface Meaning {
  /** whatever of these is renewed or repaired cures it; the first is its subject */
  parts: readonly PartKey[]
  property: string
  hazard?: string
  why?: string
}

/** What a size says of which part, and what a size past its limit forbids. Sizes that are only set, and gaskets that are only chosen, are no part's. */
export const SIZE_MEANS: Partial<Record<MeasureItem, Meaning>> = {
  ring_gap: { parts: ['rings', 'cylinder'], property: 'gap' },
  ring_wear: { parts: ['rings', 'cylinder'], property: 'wear' },
  ring_side: { parts: ['piston'], property: 'groove' },
  rod_shake: { parts: ['rod', 'crank'], property: 'play', hazard: 'knock', why: 'the rod may part and throw metal' },
  rod_play: { parts: ['rod', 'crank'], property: 'play', hazard: 'knock', why: 'the rod may part and throw metal' },
  rod_rim: { parts: ['rod', 'crank'], property: 'play', hazard: 'knock', why: 'the rod may part and throw metal' },
  big_end_oil: { parts: ['rod', 'crank'], property: 'play', hazard: 'knock', why: 'the rod may part and throw metal' },
  rod_side: { parts: ['rod', 'crank'], property: 'side' },
  crank_pin: {
    parts: ['crank'],
    property: 'size',
    hazard: 'crank',
    why: 'a pin out of its size takes every new rod with it',
  },
  journal: {
    parts: ['crank'],
    property: 'size',
    hazard: 'crank',
    why: 'a pin out of its size takes every new rod with it',
  },
  crank_runout: {
    parts: ['crank'],
    property: 'runout',
    hazard: 'crank_bent',
    why: 'a bent crank breaks its bearings and its blade mount',
  },
  end_float: { parts: ['crank', 'main_drive', 'main_flywheel'], property: 'float' },
  main_oil: {
    parts: ['main_drive', 'main_flywheel', 'crank'],
    property: 'size',
    hazard: 'crank',
    why: 'a main past its limit lets the crank strike',
  },
  main_play: {
    parts: ['main_drive', 'main_flywheel'],
    property: 'size',
    hazard: 'crank',
    why: 'a main past its limit lets the crank strike',
  },
  seal_proud: { parts: ['seals'], property: 'seat' },
  guide: {
    parts: ['exhaust_valve', 'inlet_valve', 'head'],
    property: 'size',
    hazard: 'guide',
    why: 'a valve that wobbles so far meets the piston',
  },
  seat_width: { parts: ['exhaust_valve', 'inlet_valve', 'head'], property: 'seat' },
  spring_free: { parts: ['springs'], property: 'free' },
  pump_tip: { parts: ['pump'], property: 'tip' },
  pump_side: { parts: ['pump'], property: 'side' },
  pump_body: { parts: ['pump'], property: 'body' },
  oring: { parts: ['orings'], property: 'proud' },
  plate: { parts: ['clutch'], property: 'thickness' },
  key_shift: {
    parts: ['key'],
    property: 'key',
    hazard: 'flywheel',
    why: 'a moved flywheel kicks back and breaks its key',
  },
}

const subjectOf = (part: PartKey, place: string | null): string =>
  placeKey({ part, place: place && /^cylinder \d+$/.test(place) ? place : null })

/** Whether a fit has no clearance at all: then nothing goes together, whatever its most is. */
const tooTight = (body: MeasureBody, judged: Judgement): boolean =>
  Boolean(MEASURE_PLANS[body.item].fit) && judged.mark === 'past' && judged.details.some(d => d.includes('Too tight'))

export function sizeFacts(body: MeasureBody, judged: Judgement | null): FactDraft[] {
  const means = SIZE_MEANS[body.item]
  if (!judged || !means) return []
  const value = `${judged.headline.charAt(0).toLowerCase()}${judged.headline.slice(1)}`
  const fact = (part: PartKey, property: string): FactDraft => ({
    subject: subjectOf(part, body.place),
    property,
    mark: judged.mark,
    whose: judged.mark === 'past' ? 'maker' : 'rule_of_thumb',
    value,
  })
  const [first] = means.parts
  if (!first) return []
  // a play between two parts is a fact of both: whichever is renewed is measured again
  return [fact(first, means.property), ...(MEASURE_PLANS[body.item].fit ? [fact(first, 'fit')] : [])]
}

export function sizeHazards(body: MeasureBody, judged: Judgement | null): HazardStart[] {
  const means = SIZE_MEANS[body.item]
  const [part] = means?.parts ?? []
  if (!judged || !means || !part) return []
  const subject = subjectOf(part, body.place)
  if (tooTight(body, judged))
    return [{ hazard: 'no_fit', subject, why: `${judged.headline}: no clearance, nothing goes together like that.` }]
  if (!means.hazard || (judged.mark !== 'past' && judged.mark !== 'near')) return []
  // past a rule of thumb, or as it looks: look first
  return [
    {
      hazard: means.hazard,
      subject,
      why: `${judged.headline}: ${means.why ?? 'past its limit'}.`,
      told: judged.mark === 'near',
    },
  ]
}
