/** A device's clock may be this far ahead before its entries are doubted, ms. */
const TOLERANCE_MS = 10 * 60_000

/**
 * Whether an entry's date can be right: one that lies ahead was made by a device whose clock is wrong, one from before the shop's first day
 * too, or comes from elsewhere. Its place in the log is where it was recorded, whatever its date.
 * @param at when the device says that it was made, ISO 8601
 * @param now ISO 8601
 * @param since the shop's first day, ISO 8601; null: not known
 */
export function datedWrong(at: string, now: string, since: string | null): 'ahead' | 'before_the_shop' | null {
  if (Date.parse(at) > Date.parse(now) + TOLERANCE_MS) return 'ahead'
  return since !== null && Date.parse(at) < Date.parse(since) - 86_400_000 ? 'before_the_shop' : null
}

export const DATED_WRONG = {
  ahead: 'dated ahead: look at the clock of the device that it was typed on',
  before_the_shop: 'dated before this shop began: the clock of the device, or it comes from elsewhere',
} as const
