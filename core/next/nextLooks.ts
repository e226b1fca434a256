import type { EngineFacts } from '../engine/facts'
import { followUps } from './followUps'
import type { NextLook } from './look'
import { answering } from '../entries/rooms'
import type { Condition } from '../condition/fold'
import { partOfSubject } from '../condition/fold'
import { lastSaid } from '../condition/known'
import { hasSump } from '../oil/fillMarks'
import type { FuelStep } from '../condition/fuelPath'
import { LOCK_STEPS } from '../words/looks'

type Look = Pick<NextLook, 'id' | 'title' | 'minutes' | 'why'>
/** A look before it is known which kind of entry answers it. */
type Wanted = Omit<NextLook, 'form'> & Partial<Pick<NextLook, 'form'>>

const FUEL_LOOKS: Record<Exclude<FuelStep, 'done'>, Pick<NextLook, 'title' | 'minutes' | 'why'>> = {
  drain: {
    title: 'Drain the oil with the fuel in it',
    minutes: 10,
    why: 'Outdoors, plug lead off. It thins the film and can lock or burn.',
  },
  cure: { title: 'Cure the way the fuel came', minutes: 20, why: 'A refill on a leaking needle is thrown away.' },
  stand: { title: 'Stand test, fuel on', minutes: 5, why: 'Start the clock and leave it over dry paper.' },
  refill: { title: 'Refill with fresh oil', minutes: 5, why: 'The path is proved dry.' },
  smell: { title: 'Short run, then smell the oil again', minutes: 10, why: 'Only a plain smell closes it.' },
}

/** What the job itself stands at, besides the engine. */
export interface AskedOf {
  facts: EngineFacts
  /** how far it is on the way back from fuel; null when there was none */
  fuel: FuelStep | null
  /** agreed or handed back: nothing more is looked for */
  settled: boolean
  /** somebody said what it is worth running */
  valued: boolean
  /** a way to go was entered */
  ways: boolean
}

/** What is worth looking at next: danger first, then the quickest. From what is known of the engine and what was done to it. */
export const nextLooks = (condition: Condition, asked: AskedOf): NextLook[] =>
  asked.settled ? [] : wanted(condition, asked).map(look => ({ ...look, form: look.form ?? answering(look.id) }))

const first = (look: Look): Wanted => ({ ...look, stage: 'first_look' })
const narrow = (look: Look): Wanted => ({ ...look, stage: 'narrow_down' })
const opened = (look: Look): Wanted => ({ ...look, stage: 'open_up' })

/** A locked engine: first whether liquid locks it, then one way of freeing after the other. */
function locked(condition: Condition): Wanted[] {
  const turns = lastSaid(condition, 'engine', 'turns')
  const freed = lastSaid(condition, 'engine', 'freed')
  if (turns?.mark !== 'past' || (freed && freed.seq > turns.seq)) return []
  const tried = new Set(condition.deeds.flatMap(d => (d.did === 'tried' ? [d.subject] : [])))
  if (condition.hazards.some(h => h.hazard === 'locked_plug_in') && !tried.has('lock:plug_out'))
    return [
      first({
        id: 'plug_out',
        title: 'Plug out, turn by hand',
        minutes: 3,
        why: 'It settles whether liquid locks it. Fuel may spray: no sparks, rags ready.',
      }),
    ]
  if (lastSaid(condition, 'cylinder', 'liquid')?.mark === 'past')
    return [
      first({
        id: 'plug_out',
        title: 'Turn it by hand, plug out, until it is dry',
        minutes: 3,
        why: 'Liquid held it. Nothing is freed by force while some is left: rags, air, no sparks.',
      }),
    ]
  // metal in the oil ends the hope of only freeing it
  if (lastSaid(condition, 'oil', 'metal')?.mark === 'past') return []
  const step = (Object.keys(LOCK_STEPS) as (keyof typeof LOCK_STEPS)[]).find(
    k => !tried.has(`lock:${k}`) && k !== 'plug_out',
  )
  return step
    ? [
        first({
          id: 'lock',
          title: LOCK_STEPS[step].label,
          minutes: step === 'soaked' ? 15 : 4,
          why: LOCK_STEPS[step].note,
        }),
      ]
    : []
}

/** What nobody has looked at yet of oil, fuel and turning. */
function firstLooks(condition: Condition, { facts, fuel }: AskedOf): Wanted[] {
  const looks: Wanted[] = []
  if (fuel && fuel !== 'done') looks.push(first({ id: 'fuel', ...FUEL_LOOKS[fuel] }))
  const smell = lastSaid(condition, 'oil', 'smell')
  if (!smell && hasSump(facts))
    looks.push(
      first({
        id: 'oil',
        title: 'Read the oil and smell it',
        minutes: 2,
        why: 'Level and condition settle most of the direction.',
      }),
    )
  else if (smell?.mark === 'open')
    looks.push(
      // a sniff of its own: no second reading of the level
      {
        ...first({ id: 'smell', title: 'Smell the oil', minutes: 1, why: 'Fuel in the oil reads like an overfill.' }),
        ...{ form: 'check' as const, check: 'oil_smell' },
      },
    )
  if (facts.oiling === 'premix' && !lastSaid(condition, 'fuel', 'mix'))
    looks.push(
      first({
        id: 'mix',
        title: 'Ask for the can and work out its mix',
        minutes: 2,
        why: 'One lean can explains a scored bore.',
      }),
    )
  if (!lastSaid(condition, 'engine', 'turns'))
    looks.push(
      first({
        id: 'turn_over',
        title: 'Turn it by hand',
        minutes: 1,
        why: 'Locked, free or a normal bump decides where to look.',
      }),
    )
  return looks
}

const VALVES = ['inlet_valve', 'exhaust_valve'] as const

/** What tells rings from valves, and what has to be read again since something was set. */
function compressionLooks(condition: Condition, { facts, fuel }: AskedOf): Wanted[] {
  const looks: Wanted[] = []
  const read = lastSaid(condition, 'engine', 'compression')
  const wet = lastSaid(condition, 'engine', 'wet_reading')
  const isLocked = lastSaid(condition, 'engine', 'turns')?.mark === 'past'
  if (!read) {
    if (!isLocked && (!fuel || fuel === 'done'))
      looks.push(
        narrow({
          id: 'compression',
          title: 'Compression, dry',
          minutes: 6,
          why: "By feel, only 'none' can be trusted.",
        }),
      )
    return looks
  }
  const gauged = wet !== null && wet.entryId === read.entryId
  if (gauged && wet.mark === 'open')
    looks.push(
      narrow({
        id: 'compression',
        title: 'Compression, wet',
        minutes: 3,
        why: 'The pair tells rings from valves, where the dry reading is low.',
      }),
    )
  const doubtful = gauged ? wet.mark === 'near' : read.mark === 'past' || read.mark === 'open'
  if (facts.cycle === 'four' && doubtful && !VALVES.some(v => lastSaid(condition, v, 'lash')))
    looks.push(
      narrow({
        id: 'lash',
        title: 'Read the lash as found',
        minutes: 10,
        why: 'No valve is blamed before its lash was read.',
      }),
    )
  if (
    condition.deeds.some(d => d.did === 'set' && VALVES.some(v => partOfSubject(d.subject) === v) && d.seq > read.seq)
  )
    looks.push(
      narrow({
        id: 'retest',
        title: 'Compression again, the lash is set',
        minutes: 6,
        why: 'A test is repeated after each change: a valve that was held open is not a burnt seat.',
      }),
    )
  return looks
}

/** What was found inside and not followed up. */
function openedLooks(condition: Condition): Wanted[] {
  const looks: Wanted[] = []
  const known = [...condition.known.values()]
  const explained = new Set(condition.deeds.flatMap(d => (d.did === 'explained' ? [d.subject] : [])))
  if (known.some(k => k.subject.startsWith('evidence:') && !explained.has(k.subject)))
    looks.push(
      opened({
        id: 'evidence',
        title: 'Explain what was found',
        minutes: 5,
        why: 'Foreign matter or a missing piece is still open.',
      }),
    )
  const metal = lastSaid(condition, 'oil', 'metal')
  if ((metal?.mark === 'past' || metal?.mark === 'near') && !known.some(k => k.subject.startsWith('sample:')))
    looks.push(
      opened({
        id: 'debris',
        title: 'Sample the debris',
        minutes: 10,
        why: 'There is metal in the oil: what and how much points at the part.',
      }),
    )
  return looks
}

/** Before everything else, in this order. */
const DANGERS: readonly NextLook['id'][] = ['plug_out', 'fuel', 'lock']

function wanted(condition: Condition, asked: AskedOf): Wanted[] {
  const own = [
    ...locked(condition),
    ...firstLooks(condition, asked),
    ...compressionLooks(condition, asked),
    ...openedLooks(condition),
  ].sort((a, b) => a.minutes - b.minutes)
  // danger, then what a finding asks, then what is asked of every engine
  const looks: Wanted[] = [
    ...DANGERS.flatMap(id => own.filter(look => look.id === id)),
    ...followUps(condition, asked.facts),
    ...own.filter(look => !DANGERS.includes(look.id)),
  ]
  if (!asked.valued)
    looks.push({
      id: 'value',
      stage: 'book_in',
      title: 'What is it worth running?',
      minutes: 1,
      why: 'No sum can be compared without it.',
    })
  if (!asked.ways)
    looks.push({
      id: 'option',
      stage: 'decide',
      title: 'Enter the ways to go',
      minutes: 5,
      why: 'Repair, rebuild, new engine or part out, each with its lines.',
    })
  return looks
}
