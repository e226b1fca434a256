import type { EngineFacts } from '../engine/facts'
import { answering } from '../entries/rooms'
import type { Entry, EntryKind } from '../entries/types'
import { keptOf } from '../entries/kept'
import type { Stage } from '../log/words'
import { hasSump } from '../oil/fillMarks'
import type { FuelStep } from '../condition/fuelPath'
import { fuelPath } from '../condition/fuelPath'
import { LOCK_STEPS } from '../words/looks'

/** A check or an entry still owed, with the minutes it takes. */
export interface NextLook {
  id:
    | 'oil'
    | 'mix'
    | 'fuel'
    | 'turn_over'
    | 'plug_out'
    | 'smell'
    | 'compression'
    | 'lash'
    | 'retest'
    | 'lock'
    | 'evidence'
    | 'debris'
    | 'option'
    | 'value'
  /** the kind of entry that answers it */
  form: EntryKind
  stage: Stage
  title: string
  minutes: number
  why: string
}

type Wanted = Omit<NextLook, 'form'>

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

/** What is worth looking at next: danger first, then the quickest. */
export const nextLooks = (inForce: Entry[], facts: EngineFacts): NextLook[] =>
  wanted(inForce, facts).map(look => ({ ...look, form: answering(look.id) }))

function wanted(inForce: Entry[], facts: EngineFacts): Wanted[] {
  const looks: Wanted[] = []
  const turn = keptOf(inForce).turn_over.at(-1)?.body
  const oil = keptOf(inForce).oil.at(-1)?.body
  const compression = keptOf(inForce).compression.at(-1)?.body
  const terms = keptOf(inForce).terms.at(-1)?.body
  if (keptOf(inForce).approval.at(-1) || keptOf(inForce).hand_back.at(-1)) return []
  const tried = new Set(keptOf(inForce).lock_step.map(e => e.body.step))
  const freed = keptOf(inForce).lock_step.some(e => e.body.result === 'freed')
  if (turn?.feel === 'locked' && turn.plugIn && !tried.has('plug_out'))
    looks.push({
      id: 'plug_out',
      stage: 'first_look',
      title: 'Plug out, turn by hand',
      minutes: 3,
      why: 'It settles whether liquid locks it. Fuel may spray: no sparks, rags ready.',
    })
  const nextStep = (Object.keys(LOCK_STEPS) as (keyof typeof LOCK_STEPS)[]).find(k => !tried.has(k) && k !== 'plug_out')
  // metal in the oil ends the hope of only freeing it
  const metal = oil?.colour === 'silvery' || oil?.glitter === 'flakes' || oil?.glitter === 'magnetic'
  if (turn?.feel === 'locked' && !freed && !metal && nextStep && (!turn.plugIn || tried.has('plug_out')))
    looks.push({
      id: 'lock',
      stage: 'first_look',
      title: LOCK_STEPS[nextStep].label,
      minutes: nextStep === 'soaked' ? 15 : 4,
      why: LOCK_STEPS[nextStep].note,
    })
  const step = fuelPath(inForce, facts)?.step
  if (step && step !== 'done') looks.push({ id: 'fuel', stage: 'first_look', ...FUEL_LOOKS[step] })
  if (!oil && hasSump(facts))
    looks.push({
      id: 'oil',
      stage: 'first_look',
      title: 'Read the oil and smell it',
      minutes: 2,
      why: 'Level and condition settle most of the direction.',
    })
  else if (oil && (oil.smell === null || oil.smell === 'not_smelt'))
    looks.push({
      id: 'smell',
      stage: 'first_look',
      title: 'Smell the oil',
      minutes: 1,
      why: 'Fuel in the oil reads like an overfill.',
    })
  if (!keptOf(inForce).mix.at(-1) && facts.oiling === 'premix')
    looks.push({
      id: 'mix',
      stage: 'first_look',
      title: 'Ask for the can and work out its mix',
      minutes: 2,
      why: 'One lean can explains a scored bore.',
    })
  if (!turn)
    looks.push({
      id: 'turn_over',
      stage: 'first_look',
      title: 'Turn it by hand',
      minutes: 1,
      why: 'Locked, free or a normal bump decides where to look.',
    })
  const fuelInside = step !== undefined && step !== 'done'
  if (!compression && turn?.feel !== 'locked' && !fuelInside)
    looks.push({
      id: 'compression',
      stage: 'narrow_down',
      title: 'Compression, dry',
      minutes: 6,
      why: "By feel, only 'none' can be trusted.",
    })
  else if (compression?.dry && !compression.wet)
    looks.push({
      id: 'compression',
      stage: 'narrow_down',
      title: 'Compression, wet',
      minutes: 3,
      why: 'The pair tells rings from valves, where the dry reading is low.',
    })
  const doubtful =
    compression !== undefined &&
    (compression.feel === 'none' ||
      compression.feel === 'weak' ||
      (compression.wet !== null && compression.dry !== null))
  if (facts.cycle === 'four' && doubtful && !keptOf(inForce).lash.at(-1))
    looks.push({
      id: 'lash',
      stage: 'narrow_down',
      title: 'Read the lash as found',
      minutes: 10,
      why: 'No valve is blamed before its lash was read.',
    })
  const order = (kind: 'lash' | 'compression'): number => inForce.findLastIndex(e => e.kind === kind)
  if (keptOf(inForce).lash.at(-1)?.body.state === 'set' && compression && order('lash') > order('compression'))
    looks.push({
      id: 'retest',
      stage: 'narrow_down',
      title: 'Compression again, the lash is set',
      minutes: 6,
      why: 'A test is repeated after each change: a valve that was held open is not a burnt seat.',
    })
  if (keptOf(inForce).evidence.some(e => !e.body.explained))
    looks.push({
      id: 'evidence',
      stage: 'open_up',
      title: 'Explain what was found',
      minutes: 5,
      why: 'Foreign matter or a missing piece is still open.',
    })
  if (
    oil &&
    !keptOf(inForce).debris.at(-1) &&
    (oil.colour === 'silvery' || (oil.glitter !== null && oil.glitter !== 'none'))
  )
    looks.push({
      id: 'debris',
      stage: 'open_up',
      title: 'Sample the debris',
      minutes: 10,
      why: 'There is metal in the oil: what and how much points at the part.',
    })
  const sorted = looks.sort(
    (a, b) =>
      Number(b.id === 'plug_out') - Number(a.id === 'plug_out') ||
      Number(b.id === 'fuel') - Number(a.id === 'fuel') ||
      a.minutes - b.minutes,
  )
  if (!terms || terms.runningValueMinor === null)
    sorted.push({
      id: 'value',
      stage: 'book_in',
      title: 'What is it worth running?',
      minutes: 1,
      why: 'No sum can be compared without it.',
    })
  if (keptOf(inForce).option.length === 0)
    sorted.push({
      id: 'option',
      stage: 'decide',
      title: 'Enter the ways to go',
      minutes: 5,
      why: 'Repair, rebuild, new engine or part out, each with its lines.',
    })
  return sorted
}
