import type { Step } from './hazardRow'

/** Steps of a way out, as the table says them. */
export const RUNNING = ['crank', 'run'] as const
export const mended = (words = 'repaired or renewed'): Step => ({ words, did: ['renewed', 'repaired'], of: 'same' })
export const measured = (good: string, words = 'measured good after it'): Step => ({
  words,
  good,
  strength: 'measured',
  of: 'same',
})
export const looked = (good: string, words: string, of: Step['of'] = 'same'): Step => ({ words, good, of })
export const answered = (words: string): Step => ({
  words,
  did: ['renewed', 'repaired', 'cleaned', 'set'],
  of: 'answers',
})

export const DRAINED: Step = { words: 'drained', did: ['drained'], of: 'oil' }
export const FILLED: Step = { words: 'filled with the right oil', did: ['filled'], of: 'oil' }

/** Looks of which each counts whenever it is taken. */
export const inAnyOrder = (steps: readonly Step[]): Step[][] =>
  steps.length < 2
    ? [[...steps]]
    : steps.flatMap((step, i) => inAnyOrder(steps.filter((_, k) => k !== i)).map(rest => [step, ...rest]))
