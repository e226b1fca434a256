import { watchDebounced } from '@vueuse/core'
import { ulid } from 'ulid'
import type { ComplaintBody } from '#core/entries/complaint/schema'
import type { Entry } from '#core/entries/types'
import type { Visit } from '#core/entries/file'
import type { EngineFacts } from '#core/engine/facts'
import { answerBody, questionsFor } from '#core/entries/claim/questions'
import type { UseClass } from '#core/engine/words'
import type { Customer, Machine, SheetLine } from '#shared/types/records'
import type { MeterDraft } from '~/components/RunningTime.vue'

export interface Draft {
  jobId: string
  at: string | null
  ids: string[]
  owner: string
  contact: string
  mayPhoto: string
  language: string
  mayMessage: string
  customerId: string
  machineId: string
  machine: MachineDraft
  sheetId: string
  meter: MeterDraft
  words: string
  since: string
  about: ComplaintBody['about']
  answers: Record<string, string>
  claims: { text: string; howKnown: string }[]
  useClass: UseClass
  running: string
  asIs: string
  cap: string
  deadline: string
}

/** What is known of a machine that is back again. */
interface Back {
  machine: Machine
  customer: Customer
  meter: string
  facts: EngineFacts
  visits: (Visit & { id: string })[]
}

/** A machine being booked in: what is typed, kept until it is stored. */
export function useBookingIn() {
  const shop = useShopStore()

  const router = useRouter()

  const route = useRoute()

  const newDraft = (): Draft => ({
    jobId: ulid(),
    at: null,
    ids: Array.from({ length: 48 }, () => ulid()),
    owner: '',
    contact: '',
    mayPhoto: 'unknown',
    language: '',
    mayMessage: 'unknown',
    customerId: '',
    machineId: typeof route.query.machine === 'string' ? route.query.machine : '',
    machine: blankMachine(shop.policy.volumeUnit, shop.policy.pressureUnit),
    sheetId: '',
    meter: blankMeter(),
    words: '',
    since: '',
    about: null,
    answers: {},
    claims: [{ text: '', howKnown: '' }],
    useClass: 'private',
    running: '',
    asIs: '',
    cap: '',
    deadline: '',
  })

  const draft = useOwnDraft<Draft>('remedium:draft:new', newDraft)

  if (typeof route.query.machine === 'string') draft.value.machineId = route.query.machine

  const faults = ref<Fault[]>([])

  const message = ref('')

  const busy = ref(false)

  /** it was booked in already: the answer that said so was lost */
  const booked = ref<{ id: string; number: number } | null>(null)

  const owners = ref<Customer[]>([])

  const sheets = ref<SheetLine[]>([])

  watchDebounced(
    () => draft.value.owner.trim(),
    async begins => {
      owners.value = await read<Customer[]>(`/api/customers?begins=${encodeURIComponent(begins)}`).catch(() => [])
    },
    { debounce: 120, immediate: true },
  )

  watch(
    () => draft.value.machine.facts.engineClass,
    async engineClass => {
      sheets.value = await read<SheetLine[]>(`/api/specs?figures&engineClass=${engineClass}`).catch(() => [])
    },
    { immediate: true },
  )

  /** engines of the same class that are known with figures */
  const alike = computed(() => Object.fromEntries(sheets.value.map(s => [s.id, `${s.name}, ${s.figures} figures`])))

  watch(
    () => draft.value.machine.facts.engineClass,
    () => {
      draft.value.sheetId = ''
    },
  )

  /** what earlier visits of a machine that is back again left behind */
  const back = ref<Back | null>(null)

  watch(
    () => draft.value.machineId,
    async id => {
      back.value = id ? await read<Back>(`/api/machines/${id}`).catch(() => null) : null
    },
    { immediate: true },
  )

  const questions = computed(() => questionsFor(draft.value.about, back.value?.facts ?? draft.value.machine.facts))

  const known = computed(() =>
    back.value
      ? { name: back.value.machine.name, customerName: back.value.customer.name, meter: back.value.meter }
      : undefined,
  )

  const fault = (field: string): string =>
    faults.value.find(f => f.field === field || f.field.startsWith(`${field}.`))?.message ?? ''

  const money = (typed: string): number | null => moneyTyped(typed, shop.policy.currency)

  const claims = computed(() => draft.value.claims.filter(c => c.text.trim()))

  const answered = computed(() => questions.value.filter(q => draft.value.answers[q.id]?.trim()))

  /** where the first free claim stands among the entries */
  const firstClaim = computed(() => 2 + Number(meterSaid(draft.value.meter)))

  function entries(at: string): Entry[] {
    const d = draft.value
    const by = shop.person?.id ?? ''
    const id = (i: number): string => d.ids[i] ?? ulid()
    return [
      {
        id: id(0),
        kind: 'complaint',
        at,
        by,
        how: 'claimed',
        supersedes: null,
        body: { words: d.words, since: d.since || null, about: d.about },
      },
      {
        id: id(1),
        kind: 'terms',
        at,
        by,
        how: null,
        supersedes: null,
        body: {
          useClass: d.useClass,
          runningValueMinor: money(d.running),
          asIsValueMinor: money(d.asIs),
          capMinor: money(d.cap),
          deadline: d.deadline || null,
          dayLossMinor: null,
          boughtMinor: null,
          ownTimeFree: false,
        },
      },
      ...(meterSaid(d.meter)
        ? [
            {
              id: id(2),
              kind: 'meter',
              at,
              by,
              how: d.meter.source,
              supersedes: null,
              body: meterBody(d.meter),
            } satisfies Entry,
          ]
        : []),
      ...claims.value.map((c, i): Entry => ({
        id: id(3 + i),
        kind: 'claim',
        at,
        by,
        how: 'claimed',
        supersedes: null,
        body: { text: c.text, howKnown: c.howKnown || null, topic: null },
      })),
      ...answered.value.map((q, i): Entry => ({
        id: id(23 + i),
        kind: 'claim',
        at,
        by,
        how: 'claimed',
        supersedes: null,
        body: answerBody(q, d.answers[q.id]?.trim() ?? ''),
      })),
    ]
  }

  async function submit(): Promise<void> {
    if (busy.value) return
    if (!shop.person) {
      message.value = 'Say who is at the bench first, at the top right.'
      return
    }
    busy.value = true
    const d = draft.value
    d.at ??= new Date().toISOString()
    const outcome = await send<{ id: string }>('/api/jobs', 'POST', {
      id: d.jobId,
      customer: d.customerId
        ? { id: d.customerId }
        : {
            name: d.owner,
            contact: d.contact || null,
            mayPhoto: consentSaid(d.mayPhoto),
            mayMessage: consentSaid(d.mayMessage),
            language: d.language || null,
          },
      machine: d.machineId
        ? { id: d.machineId }
        : {
            ...machineFields(d.machine),
            meterReading: meterBody(d.meter).reading,
            meterUnit: d.meter.unit,
            meterSource: d.meter.source,
          },
      facts: d.machineId ? null : engineFacts(d.machine),
      spec: d.machineId || d.sheetId ? [] : specValues(d.machine),
      sheetId: !d.machineId && d.sheetId ? d.sheetId : null,
      entries: entries(d.at),
    })
    busy.value = false
    if (outcome.ok) {
      draft.value = newDraft()
      await router.push(`/jobs/${outcome.value.id}`)
      return
    }
    if (outcome.status !== 0) d.at = null
    booked.value = outcome.more.booked ?? null
    message.value = booked.value
      ? `It was booked in as T ${booked.value.number} already, before its answer was lost; what was changed since is not in it.`
      : outcome.message
    faults.value = booked.value ? [] : outcome.faults
    await nextTick()
    document.querySelector('.wrong, .fault')?.scrollIntoView({ block: 'center' })
  }

  /** what was typed since it was booked in goes onto its log, as corrections of what stands there */
  async function correct(): Promise<void> {
    const job = booked.value
    if (!job || busy.value) return
    busy.value = true
    message.value = ''
    try {
      const stored = await read<Entry[]>(`/api/jobs/${job.id}/entries`)
      const undone = new Set(stored.map(e => e.supersedes))
      for (const entry of entries(new Date().toISOString())) {
        const was = stored.find(e => e.id === entry.id)
        if (was && (undone.has(was.id) || JSON.stringify(was.body) === JSON.stringify(entry.body))) continue
        const outcome = await send(
          `/api/jobs/${job.id}/entries`,
          'POST',
          was ? { ...entry, id: ulid(), supersedes: was.id } : entry,
        )
        if (!outcome.ok) throw new Error(outcome.message)
      }
      startOver()
      await router.push(`/jobs/${job.id}`)
    } catch (error) {
      message.value = (error as Error).message
    } finally {
      busy.value = false
    }
  }

  /** of the import: sent again after a lost answer it is the same one */
  let importId = ulid()

  /** a job that another Remedium saved as JSON */
  async function fromFile([file]: File[]): Promise<void> {
    if (!file) return
    const outcome = await send<{ id: string }>('/api/jobs/import', 'POST', {
      id: importId,
      text: await file.text(),
      by: shop.person?.id ?? '',
    })
    if (outcome.ok || outcome.status !== 0) importId = ulid()
    if (outcome.ok) await router.push(`/jobs/${outcome.value.id}`)
    else message.value = outcome.message
  }

  function pickOwner(): void {
    draft.value.customerId = owners.value.find(o => o.name === draft.value.owner)?.id ?? ''
  }

  const dirty = computed(() => draft.value.words || draft.value.owner || draft.value.machine.name)

  function startOver(): void {
    draft.value = newDraft()
    faults.value = []
    message.value = ''
    booked.value = null
  }

  return {
    shop,
    draft,
    faults,
    message,
    busy,
    booked,
    correct,
    owners,
    alike,
    back,
    questions,
    known,
    fault,
    money,
    firstClaim,
    entries,
    submit,
    fromFile,
    pickOwner,
    dirty,
    startOver,
  }
}
