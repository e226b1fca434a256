/** Parts of a moment as a clock in a zone shows them. */
function clock(at: Date, timeZone: string): { day: string; minutes: number } {
  const parts = Object.fromEntries(
    new Intl.DateTimeFormat('en-CA', {
      timeZone: timeZone || undefined,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    })
      .formatToParts(at)
      .map(p => [p.type, p.value]),
  )
  return {
    day: `${parts.year}-${parts.month}-${parts.day}`,
    minutes: Number(parts.hour) * 60 + Number(parts.minute),
  }
}

const minutesOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5))

/** The night that a moment belongs to, by the shop's clock: the day on which the last nightly hour was. */
function nightOf(at: Date, nightlyAt: string, timeZone: string): string {
  const { day, minutes } = clock(at, timeZone)
  if (minutes >= minutesOf(nightlyAt)) return day
  return new Date(Date.parse(`${day}T12:00:00Z`) - 86_400_000).toISOString().slice(0, 10)
}

/**
 * Whether this night's backup is still to be made: none was since the shop's hour, be it that the computer was off then.
 * @param last when the last good one was made; null: never
 * @param nightlyAt `HH:MM` by the shop's clock
 * @param timeZone IANA name; empty: this computer's
 */
export const nightlyDue = (last: string | null, now: Date, nightlyAt: string, timeZone: string): boolean =>
  last === null || nightOf(new Date(last), nightlyAt, timeZone) < nightOf(now, nightlyAt, timeZone)

/** Days after which a shop is warned on Today. */
export const OLD_AFTER_DAYS = 2

/** Whether the last good backup is older than the shop should sleep by. */
export const tooOld = (last: string | null, now: Date): boolean =>
  last === null || now.getTime() - Date.parse(last) > OLD_AFTER_DAYS * 86_400_000
