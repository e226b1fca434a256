import { assess } from '#core/assess'
import { keptOf } from '#core/entries/kept'
import type { JobFile } from '#core/entries/file'
import type { SimOption, SimResult } from '#core/estimate/simulate'
import { simulate } from '#core/estimate/simulate'
import { entriesInForce } from '#core/log/entry'
import { workPolicy } from '#core/verdict/money'
import { termsNow } from '#core/verdict/spend'

/** The ways of a job drawn against each other; always the same draws for the same lines. */
export function drawWays(file: JobFile): SimResult[] {
  const { decision } = assess(file)
  const terms = termsNow(entriesInForce(file.entries))
  const bodies = new Map(keptOf(entriesInForce(file.entries)).option.map(e => [e.id, e.body]))
  const live = decision.options.filter(o => o.allowed && (!o.mends || o.valueAfter !== null))
  const asIs: SimOption = {
    id: decision.fallback.id,
    lines: [],
    mends: {
      valueAfter: decision.fallback.value,
      salvage: decision.fallback.value,
      comeback: 0,
      success: 1,
      downtime: 0,
    },
  }
  const ways = live.map((o): SimOption => ({
    id: o.entryId,
    lines: bodies.get(o.entryId)?.lines ?? [],
    mends: o.mends
      ? {
          valueAfter: o.valueAfter ?? 0,
          salvage: decision.fallback.value,
          comeback: o.comeback,
          success: o.successChance,
          downtime: o.downtime,
        }
      : null,
  }))
  return simulate(ways.some(w => w.id === asIs.id) ? ways : [...ways, asIs], workPolicy(terms, file.policy))
}
