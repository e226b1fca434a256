export const WAYS = {
  adjust: 'Clean and adjust',
  repair: 'Repair',
  rings: 'Rings only',
  rebore: 'Rebore',
  rebuild: 'Rebuild',
  donor: 'Donor build',
  exchange: 'Exchange engine',
  new_engine: 'New engine',
  new_machine: 'New machine',
  wait: 'Leave and watch',
  part_out: 'Part out',
  scrap: 'Scrap',
} as const

export type Way = keyof typeof WAYS

/** What an owner's cap is for. */
export const CAP_FOR = {
  in_all: 'For everything, also what is spent and what it was bought for',
  to_come: 'For what is still to come',
} as const

/** Ways that mend the machine; the others only bring money for it. */
export const MENDING: readonly Way[] = [
  'adjust',
  'repair',
  'rings',
  'rebore',
  'rebuild',
  'donor',
  'exchange',
  'new_engine',
  'new_machine',
  'wait',
]

/** Ways that put new parts or another engine where the old one died: held back until its cause is cured. */
export const RENEWING: readonly Way[] = ['rings', 'rebore', 'rebuild', 'donor', 'exchange', 'new_engine']

/** Ways that put another engine into the old frame. */
export const REPOWERING: readonly Way[] = ['exchange', 'new_engine']

/** The rest of the machine: a good engine in a bad frame is money lost. */
export const REST_ITEMS = {
  frame: 'Frame and deck',
  gearbox: 'Gearbox',
  drive: 'Drive and belts',
  wheels: 'Wheels and axles',
  controls: 'Controls and adjusters',
  brakes: 'Brakes and guards',
  electrics: 'Electrics',
  tank: 'Tank and tin',
} as const

export const REST_STATES = { good: 'Good', worn: 'Worn', bad: 'Bad', not_looked: 'Not looked at' } as const

/** Without these a machine is not worth an engine. */
export const REST_CARRIERS: readonly (keyof typeof REST_ITEMS)[] = ['frame', 'gearbox', 'drive']

/** Whether another engine goes in. */
export const FIT_ITEMS = {
  shaft: 'Shaft diameter',
  length: 'Shaft length',
  key: 'Keyway',
  bolts: 'Bolt pattern',
  rotation: 'Turns the same way',
  tank: 'Tank and lines',
  brake: 'Brake and controls',
  exhaust: 'Exhaust',
  wiring: 'Wiring',
} as const

export const FIT_STATES = {
  fits: 'Fits',
  adapt: 'With an adapter',
  no: "Doesn't fit",
  not_checked: 'Not checked',
} as const

/** What the owner's word is asked for: each stage by itself. */
export const QUOTE_STAGES = {
  look: 'Look at it',
  strip: 'Open it',
  decide: 'Choose a way',
  build: 'More than was agreed',
} as const

export const OWNER_CHOICES = { agree: 'Agreed', ask: 'Asks', none: 'None of it' } as const

/** How an order stands; a supplier who hasn't got it is written down too. */
export const ORDER_STATES = { asked: 'Asked for', ordered: 'Ordered', arrived: 'Here', none: 'Not to be had' } as const

/** What is sent out, as far as it has a rule of its own. */
export const OUTWORK_KINDS = {
  bore: 'Boring or honing a bore',
  crank: 'Crank: pressing, truing, grinding',
  plate: 'Plating or sleeving',
  head: 'Head: facing, seats, guides',
  other: 'Something else',
} as const

export const OUTWORK_VERDICTS = { open: 'Not back yet', accepted: 'Accepted', sent_back: 'Sent back' } as const

/** How good a part of the shelf is. */
export const SHELF_GRADES = { good: 'As good as new', used: 'Used, sound', core: 'To be rebuilt' } as const

/** How a call to the owner ended. */
export const CALL_RESULTS = { answered: 'Answered', no_answer: 'No answer' } as const

export const LINE_TYPES = {
  part: 'Part',
  labour: 'Labour',
  outwork: 'Outwork',
  risk: 'Risk, hours',
  charge: 'Charge',
  sale: 'Sells for',
} as const

export type LineType = keyof typeof LINE_TYPES

/** Lines whose figures are hours; the others are money. */
export const HOUR_LINES: readonly LineType[] = ['labour', 'risk']

export const PRICE_KINDS = {
  retail: 'retail',
  trade: 'trade',
  donor: 'donor',
  estimate: 'estimate',
  on_hand: 'here already',
} as const

export const WAITING_FOR = {
  owner: 'the owner',
  parts: 'parts',
  outwork: 'outwork',
  clock: 'the clock',
  nobody: 'nobody',
} as const

export const AGREED_HOW = { in_person: 'in person', phone: 'by telephone', written: 'in writing' } as const

/** The three ways out of the shop. */
export const HAND_BACK_WAYS = {
  mended: 'Mended, all clear',
  test_owed: 'Delivered, a test owed',
  as_is: 'As it is, not to be run',
} as const
