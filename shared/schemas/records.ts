import { z } from 'zod'
import {
  BEARINGS,
  BORE,
  CLUTCH,
  COOLING,
  CYCLES,
  DRAIN_PLUG,
  ENGINE_CLASSES,
  FOLLOWERS,
  FUEL_FEED,
  GOVERNOR,
  HEAD,
  IGNITION,
  MACHINE_KINDS,
  OILING,
  OIL_FILTER,
  OIL_SHOWS,
  OWNER_CHOICES,
  QUOTE_STAGES,
  RELEASE,
  SHELF_GRADES,
  USE_CLASSES,
  VALVES,
} from '#core/job/vocabulary'
import type { EngineFacts, ShopPolicy } from '#core/job/jobFile'
import type { FillTable } from '#core/oil/fillMarks'
import { oilVolume } from '#core/oil/fillTable'
import { PARTS } from '#core/teardown/parts'
import type { SpecItem } from '#core/spec/specItems'
import { PLAIN_UNITS, SPEC_ITEMS, UNITS_OF_ITEM } from '#core/spec/specItems'
import type { SpecValue } from '#core/spec/specValue'
import { SPEC_SOURCES } from '#core/spec/specValue'
import { UNITS } from '#core/units/unitTable'
import { count, idText, keyOf, nullable, optionalText, shortText, wordsOf } from './words'
import { entrySchema } from './entry'

export const customerSchema = z.strictObject({
  name: shortText("Owner's name", 120),
  contact: optionalText('Telephone or address', 300),
})

/** A fact that was not always asked: absent is unknown. */
const laterFact = <T extends { unknown: string }>(words: T, what: string) =>
  keyOf(words, what)
    .nullish()
    .transform(v => v ?? ('unknown' as Extract<keyof T, string>))

export const factsSchema: z.ZodType<EngineFacts> = z.strictObject({
  engineClass: keyOf(ENGINE_CLASSES, 'Class of engine'),
  cycle: keyOf(CYCLES, 'Two- or four-stroke'),
  displacementCc: nullable(
    z
      .number({ error: 'Size: type the cc as a figure.' })
      .min(5, 'Size must be at least 5 cc.')
      .max(6000, 'Size can be at most 6,000 cc.'),
  ),
  cylinders: count('Cylinders', 1, 8),
  oiling: keyOf(OILING, 'Oiling'),
  oilShows: keyOf(OIL_SHOWS, 'How the oil shows'),
  release: keyOf(RELEASE, 'Decompression release'),
  bore: keyOf(BORE, 'Bore'),
  fuelFeed: keyOf(FUEL_FEED, 'Fuel feed'),
  cooling: keyOf(COOLING, 'Cooling'),
  clutch: laterFact(CLUTCH, 'Clutch'),
  followers: laterFact(FOLLOWERS, 'Cam followers'),
  bearings: laterFact(BEARINGS, 'Bearings'),
  head: laterFact(HEAD, 'Head'),
  valves: laterFact(VALVES, 'Valves'),
  ignition: laterFact(IGNITION, 'Ignition timing'),
  drainPlug: laterFact(DRAIN_PLUG, 'Drain plug'),
  governor: laterFact(GOVERNOR, 'Governor'),
  oilFilter: laterFact(OIL_FILTER, 'Oil filter'),
  mixRatio: nullable(
    z
      .number({ error: 'Mix: type the first figure, for example 50 for 50:1.' })
      .min(8, 'Mix must be at least 8:1.')
      .max(200, 'Mix can be at most 200:1.'),
  ),
})

export const specValueSchema: z.ZodType<SpecValue> = z
  .strictObject({
    item: keyOf(SPEC_ITEMS, 'Figure'),
    value: z
      .number({ error: 'Specification: type a figure.' })
      .min(0, "A specification can't be negative.")
      .max(1e6, 'That specification is too large: check the unit.'),
    unit: z.string(),
    source: keyOf(SPEC_SOURCES, 'Source'),
    note: optionalText('Title and page', 400),
    year: nullable(
      z
        .number({ error: 'Year: type four figures.' })
        .int('Year: type four figures.')
        .min(1880, 'Year must be 1880 or later.')
        .max(2200, 'That year has not come yet.'),
    ),
    checkedBy: optionalText('Checked by', 60),
    chosen: z
      .boolean()
      .nullish()
      .transform(c => c ?? false),
  })
  .superRefine(({ item, unit, value }, check) => {
    const own = SPEC_ITEMS[item as SpecItem]?.unit ?? ''
    const fits =
      own in PLAIN_UNITS ? unit === own : Object.hasOwn(UNITS, unit) && UNITS[unit]?.kind === UNITS[own]?.kind
    if (!fits)
      check.addIssue({
        code: 'custom',
        path: ['unit'],
        message: `${unit || 'No unit'} does not fit this figure: choose ${(UNITS_OF_ITEM[own] ?? [own]).join(', ')}.`,
      })
    else if (value === 0 && item !== 'inlet_closes')
      check.addIssue({ code: 'custom', path: ['value'], message: 'A specification must be more than nothing.' })
  })

export const specListSchema = z
  .array(specValueSchema)
  .max(200, 'A sheet can hold 200 figures.')
  .superRefine((values, check) => {
    const ml = (item: SpecItem) => {
      const found = values.find(v => v.item === item)
      return found && Object.hasOwn(UNITS, found.unit) ? found.value * (UNITS[found.unit]?.factor ?? 1) : null
    }
    const [capacity, full, low] = [ml('oil_capacity'), ml('oil_full_mark'), ml('oil_low_mark')]
    const at = (item: SpecItem) => [values.findIndex(v => v.item === item), 'value']
    if (low !== null && (full ?? capacity) !== null && low >= (full ?? capacity ?? 0))
      check.addIssue({
        code: 'custom',
        path: at('oil_low_mark'),
        message: 'The low mark must hold less than the full mark.',
      })
    if (full !== null && capacity !== null && full > 1.5 * capacity)
      check.addIssue({
        code: 'custom',
        path: at('oil_full_mark'),
        message: "The full mark can't hold more than one and a half times the whole fill.",
      })
    const twice = values.find((v, i) => v.chosen && values.some((w, k) => k > i && w.chosen && w.item === v.item))
    if (twice)
      check.addIssue({
        code: 'custom',
        path: at(twice.item),
        message: `${SPEC_ITEMS[twice.item].label}: only one of its figures can be the chosen one.`,
      })
  })

const fillReading = (what: string) =>
  z
    .number({ error: `${what}: type mm.` })
    .min(-50, `${what} must be at least −50 mm.`)
    .max(1000, `${what} can be at most 1,000 mm.`)
/** What was poured in and where it showed. */
export const fillTableSchema: z.ZodType<FillTable> = z
  .strictObject({
    kind: z.enum(['level', 'ullage'], { error: 'Say whether it is read up from the bottom or down from the rim.' }),
    unit: z.literal('mm'),
    points: z
      .array(
        z.tuple([
          fillReading('Reading'),
          z
            .number({ error: 'Oil in it: type mL.' })
            .min(1, 'Oil in it must be at least 1 mL.')
            .max(20000, 'Oil in it can be at most 20 L.'),
        ]),
      )
      .min(2, 'A fill table needs at least two points.')
      .max(40, 'Forty points are enough.'),
    lowAt: fillReading('Low mark'),
    fullAt: fillReading('Full mark'),
  })
  .superRefine((table, check) => {
    try {
      oilVolume({ points: table.points, reading: table.points[0]?.[0] ?? 0, kind: table.kind })
    } catch (error) {
      check.addIssue({ code: 'custom', path: ['points'], message: (error as Error).message })
    }
    const rises = table.fullAt - table.lowAt
    if (table.kind === 'level' ? rises < 0.5 : rises > -0.5)
      check.addIssue({
        code: 'custom',
        path: ['fullAt'],
        message:
          table.kind === 'level'
            ? 'The full mark must read higher than the low mark.'
            : 'Read down from the rim, the full mark must read less than the low mark.',
      })
  })

/** A sheet as it is stored; sheets of the first version were the bare list. */
export const sheetBodySchema = z.union([
  specListSchema.transform(values => ({ values, fill: null as FillTable | null })),
  z.strictObject({ values: specListSchema, fill: nullable(fillTableSchema) }),
])
export const saveSheetSchema = z.strictObject({
  name: shortText('Name of the sheet', 120),
  engineClass: keyOf(ENGINE_CLASSES, 'Class of engine'),
  values: specListSchema,
  fill: nullable(fillTableSchema),
  by: idText('Person'),
})

export const machineSchema = z.strictObject({
  kind: keyOf(MACHINE_KINDS, 'Kind of machine'),
  name: shortText('Machine', 120),
  serial: optionalText('Serial number', 80),
  meterReading: nullable(
    z
      .number({ error: 'Meter: type a figure.' })
      .min(0, "The meter can't be negative.")
      .max(1e7, 'The meter figure is too large.'),
  ),
  meterUnit: z.enum(['h', 'km', 'mi'], { error: 'Meter: choose hours, km or miles.' }),
  meterSource: z.enum(['measured', 'claimed', 'estimated'], {
    error: 'Meter: say whether it was read, claimed or estimated.',
  }),
})

/** Either the id of something known here, or all that is needed to add it. */
function knownOr<T extends z.ZodType>(what: string, full: T) {
  const known = z.strictObject({ id: idText(what) })
  return z.unknown().transform((value, check): z.output<T> | { id: string } => {
    const refers = typeof value === 'object' && value !== null && 'id' in value
    const parsed = (refers ? known : full).safeParse(value)
    if (parsed.success) return parsed.data as z.output<T> | { id: string }
    for (const issue of parsed.error.issues)
      check.addIssue({ code: 'custom', path: issue.path, message: wordsOf(issue, what) })
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
  /** an engine like one that is known: it shares that sheet, and `spec` is left empty */
  sheetId: nullable(idText('Sheet')),
  entries: z.array(entrySchema).max(60, 'Too many entries at once.'),
})

export const updateMachineSchema = z.strictObject({
  machine: machineSchema,
  facts: factsSchema,
  spec: specListSchema,
  customer: customerSchema,
  by: idText('Person'),
})

/** What the owner is asked, and for how long the link stays open. */
export const askOwnerSchema = z
  .strictObject({
    by: idText('Person'),
    stage: keyOf(QUOTE_STAGES, 'Asked for'),
    words: optionalText('Words to the owner', 2000),
    feeMinor: nullable(
      z
        .number({ error: 'Fee: type an amount.' })
        .int('The fee has too many decimals.')
        .min(0, "The fee can't be negative.")
        .max(1e8, 'The fee is too large.'),
    ),
    days: z
      .number({ error: 'Open for: type days.' })
      .int('Open for: whole days.')
      .min(1, 'A link stays open for at least a day.')
      .max(60, 'A link stays open for at most 60 days.'),
    photoIds: z.array(idText('Photo')).max(20, 'Twenty pictures are enough.'),
  })
  .refine(a => (a.stage === 'look' || a.stage === 'strip') === (a.feeMinor !== null), {
    path: ['feeMinor'],
    message: 'A look or an opening is asked for with its fee; a choice of ways without one.',
  })
export const ownerAnswerSchema = z
  .strictObject({
    choice: keyOf(OWNER_CHOICES, 'Answer'),
    optionId: nullable(idText('Way')),
    words: optionalText('Words', 1000),
    name: shortText('Your name', 120),
  })
  .refine(a => a.choice !== 'ask' || a.words !== null, { path: ['words'], message: 'Write your question.' })

export const importPricesSchema = z.strictObject({
  text: z
    .string({ error: 'The file is empty.' })
    .min(1, 'The file is empty.')
    .max(6_000_000, 'The file is too large: 6 MB is the most.'),
  supplier: optionalText('Supplier', 80),
  kind: z.enum(['retail', 'trade', 'donor'], { error: 'Prices are retail, trade or donor.' }),
  pricedOn: z.iso.date({ error: 'As of: give a date, for example 2026-11-25.' }),
  apply: z.boolean(),
  by: idText('Person'),
})

const shelfFields = {
  name: shortText('What it is', 120),
  grade: keyOf(SHELF_GRADES, 'Grade'),
  tested: optionalText('Tested', 200),
  measured: optionalText('Measured', 200),
  place: shortText('Place', 80),
  priceMinor: nullable(
    z
      .number({ error: 'Price: type an amount.' })
      .int('The price has too many decimals.')
      .min(0, "The price can't be negative.")
      .max(1e9, 'The price is too large.'),
  ),
  quarantine: optionalText('Quarantine', 300),
}
export const saveShelfSchema = z.strictObject({ ...shelfFields, by: idText('Person') })
export const newShelfSchema = z.strictObject({
  ...shelfFields,
  by: idText('Person'),
  id: idText('Part'),
  part: nullable(keyOf(PARTS, 'Part')),
  engineClass: keyOf(ENGINE_CLASSES, 'Class of engine'),
  fromJobId: nullable(idText('Job')),
})
export const moveShelfSchema = z.strictObject({
  to: z.enum(['shelf', 'reserved', 'used', 'gone'], { error: 'Say where it goes.' }),
  jobId: nullable(idText('Job')),
  by: idText('Person'),
})

export const personSchema = z.strictObject({
  name: shortText('Name', 60),
  initials: shortText('Initials', 4),
  active: z.boolean(),
})

/** A share taken again, by what the engine is: 100 leaves it as it is. */
const factors = <W extends Record<string, unknown>>(words: W) =>
  z.strictObject(
    Object.fromEntries(
      Object.entries(words).map(([key, word]) => [
        key,
        z
          .number({ error: `Factor for ${String(word)}: type a figure in per cent.` })
          .min(1, `Factor for ${String(word)} must be at least 1 %.`)
          .max(200, `Factor for ${String(word)} can be at most 200 %.`),
      ]),
    ) as { [K in keyof W]: z.ZodNumber },
  )

export const policySchema: z.ZodType<ShopPolicy> = z.strictObject({
  shopName: z.string().trim().max(80, "The shop's name can hold 80 characters."),
  shopAddress: z.string().trim().max(300, 'The address can hold 300 characters.'),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'Currency: three capital letters, for example EUR.')
    .refine(isCurrency, 'This currency is not known: use its three letters, for example EUR.'),
  labourRateMinor: z
    .number({ error: 'Labour rate: type an amount for an hour.' })
    .int('Labour rate has too many decimals.')
    .min(0, "The labour rate can't be negative.")
    .max(1e8, 'The labour rate is too large: check the decimal point.'),
  taxPct: z
    .number({ error: 'Tax: type a figure in per cent.' })
    .min(0, "Tax can't be negative.")
    .max(100, "Tax can't be more than 100 %."),
  altitudeM: z
    .number({ error: 'Height: type metres above the sea.' })
    .min(-500, 'Height must be at least −500 m.')
    .max(5500, 'Height can be at most 5,500 m.'),
  pressureUnit: z.enum(['bar', 'psi', 'kPa']),
  volumeUnit: z.enum(['mL', 'L', 'US_floz']),
  leadRule: z.enum(['net_value', 'cost_per_hour', 'share_of_value']),
  sharePct: z.strictObject(
    Object.fromEntries(
      Object.entries(USE_CLASSES).map(([key, word]) => [
        key,
        z
          .number({ error: `Share for ${word}: type a figure in per cent.` })
          .min(1, `Share for ${word} must be at least 1 %.`)
          .max(200, `Share for ${word} can be at most 200 %.`),
      ]),
    ) as { [K in keyof typeof USE_CLASSES]: z.ZodNumber },
  ),
  shareBore: factors(BORE),
  shareClass: factors(ENGINE_CLASSES),
  fillAim: z.enum(['low', 'middle', 'top']),
  surplusRule: z.enum(['surplus_only', 'change_all']),
  standHours: z
    .number({ error: 'Stand test: type hours.' })
    .min(1, 'A stand test takes at least 1 hour.')
    .max(72, 'A stand test takes at most 72 hours.'),
  labourTogether: z.boolean(),
  warnPct: z
    .number({ error: 'Warning: type a figure in per cent.' })
    .min(10, 'Warn at 10 % or later.')
    .max(100, 'Warn at 100 % at the latest.'),
  priceDays: z
    .number({ error: 'Age of a price: type days.' })
    .int('Age of a price: whole days.')
    .min(1, 'A price holds for at least a day.')
    .max(730, 'A price is stale after two years at the latest.'),
  minChargeMinor: z
    .number({ error: 'Least charge: type an amount.' })
    .int('Least charge has too many decimals.')
    .min(0, "The least charge can't be negative.")
    .max(1e8, 'The least charge is too large.'),
  roundToMinor: z
    .number({ error: 'Rounding: type an amount.' })
    .int('Rounding has too many decimals.')
    .min(1, 'Round to the smallest coin at the least.')
    .max(1e6, 'That is too coarse to round to.'),
})

function isCurrency(code: string): boolean {
  return Intl.supportedValuesOf('currency').includes(code)
}
