import { hasSump } from '../oil/fillMarks'
import type { Entry } from './entries'
import { latest } from './entries'
import type { EngineFacts } from './jobFile'
import type { Stage } from './vocabulary'

/** A check or an entry still owed, with the minutes it takes. */
export interface NextLook { id: 'oil' | 'turn_over' | 'plug_out' | 'smell' | 'compression' | 'debris' | 'option' | 'value', stage: Stage, title: string, minutes: number, why: string }

/** What is worth looking at next: danger first, then the quickest. */
export function nextLooks(inForce: Entry[], facts: EngineFacts): NextLook[] {
  const looks: NextLook[] = []
  const turn = latest(inForce, 'turn_over')?.body
  const oil = latest(inForce, 'oil')?.body
  const compression = latest(inForce, 'compression')?.body
  const terms = latest(inForce, 'terms')?.body
  if (latest(inForce, 'approval') || latest(inForce, 'hand_back')) return []
  if (turn?.feel === 'locked' && turn.plugIn) looks.push({ id: 'plug_out', stage: 'first_look', title: 'Plug out, turn by hand', minutes: 3, why: 'It settles whether liquid locks it. Fuel may spray: no sparks, rags ready.' })
  if (!oil && hasSump(facts)) looks.push({ id: 'oil', stage: 'first_look', title: 'Read the oil and smell it', minutes: 2, why: 'Level and condition settle most of the direction.' })
  else if (oil && (oil.smell === null || oil.smell === 'not_smelt')) looks.push({ id: 'smell', stage: 'first_look', title: 'Smell the oil', minutes: 1, why: 'Fuel in the oil reads like an overfill.' })
  if (!turn) looks.push({ id: 'turn_over', stage: 'first_look', title: 'Turn it by hand', minutes: 1, why: 'Locked, free or a normal bump decides where to look.' })
  if (!compression && turn?.feel !== 'locked') looks.push({ id: 'compression', stage: 'narrow_down', title: 'Compression, dry', minutes: 6, why: 'By feel, only \'none\' can be trusted.' })
  else if (compression?.dry && !compression.wet) looks.push({ id: 'compression', stage: 'narrow_down', title: 'Compression, wet', minutes: 3, why: 'The pair tells rings from valves, where the dry reading is low.' })
  if (oil && !latest(inForce, 'debris') && (oil.colour === 'silvery' || (oil.glitter !== null && oil.glitter !== 'none'))) looks.push({ id: 'debris', stage: 'open_up', title: 'Sample the debris', minutes: 10, why: 'There is metal in the oil: what and how much points at the part.' })
  const sorted = looks.sort((a, b) => Number(b.id === 'plug_out') - Number(a.id === 'plug_out') || a.minutes - b.minutes)
  if (!terms || terms.runningValueMinor === null) sorted.push({ id: 'value', stage: 'book_in', title: 'What is it worth running?', minutes: 1, why: 'No sum can be compared without it.' })
  if (!inForce.some(e => e.kind === 'option')) sorted.push({ id: 'option', stage: 'decide', title: 'Enter the ways to go', minutes: 5, why: 'Repair, rebuild, new engine or part out, each with its lines.' })
  return sorted
}
