import type { SpendBody } from './schema'

/** Minutes of one entry; a clock that runs counts up to `now`, and nothing where no moment is given. */
export function minutesOf({ startedAt, endedAt, minutes }: SpendBody, now: string | null = null): number {
  if (minutes !== null) return minutes
  const end = endedAt ?? now
  return startedAt !== null && end !== null ? Math.max(0, (Date.parse(end) - Date.parse(startedAt)) / 60_000) : 0
}
