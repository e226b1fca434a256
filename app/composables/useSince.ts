import dayjs from 'dayjs'

/** How long ago, as it is said in a shop. */
export function useSince(): { since(iso: string): string; here(iso: string): string } {
  const days = (iso: string): number => dayjs().startOf('day').diff(dayjs(iso).startOf('day'), 'day')
  const span = (n: number): string => (n < 60 ? `${n} days` : `${Math.round(n / 30)} months`)
  return {
    since: iso => (days(iso) <= 0 ? 'since today' : days(iso) === 1 ? 'since yesterday' : `for ${span(days(iso))}`),
    here: iso =>
      days(iso) <= 0 ? 'came in today' : days(iso) === 1 ? 'here since yesterday' : `here ${span(days(iso))}`,
  }
}
