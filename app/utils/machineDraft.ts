import type { EngineFacts } from '#core/job/jobFile'
import type { EngineClass, MachineKind } from '#core/job/vocabulary'
import { MACHINE_KINDS } from '#core/job/vocabulary'
import type { SpecItem, SpecSource, SpecValue } from '#core/spec/specValue'
import type { MachineFields } from '#shared/types/records'

interface SpecDraft { value: string, unit: string, source: SpecSource, note: string | null }

/** A machine as it stands in the form: everything as typed. */
export interface MachineDraft {
  kind: MachineKind | ''
  name: string
  serial: string
  meter: string
  meterUnit: MachineFields['meterUnit']
  meterSource: MachineFields['meterSource']
  facts: Omit<EngineFacts, 'displacementCc' | 'cylinders' | 'mixRatio'> & { displacementCc: string, cylinders: string, mixRatio: string }
  spec: Record<SpecItem, SpecDraft>
}

export function blankMachine(volumeUnit: string, pressureUnit: string): MachineDraft {
  const spec = (unit: string): SpecDraft => ({ value: '', unit, source: 'maker', note: null })
  return {
    kind: '', name: '', serial: '', meter: '', meterUnit: 'h', meterSource: 'claimed',
    facts: { engineClass: 'S4', cycle: 'four', displacementCc: '', cylinders: '1', oiling: 'unknown', oilShows: 'unknown', release: 'unknown', bore: 'unknown', fuelFeed: 'unknown', cooling: 'unknown', mixRatio: '' },
    spec: { oil_capacity: spec(volumeUnit), oil_full_mark: spec(volumeUnit), oil_low_mark: spec(volumeUnit), oil_change: spec('h'), compression_limit: spec(pressureUnit), compression_with_release: spec(pressureUnit) },
  }
}

/** What follows from the kind of machine; everything else stays unknown until somebody says it. */
export function applyKind(draft: MachineDraft, kind: MachineKind): void {
  const engineClass: EngineClass = MACHINE_KINDS[kind].engineClass
  const two = engineClass === 'H2' || engineClass === 'V2'
  draft.facts.engineClass = engineClass
  draft.facts.cycle = two ? 'two' : 'four'
  if (engineClass === 'H2') Object.assign(draft.facts, { oiling: 'premix', oilShows: 'none', fuelFeed: 'diaphragm', cooling: 'air' })
  else if (two) draft.facts.oilShows = 'none'
  else if (draft.facts.oiling === 'premix' || draft.facts.oiling === 'injection') Object.assign(draft.facts, { oiling: 'unknown', oilShows: 'unknown' })
  draft.meterUnit = engineClass === 'M4' ? 'km' : 'h'
}

export const machineFields = (d: MachineDraft): MachineFields => ({
  kind: d.kind as MachineKind, name: d.name, serial: d.serial || null, meterReading: sendable(figure(d.meter), d.meter) as number | null, meterUnit: d.meterUnit, meterSource: d.meterSource,
})

export const engineFacts = (d: MachineDraft): EngineFacts => ({
  ...d.facts, displacementCc: sendable(figure(d.facts.displacementCc), d.facts.displacementCc) as number | null, cylinders: sendable(figure(d.facts.cylinders), d.facts.cylinders) as number,
  mixRatio: d.facts.cycle === 'two' ? sendable(figure(d.facts.mixRatio), d.facts.mixRatio) as number | null : null,
})

export function specValues(d: MachineDraft): SpecValue[] {
  return (Object.entries(d.spec) as [SpecItem, SpecDraft][])
    .filter(([, v]) => v.value.trim())
    .map(([item, v]) => ({ item, value: sendable(figure(v.value), v.value) as number, unit: v.unit, source: v.source, note: v.note }))
}

/** The fault of one figure of the sheet, wherever it stands in the list that was sent. */
export function specFault(d: MachineDraft, item: SpecItem, faults: Fault[]): string {
  const index = specValues(d).findIndex(v => v.item === item)
  return index < 0 ? '' : faults.find(f => f.field.startsWith(`spec.${index}.`))?.message ?? ''
}

export function machineDraft(machine: MachineFields, facts: EngineFacts, spec: SpecValue[], volumeUnit: string, pressureUnit: string): MachineDraft {
  const draft = blankMachine(volumeUnit, pressureUnit)
  Object.assign(draft, { kind: machine.kind, name: machine.name, serial: machine.serial ?? '', meter: figureText(machine.meterReading), meterUnit: machine.meterUnit, meterSource: machine.meterSource })
  draft.facts = { ...facts, displacementCc: figureText(facts.displacementCc), cylinders: String(facts.cylinders), mixRatio: figureText(facts.mixRatio) }
  for (const v of spec) draft.spec[v.item] = { value: String(v.value), unit: v.unit, source: v.source, note: v.note }
  return draft
}

