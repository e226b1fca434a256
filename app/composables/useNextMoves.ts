import type { Move } from '#core/next/line'
import type { NextLook } from '#core/next/look'

/** The next move with what could follow it, how it is begun, what it looks like and where it leans. */
export function useNextMoves() {
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

  const likely = computed(() =>
    sheet.diagnosis.value?.basis === 'weighed' ? sheet.diagnosis.value.likely.slice(0, 3).filter(l => l.p >= 0.08) : [],
  )

  const verdict = computed(() => a.value?.decision.verdict)

  const { moves } = sheet

  const lead = computed(() => moves.value.find(m => !m.waits))

  const then = computed(() => moves.value.filter(m => m !== lead.value).slice(0, 5))

  const approved = computed(() => a.value?.approved?.body.frozen)

  return {
    sheet,
    a,
    likely,
    verdict,
    moves,
    lead,
    then,
    start,
    may,
    approved,
  }
}
