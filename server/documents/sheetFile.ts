import type { Database } from 'better-sqlite3'
import Papa from 'papaparse'
import { z } from 'zod'
import type { EngineClass } from '#core/engine/words'
import { ENGINE_CLASSES } from '#core/engine/words'
import type { FillTable } from '#core/oil/fillMarks'
import { figureLine, mergeSheet } from '#core/spec/mergeSheet'
import { SPEC_ITEMS, SPEC_ITEM_NAMES } from '#core/spec/specItems'
import type { SpecValue } from '#core/spec/specValue'
import { SPEC_SOURCES } from '#core/spec/specValue'
import { fillTableSchema, specListSchema, specValueSchema } from '#shared/schemas/specs'
import { nullable, wordsOf } from '#core/schema/words'
import type { ImportReport, Sheet } from '#shared/types/records'
import { Refusal } from '../db/refusal'
import { addSheet, saveSheet, sheetOf } from '../db/sheets'

const FORMAT = 'remedium-spec-sheet/1'
const COLUMNS = ['item', 'value', 'unit', 'source', 'year', 'checked_by', 'chosen', 'note'] as const

export function sheetJson({ name, engineClass, values, fill }: Sheet): string {
  return `${JSON.stringify({ format: FORMAT, name, engineClass, values, fill }, null, 2)}\n`
}

export function sheetCsv({ values }: Sheet): string {
  return `${Papa.unparse({ fields: [...COLUMNS], data: values.map(v => [v.item, v.value, v.unit, v.source, v.year ?? '', v.checkedBy ?? '', v.chosen ? 'yes' : '', v.note ?? '']) }, { escapeFormulae: true })}\r\n`
}

export interface ImportAsk {
  as: 'csv' | 'json'
  text: string
  sheetId: string | null
  name: string | null
  engineClass: EngineClass | null
  apply: boolean
  by: string
}
interface Read {
  values: SpecValue[]
  fill: FillTable | null
  name: string | null
  engineClass: EngineClass | null
  lines: ImportReport['lines']
}

/** Figures of a file put onto a sheet, or onto a new one. A file with a wrong line changes nothing. */
export function importSheet(db: Database, ask: ImportAsk): ImportReport {
  const read = ask.as === 'csv' ? readCsv(ask.text) : readJson(ask.text)
  const target = ask.sheetId === null ? null : sheetOf(db, ask.sheetId)
  const merged = mergeSheet(target?.values ?? [], read.values)
  const whole = specListSchema.safeParse(merged.values)
  const lines = whole.success
    ? read.lines
    : [...read.lines, ...whole.error.issues.map(issue => ({ line: 0, message: wordsOf(issue) }))]
  const name = ask.name ?? read.name
  const engineClass = ask.engineClass ?? read.engineClass
  if (!target && (!name || !engineClass))
    lines.push({ line: 0, message: 'A new sheet needs a name and a class of engine.' })
  const fill = target?.fill ?? read.fill
  const apply = ask.apply && !lines.length
  const sheetId = apply ? store() : ask.sheetId
  return {
    lines,
    added: merged.added.map(figureLine),
    same: merged.same.length,
    conflicts: merged.conflicts.map(item => SPEC_ITEMS[item].label),
    doubts: merged.doubts.map(d => d.doubt.message),
    applied: apply,
    sheetId,
    version: target?.version ?? null,
  }

  function store(): string {
    if (target) {
      saveSheet(
        db,
        target.id,
        { name: target.name, engineClass: target.engineClass, values: merged.values, fill },
        ask.by,
      )
      return target.id
    }
    return addSheet(db, name ?? '', engineClass ?? 'S4', { values: merged.values, fill })
  }
}

function readCsv(text: string): Read {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: h => h.trim().toLowerCase(),
    delimitersToGuess: [',', ';', '\t'],
  })
  const lacking = COLUMNS.slice(0, 4).filter(c => !meta.fields?.includes(c))
  if (lacking.length)
    throw new Refusal(
      422,
      `The first line must name the columns; ${lacking.join(', ')} ${lacking.length > 1 ? 'are' : 'is'} missing.`,
      [{ field: 'text', message: `Columns: ${COLUMNS.join(', ')}.` }],
    )
  const lines: ImportReport['lines'] = errors
    .filter(e => e.row !== undefined)
    .map(e => ({ line: (e.row ?? 0) + 2, message: e.message }))
  const values = data.flatMap((cells, i): SpecValue[] => {
    const typed = (column: string): string => (cells[column] ?? '').trim().replace(/^'(?=[=+\-@])/, '')
    const figure = (column: string): number | string | null =>
      typed(column) === ''
        ? null
        : Number.isFinite(Number(typed(column).replace(',', '.')))
          ? Number(typed(column).replace(',', '.'))
          : typed(column)
    const parsed = specValueSchema.safeParse({
      item: typed('item'),
      value: figure('value'),
      unit: typed('unit'),
      source: typed('source'),
      year: figure('year'),
      checkedBy: typed('checked_by') || null,
      chosen: /^(yes|true|1|x)$/i.test(typed('chosen')),
      note: typed('note') || null,
    })
    if (parsed.success) return [parsed.data]
    for (const issue of parsed.error.issues) lines.push({ line: i + 2, message: hint(issue, typed) })
    return []
  })
  return { values, fill: null, name: null, engineClass: null, lines }
}

function hint(issue: z.core.$ZodIssue, typed: (column: string) => string): string {
  if (issue.path[0] === 'item')
    return `${typed('item') || 'Nothing'} is not a figure that a sheet holds. They are: ${SPEC_ITEM_NAMES.join(', ')}.`
  if (issue.path[0] === 'source')
    return `Source ${typed('source') || 'missing'}: use one of ${Object.keys(SPEC_SOURCES).join(', ')}.`
  return wordsOf(issue)
}

const fileSchema = z.object({
  format: z.literal(FORMAT),
  name: z.string().min(1).max(120),
  engineClass: z.enum(Object.keys(ENGINE_CLASSES) as [EngineClass]),
  values: z.array(z.unknown()),
  fill: nullable(z.unknown()),
})

function readJson(text: string): Read {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    throw new Refusal(422, 'This is not JSON.', [
      { field: 'text', message: 'Choose a file that was exported as JSON.' },
    ])
  }
  const file = fileSchema.safeParse(json)
  if (!file.success)
    throw new Refusal(
      422,
      `This is not a spec sheet: its format must be ${FORMAT}.`,
      file.error.issues.map(issue => ({ field: issue.path.join('.'), message: wordsOf(issue) })),
    )
  const lines: ImportReport['lines'] = []
  const values = file.data.values.flatMap((value, i) => {
    const parsed = specValueSchema.safeParse(value)
    if (parsed.success) return [parsed.data]
    lines.push(...parsed.error.issues.map(issue => ({ line: i + 1, message: wordsOf(issue) })))
    return []
  })
  const fill = file.data.fill === null ? null : fillTableSchema.safeParse(file.data.fill)
  if (fill && !fill.success)
    lines.push(...fill.error.issues.map(issue => ({ line: 0, message: `Fill table: ${wordsOf(issue)}` })))
  return {
    values,
    fill: fill?.success ? fill.data : null,
    name: file.data.name,
    engineClass: file.data.engineClass,
    lines,
  }
}

/** JSON Schema of the file, from the same names that the checks use. */
export function sheetFileJsonSchema(): unknown {
  const units = [...new Set(SPEC_ITEM_NAMES.map(i => SPEC_ITEMS[i].unit))]
  const value = {
    type: 'object',
    required: ['item', 'value', 'unit', 'source'],
    properties: {
      item: {
        enum: SPEC_ITEM_NAMES,
        description: SPEC_ITEM_NAMES.map(i => `${i}: ${SPEC_ITEMS[i].label}, ${SPEC_ITEMS[i].unit}`).join('; '),
      },
      value: { type: 'number', minimum: 0 },
      unit: { type: 'string', description: `Any unit of the same kind as the item's own: ${units.join(', ')}` },
      source: { enum: Object.keys(SPEC_SOURCES) },
      year: { type: ['integer', 'null'] },
      checkedBy: { type: ['string', 'null'] },
      chosen: { type: 'boolean' },
      chosenWhy: { type: ['string', 'null'], maxLength: 300, description: 'Why this one, among figures that disagree' },
      note: { type: ['string', 'null'], maxLength: 400 },
    },
  }
  const fill = {
    type: ['object', 'null'],
    required: ['kind', 'unit', 'points', 'lowAt', 'fullAt'],
    properties: {
      kind: { enum: ['level', 'ullage'] },
      unit: { const: 'mm' },
      points: {
        type: 'array',
        minItems: 2,
        items: {
          type: 'array',
          prefixItems: [
            { type: 'number', description: 'reading, mm' },
            { type: 'number', description: 'oil in it, mL' },
          ],
          minItems: 2,
          maxItems: 2,
        },
      },
      lowAt: { type: 'number' },
      fullAt: { type: 'number' },
    },
  }
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Spec sheet',
    type: 'object',
    required: ['format', 'name', 'engineClass', 'values'],
    properties: {
      format: { const: FORMAT },
      name: { type: 'string', maxLength: 120 },
      engineClass: { enum: Object.keys(ENGINE_CLASSES) },
      values: { type: 'array', items: value },
      fill,
    },
  }
}
