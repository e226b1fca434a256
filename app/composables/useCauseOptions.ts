import { CAUSES, fits } from '#core/catalogue'

/** Causes to choose from: the likely ones first, then the rest of the catalogue for this engine. */
export function useCauseOptions(): ComputedRef<Record<string, string>> {
  const sheet = useSheet()
  return computed(() => {
    const likely = sheet.diagnosis.value?.likely.map(l => l.cause) ?? []
    const rest = CAUSES.filter(c => fits(c.needs, sheet.job.value.facts) && !likely.includes(c)).sort((a, b) =>
      a.name.localeCompare(b.name),
    )
    return Object.fromEntries([...likely, ...rest].map(c => [c.id, c.name]))
  })
}
