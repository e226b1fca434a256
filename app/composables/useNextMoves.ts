import { keptOf } from '#core/entries/kept'
import { basisWords } from '#core/condition/basis'
import type { Move } from '#core/next/line'
import { lineOf } from '#core/next/line'
import type { NextLook } from '#core/next/look'
import { HOW_GOT } from '#core/log/words'
import type { Check } from '#core/catalogue'

/** What stands in the rail: stops, findings, and the next move with what could follow it. */
export function useNextMoves() {
  /** Always there: what must not be done, what the findings say, what to look at next, where it leans. */
  const sheet = useSheet()
  const session = useSessionStore()
  /** whoever is here may begin it */
  const may = (move: Move): boolean => session.mayLog(move.kind)

  const a = computed(() => sheet.assessment.value)

  const startLook = (look: NextLook): void => {
    if (look.check) return sheet.startCheck({ id: look.check })
    if (look.item) sheet.measureItem.value = look.item
    sheet.open(look.stage, look.form)
  }
  const start = ({ check, look, fact }: Move): void => {
    sheet.begun.value = true
    if (check) sheet.startCheck(check)
    else if (look) startLook(look)
    else if (fact)
      sheet.open(fact.about === 'need' ? 'measure' : 'decide', fact.about === 'need' ? 'measure' : 'option')
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

  const moves = computed((): Move[] =>
    a.value
      ? lineOf(
          {
            looks: a.value.next,
            stops: a.value.stops,
            fact: (a.value.approved ? undefined : verdict.value?.looks.find(l => l.pays)) ?? null,
            currency: sheet.policy.value.currency,
            named: keptOf(sheet.inForce.value).cause_found.length > 0,
          },
          sheet.diagnosis.value ?? { next: [], proved: null },
        )
      : [],
  )

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
    moves,
    lead,
    then,
    start,
    may,
    skipping,
    skipReason,
    skipFault,
    skip,
    approved,
  }
}
