import type { Judgement, Stop } from '../judgement'

/** Findings that brought a danger up, and what may not stay in: what work can answer, by id of the entry, as it is said. */
export function answerable(
  assessment: { judgements: Judgement[]; stops: Stop[]; asked: Stop[] } | null,
): Record<string, string> {
  if (!assessment) return {}
  const said = new Map(assessment.judgements.map(j => [j.entryId, j.headline]))
  const rows = [...assessment.stops, ...assessment.asked].flatMap(stop =>
    (stop.entryIds ?? []).map(id => [id, said.get(id) ?? `${stop.title}: ${stop.reason}`] as const),
  )
  return Object.fromEntries(rows)
}
