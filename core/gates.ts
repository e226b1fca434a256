import type { Assessment } from './assess'
import { assess } from './assess'
import { handBackRefusal } from './handover/handBack'
import type { Entry, EntryOf } from './entries/types'
import { entriesInForce } from './log/entry'
import { keptOf } from './entries/kept'
import type { JobFile } from './entries/file'
import { safeRefusal } from './entries/safe'
import { RENEWING } from './words/deciding'
import { fuelPath, refillRefusal } from './condition/fuelPath'
import { forbidding } from './condition/stops'
import { roomOf } from './entries/rooms'
import { condemned } from './entries/part/judge'

/** Why an entry can't be put on the log, in words, with the field that says so. */
export interface Refused {
  message: string
  fields: { field: string; message: string }[]
}

/** The log as it stands before the entry; what is computed of it is computed once, and only where a gate asks. */
class Standing {
  #inForce: Entry[] | undefined
  #assessment: Assessment | undefined
  constructor(readonly file: JobFile) {}
  get inForce(): Entry[] {
    return (this.#inForce ??= entriesInForce(this.file.entries))
  }

  get assessment(): Assessment {
    return (this.#assessment ??= assess(this.file))
  }
}

const refused = (message: string, field?: string, hint = message): Refused => ({
  message,
  fields: field ? [{ field, message: hint }] : [],
})

/**
 * The gates that every entry passes, whichever way it comes: at the bench, with booking in, or from a file.
 * @param file   the job with its log up to the entry
 * @param before the entry was logged elsewhere, under another shop's rates: what was agreed is held against those
 * @returns null where it may be logged
 */
export function refusal(entry: Entry, file: JobFile, before = false): Refused | null {
  const log = new Standing(file)
  const safe = safeRefusal(entry, () => log.inForce)
  if (safe) return refused(safe)
  const held = forbidden(entry, log)
  if (held) return held
  const own = roomOf(entry).refuse?.(entry)
  if (own) return refused(own.message, own.field, own.hint)
  switch (entry.kind) {
    case 'void':
    case 'as_found':
      return asFoundRefusal(entry, log)
    case 'lash':
      return lashRefusal(entry, log)
    case 'valve_leak':
      return valveLeakRefusal(entry, log)
    case 'sign_off':
      return signatureRefusal(entry, log)
    case 'stage':
      return stageRefusal(entry, log)
    case 'spend':
      return spendRefusal(entry, log)
    case 'approval':
      return approvalRefusal(entry, log, before)
    // words of a hand-back that happened are put right at any time
    case 'hand_back':
      return entry.supersedes === null
        ? said(
            handBackRefusal(
              log.assessment.stops,
              entry.body.way,
              log.assessment.owed.map(o => o.text),
            ),
          )
        : null
    default:
      return null
  }
}

const said = (message: string | null): Refused | null => (message === null ? null : refused(message))

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

/** A valve's leak is tested as found before anything is done to it. */
function valveLeakRefusal(entry: EntryOf<'valve_leak'>, log: Standing): Refused | null {
  if (entry.body.when !== 'after') return null
  const asFound = keptOf(log.inForce).valve_leak.some(
    e => e.body.when === 'as_found' && e.body.valve === entry.body.valve && e.id !== entry.supersedes,
  )
  return asFound
    ? null
    : refused(
        'Test this valve as found first: once it is lapped or cut, nobody can know what it was.',
        'body.when',
        'Log it as found first.',
      )
}

/** How a cover lay is written down before it comes off, and stays as it was written once it is off. */
function asFoundRefusal(entry: EntryOf<'as_found'> | EntryOf<'void'>, log: Standing): Refused | null {
  const target =
    entry.supersedes === null ? undefined : keptOf(log.inForce).as_found.find(e => e.id === entry.supersedes)
  const name = (words: string): string => words.trim().toLowerCase()
  const covers = [target?.body.cover, entry.kind === 'as_found' ? entry.body.cover : undefined].flatMap(c =>
    c === undefined ? [] : [name(c)],
  )
  const off = keptOf(log.inForce).fasteners.find(e => covers.includes(name(e.body.cover)))
  return off
    ? refused(
        `${off.body.cover} is off already: what it looked like before can't be written down now. Write what is remembered into a note.`,
        'body.cover',
        'Its fasteners are logged already.',
      )
    : null
}

/** Lash as found is written down before anybody turns a screw, and stays as it was once it was set. */
function lashRefusal(entry: EntryOf<'lash'>, log: Standing): Refused | null {
  const standing = keptOf(log.inForce).lash
  const asFound = standing.find(e => e.body.state === 'as_found')
  if (entry.body.state === 'set' && (!asFound || asFound.id === entry.supersedes))
    return refused(
      'Read the lash as found and log it first: once a screw is turned, nobody can know what it was.',
      'body.state',
      'Log it as found first.',
    )
  const locked =
    entry.supersedes !== null && entry.supersedes === asFound?.id && standing.some(e => e.body.state === 'set')
  return locked
    ? refused('The lash as found is locked: it has been set since. Write what is to be said into a note.')
    : null
}

/** Building and proving are done when nothing is owed and nothing stands against running it. */
function stageRefusal({ body: { stage, state } }: EntryOf<'stage'>, log: Standing): Refused | null {
  if (state !== 'done' || (stage !== 'build' && stage !== 'prove')) return null
  const { stops, owed } = log.assessment
  const standing = [
    ...forbidding(stops, stage === 'build' ? 'build' : 'run').map(s => s.title),
    ...owed.map(o => o.text),
  ]
  return standing.length ? refused(`Not done yet: ${standing.slice(0, 6).join('; ')}.`) : null
}

/** Some stops nobody may take on. */
function signatureRefusal(entry: EntryOf<'sign_off'>, log: Standing): Refused | null {
  const stop = log.assessment.stops.find(s => s.id === entry.body.stopId)
  if (!stop) return refused('That stop is not there any more.')
  return stop.canSign ? null : refused(`“${stop.title}” can't be signed off. It ends only so: ${stop.clearedBy}`)
}

/** Past the owner's cap no clock is started before the owner has answered; what was spent is always written down. */
function spendRefusal(entry: EntryOf<'spend'>, log: Standing): Refused | null {
  if (entry.body.endedAt !== null || entry.body.minutes !== null || entry.body.startedAt === null) return null
  const { spend, stops } = log.assessment
  if (spend.running && spend.running.id !== entry.supersedes)
    return refused(`A clock runs already: ${spend.running.body.what}. Stop it first.`)
  const stop = stops.find(s => s.id === 'spend')
  return stop && spend.state === 'over_cap' ? refused(`${stop.title}: ${stop.reason} ${stop.clearedBy}`) : null
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
