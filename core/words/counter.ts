/** What the complaint is about: it picks the questions that are asked. */
export const COMPLAINT_KINDS = {
  wont_turn: "Won't turn",
  wont_start: "Won't start",
  dies: 'Starts, dies',
  no_power: 'No power',
  smoke: 'Smokes',
  noise: 'Knocks or rattles',
  leak: 'Leaks',
  uses_oil: 'Uses oil',
  oil_rises: 'Oil level rises',
  overheats: 'Runs hot',
  clutch: 'Clutch or gears',
  in_pieces: 'Came in pieces',
  service: 'Service',
  other: 'Something else',
} as const

/** What became of something that was only said. */
export const CLAIM_STATES = {
  confirmed: 'Confirmed',
  partly: 'Partly',
  contradicted: 'Contradicted',
  never_checked: 'Never checked',
} as const

export const METER_UNITS = { h: 'hours', km: 'km', mi: 'miles' } as const

export const METER_SOURCES = { measured: 'read off the meter', claimed: 'claimed', estimated: 'estimated' } as const

/** What owners and earlier shops change or switch off, with what it risks. */
export const MODIFICATIONS = {
  low_oil_switch: {
    label: 'Low-oil switch unplugged',
    risk: 'It runs on until it seizes: nothing stops it when the oil is gone.',
  },
  oil_tap: {
    label: 'Tap in the oil line',
    risk: 'Shut, the engine is destroyed in a minute. Tag it, couple it to the ignition, or take it out.',
  },
  blade_brake: {
    label: 'Blade brake or seat switch bridged',
    risk: "The blade goes on turning: a person can be hurt. Don't hand it back so.",
  },
  kill_switch: {
    label: 'Stop switch cut',
    risk: "It can't be stopped in need: a person can be hurt. Don't hand it back so.",
  },
  governor: { label: 'Governor changed or tied', risk: 'Over-speed breaks rods with good oil in the sump.' },
  limiter: { label: 'Carburettor limiter or jet changed', risk: 'A leaner setting runs hot and scores the bore.' },
  filter_left_out: { label: 'Air filter left out or changed', risk: 'Dust wears bore and rings within hours.' },
  fuel_tank: {
    label: 'Fuel tank not its own, or moved',
    risk: 'Fuel beside the exhaust or loose on it: no heat near it, and a line that chafes burns.',
  },
  exhaust: { label: 'Exhaust changed', risk: 'It changes the mixture: read the plug again under load.' },
  thermostat: { label: 'Thermostat or fan taken out', risk: 'Cold running dilutes the oil; no fan overheats it.' },
  oil_pump: {
    label: 'Oil injection shut off',
    risk: 'Without mix in the tank it seizes; with both it fouls. Prove which is done.',
  },
  guard: { label: 'Guard taken off', risk: "Hands and stones: a person can be hurt. Don't hand it back so." },
  other: { label: 'Something else', risk: 'Ask why it was done: the reason is a finding.' },
} as const

export const MODIFICATION_LABELS = Object.fromEntries(
  Object.entries(MODIFICATIONS).map(([k, v]) => [k, v.label]),
) as Record<keyof typeof MODIFICATIONS, string>

/** Changes that can hurt somebody: the machine must not go back with one of these in place. */
export const DANGEROUS_MODIFICATIONS: readonly (keyof typeof MODIFICATIONS)[] = ['blade_brake', 'kill_switch', 'guard']

export const MODIFICATION_STATES = { in_place: 'Still so', put_right: 'Put right' } as const

/** Happenings that an engine carries for life. */
export const EVENTS = {
  ran_low: 'Ran low on oil',
  ran_dry: 'Ran dry',
  tipped: 'Tipped or carried lying',
  wrong_fluid: 'Wrong fluid in it',
  over_rev: 'Over-revved',
  overheated: 'Overheated',
  submerged: 'Under water',
  hit: 'Hit something hard',
  ran_away: 'Ran away by itself',
} as const

export const OUTSIDE_CLUES = {
  blow_shaft: 'Blow to blade or shaft',
  bent_guard: 'Bent guard or frame',
  fresh_grass: 'Fresh grass or dirt',
  worn_tread: 'Tread worn out',
  rust: 'Rust inside or out',
  loose_bolts: 'Loose bolts',
  stale_fuel: 'Stale fuel smell',
  burnt_paint: 'Burnt paint',
  blocked_fins: 'Fins blocked',
  cracked_case: 'Cracked case',
} as const

/** Signs that somebody was inside before. */
export const EARLIER_HANDS = {
  sealant: 'Sealant squeezed out',
  tool_marks: 'Tool marks',
  new_plug: 'New plug',
  mixed_bolts: 'Mixed or missing bolts',
  new_parts: 'New parts fitted',
  wires_changed: 'Wires changed',
} as const
