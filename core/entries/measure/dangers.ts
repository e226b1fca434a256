import type { FactDraft, HazardStart } from '../../log/facts'
import type { Judgement } from '../../judgement'
import type { MeasureItem } from '../../measure/items'
import type { EngineFacts } from '../../engine/facts'
import { MEASURE_PLANS } from '../../measure/items'
import { SIDES } from '../../measure/measurePlan'
import type { PartKey } from '../../teardown/parts'
import { PART_PLANS } from '../../teardown/parts'
import { placeKey } from '../../teardown/places'
import type { MeasureBody } from './schema'

interface Meaning {
  /** whatever of these is renewed or repaired cures it; the first is its subject */
  parts: readonly PartKey[]
  property: string
  hazard?: string
  why?: string
}

/** Parts that the catalogue has twice: at which side a size of them is one of their twin's. */
const TWINS: Partial<Record<PartKey, { side: string; part: PartKey }>> = {
  exhaust_valve: { side: 'inlet', part: 'inlet_valve' },
  main_drive: { side: 'flywheel side', part: 'main_flywheel' },
}

/** What a size says of which part, and what a size past its limit forbids. Sizes that are only set, and gaskets that are only chosen, are no part's. */
export const SIZE_MEANS: Partial<Record<MeasureItem, Meaning>> = {
  ring_gap: { parts: ['rings', 'cylinder'], property: 'gap' },
  ring_gap_second: { parts: ['rings', 'cylinder'], property: 'gap_second' },
  ring_gap_oil: { parts: ['rings', 'cylinder'], property: 'gap_oil' },
  ring_wear: { parts: ['rings', 'cylinder'], property: 'wear' },
  ring_side: { parts: ['piston'], property: 'groove' },
  ring_side_second: { parts: ['piston'], property: 'groove_second' },
  ring_side_oil: { parts: ['piston'], property: 'groove_oil' },
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
  rod_cap: {
    parts: ['rod'],
    property: 'cap',
    hazard: 'knock',
    why: 'a rod that has lost so much parts and throws metal',
  },
  main_runout: {
    parts: ['crank'],
    property: 'runout_main',
    hazard: 'shaft_bent',
    why: 'a bent crank breaks its bearings and its blade mount',
  },
  shaft_runout: {
    parts: ['crank'],
    property: 'runout_shaft',
    hazard: 'shaft_bent',
    why: 'a bent shaft shakes its blade loose',
  },
  blade_runout: {
    parts: ['blade'],
    property: 'plane',
    hazard: 'blade_bent',
    why: 'blade, hub or shaft is bent: it shakes loose and flies',
  },
  seal_height: { parts: ['seals'], property: 'height' },
  ring_under: { parts: ['piston'], property: 'under' },
  pump_spindle: { parts: ['pump'], property: 'spindle' },
  oring_set: { parts: ['orings'], property: 'set' },
  clutch_spring: { parts: ['clutch'], property: 'spring' },
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

/** A place as it is picked: which cylinder, which valve, which side. */
const split = (place: string | null): { cylinder: string | null; side: string | null } => {
  const picked = (place ?? '').split(', ')
  return {
    cylinder: picked.find(w => /^cylinder \d+$/.test(w)) ?? null,
    side: picked.find(w => Object.values(SIDES).some(two => (two as readonly string[]).includes(w))) ?? null,
  }
}

const subjectOf = (part: PartKey, place: string | null): string => {
  const { cylinder, side } = split(place)
  const twin = TWINS[part]
  return placeKey({ part: twin && twin.side === side ? twin.part : part, place: cylinder })
}

/** Two of one part are two figures of it: a spring of the inlet never speaks for the exhaust's. */
const propertyOf = (part: PartKey, property: string, place: string | null): string => {
  const { side } = split(place)
  return side && !TWINS[part] ? `${property} ${side}` : property
}
/** Whether two parts go together is asked of each size by itself. */
const fitOf = (part: PartKey, { item, place }: MeasureBody): string => propertyOf(part, `fit ${item}`, place)

/** The parts of which each mends a size of this part; undefined where no size of it is known. Of a part that an engine has twice, its twin mends nothing. */
export function mendedBy(part: PartKey, property: string): PartKey[] | undefined {
  for (const { parts, property: own } of Object.values(SIZE_MEANS)) {
    const [first] = parts
    const twin = first && TWINS[first]?.part
    const sided = Object.values(SIDES).some(sides => sides.some(side => property === `${own} ${side}`))
    if ((part === first || part === twin) && (property === own || sided))
      return [part, ...parts.filter(p => p !== first && p !== twin)]
  }
  return undefined
}

/** Where one size can be taken on this engine, as it is picked; empty where there is only one place. */
export function placesOfSize(item: MeasureItem, facts: EngineFacts): string[] {
  const [part] = SIZE_MEANS[item]?.parts ?? []
  const each = part && PART_PLANS[part].each && facts.cylinders > 1
  const cylinders = each ? Array.from({ length: facts.cylinders }, (_, i) => `cylinder ${i + 1}`) : ['']
  const sides: readonly string[] = MEASURE_PLANS[item].at ? SIDES[MEASURE_PLANS[item].at] : ['']
  const all = cylinders.flatMap(c => sides.map(s => [c, s].filter(Boolean).join(', ')))
  return all.length > 1 ? all : []
}

/** Dangers that only the very size ends that brought them up. */
const BY_SIZE: readonly string[] = ['shaft_bent', 'blade_bent']

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
  const property = propertyOf(first, means.property, body.place)
  return [fact(first, property), ...(MEASURE_PLANS[body.item].fit ? [fact(first, fitOf(first, body))] : [])]
}

export function sizeHazards(body: MeasureBody, judged: Judgement | null): HazardStart[] {
  const means = SIZE_MEANS[body.item]
  const [part] = means?.parts ?? []
  if (!judged || !means || !part) return []
  const subject = subjectOf(part, body.place)
  if (tooTight(body, judged))
    return [
      {
        hazard: 'no_fit',
        subject,
        property: fitOf(part, body),
        why: `${judged.headline}: no clearance, nothing goes together like that.`,
      },
    ]
  if (!means.hazard || (judged.mark !== 'past' && judged.mark !== 'near')) return []
  // past a rule of thumb, or as it looks: look first
  return [
    {
      hazard: means.hazard,
      subject,
      ...(BY_SIZE.includes(means.hazard) && { property: propertyOf(part, means.property, body.place) }),
      why: `${judged.headline}: ${means.why ?? 'past its limit'}.`,
      told: judged.mark === 'near',
    },
  ]
}
