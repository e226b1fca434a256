import { z } from 'zod'
import {
  BORE, COOLING, CYCLES, ENGINE_CLASSES, FUEL_FEED, MACHINE_KINDS, OILING, OIL_SHOWS, RELEASE, USE_CLASSES,
} from '#core/job/vocabulary'
import type { EngineFacts, ShopPolicy } from '#core/job/jobFile'
import type { SpecItem, SpecValue } from '#core/spec/specValue'
import { SPEC_ITEMS, SPEC_SOURCES } from '#core/spec/specValue'
import { UNITS } from '#core/units/unitTable'
import { count, idText, keyOf, nullable, optionalText, shortText, wordsOf } from './words'
import { entrySchema } from './entry'

export const customerSchema = z.strictObject({ name: shortText('Owner\'s name', 120), contact: optionalText('Telephone or address', 300) })

export const factsSchema: z.ZodType<EngineFacts> = z.strictObject({
  engineClass: keyOf(ENGINE_CLASSES, 'Class of engine'),
  cycle: keyOf(CYCLES, 'Two- or four-stroke'),
  displacementCc: nullable(z.number({ error: 'Size: type the cc as a figure.' }).min(5, 'Size must be at least 5 cc.').max(6000, 'Size can be at most 6,000 cc.')),
  cylinders: count('Cylinders', 1, 8),
  oiling: keyOf(OILING, 'Oiling'),
  oilShows: keyOf(OIL_SHOWS, 'How the oil shows'),
  release: keyOf(RELEASE, 'Decompression release'),
  bore: keyOf(BORE, 'Bore'),
  fuelFeed: keyOf(FUEL_FEED, 'Fuel feed'),
  cooling: keyOf(COOLING, 'Cooling'),
  mixRatio: nullable(z.number({ error: 'Mix: type the first figure, for example 50 for 50:1.' }).min(8, 'Mix must be at least 8:1.').max(200, 'Mix can be at most 200:1.')),
})

export const specValueSchema: z.ZodType<SpecValue> = z.strictObject({
  item: keyOf(SPEC_ITEMS, 'Figure'),
  value: z.number({ error: 'Specification: type a figure.' }).positive('A specification must be more than nothing.').max(1e6, 'That specification is too large: check the unit.'),
  unit: z.string(),
  source: keyOf(SPEC_SOURCES, 'Source'),
  note: optionalText('Note', 400),
}).superRefine(({ item, unit }, check) => {
  const wanted = UNITS[SPEC_ITEMS[item as SpecItem]?.unit ?? '']
  if (!Object.hasOwn(UNITS, unit) || UNITS[unit]?.kind !== wanted?.kind) check.addIssue({ code: 'custom', path: ['unit'], message: `${unit} does not fit this figure: choose a unit of ${wanted?.kind ?? 'the same kind'}.` })
})

export const specListSchema = z.array(specValueSchema).max(60, 'A sheet can hold 60 figures.').superRefine((values, check) => {
  const ml = (item: SpecItem) => {
    const found = values.find(v => v.item === item)
    return found && Object.hasOwn(UNITS, found.unit) ? found.value * (UNITS[found.unit]?.factor ?? 1) : null
  }
  const [capacity, full, low] = [ml('oil_capacity'), ml('oil_full_mark'), ml('oil_low_mark')]
  const at = (item: SpecItem) => [values.findIndex(v => v.item === item), 'value']
  if (low !== null && (full ?? capacity) !== null && low >= (full ?? capacity ?? 0)) check.addIssue({ code: 'custom', path: at('oil_low_mark'), message: 'The low mark must hold less than the full mark.' })
  if (full !== null && capacity !== null && full > 1.5 * capacity) check.addIssue({ code: 'custom', path: at('oil_full_mark'), message: 'The full mark can\'t hold more than one and a half times the whole fill.' })
})

export const machineSchema = z.strictObject({
  kind: keyOf(MACHINE_KINDS, 'Kind of machine'),
  name: shortText('Machine', 120),
  serial: optionalText('Serial number', 80),
  meterReading: nullable(z.number({ error: 'Meter: type a figure.' }).min(0, 'The meter can\'t be negative.').max(1e7, 'The meter figure is too large.')),
  meterUnit: z.enum(['h', 'km', 'mi'], { error: 'Meter: choose hours, km or miles.' }),
  meterSource: z.enum(['measured', 'claimed', 'estimated'], { error: 'Meter: say whether it was read, claimed or estimated.' }),
})

/** Either the id of something known here, or all that is needed to add it. */
function knownOr<T extends z.ZodType>(what: string, full: T) {
  const known = z.strictObject({ id: idText(what) })
  return z.unknown().transform((value, check): z.output<T> | { id: string } => {
    const refers = typeof value === 'object' && value !== null && 'id' in value
    const parsed = (refers ? known : full).safeParse(value)
    if (parsed.success) return parsed.data as z.output<T> | { id: string }
    for (const issue of parsed.error.issues) check.addIssue({ code: 'custom', path: issue.path, message: wordsOf(issue, what) })
    return z.NEVER
  })
}

/** Booking in: the machine is new, or one that has been here before. */
export const newJobSchema = z.strictObject({
  id: idText('Job'),
  customer: knownOr('Owner', customerSchema),
  machine: knownOr('Machine', machineSchema),
  facts: nullable(factsSchema),
  spec: specListSchema,
  entries: z.array(entrySchema).max(60, 'Too many entries at once.'),
})

export const updateMachineSchema = z.strictObject({ machine: machineSchema, facts: factsSchema, spec: specListSchema, customer: customerSchema, by: idText('Person') })

export const personSchema = z.strictObject({ name: shortText('Name', 60), initials: shortText('Initials', 4), active: z.boolean() })

export const policySchema: z.ZodType<ShopPolicy> = z.strictObject({
  shopName: z.string().trim().max(80, 'The shop\'s name can hold 80 characters.'),
  shopAddress: z.string().trim().max(300, 'The address can hold 300 characters.'),
  currency: z.string().regex(/^[A-Z]{3}$/, 'Currency: three capital letters, for example EUR.').refine(isCurrency, 'This currency is not known: use its three letters, for example EUR.'),
  labourRateMinor: z.number({ error: 'Labour rate: type an amount for an hour.' }).int('Labour rate has too many decimals.').min(0, 'The labour rate can\'t be negative.').max(1e8, 'The labour rate is too large: check the decimal point.'),
  taxPct: z.number({ error: 'Tax: type a figure in per cent.' }).min(0, 'Tax can\'t be negative.').max(100, 'Tax can\'t be more than 100 %.'),
  altitudeM: z.number({ error: 'Height: type metres above the sea.' }).min(-500, 'Height must be at least −500 m.').max(5500, 'Height can be at most 5,500 m.'),
  pressureUnit: z.enum(['bar', 'psi', 'kPa']),
  volumeUnit: z.enum(['mL', 'L', 'US_floz']),
  leadRule: z.enum(['net_value', 'cost_per_hour', 'share_of_value']),
  sharePct: z.strictObject(Object.fromEntries(Object.entries(USE_CLASSES).map(([key, word]) => [key, z.number({ error: `Share for ${word}: type a figure in per cent.` }).min(1, `Share for ${word} must be at least 1 %.`).max(200, `Share for ${word} can be at most 200 %.`)])) as { [K in keyof typeof USE_CLASSES]: z.ZodNumber }),
  fillAim: z.enum(['low', 'middle', 'top']),
  surplusRule: z.enum(['surplus_only', 'change_all']),
  standHours: z.number({ error: 'Stand test: type hours.' }).min(1, 'A stand test takes at least 1 hour.').max(72, 'A stand test takes at most 72 hours.'),
  labourTogether: z.boolean(),
})

function isCurrency(code: string): boolean {
  return Intl.supportedValuesOf('currency').includes(code)
}
