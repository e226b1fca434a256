import type { EntryKind } from './types'

const WORDS = "Somebody's own words: kept and shown, read by no rule."
const CONDITIONS = 'How it was read: it decides what the reading is worth, not what it shows.'

/** What a finding holds and the diagnosis does not hear, and why. `*`: nothing of the kind. */
export const UNHEARD: Partial<Record<EntryKind, Record<string, string>>> = {
  complaint: {
    words: WORDS,
    since: 'When it began: how it came on is a question of its own, with answers that are heard.',
  },
  claim: { howKnown: 'How the owner knows: whoever checks the claim decides what it is worth.' },
  meter: { '*': 'Hours and kilometres: they age a part, they show no fault.' },
  clues: { ageYears: 'Age alone points at no cause.', note: WORDS },
  smoke: { note: WORDS },
  leaks: { note: WORDS },
  lash: { note: WORDS },
  oil_use: { note: WORDS },
  measure: { when: CONDITIONS, note: WORDS },
  bore: { note: WORDS },
  valve_leak: { place: 'Which cylinder: the leak counts wherever it is.', note: WORDS },
  pump_rig: { pressure: CONDITIONS, oilC: CONDITIONS, note: WORDS },
  part: { orientation: 'Which way round it lay: for putting it back.' },
  check: {
    check: 'Which check it is: the signs that it shows are heard.',
    skipped: 'Left out, with a reason: it is not asked for again.',
    note: WORDS,
  },
  rest_check: {
    '*': 'The rest of the machine: it decides whether an engine is worth it, not what is wrong with this one.',
  },
  fit_check: { '*': 'Whether another engine fits, not what is wrong with this one.' },
  oil: { history: 'Whether the oil can be kept, not what is wrong.', note: WORDS },
  mix: { note: WORDS },
  turn_over: { note: WORDS },
  plug: { note: WORDS },
  air_filter: { note: WORDS },
  compression: { note: WORDS },
  leak_down: { note: WORDS },
  crankcase: { note: WORDS },
  debris: { controlOf: 'What it was held against: its score is heard.', note: WORDS },
  oil_pressure: { rpm: CONDITIONS, oilC: CONDITIONS, note: WORDS },
  drain_down: { note: WORDS },
  watch_done: { '*': 'A reading that was owed: the finding that it led to is an entry of its own, and heard.' },
  lab_sample: {
    '*': "A laboratory's figures, by its own limits: what is in the sample is an entry of its own, and heard.",
  },
}
