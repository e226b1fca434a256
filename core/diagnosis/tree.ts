import type { EngineFacts } from '../engine/facts'
import type { MachineKind } from '../engine/words'
import type { Check } from '../catalogue'
import type { ShopCounts } from '../engine/shopCounts'
import { diagnose } from './diagnose'
import type { Report } from './reports'

/** A cause this likely needs no further question in the tree. */
const SETTLED = 0.8
/** An answer rarer than this gets no branch. */
const RARE = 0.08
const MOST_BRANCHES = 3

export interface TreeNode {
  /** what leads here, with its likelihood 0..1 */
  lead: { name: string; p: number } | null
  /** what to look at next; null where the tree ends */
  check: Check | null
  branches: { seen: string; p: number; node: TreeNode }[]
}

/**
 * The fault tree that the model would follow from here: a check, the answers worth a branch, and what each leads to.
 * Each branch takes one sign of the check as there and its others as not there. The time grows threefold with each level.
 * The first check is asked however sure the lead is: it is what would settle it.
 * @param depth levels of checks, 0 for the leading cause alone
 */
export function treeOf(
  facts: EngineFacts,
  reports: Report[],
  counts: ShopCounts | null = null,
  skipped: ReadonlySet<string> = new Set(),
  depth = 3,
  kind: MachineKind | null = null,
  gone: readonly string[] = [],
): TreeNode {
  return branch({ facts, counts, skipped, kind, gone }, reports, depth, true)
}

interface Engine {
  facts: EngineFacts
  counts: ShopCounts | null
  skipped: ReadonlySet<string>
  kind: MachineKind | null
  /** causes that it can't be any more */
  gone: readonly string[]
}

function branch(engine: Engine, reports: Report[], depth: number, root: boolean): TreeNode {
  const { facts, counts, skipped, kind, gone } = engine
  const {
    likely: [first],
    next,
  } = diagnose(facts, reports, counts, skipped, false, kind, gone)
  const lead = first ? { name: first.cause.name, p: first.p } : null
  const step = next.find(s => s.waits === null) ?? next[0]
  if (depth <= 0 || !step || (!root && lead && lead.p >= SETTLED)) return { lead, check: null, branches: [] }
  const told = new Set(reports.map(r => r.sign))
  const fresh = step.check.shows.filter(s => !told.has(s.id))
  const branches = step.outcomes
    .filter(o => o.p >= RARE)
    .sort((a, b) => b.p - a.p)
    .slice(0, MOST_BRANCHES)
    .map(({ sign, seen, p }) => ({
      seen,
      p,
      node: branch(
        engine,
        [...reports, ...fresh.map((s): Report => ({ sign: s.id, there: s.id === sign, claimed: false, entryId: '' }))],
        depth - 1,
        false,
      ),
    }))
  return { lead, check: step.check, branches }
}
