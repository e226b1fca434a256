import { keptOf } from '#core/entries/kept'
import { questionsFor } from '#core/entries/claim/questions'

/** What is asked at the counter for this complaint and engine, the answers that stand, and what nobody answered. */
export function useCounterQuestions() {
  const sheet = useSheet()
  const questions = computed(() =>
    questionsFor(keptOf(sheet.inForce.value).complaint.at(-1)?.body.about ?? null, sheet.job.value.facts),
  )
  const claims = computed(
    () => new Map(keptOf(sheet.inForce.value).claim.flatMap(c => (c.body.topic ? [[c.body.topic, c] as const] : []))),
  )
  const left = computed(() => questions.value.filter(q => !claims.value.has(q.id)))
  return { questions, claims, left }
}
