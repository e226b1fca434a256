/** How often a PIN may be wrong at one device before it has to wait, and before a keeper has to let it in again. */
export const WRONG_UNTIL_WAIT = 5
export const WRONG_UNTIL_LOCK = 20
export const WAIT_MS = 60_000

export interface Tries {
  /** wrong since the last right one */
  wrong: number
  /** ISO time until which none is looked at */
  waitUntil: string | null
}

/** After one more wrong PIN. */
export function afterWrong({ wrong }: Tries, now: Date): Tries & { locked: boolean } {
  const n = wrong + 1
  return {
    wrong: n,
    waitUntil: n % WRONG_UNTIL_WAIT === 0 ? new Date(now.getTime() + WAIT_MS).toISOString() : null,
    locked: n >= WRONG_UNTIL_LOCK,
  }
}

/** Seconds that are still to be waited; 0: a PIN is looked at. */
export const waitSeconds = ({ waitUntil }: Tries, now: Date): number =>
  waitUntil === null ? 0 : Math.max(0, Math.ceil((Date.parse(waitUntil) - now.getTime()) / 1000))

const STEPS = (text: string, by: number): boolean =>
  [...text].every((c, i) => i === 0 || Number(c) - Number(text[i - 1]) === by)

/** Why a PIN won't do, in words; null where it will. */
export function pinFault(pin: string): string | null {
  if (!/^\d{4,8}$/.test(pin)) return 'A PIN is 4 to 8 figures.'
  if ([0, 1, -1].some(by => STEPS(pin, by))) return 'This PIN is guessed first: take figures that do not follow on.'
  return null
}
