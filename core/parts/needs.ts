import type { Entry, EntryOf } from '../entries/types'
import type { EstimateLine } from '../estimate/estimateLine'
import { keptOf } from '../entries/kept'
import type { KeyOf } from '../words/keys'
import { ORDER_STATES } from '../words/deciding'

export type NeedState = 'missing' | KeyOf<typeof ORDER_STATES>
export const NEED_WORDS: Record<NeedState, string> = { missing: 'Not ordered', ...ORDER_STATES }
export interface Need {
  text: string
  type: 'part' | 'outwork'
  /** only needed with a chance */ chance: number
  state: NeedState
  dueOn: string | null
  orders: EntryOf<'order'>[]
  work: EntryOf<'outwork'> | null
}

/** What each order stands at; an answer of one supplier does not undo another's. */
const RANK: readonly NeedState[] = ['none', 'missing', 'asked', 'ordered', 'arrived']

/**
 * What the way that was agreed (or, before that, the way given) asks for, and how far each stands.
 * @param lines lines of the way; parts and outwork count
 */
export function needs(lines: EstimateLine[], inForce: Entry[]): Need[] {
  const orders = keptOf(inForce).order
  const works = keptOf(inForce).outwork
  return lines
    .filter(l => (l.type === 'part' || l.type === 'outwork') && l.chance > 0)
    .map((l): Need => {
      const type = l.type === 'part' ? ('part' as const) : ('outwork' as const)
      const mine = orders.filter(o => o.body.what === l.text)
      const work = works.filter(w => w.body.what === l.text).at(-1) ?? null
      if (type === 'outwork')
        return {
          text: l.text,
          type,
          chance: l.chance,
          orders: [],
          work,
          dueOn: work?.body.dueOn ?? null,
          state: work === null ? 'missing' : work.body.verdict === 'accepted' ? 'arrived' : 'ordered',
        }
      const best = mine.reduce<EntryOf<'order'> | null>(
        (a, o) => (a === null || RANK.indexOf(o.body.state) > RANK.indexOf(a.body.state) ? o : a),
        null,
      )
      return {
        text: l.text,
        type,
        chance: l.chance,
        orders: mine,
        work: null,
        // what is here already is neither asked for nor waited for
        state: l.priceKind === 'on_hand' ? 'arrived' : (best?.body.state ?? 'missing'),
        dueOn: best?.body.state === 'ordered' ? best.body.dueOn : null,
      }
    })
}

/** The lines that count for parts: of what was agreed, else of the way that leads. */
export function linesInHand(inForce: Entry[], bestId: string | null): EstimateLine[] {
  const agreed = keptOf(inForce).approval.at(-1)?.body.frozen.lines
  return agreed ?? keptOf(inForce).option.find(o => o.id === bestId)?.body.lines ?? []
}

/** Sure needs that are not here yet. */
export const missing = (all: Need[]): Need[] => all.filter(n => n.chance >= 1 && n.state !== 'arrived')

/** Hours at the bench in a day that go into one job. Shop judgement. */
const HOURS_A_DAY = 5
const DAY_MS = 86_400_000

/**
 * The day by which it can be ready: the last part to come, then the longest outwork, then the build. Dates are ISO days.
 * @param buildHours likely hours of labour still to do
 * @returns null while the day of a part or of outwork is not known
 */
export function readyBy(all: Need[], today: string, buildHours: number): string | null {
  const open = missing(all)
  const parts = open.filter(n => n.type === 'part')
  const works = open.filter(n => n.type === 'outwork')
  if (parts.some(n => n.dueOn === null)) return null
  const partsHere = parts.reduce((day, n) => (n.dueOn && n.dueOn > day ? n.dueOn : day), today)
  const outworkDays: (number | null)[] = works.map(n =>
    n.work?.body.sentOn && n.dueOn
      ? Math.max(0, (Date.parse(n.dueOn) - Math.max(Date.parse(n.work.body.sentOn), Date.parse(today))) / DAY_MS)
      : (n.work?.body.days ?? null),
  )
  if (outworkDays.some(d => d === null)) return null
  const after = Math.max(0, ...outworkDays.map(d => d ?? 0)) + Math.ceil(buildHours / HOURS_A_DAY)
  return new Date(Date.parse(partsHere) + after * DAY_MS).toISOString().slice(0, 10)
}

/** Whose move it is once an order or outwork was logged: parts or outwork until all of it is here. Null leaves it as it is. */
export function partsMove(all: Need[], waitsFor: string | null): 'parts' | 'outwork' | 'nobody' | null {
  // an owner's or a clock's move is not taken away
  if (waitsFor === 'owner' || waitsFor === 'clock') return null
  const open = missing(all)
  if (!open.length) return waitsFor === 'parts' || waitsFor === 'outwork' ? 'nobody' : null
  if (open.some(n => n.type === 'part' && (n.state === 'ordered' || n.state === 'asked'))) return 'parts'
  return open.some(n => n.type === 'outwork' && n.state === 'ordered') ? 'outwork' : null
}
