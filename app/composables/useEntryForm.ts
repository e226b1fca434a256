import { ulid } from 'ulid'
import { standsFor } from '#core/log/entry'
import type { HeldPhoto } from '~/composables/useFindingPhotos'
import { FINDING_PHOTOS } from '~/composables/useFindingPhotos'
import type { BodyOf, Entry, EntryKind } from '#core/entries/types'
import type { JudgementOf } from '#core/entries/judgements'
import type { HowGot } from '#core/log/words'

interface Cylinder {
  ofCylinder?: string | null
}

/** `at` is set when it is first sent, so that sending it again is the very same entry. */
interface Kept<D> {
  id: string
  supersedes: string | null
  at: string | null
  data: D
  /** pictures taken in the form, on disk already */
  photos?: HeldPhoto[]
}

interface FormPlan<K extends EntryKind, D extends object> {
  kind: K
  /** the standing entry that the form shows and corrects */
  base?: Entry
  /** distinguishes several drafts of one form, for example one for each option */
  slot?: string
  blank(): D
  toBody(data: D): BodyOf[K]
  fromBody(body: BodyOf[K], how: HowGot | null): D
  how(data: D): HowGot | null
  /** taken cylinder by cylinder, where there are several */
  byCylinder?: true
  /** false: what is typed does not count in the judgement before it is logged */
  counts?: boolean
}

/**
 * A form whose content survives walking away: every stroke is kept in this browser until it is logged.
 * The entry's id is kept with it, so that pressing twice or a lost answer never logs it twice.
 */
export function useEntryForm<K extends EntryKind, D extends object>(plan: FormPlan<K, D>) {
  const sheet = useSheet()
  const several = plan.byCylinder && sheet.job.value.facts.cylinders > 1
  /** the cylinder is kept beside what the form itself holds */
  const bodyOf = (data: D & Cylinder): BodyOf[K] =>
    several ? { ...plan.toBody(data), ofCylinder: data.ofCylinder ? Number(data.ofCylinder) : null } : plan.toBody(data)
  const dataOf = (body: BodyOf[K], how: HowGot | null): D & Cylinder => {
    const n = (body as { ofCylinder?: number | null }).ofCylinder
    return { ...plan.fromBody(body, how), ...(several && { ofCylinder: n ? String(n) : null }) }
  }
  const key = `remedium:draft:${sheet.job.value.id}:${plan.kind}${plan.slot ? `:${plan.slot}` : ''}`
  const baseId = plan.base?.id ?? null
  const start = (): D => (plan.base ? dataOf(plan.base.body as BodyOf[K], plan.base.how) : plan.blank())
  const fresh = (): Kept<D> => ({ id: ulid(), supersedes: baseId, at: null, data: start() })
  const kept = ref(rebased(load<D>(key)) ?? fresh()) as Ref<Kept<D>>
  const draft = computed(() => kept.value.data)
  const touched = computed(
    () =>
      kept.value.supersedes !== baseId ||
      Boolean(kept.value.photos?.length) ||
      JSON.stringify(kept.value.data) !== JSON.stringify(start()),
  )
  if (!plan.slot)
    provide(
      FINDING_PHOTOS,
      useFindingPhotos(
        sheet.job.value.id,
        computed({
          get: () => kept.value.photos ?? [],
          set: photos => {
            kept.value.photos = photos
          },
        }),
      ),
    )
  const faults = ref<Fault[]>([])
  const message = ref('')
  const busy = ref(false)

  watch(kept, value => store(key, touched.value ? value : null), { deep: true })
  watch(
    sheet.correction,
    entry => {
      if (entry && entry.kind === plan.kind && !plan.base) {
        // what was being typed is put aside and comes back after the correction
        if (touched.value && kept.value.supersedes === null) store(`${key}:aside`, kept.value)
        kept.value = {
          id: ulid(),
          supersedes: entry.id,
          at: null,
          data: dataOf(entry.body as BodyOf[K], entry.how),
        }
        faults.value = []
        message.value = ''
        sheet.correction.value = null
      }
    },
    { immediate: true },
  )

  if (plan.counts !== false) {
    watch([kept, touched], () => sheet.propose(key, touched.value ? proposed() : null), { deep: true, immediate: true })
    onScopeDispose(() => sheet.propose(key, null))
  }

  function proposed(): Entry {
    const { id, supersedes, data } = kept.value
    return {
      id,
      kind: plan.kind,
      at: '2000-01-01T00:00:00Z',
      by: '',
      how: plan.how(data),
      body: bodyOf(data),
      supersedes,
    } as Entry
  }

  async function submit(): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    kept.value.at ??= new Date().toISOString()
    const { id, supersedes, at, data } = kept.value
    const outcome = await sheet.log<K>({
      id,
      at,
      kind: plan.kind,
      how: plan.how(data),
      body: bodyOf(data),
      supersedes,
    })
    if (outcome.ok) {
      const failed = await logPhotos(id)
      busy.value = false
      clear()
      message.value = failed
      return true
    }
    busy.value = false
    // refused, so nothing is on disk: the next attempt is a new entry, with the hour it is really logged
    if (outcome.status !== 0) Object.assign(kept.value, { id: ulid(), at: null })
    if (outcome.status === 409 && supersedes)
      kept.value.supersedes = standsFor(sheet.job.value.entries, supersedes)?.id ?? null
    message.value = outcome.message
    faults.value = outcome.faults
    return false
  }

  /** The pictures of a finding stand beside it on the log; answers what could not be logged. */
  async function logPhotos(entryId: string): Promise<string> {
    const entry = sheet.job.value.entries.find(e => e.id === entryId)
    const { describe } = await import('#core/entries/say')
    const caption = entry ? describe(entry, sheet.policy.value).title : null
    for (const photo of kept.value.photos ?? []) {
      const outcome = await sheet.log({ kind: 'photo', how: null, body: { ...photo, caption, about: entryId } })
      if (!outcome.ok) return `It is logged; a picture of it is not: ${outcome.message}`
    }
    return ''
  }

  function clear(): void {
    kept.value = load<D>(`${key}:aside`) ?? fresh()
    store(`${key}:aside`, null)
    faults.value = []
    message.value = ''
    store(key, null)
  }

  /** A kept draft of a standing entry corrects whatever stands now. */
  function rebased(draft: Kept<D> | null): Kept<D> | null {
    return draft && plan.base ? { ...draft, supersedes: baseId } : draft
  }

  /** the fault of one field of the body, for the words beside it */
  const faultOf = (...fields: string[]): string =>
    faults.value.find(f =>
      fields.some(field => f.field === field || f.field === `body.${field}` || f.field.startsWith(`body.${field}.`)),
    )?.message ?? ''

  const cylinders = several
    ? Object.fromEntries(
        Array.from({ length: sheet.job.value.facts.cylinders }, (_, i) => [String(i + 1), String(i + 1)]),
      )
    : null
  const cylinder = computed({
    get: () => (kept.value.data as Cylinder).ofCylinder ?? null,
    set: n => {
      ;(kept.value.data as Cylinder).ofCylinder = n
    },
  })

  return {
    cylinders,
    cylinder,
    draft,
    touched,
    entryId: computed(() => kept.value.id),
    faults,
    message,
    busy,
    submit,
    clear,
    faultOf,
    judged: computed(
      () => sheet.assessment.value?.judgements.find(j => j.entryId === kept.value.id) as JudgementOf<K> | undefined,
    ),
    correcting: computed(() => kept.value.supersedes !== null && kept.value.supersedes !== baseId),
  }
}

function load<D>(key: string): Kept<D> | null {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as Kept<D> | null
  } catch {
    return null
  }
}

function store(key: string, value: unknown): void {
  try {
    if (value) localStorage.setItem(key, JSON.stringify(value))
    else localStorage.removeItem(key)
  } catch {
    // more than this browser keeps (some megabytes): it stays in the form itself
  }
}
