import { policyOf } from '../db/shop'

/** Papers and messages tell the time by the shop's clock: this process, and the threads that it starts, live in its zone. */
export function keepShopClock(): void {
  const { timeZone } = policyOf(useDb())
  if (!timeZone || process.env.TZ === timeZone) return
  process.env.TZ = timeZone
  // threads that run already still live by the old one
  renewPool()
}
