import { partsStanding } from '#core/entries/part/judge'
import type { PartKey } from '#core/teardown/parts'
import { latest } from '#core/entries/types'
import { hasSump } from '#core/oil/fillMarks'
import { FINDING_PLANS } from '~/entries/plans'
import type { PlannedFinding } from '~/entries/plans'
import type { FormName, JobSheet } from '~/composables/useJobSheet'

/** The forms of each stage of a job, which of them is open, and how each stands. */
export function useJobTabs(sheet: JobSheet | null) {
  const LOOKS: { form: FormName; label: string }[] = [
    { form: 'oil', label: 'Oil' },
    { form: 'mix', label: 'Mix' },
    { form: 'fuel', label: 'Fuel in the oil' },
    { form: 'turn_over', label: 'Turns over' },
    { form: 'lock_step', label: 'Locked' },
    { form: 'plug', label: 'Plug' },
    { form: 'air_filter', label: 'Air filter' },
    { form: 'clues', label: 'Outside' },
    { form: 'leaks', label: 'Leaks' },
    { form: 'smoke', label: 'Smoke' },
    { form: 'oil_use', label: 'Uses oil' },
    { form: 'oil_kind', label: 'Kind of oil' },
  ]
  const PLANNED = new Set<string>(Object.keys(FINDING_PLANS))
  const planned = (form: FormName | null | undefined): PlannedFinding | null =>
    form && PLANNED.has(form) ? (form as PlannedFinding) : null
  const locked = computed(
    () =>
      sheet &&
      (latest(sheet.inForce.value, 'turn_over')?.body.feel === 'locked' || latest(sheet.inForce.value, 'lock_step')),
  )
  const hidden = computed((): Set<FormName> => {
    const f = sheet?.job.value.facts
    if (!f) return new Set()
    const gone: (FormName | false)[] = [
      !hasSump(f) && 'oil',
      !hasSump(f) && 'oil_use',
      f.cycle !== 'two' && 'mix',
      !sheet?.assessment.value?.fuel && 'fuel',
      !locked.value && 'lock_step',
    ]
    return new Set(gone.filter(form => form !== false))
  })
  const looks = computed(() => LOOKS.filter(l => !hidden.value.has(l.form)))
  const look = computed(() => looks.value.find(l => l.form === sheet?.form.value)?.form ?? looks.value[0]?.form)
  /** the mark of the newest standing finding of each kind */
  const marks = computed(() => {
    const kindOf = new Map(sheet?.inForce.value.map(e => [e.id, e.kind]))
    const newest = new Map(
      sheet?.assessment.value?.judgements.map(j => [kindOf.get(j.entryId) as FormName | undefined, j.mark]),
    )
    // many parts and sizes stand side by side: the worst of them speaks
    for (const kind of ['part', 'measure'] as const) {
      const all = sheet?.assessment.value?.judgements.filter(j => kindOf.get(j.entryId) === kind).map(j => j.mark) ?? []
      const worst = (['past', 'near', 'open', 'good'] as const).find(m => all.includes(m))
      if (worst) newest.set(kind, worst)
    }
    return newest
  })
  const OPENED: { form: FormName; label: string }[] = [
    { form: 'part', label: 'Parts' },
    { form: 'as_found', label: 'As found' },
    { form: 'oil_map', label: 'Oil map' },
    { form: 'fasteners', label: 'Fasteners' },
    { form: 'debris', label: 'Debris' },
    { form: 'evidence', label: 'Evidence' },
    { form: 'cause_found', label: 'First cause' },
    { form: 'bad_batch', label: 'Bad batch' },
  ]
  const MEASURED = computed((): { form: FormName; label: string }[] => [
    { form: 'bore', label: 'Bore' },
    { form: 'measure', label: 'Other sizes' },
    ...(sheet?.job.value.facts.cycle === 'two' ? [] : [{ form: 'valve_leak' as const, label: 'Valve leak test' }]),
    ...(sheet?.job.value.facts.oiling.startsWith('pump') ? [{ form: 'pump_rig' as const, label: 'Pump rig' }] : []),
  ])
  const opened = computed(() => OPENED.find(t => t.form === sheet?.form.value)?.form ?? 'part')
  const measured = computed(() => MEASURED.value.find(t => t.form === sheet?.form.value)?.form ?? 'bore')
  /** a part touched on the map: its own sheet where there is one, otherwise the list */
  function pickPart(part: PartKey): void {
    const standing = sheet && partsStanding(sheet.inForce.value).find(e => e.body.part === part)
    if (standing) sheet?.correct(standing)
    else sheet?.open('open_up', 'part')
  }

  return { planned, looks, look, marks, OPENED, MEASURED, opened, measured, pickPart }
}
