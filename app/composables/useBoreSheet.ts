import { keptOf } from '#core/entries/kept'
import type { BoreBody } from '#core/entries/bore/schema'
import type { Tool } from '#core/measure/tools'
import type { SCORE_SIDES } from '#core/words/opened'
import { boreOf } from '#core/measure/against'
import { specFor } from '#core/spec/specValue'
import { convert } from '#core/units/unitConvert'

/** A bore read aloud: six readings, Enter after each, the last Enter logs it. */
export interface Draft {
  nominal: string
  unit: 'mm' | 'in'
  rows: [string, string][]
  piston: string
  tool: Tool
  when: BoreBody['when']
  partC: string
  sizes: string
  holdCentre: boolean
  crossHatch: BoreBody['crossHatch']
  score: string
  scoreSide: keyof typeof SCORE_SIDES | null
  inHand: string
  noBefore: string
  note: string
}

/** A bore as it is read, row by row. */
export function useBoreSheet() {
  const sheet = useSheet()

  const DEPTHS = ['Top', 'Middle', 'Bottom']

  const known = boreOf(sheet.file.value)

  const form = useEntryForm<'bore', Draft>({
    kind: 'bore',
    byCylinder: true,
    blank: () => ({
      nominal: known === null ? '' : String(known),
      unit: 'mm',
      rows: [
        ['', ''],
        ['', ''],
        ['', ''],
      ],
      piston: '',
      tool: 'bore_dial',
      when: 'as_found',
      partC: '',
      sizes: '0.25 0.5',
      holdCentre: false,
      crossHatch: 'not_looked',
      score: '',
      scoreSide: null,
      inHand: '',
      noBefore: '',
      note: '',
    }),
    how: () => 'measured',
    toBody: d => ({
      nominal: { value: typedFigure(d.nominal) as number, unit: d.unit },
      unit: d.unit,
      rows: d.rows.filter(r => r.some(t => t.trim())).map(r => r.map(t => typedFigure(t)) as [number, number]),
      piston: d.piston.trim() ? { value: typedFigure(d.piston) as number, unit: d.unit } : null,
      tool: d.tool,
      when: d.when,
      partC: typedFigure(d.partC) as number | null,
      sizesMm: d.sizes
        .split(/[\s;+]+/)
        .filter(Boolean)
        .map(t => typedFigure(t) as number),
      holdCentre: d.holdCentre,
      crossHatch: d.crossHatch,
      scoreDepth: d.score?.trim() ? { value: typedFigure(d.score) as number, unit: d.unit } : null,
      scoreSide: d.scoreSide ?? null,
      pistonInHand: d.inHand?.trim() ? { value: typedFigure(d.inHand) as number, unit: d.unit } : null,
      noBefore: d.noBefore || null,
      note: d.note || null,
    }),
    fromBody: b => ({
      nominal: String(b.nominal.value),
      unit: b.unit,
      rows: b.rows.map(([x, y]) => [String(x), String(y)]),
      piston: b.piston ? String(b.piston.value) : '',
      tool: b.tool,
      when: b.when,
      partC: figureText(b.partC),
      sizes: b.sizesMm.join(' '),
      holdCentre: b.holdCentre,
      crossHatch: b.crossHatch,
      score: b.scoreDepth ? String(b.scoreDepth.value) : '',
      scoreSide: b.scoreSide ?? null,
      inHand: b.pistonInHand ? String(b.pistonInHand.value) : '',
      noBefore: b.noBefore ?? '',
      note: b.note ?? '',
    }),
  })

  const { draft } = form

  const judged = computed(() => (typed.value ? form.judged.value : sheet.assessment.value?.newest.bore))

  const read = (t: string): number | null => {
    const value = figure(t)
    return value === null || Number.isNaN(value) ? null : value
  }

  const last = computed(() => keptOf(sheet.inForce.value).bore.at(-1))

  const typed = computed(() => draft.value.rows.some(r => r.some(t => t.trim())))

  /** what is typed, or else what was logged last */
  const drawn = computed(() =>
    typed.value || !last.value ? draft.value.rows.map(([x, y]) => [read(x), read(y)] as const) : last.value.body.rows,
  )

  const drawnUnit = computed(() => (typed.value || !last.value ? draft.value.unit : last.value.body.unit))

  const drawnNominal = computed(() =>
    typed.value || !last.value
      ? read(draft.value.nominal)
      : convert(last.value.body.nominal.value, last.value.body.nominal.unit, last.value.body.unit),
  )

  const limit = computed(() => {
    const found = specFor(
      'bore_wear_max',
      sheet.job.value.spec,
      sheet.job.value.facts.engineClass,
      sheet.job.value.facts.displacementCc,
    )
    return found ? convert(found.value, 'mm', drawnUnit.value) : null
  })

  const el = ref<HTMLFormElement>()

  /** Enter goes on to the next figure; after the last it is logged. */
  function onward(event: KeyboardEvent): void {
    const fields = [...(el.value?.querySelectorAll<HTMLInputElement>('input[data-go]') ?? [])]
    const i = fields.indexOf(event.target as HTMLInputElement)
    if (i < 0) return
    event.preventDefault()
    const later =
      fields.slice(i + 1).find(f => !f.value.trim() && f.dataset.go !== 'last') ??
      (i + 1 < fields.length ? fields[i + 1] : undefined)
    if (later) {
      later.focus()
      later.select()
    } else void form.submit()
  }

  const cell = (i: number, j: number): string =>
    form.faults.value.find(f => f.field === `body.rows.${i}.${j}` || f.field === `body.rows.${i}`)?.message ?? ''

  const rowFault = computed(() => form.faults.value.find(f => f.field.startsWith('body.rows'))?.message ?? '')

  onMounted(() => {
    ;[...(el.value?.querySelectorAll<HTMLInputElement>('input[data-go]') ?? [])]
      .find(f => !f.value)
      ?.focus({ preventScroll: true })
  })

  return { DEPTHS, form, draft, judged, last, drawn, drawnUnit, drawnNominal, limit, el, onward, cell, rowFault }
}
