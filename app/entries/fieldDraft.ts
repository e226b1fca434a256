import type { EngineFacts } from '#core/engine/facts'
import type { BodyOf, Entry, EntryKind } from '#core/entries/types'
import type { Quantity } from '#core/units/quantity'
import type { FieldPlan, FieldsDraft, FindingPlan, QuantityDraft, RowColumn } from './fieldPlan'

export function blankFields(plan: FindingPlan): FieldsDraft {
  return Object.fromEntries(plan.fields.map((f): [string, FieldsDraft[string]] => [f.key, blankField(f)]))
}

function blankField(f: FieldPlan): FieldsDraft[string] {
  switch (f.type) {
    case 'chips':
      return f.start ?? null
    case 'many':
    case 'parts':
    case 'answers':
    case 'leaks':
    case 'rows':
      return []
    case 'switch':
      return false
    case 'quantity':
      return { text: '', unit: rememberedUnit(f.kind, f.units) }
    default:
      return ''
  }
}

/** What a form holds as the body of its entry. What can't be read as a figure goes as it was typed: the answer then names the field. */
export function fieldsBody(plan: FindingPlan, draft: FieldsDraft, facts: EngineFacts): BodyOf[EntryKind] {
  // what is not asked is not said, whatever was typed before it went out of sight
  const asked = (f: FieldPlan): boolean => f.when?.(draft, facts) ?? true
  return Object.fromEntries(
    plan.fields.map(f => [f.key, fieldBody(f, asked(f) ? (draft[f.key] ?? blankField(f)) : blankField(f))]),
  ) as unknown as BodyOf[EntryKind]
}

function cellBody(c: RowColumn, row: Record<string, string>): unknown {
  const text = row[c.key] ?? ''
  if (c.options) return text || null
  if (!c.figure) return text.trim()
  const value = typedFigure(text)
  return c.units ? (text.trim() ? { value, unit: row[unitCell(c.key)] || c.units[0] } : null) : value
}

/** Where a row keeps the unit of one of its figures. */
export const unitCell = (key: string): string => `${key}_unit`

/** A cell of a row as it is drawn, and its unit where it has one. */
function cellDraft(c: RowColumn, value: unknown): [string, string][] {
  if (value === null || value === undefined) return [[c.key, '']]
  if (!c.figure) return [[c.key, value as string]]
  if (!c.units) return [[c.key, figureText(value as number)]]
  const { value: figure, unit } = value as Quantity
  return [
    [c.key, figureText(figure)],
    [unitCell(c.key), unit],
  ]
}

function fieldBody(f: FieldPlan, value: FieldsDraft[string]): unknown {
  switch (f.type) {
    case 'figure':
      return typedFigure(value as string)
    case 'money':
      return moneyTyped(value as string, useShopStore().policy.currency)
    case 'quantity': {
      const { text, unit } = value as QuantityDraft
      return text.trim() ? { value: typedFigure(text), unit } : null
    }
    case 'lines':
      return (value as string)
        .split('\n')
        .map(line => line.trim())
        .filter(Boolean)
    case 'rows':
      return (value as Record<string, string>[]).map(row =>
        Object.fromEntries(f.columns.map(c => [c.key, cellBody(c, row)])),
      )
    case 'text':
    case 'cause':
    case 'area':
    case 'date':
      return (value as string) || null
    default:
      return value
  }
}

export function fieldsDraft(plan: FindingPlan, body: Entry['body']): FieldsDraft {
  const of = body as unknown as Record<string, unknown>
  return Object.fromEntries(
    plan.fields.map((f): [string, FieldsDraft[string]] => {
      const value = of[f.key]
      if (f.type === 'figure') return [f.key, figureText(value as number | null)]
      if (f.type === 'money') return [f.key, moneyField(value as number | null, useShopStore().policy.currency)]
      if (f.type === 'quantity')
        return [
          f.key,
          value
            ? { text: String((value as Quantity).value), unit: (value as Quantity).unit }
            : { text: '', unit: rememberedUnit(f.kind, f.units) },
        ]
      if (f.type === 'rows')
        return [
          f.key,
          ((value as Record<string, unknown>[] | undefined) ?? []).map(row =>
            Object.fromEntries(f.columns.flatMap(c => cellDraft(c, row[c.key]))),
          ),
        ]
      if (f.type === 'lines') return [f.key, (value as string[]).join('\n')]
      if (f.type === 'text' || f.type === 'cause' || f.type === 'area' || f.type === 'date')
        return [f.key, (value as string | null) ?? '']
      return [f.key, (value as FieldsDraft[string] | undefined) ?? blankField(f)]
    }),
  )
}
