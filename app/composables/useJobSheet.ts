import { useEventListener, useLocalStorage } from '@vueuse/core'
import { ulid } from 'ulid'
import type { InjectionKey } from 'vue'
import type { Assessment } from '#core/assess'
import type { Check } from '#core/catalogue'
import type { JobDiagnosis } from '#core/diagnosis/diagnoseJob'
import type { BodyOf, Entry, EntryKind } from '#core/entries/types'
import { entriesInForce } from '#core/log/entry'
import type { JobFile } from '#core/entries/file'
import { keptOf } from '#core/entries/kept'
import type { Move } from '#core/next/line'
import { lineOf } from '#core/next/line'
import type { Refused } from '#core/gates'
import { rulesHere } from '#core/entries/rule_here/rulesHere'
import type { ShopPolicy } from '#core/engine/policy'
import type { HowGot, Stage } from '#core/log/words'
import type { MeasureItem } from '#core/measure/items'
import type { JobPage } from '#shared/types/records'
import { FACES } from '~/entries/faces'

/** A form of the sheet: that of a kind of entry, or the oil's way through the engine. */
export type FormName = EntryKind | 'oil_map'

export interface JobSheet {
  job: Ref<JobPage>
  policy: ComputedRef<ShopPolicy>
  /** what the job is judged from, without what is being typed */
  file: ComputedRef<JobFile>
  assessment: Ref<Assessment | null>
  diagnosis: Ref<JobDiagnosis | null>
  /** what could not be worked out, in words; null while all of it could */
  unjudged: Ref<string | null>
  /** the check of the catalogue that is in hand */
  checkId: Ref<string | null>
  startCheck(check: Pick<Check, 'id' | 'form'>): void
  /** something was begun from the rail, and its form is still to be brought into view */
  begun: Ref<boolean>
  /** the size that is to be taken next, where another form asks for it */
  measureItem: Ref<MeasureItem | null>
  inForce: ComputedRef<Entry[]>
  /** what could be looked at or done next, in the order in which a master would */
  moves: ComputedRef<Move[]>
  /** what is being typed counts in the judgement */
  typing: ComputedRef<boolean>
  stage: ComputedRef<Stage>
  form: ComputedRef<FormName | null>
  open(stage: Stage, form?: FormName | null): void
  /** puts what a form holds into the judgement, or takes it out again */
  propose(form: string, entry: Entry | null): void
  log<K extends EntryKind>(entry: NewEntry<K>): Promise<Outcome<Entry>>
  lastLogged: Ref<Entry | null>
  /** takes an entry back; some minutes after it was logged, or by somebody else, it is asked why */
  undo(entry: Entry, why?: string): Promise<void>
  /** an undoing that can be taken back: what was undone just now */
  lastUndone: Ref<Entry | null>
  /** logs what was undone as it stood */
  putBack(undoing: string, was: Entry): Promise<void>
  /** what is to be undone as soon as it is said why */
  askingWhy: Ref<Entry | null>
  /** the entry that a form is to correct */
  correction: Ref<Entry | null>
  correct(entry: Entry): void
  trouble: Ref<string>
  reload(): Promise<void>
}

export interface NewEntry<K extends EntryKind> {
  id?: string
  at?: string | null
  kind: K
  how: HowGot | null
  body: BodyOf[K]
  supersedes?: string | null
}

/** So long whoever logged it takes it back without a word. */
const UNASKED_MS = 600_000

export const JOB_SHEET: InjectionKey<JobSheet> = Symbol('job sheet')

/** Whether the log's own Correct leads to a form. */
export const correctable = (entry: Entry): boolean => {
  const face = FACES[entry.kind]
  return entry.kind === 'note' || (face !== undefined && face.corrects !== false)
}

export function useJobSheet(first: JobPage): JobSheet {
  const shop = useShopStore()
  const job = ref<JobPage>(first)
  const proposals = ref<Record<string, Entry>>({})
  const file = computed<JobFile>(() => ({
    machineKind: job.value.machine.kind,
    facts: job.value.facts,
    spec: job.value.spec,
    fill: job.value.fill,
    entries: job.value.entries,
    history: job.value.history,
    policy: shop.policy,
    counts: job.value.counts,
  }))
  const typed = computed(() => Object.values(proposals.value))
  const {
    assessment,
    diagnosis,
    trouble: unjudged,
  } = useAssess(
    first.id,
    () => file.value,
    () => typed.value,
  )
  const inForce = computed(() => entriesInForce(job.value.entries))
  const policy = computed(() => rulesHere(shop.policy, inForce.value))
  const moves = computed((): Move[] => {
    const a = assessment.value
    return a
      ? lineOf(
          {
            looks: a.next,
            stops: a.stops,
            fact: (a.approved ? undefined : a.decision.verdict?.looks.find(l => l.pays)) ?? null,
            currency: policy.value.currency,
            named: keptOf(inForce.value).cause_found.length > 0,
          },
          diagnosis.value ?? { next: [], proved: null },
        )
      : []
  })
  const kept = useStoredPlace(first.id)
  // the stage that was in hand when the job was opened: logging does not turn the page
  watch(assessment, a => {
    if (a && !kept.value.stage) kept.value = { stage: a.stage, form: null }
  })
  const lastLogged = ref<Entry | null>(null)
  const lastUndone = ref<Entry | null>(null)
  const askingWhy = ref<Entry | null>(null)
  const correction = ref<Entry | null>(null)
  const trouble = ref('')
  const checkId = ref<string | null>(null)
  const measureItem = ref<MeasureItem | null>(null)
  // other tabs and benches may have written in the meantime
  const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(`remedium:${first.id}`)
  tabs?.addEventListener('message', () => {
    void reload()
  })
  onScopeDispose(() => tabs?.close())
  useEventListener(window, 'focus', () => {
    void reload()
  })

  async function reload(): Promise<void> {
    try {
      job.value = await read<JobPage>(`/api/jobs/${first.id}`)
      trouble.value = ''
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }

  async function log<K extends EntryKind>({
    id = ulid(),
    at,
    kind,
    how,
    body,
    supersedes = null,
  }: NewEntry<K>): Promise<Outcome<Entry>> {
    if (!shop.person)
      return {
        ok: false,
        status: 422,
        message: 'Say who is at the bench first, at the top right.',
        faults: [{ field: 'by', message: 'Choose a name at the top right.' }],
        more: {},
      }
    const entry = { id, kind, at: at ?? new Date().toISOString(), by: shop.person.id, how, body, supersedes }
    const held = await heldHere(entry as Entry)
    if (held) return { ok: false, status: 409, message: held.message, faults: held.fields, more: {} }
    const outcome = await send<Entry>(`/api/jobs/${first.id}/entries`, 'POST', entry)
    if (outcome.ok) {
      if (!job.value.entries.some(e => e.id === outcome.value.id))
        job.value = { ...job.value, entries: [...job.value.entries, outcome.value] }
      lastLogged.value = kind === 'void' ? null : outcome.value
      lastUndone.value = kind === 'void' ? outcome.value : null
      if (kind === 'meter') await reload()
      tabs?.postMessage('logged')
    } else if (outcome.status === 409) {
      await reload()
    }
    return outcome
  }

  /** What the gates refuse here, they refuse at the shop; another bench may have opened one since, so the log is read again before a no. */
  async function heldHere(entry: Entry): Promise<Refused | null> {
    if (job.value.entries.some(e => e.id === entry.id)) return null
    if (!(await refusalOf(file.value, entry))) return null
    await reload()
    return job.value.entries.some(e => e.id === entry.id) ? null : await refusalOf(file.value, entry)
  }

  async function undo(entry: Entry, why?: string): Promise<void> {
    const fresh = entry.by === shop.person?.id && Date.now() - Date.parse(entry.at) < UNASKED_MS
    if (!why && !fresh) {
      askingWhy.value = entry
      return
    }
    askingWhy.value = null
    const outcome = await log({ kind: 'void', how: null, body: { reason: why ?? 'Undone' }, supersedes: entry.id })
    trouble.value = outcome.ok ? '' : outcome.message
  }

  /** A finding comes back where it stood; anything else is begun anew, and passes the gates as they are now. */
  async function putBack(undoing: string, was: Entry): Promise<void> {
    const { isFinding } = await import('#core/entries/rooms')
    const { kind, how, body, at } = was
    const outcome = await log({ kind, how, body, at, supersedes: isFinding(kind) ? undoing : null })
    trouble.value = outcome.ok ? '' : outcome.message
  }

  function open(stage: Stage, form: FormName | null = null): void {
    kept.value = { stage, form }
  }

  function startCheck(check: Pick<Check, 'id' | 'form'>): void {
    checkId.value = check.id
    const form = (check.form ?? 'check') as EntryKind
    open(FACES[form]?.stage ?? 'first_look', form)
  }

  function correct(entry: Entry): void {
    if (!correctable(entry)) return
    if (entry.kind === 'check') checkId.value = entry.body.check
    correction.value = entry
    open(entry.kind === 'note' ? entry.body.stage : (FACES[entry.kind]?.stage ?? 'book_in'), entry.kind)
  }

  return {
    job,
    file,
    policy,
    moves,
    assessment,
    diagnosis,
    unjudged,
    checkId,
    begun: ref(false),
    measureItem,
    startCheck,
    inForce,
    lastLogged,
    lastUndone,
    askingWhy,
    putBack,
    correction,
    trouble,
    typing: computed(() => typed.value.length > 0),
    stage: computed(() => kept.value.stage ?? 'book_in'),
    form: computed(() => kept.value.form),
    open,
    log,
    undo,
    correct,
    reload,
    propose(form, entry) {
      const { [form]: _, ...others } = proposals.value
      proposals.value = entry ? { ...others, [form]: entry } : others
    },
  }
}

/** Where this job was left, so that it is found again as it was. */
function useStoredPlace(jobId: string) {
  return useLocalStorage<{ stage: Stage | null; form: FormName | null }>(
    `remedium:place:${jobId}`,
    { stage: null, form: null },
    { listenToStorageChanges: false },
  )
}

export function useSheet(): JobSheet {
  const sheet = inject(JOB_SHEET)
  if (!sheet) throw new Error('A part of the job sheet was used outside of it.')
  return sheet
}
