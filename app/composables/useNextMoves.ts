import type { EntryKind } from '#core/entries/types'
import { moneyText } from '#core/units/money'
import { basisWords } from '#core/condition/basis'
import { heldBack } from '#core/next/allowed'
import type { NextLook } from '#core/next/look'
import { HOW_GOT } from '#core/log/words'
import type { Check } from '#core/catalogue'
import type { Outcome, Suggestion } from '#core/diagnosis/suggest'

export interface Move {
  id: string
  title: string
  minutes: number
  why: string
  caution: string | null
  check: Check | null
  outcomes: Outcome[]
  waits: string | null
  /** what it is logged as */
  kind: EntryKind
  start(): void
}

/** What stands in the rail: stops, findings, and the next move with what could follow it. */
export function useNextMoves() {
  /** Always there: what must not be done, what the findings say, what to look at next, where it leans. */
  const sheet = useSheet()
  const session = useSessionStore()
  /** whoever is here may begin it */
  const may = (move: Move): boolean => session.mayLog(move.kind)

  const a = computed(() => sheet.assessment.value)

  const start = (look: NextLook): void => {
    if (look.check) return sheet.startCheck({ id: look.check })
    if (look.item) sheet.measureItem.value = look.item
    sheet.open(look.stage, look.form)
  }

  const findings = computed(() => a.value?.findings ?? [])

  /** how each was got, in a word */
  const how = computed(
    () => new Map(sheet.inForce.value.flatMap(e => (e.how ? [[e.id, HOW_GOT[e.how]] as const] : []))),
  )

  const basis = computed(() => (a.value ? basisWords(a.value.basis) : ''))

  const likely = computed(() =>
    sheet.diagnosis.value?.basis === 'weighed' ? sheet.diagnosis.value.likely.slice(0, 3).filter(l => l.p >= 0.08) : [],
  )

  const verdict = computed(() => a.value?.decision.verdict)

  /** Danger and duty first; after that, what tells most in a minute. */
  const DUTY: NextLook['id'][] = ['plug_out', 'fuel', 'lock', 'oil', 'smell', 'mix', 'lash', 'retest', 'evidence']

  const ofLook = (look: NextLook): Move => ({
    id: look.id,
    title: look.title,
    minutes: look.minutes,
    why: look.why,
    caution: null,
    check: null,
    outcomes: [],
    waits: null,
    kind: look.form,
    start: () => start(look),
  })

  const ofCheck = (s: Suggestion): Move => ({
    id: s.check.id,
    title: s.check.name,
    minutes: s.check.minutes,
    why: s.check.how,
    caution: s.check.caution ?? null,
    check: s.check,
    outcomes: s.outcomes
      .filter(o => o.p > 0.03)
      .sort((x, y) => y.p - x.p)
      .slice(0, 4),
    waits: s.waits,
    kind: 'check',
    start: () => sheet.startCheck(s.check),
  })

  const COVERED: Partial<Record<NextLook['id'], string[]>> = {
    oil: ['oil_level', 'oil_smell', 'oil_look'],
    smell: ['oil_smell'],
    mix: ['can'],
    lash: ['lash'],
    plug_out: ['plug_out_turn'],
    'follow:breather': ['filter', 'breather'],
    'follow:piston': ['piston_moves'],
    'follow:plug': ['plug'],
    lock: ['drive_off', 'brake_off', 'starter_off', 'starter'],
  }

  /** one fact that is worth more than its look: before anything is agreed it comes first */
  const factFirst = computed((): Move[] => {
    const look = a.value?.approved ? undefined : verdict.value?.looks.find(l => l.pays)
    if (!look) return []
    const cash = (x: number): string => moneyText(x, sheet.policy.value.currency)
    return [
      {
        id: `fact:${look.lineId}`,
        title: `${look.about === 'need' ? 'Look' : 'Ask the price'}: ${look.text}`,
        minutes: look.minutes,
        why: `The choice may hang on it: knowing it saves ${cash(look.worth)} on average, finding out costs ${cash(look.cost)}.`,
        caution: null,
        check: null,
        outcomes: [],
        waits: null,
        kind: look.about === 'need' ? 'measure' : 'option',
        start: () =>
          sheet.open(look.about === 'need' ? 'measure' : 'decide', look.about === 'need' ? 'measure' : 'option'),
      },
    ]
  })

  const moves = computed((): Move[] => {
    if (!a.value?.next.length) return factFirst.value
    const duty = a.value.next.filter(n => DUTY.includes(n.id) || n.id.startsWith('follow:'))
    const covered = new Set(duty.flatMap(n => COVERED[n.id] ?? []))
    const stops = a.value.stops
    const checks = (sheet.diagnosis.value?.next ?? []).filter(
      s => !covered.has(s.check.id) && !heldBack(s.check, stops),
    )
    const rest = a.value.next.filter(n => n.id === 'value' || n.id === 'option')
    return [
      ...duty.map(ofLook),
      ...factFirst.value,
      ...checks
        .filter(s => !s.waits)
        .slice(0, 4)
        .map(ofCheck),
      ...rest.map(ofLook),
      ...checks
        .filter(s => s.waits)
        .slice(0, 1)
        .map(ofCheck),
    ]
  })

  const lead = computed(() => moves.value.find(m => !m.waits))

  const then = computed(() => moves.value.filter(m => m !== lead.value).slice(0, 5))

  const skipping = ref(false)

  const skipReason = ref('')

  const skipFault = ref('')

  async function skip(check: Check): Promise<void> {
    if (!skipReason.value.trim()) {
      skipFault.value = 'Say in a few words why it is left out.'
      return
    }
    const outcome = await sheet.log({
      kind: 'check',
      how: 'by_eye',
      body: { check: check.id, found: [], absent: [], skipped: skipReason.value, note: null },
    })
    skipFault.value = outcome.ok ? '' : outcome.message
    if (outcome.ok) {
      skipping.value = false
      skipReason.value = ''
    }
  }

  const approved = computed(() => a.value?.approved?.body.frozen)

  return {
    sheet,
    a,
    findings,
    how,
    basis,
    likely,
    verdict,
    lead,
    then,
    may,
    skipping,
    skipReason,
    skipFault,
    skip,
    approved,
  }
}
