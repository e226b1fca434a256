import type { ShopPolicy } from './engine/policy'
import { rulesHere } from './entries/rule_here/rulesHere'
import type { Assessment } from './assess'
import { assess } from './assess'
import type { Entry, EntryOf } from './entries/types'
import { entriesInForce } from './log/entry'
import { keptOf } from './entries/kept'
import type { JobFile } from './entries/file'
import { safeRefusal } from './entries/safe'
import { RENEWING } from './words/deciding'
import { fuelPath, refillRefusal } from './condition/fuelPath'
import type { Before } from './entries/room'
import type { Owed, Stop } from './judgement'
import { forbidding } from './judgement'
import { roomOf } from './entries/rooms'
import { condemned } from './entries/part/standing'

/** Why an entry can't be put on the log, in words, with the field that says so. */
export interface Refused {
  message: string
  fields: { field: string; message: string }[]
}

/** The log as it stands before the entry; what is computed of it is computed once, and only where a gate asks. */
class Standing implements Before {
  #inForce: Entry[] | undefined
  #assessment: Assessment | undefined
  #file: JobFile | undefined
  constructor(readonly source: JobFile | (() => JobFile)) {}
  get file(): JobFile {
    return (this.#file ??= typeof this.source === 'function' ? this.source() : this.source)
  }

  get inForce(): Entry[] {
    return (this.#inForce ??= entriesInForce(this.file.entries))
  }

  get assessment(): Assessment {
    return (this.#assessment ??= assess(this.file))
  }

  get policy(): ShopPolicy {
    return rulesHere(this.file.policy, this.inForce)
  }

  get stops(): Stop[] {
    return this.assessment.stops
  }

  get owed(): Owed[] {
    return this.assessment.owed
  }

  get spend(): Assessment['spend'] {
    return this.assessment.spend
  }
}

const refused = (message: string, field?: string, hint = message): Refused => ({
  message,
  fields: field ? [{ field, message: hint }] : [],
})

/**
 * The gates that every entry passes, whichever way it comes: at the bench, with booking in, or from a file.
 * @param file   the job with its log up to the entry, or how to get it: most entries pass without anybody asking for it
 * @param before the entry was logged elsewhere, under another shop's rates: what was agreed is held against those
 * @returns null where it may be logged
 */
export function refusal(entry: Entry, file: JobFile | (() => JobFile), before = false): Refused | null {
  const log = new Standing(file)
  const safe = safeRefusal(entry, () => log.inForce)
  if (safe) return refused(safe)
  const held = forbidden(entry, log)
  if (held) return held
  const own = roomOf(entry).refuse?.(entry, log)
  if (own) return refused(own.message, own.field, own.hint)
  return entry.kind === 'approval' ? approvalRefusal(entry, log, before) : null
}

/** What an entry does or asks for is refused while a danger that forbids it stands; a reading that happened never is. */
function forbidden(entry: Entry, log: Standing): Refused | null {
  if (entry.supersedes !== null || roomOf(entry).finding) return null
  const acts = roomOf(entry).acts?.(entry) ?? []
  for (const act of acts) {
    // past its warning share the owner is called; only past the cap nothing more is begun
    if (act === 'spend' && log.assessment.spend.state !== 'over_cap') continue
    const [stop] = forbidding(log.assessment.stops, act)
    if (!stop) continue
    const fuel = act === 'refill' ? refillRefusal(fuelPath(log.inForce, log.file.facts)) : null
    if (fuel) return refused(fuel)
    const lead = act === 'refill' ? 'No refill yet. ' : act === 'build' ? 'It is not closed up yet. ' : ''
    return refused(`${lead}${stop.title}: ${stop.reason} ${stop.clearedBy}`)
  }
  return null
}

/** What an owner agrees to must be what the figures say, must be a way that can be gone, and must not kill new parts again. */
function approvalRefusal(entry: EntryOf<'approval'>, log: Standing, before: boolean): Refused | null {
  const { frozen, optionEntryId } = entry.body
  const { labourRateMinor, taxPct } = frozen
  const shown = { ...log.file, policy: { ...log.file.policy, labourRateMinor, taxPct } }
  const { decision, stops } = before ? assess(shown) : log.assessment
  const option = decision.options.find(o => o.entryId === optionEntryId)
  if (!option)
    return refused('The way that was agreed has been changed or taken back. Look at it again before it is agreed.')
  const lines = keptOf(log.file.entries).option.find(e => e.id === optionEntryId)?.body.lines
  if (RENEWING.includes(option.way)) {
    const stop = stops.find(s => s.id === 'cause')
    if (stop && !stop.signed) return refused(`${stop.title}: ${stop.reason} ${stop.clearedBy}`)
    if (!stop && condemned(log.inForce).length > 0 && !lines?.some(l => l.cures))
      return refused(
        'No line of this way cures the first cause. Mark the line that does, or choose the way that has one.',
      )
  }
  if (option.ruledOut !== null)
    return refused(`‘${option.name}’ is ruled out: ${option.ruledOut}. Nobody can agree to it as it stands.`)
  if (matches(option, lines, frozen)) return null
  // a way that was shown keeps the rate that it was shown at
  const then = before ? undefined : assess(shown).decision.options.find(o => o.entryId === optionEntryId)
  return then && matches(then, lines, frozen)
    ? null
    : refused('The figures changed since they were shown. Look at them again before they are agreed.')
}

/** Whether a way is what was shown of it. */
const matches = (
  option: { name: string; mean: number; p90: number },
  lines: unknown,
  frozen: EntryOf<'approval'>['body']['frozen'],
): boolean =>
  option.name === frozen.name &&
  JSON.stringify(lines) === JSON.stringify(frozen.lines) &&
  Math.abs(option.mean - frozen.mean) < 0.01 &&
  Math.abs(option.p90 - frozen.p90) < 0.01
