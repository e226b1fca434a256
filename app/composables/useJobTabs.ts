import type { EntryKind } from '#core/entries/types'
import { keptOf } from '#core/entries/kept'
import { partsStanding } from '#core/entries/part/standing'
import type { PartKey } from '#core/teardown/parts'
import { tabsOf } from '~/entries/faces'
import type { Shown } from '~/entries/face'
import type { FormName, JobSheet } from '~/composables/useJobSheet'

/** Drawn beside the forms of opening up; it logs nothing of its own. */
const OIL_MAP = { form: 'oil_map' as const, label: 'Oil map', at: 3 }

/** The forms of each stage of a job, which of them is open, and how each stands. */
export function useJobTabs(sheet: JobSheet) {
  const session = useSessionStore()
  const shown = computed((): Shown => {
    const { turn_over: turned, lock_step: steps } = keptOf(sheet.inForce.value)
    return {
      facts: sheet.job.value.facts,
      fuel: Boolean(sheet.assessment.value?.fuel),
      locked: turned.at(-1)?.body.feel === 'locked' || steps.length > 0,
    }
  })
  const tabs = computed((): { form: FormName; label: string; at: number }[] => {
    const stage = sheet.stage.value
    const forms = tabsOf(stage, shown.value).filter(t => session.mayLog(t.form))
    return stage === 'open_up' ? [...forms, OIL_MAP].sort((a, b) => a.at - b.at) : forms
  })
  const inHand = computed(() => tabs.value.find(t => t.form === sheet.form.value)?.form ?? tabs.value[0]?.form)
  const entryForm = computed(() => (inHand.value === 'oil_map' ? null : ((inHand.value ?? null) as EntryKind | null)))
  const marks = computed(() => sheet.assessment.value?.marks ?? {})
  /** forms that something stands on the log of */
  const done = computed(() => new Set<string>(sheet.inForce.value.map(e => e.kind)))
  /** a part touched on the map: its own sheet where there is one, otherwise the list */
  function pickPart(part: PartKey): void {
    const standing = partsStanding(sheet.inForce.value).find(e => e.body.part === part)
    if (standing) sheet.correct(standing)
    else sheet.open('open_up', 'part')
  }

  return { tabs, inHand, entryForm, marks, done, pickPart }
}
