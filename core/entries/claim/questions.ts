import type { EngineFacts } from '../../engine/facts'
import { hasSump } from '../../oil/fillMarks'
import type { COMPLAINT_KINDS } from '../../words/counter'
import type { KeyOf } from '../../words/keys'

type About = KeyOf<typeof COMPLAINT_KINDS>

interface Plan {
  id: string
  ask: string
  short: string
  answers: readonly string[]
  about: readonly About[] | 'all'
  cycle?: 'two' | 'four'
  sump?: boolean
}

/** A question at the counter, with the answers most people give; anything else can be typed. */
export interface Question {
  id: string
  ask: string
  short: string
  answers: readonly string[]
}

export const DONT_KNOW = "doesn't know"

const START: readonly About[] = ['wont_turn', 'wont_start', 'dies']

const BREAKING: readonly About[] = ['wont_turn', 'noise', 'no_power', 'overheats', 'in_pieces']

/** Asked in this order. The ones that shops forget come first: oil, tipped, hit, ran low, who had it open. */
const QUESTIONS: readonly Plan[] = [
  {
    id: 'last_oil',
    ask: 'When was the oil last changed?',
    short: 'Last oil change',
    answers: ['this year', 'last year', 'never', DONT_KNOW],
    about: 'all',
    sump: true,
  },
  {
    id: 'which_oil',
    ask: 'What oil, and how much went in?',
    short: 'Oil put in',
    answers: ['what was in the shed', "the maker's", DONT_KNOW],
    about: 'all',
    sump: true,
  },
  {
    id: 'topped',
    ask: 'How often is it topped up?',
    short: 'Topped up',
    answers: ['never looked', 'before each use', 'once a season', DONT_KNOW],
    about: ['smoke', 'uses_oil', 'leak', 'noise', 'overheats', 'service'],
    sump: true,
  },
  {
    id: 'ran_low',
    ask: 'Did it ever run low, or did a lamp or switch stop it?',
    short: 'Ran low',
    answers: ['no', 'yes, filled it and went on', DONT_KNOW],
    about: [...BREAKING, 'uses_oil', 'wont_start'],
    sump: true,
  },
  {
    id: 'tipped',
    ask: 'Was it tipped or carried lying down? Which side down?',
    short: 'Tipped',
    answers: ['no', 'carburettor side down', 'exhaust side down', 'tail down', DONT_KNOW],
    about: ['wont_turn', 'wont_start', 'smoke', 'oil_rises', 'dies', 'leak'],
  },
  {
    id: 'hit',
    ask: 'Did it hit something just before?',
    short: 'Hit something',
    answers: ['no', 'yes, a stump or stone', 'yes, a kerb', DONT_KNOW],
    about: ['wont_turn', 'wont_start', 'noise', 'no_power'],
  },
  {
    id: 'stood',
    ask: 'How long did it stand?',
    short: 'Stood',
    answers: ['ran last week', 'over the winter', 'a year or more', DONT_KNOW],
    about: [...START, 'smoke', 'clutch'],
  },
  {
    id: 'fuel_age',
    ask: 'How old is the fuel, and from where?',
    short: 'Fuel',
    answers: ['this month', "last season's", DONT_KNOW],
    about: [...START, 'no_power', 'overheats'],
  },
  {
    id: 'mix',
    ask: 'How was the mix made, and is the can still there?',
    short: 'Mix',
    answers: ['measured it', 'by eye', "from somebody's can", DONT_KNOW],
    about: 'all',
    cycle: 'two',
  },
  {
    id: 'opened',
    ask: 'Who has had it open, and what did they find?',
    short: 'Had it open',
    answers: ['nobody', 'the owner', 'another shop', DONT_KNOW],
    about: 'all',
  },
  {
    id: 'swapped',
    ask: 'What has already been swapped?',
    short: 'Already swapped',
    answers: ['nothing', 'plug', 'carburettor', DONT_KNOW],
    about: [...START, 'no_power', 'smoke', 'in_pieces'],
  },
  {
    id: 'sound',
    ask: 'What did it sound like, and when: start, idle, load?',
    short: 'Sound',
    answers: ['a bang, then nothing', 'ticking', 'knocking under load', DONT_KNOW],
    about: ['noise', 'wont_turn', 'no_power', 'dies'],
  },
  {
    id: 'smoke',
    ask: 'What colour was the smoke, and when?',
    short: 'Smoke',
    answers: ['none', 'white or blue', 'black', DONT_KNOW],
    about: ['smoke', 'uses_oil', 'dies', 'overheats'],
  },
  {
    id: 'hot_cold',
    ask: 'Cold, hot, or always?',
    short: 'When',
    answers: ['cold only', 'hot only', 'always', DONT_KNOW],
    about: ['wont_start', 'dies', 'noise', 'no_power', 'clutch'],
  },
  {
    id: 'came_on',
    ask: 'How did it come on?',
    short: 'Came on',
    answers: ['stopped dead while running', 'weaker over months', 'from one day to the next', DONT_KNOW],
    about: [...START, 'no_power', 'noise', 'smoke', 'uses_oil'],
  },
  {
    id: 'runs_how',
    ask: 'How does it run, as long as it runs?',
    short: 'Runs',
    answers: ['evenly', 'surges up and down', 'shakes more than it did', 'stops in wet grass or rain', DONT_KNOW],
    about: ['dies', 'no_power', 'noise', 'overheats', 'wont_start', 'service'],
  },
  {
    id: 'kicks',
    ask: 'Does it kick back when it is started?',
    short: 'Kicks back',
    answers: ['no', 'yes', DONT_KNOW],
    about: [...START, 'noise'],
  },
  {
    id: 'just_topped',
    ask: 'Was oil put in just before it began?',
    short: 'Oil just before',
    answers: ['no', 'yes', DONT_KNOW],
    about: ['smoke', 'leak', 'uses_oil', 'oil_rises', 'wont_turn', 'wont_start'],
    sump: true,
  },
  {
    id: 'coolant',
    ask: 'Has it lost coolant?',
    short: 'Coolant',
    answers: ['no', 'yes, topped up', DONT_KNOW],
    about: ['overheats', 'smoke', 'uses_oil'],
  },
  {
    id: 'pieces',
    ask: 'Who took it apart, and is everything in the box?',
    short: 'Taken apart by',
    answers: ['the owner', 'another shop', DONT_KNOW],
    about: ['in_pieces'],
  },
  {
    id: 'since_repair',
    ask: 'Did it begin after a service or repair? How many hours after?',
    short: 'After a repair',
    answers: ['no', 'at once', 'some hours later', DONT_KNOW],
    about: ['smoke', 'noise', 'leak', 'dies', 'no_power', 'uses_oil', 'overheats', 'clutch'],
  },
]

/** What to ask for this complaint and this engine. Without a kind of complaint, what is always asked. */
export function questionsFor(
  about: About | null,
  facts: Pick<EngineFacts, 'cycle' | 'oiling' | 'cooling'>,
): Question[] {
  const sump = hasSump(facts as EngineFacts)
  return QUESTIONS.filter(
    q =>
      (q.about === 'all' || (about !== null && q.about.includes(about))) &&
      (!q.cycle || q.cycle === facts.cycle) &&
      (!q.sump || sump) &&
      (q.id !== 'coolant' || facts.cooling !== 'air'),
  ).map(({ id, ask, short, answers }) => ({ id, ask, short, answers }))
}

/** An answer as the claim that stands on the log: the chosen one by itself, one in words of their own only in its words. */
export const answerBody = (question: Question, answer: string) => ({
  text: `${question.short}: ${answer}`,
  howKnown: null,
  topic: question.id,
  answer: question.answers.includes(answer) ? answer : null,
})
