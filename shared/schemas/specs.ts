import { ENGINE_CLASSES } from '#core/engine/words'
import type { FillTable } from '#core/oil/fillMarks'
import { oilVolume } from '#core/oil/fillTable'
import { PLAIN_UNITS, SPEC_ITEMS, UNITS_OF_ITEM } from '#core/spec/specItems'
import type { SpecItem } from '#core/spec/specItems'
import type { SpecValue } from '#core/spec/specValue'
import { SPEC_SOURCES } from '#core/spec/specValue'
import { UNITS } from '#core/units/unitTable'
import { idText, keyOf, nullable, optionalText, shortText, versionText } from '#core/schema/words'
import { z } from 'zod'

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
    chosenWhy: optionalText('Why this one', 300).optional(),
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

const sheetFields = {
  name: shortText('Name of the sheet', 120),
  engineClass: keyOf(ENGINE_CLASSES, 'Class of engine'),
  values: specListSchema,
  fill: nullable(fillTableSchema),
  by: idText('Person'),
}
export const newSheetSchema = z.strictObject({ ...sheetFields, id: idText('Sheet') })
export const saveSheetSchema = z.strictObject({ ...sheetFields, version: versionText })
