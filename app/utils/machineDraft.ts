import type { EngineFacts } from '#core/engine/facts'
import type { EngineClass, MachineKind } from '#core/engine/words'
import { MACHINE_KINDS } from '#core/engine/words'
import { UNASKED } from '#core/engine/facts'
import type { SpecItem } from '#core/spec/specItems'
import type { SpecSource, SpecValue } from '#core/spec/specValue'
import type { MachineFields } from '#shared/types/records'

/** The few figures asked at the counter; all others are on the sheet's own page. */
export const COUNTER_ITEMS = [
  'oil_capacity',
  'oil_full_mark',
  'oil_low_mark',
  'oil_change',
  'compression_limit',
  'compression_with_release',
] as const satisfies readonly SpecItem[]
export type CounterItem = (typeof COUNTER_ITEMS)[number]
interface SpecDraft {
  value: string
  unit: string
  source: SpecSource
  was: SpecValue | null
}

/** A machine as it stands in the form: everything as typed. */
export interface MachineDraft {
  kind: MachineKind | ''
  name: string
  serial: string
  meter: string
  meterUnit: MachineFields['meterUnit']
  meterSource: MachineFields['meterSource']
  facts: Omit<EngineFacts, 'displacementCc' | 'cylinders' | 'mixRatio'> & {
    displacementCc: string
    cylinders: string
    mixRatio: string
  }
  spec: Record<CounterItem, SpecDraft>
  /** figures of the sheet that this form does not show */
  rest: SpecValue[]
}

export function blankMachine(volumeUnit: string, pressureUnit: string): MachineDraft {
  const spec = (unit: string): SpecDraft => ({ value: '', unit, source: 'maker', was: null })
  return {
    kind: '',
    name: '',
    serial: '',
    meter: '',
    meterUnit: 'h',
    meterSource: 'claimed',
    facts: {
      engineClass: 'S4',
      cycle: 'four',
      displacementCc: '',
      cylinders: '1',
      oiling: 'unknown',
      oilShows: 'unknown',
      release: 'unknown',
      bore: 'unknown',
      fuelFeed: 'unknown',
      cooling: 'unknown',
      mixRatio: '',
      ...UNASKED,
    },
    spec: {
      oil_capacity: spec(volumeUnit),
      oil_full_mark: spec(volumeUnit),
      oil_low_mark: spec(volumeUnit),
      oil_change: spec('h'),
      compression_limit: spec(pressureUnit),
      compression_with_release: spec(pressureUnit),
    },
    rest: [],
  }
}

/** What follows from the kind of machine; everything else stays unknown until somebody says it. */
export function applyKind(draft: MachineDraft, kind: MachineKind): void {
  const engineClass: EngineClass = MACHINE_KINDS[kind].engineClass
  const two = engineClass === 'H2' || engineClass === 'V2'
  draft.facts.engineClass = engineClass
  applyCycle(draft, two ? 'two' : 'four')
  if (engineClass === 'H2') Object.assign(draft.facts, { oiling: 'premix', fuelFeed: 'diaphragm', cooling: 'air' })
  draft.meterUnit = engineClass === 'M4' ? 'km' : 'h'
}

/** What follows from two strokes or four: how it is oiled can't stay as it was said of the other. */
export function applyCycle(draft: MachineDraft, cycle: EngineFacts['cycle']): void {
  const { facts } = draft
  facts.cycle = cycle
  const mixed = facts.oiling === 'premix' || facts.oiling === 'injection'
  if (cycle === 'two') Object.assign(facts, { oilShows: 'none' }, !mixed && { oiling: 'unknown' })
  else if (mixed) Object.assign(facts, { oiling: 'unknown', oilShows: 'unknown' })
}

export const machineFields = (d: MachineDraft): MachineFields => ({
  kind: d.kind as MachineKind,
  name: d.name,
  serial: d.serial || null,
  meterReading: typedFigure(d.meter) as number | null,
  meterUnit: d.meterUnit,
  meterSource: d.meterSource,
})

export const engineFacts = (d: MachineDraft): EngineFacts => ({
  ...d.facts,
  // what is asked of a four-stroke only is not said of a two-stroke, whatever was touched before
  ...(d.facts.cycle === 'two' && { ...UNASKED, clutch: d.facts.clutch, ignition: d.facts.ignition }),
  displacementCc: typedFigure(d.facts.displacementCc) as number | null,
  cylinders: typedFigure(d.facts.cylinders) as number,
  mixRatio: d.facts.cycle === 'two' ? (typedFigure(d.facts.mixRatio) as number | null) : null,
})

export function specValues(d: MachineDraft): SpecValue[] {
  const shown = COUNTER_ITEMS.filter(item => d.spec[item].value.trim()).map((item): SpecValue => {
    const { value, unit, source, was } = d.spec[item]
    const next = { value: typedFigure(value) as number, unit, source }
    const same = was !== null && was.value === next.value && was.unit === unit && was.source === source
    // a figure that was changed has not been compared with its source yet
    return {
      item,
      ...next,
      note: was?.note ?? null,
      year: was?.year ?? null,
      checkedBy: same ? was.checkedBy : null,
      chosen: was?.chosen ?? false,
    }
  })
  return [...shown, ...d.rest]
}

/** The fault of one figure of the sheet, wherever it stands in the list that was sent. */
export function specFault(d: MachineDraft, item: CounterItem, faults: Fault[]): string {
  const index = specValues(d).findIndex(v => v.item === item)
  return index < 0 ? '' : (faults.find(f => f.field.startsWith(`spec.${index}.`))?.message ?? '')
}

export function machineDraft(
  machine: MachineFields,
  facts: EngineFacts,
  spec: SpecValue[],
  volumeUnit: string,
  pressureUnit: string,
): MachineDraft {
  const draft = blankMachine(volumeUnit, pressureUnit)
  Object.assign(draft, {
    kind: machine.kind,
    name: machine.name,
    serial: machine.serial ?? '',
    meter: figureText(machine.meterReading),
    meterUnit: machine.meterUnit,
    meterSource: machine.meterSource,
  })
  draft.facts = {
    ...facts,
    displacementCc: figureText(facts.displacementCc),
    cylinders: String(facts.cylinders),
    mixRatio: figureText(facts.mixRatio),
  }
  for (const item of COUNTER_ITEMS) {
    const was = spec.find(v => v.item === item && v.chosen) ?? spec.find(v => v.item === item)
    if (was) draft.spec[item] = { value: String(was.value), unit: was.unit, source: was.source, was }
  }
  draft.rest = spec.filter(v => !COUNTER_ITEMS.some(item => draft.spec[item].was === v))
  return draft
}
