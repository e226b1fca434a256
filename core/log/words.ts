/** The words that forms offer and the log keeps, each with what people read. */

export const HOW_GOT = {
  measured: 'measured',
  by_feel: 'by feel',
  by_eye: 'by eye',
  claimed: 'claimed',
  estimated: 'estimated',
} as const

export type HowGot = keyof typeof HOW_GOT

export const STAGES = {
  book_in: 'Book in',
  first_look: 'First look',
  narrow_down: 'Narrow down',
  open_up: 'Open up',
  measure: 'Measure',
  decide: 'Decide',
  build: 'Build',
  prove: 'Prove',
  hand_back: 'Hand back',
} as const

export type Stage = keyof typeof STAGES

export const STAGE_ORDER = Object.keys(STAGES) as Stage[]
