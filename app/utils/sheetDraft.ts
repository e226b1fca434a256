import type { FillTable } from '#core/oil/fillMarks'
import type { SpecItem } from '#core/spec/specItems'
import type { SpecSource, SpecValue } from '#core/spec/specValue'

/** One figure of the sheet's editor, everything as typed. `was` keeps an untouched figure's check mark. */
export interface FigureDraft {
  item: SpecItem
  value: string
  unit: string
  source: SpecSource
  note: string
  year: string
  checkedBy: string | null
  chosen: boolean
  chosenWhy: string
}
export interface FillDraft {
  on: boolean
  kind: FillTable['kind']
  rows: { reading: string; ml: string }[]
  lowAt: string
  fullAt: string
}

const number = (text: string): number => typedFigure(text) as number

export const figureDraft = (v: SpecValue): FigureDraft => ({
  item: v.item,
  value: String(v.value),
  unit: v.unit,
  source: v.source,
  note: v.note ?? '',
  year: figureText(v.year),
  checkedBy: v.checkedBy,
  chosen: v.chosen,
  chosenWhy: v.chosenWhy ?? '',
})
export const figureValue = (d: FigureDraft): SpecValue => ({
  item: d.item,
  value: number(d.value),
  unit: d.unit,
  source: d.source,
  note: d.note || null,
  year: typedFigure(d.year) as number | null,
  checkedBy: d.checkedBy,
  chosen: d.chosen,
  ...(d.chosen && d.chosenWhy && { chosenWhy: d.chosenWhy }),
})

export const fillDraft = (fill: FillTable | null): FillDraft => ({
  on: fill !== null,
  kind: fill?.kind ?? 'level',
  rows: fill
    ? fill.points.map(([r, ml]) => ({ reading: String(r), ml: String(ml) }))
    : [
        { reading: '', ml: '' },
        { reading: '', ml: '' },
      ],
  lowAt: figureText(fill?.lowAt),
  fullAt: figureText(fill?.fullAt),
})
export function fillValue(d: FillDraft): FillTable | null {
  if (!d.on) return null
  return {
    kind: d.kind,
    unit: 'mm',
    points: d.rows.filter(r => r.reading.trim() || r.ml.trim()).map(r => [number(r.reading), number(r.ml)]),
    lowAt: number(d.lowAt),
    fullAt: number(d.fullAt),
  }
}
