import type { Judgement, Mark, StoppingJudgement } from '../judgement'
import type { EntryOf } from '../entries/types'
import type { LeakSite } from '../entries/leaks/schema'
import type { SmokeBody } from '../entries/smoke/schema'
import type { JobFile } from './jobFile'
import { DANGEROUS_MODIFICATIONS, EARLIER_HANDS, EVENTS, MODIFICATIONS, OUTSIDE_CLUES } from '../words/counter'
import { LEAK_SITES, LOCK_RESULTS, LOCK_STEPS, SMOKE_AFTER, SMOKE_COLOURS, SMOKE_MOMENTS } from '../words/looks'

/** What the smoke says, with the order in which to look. Colour alone settles nothing. */
export function judgeSmoke(entry: EntryOf<'smoke'>, file: JobFile): Judgement {
  const { colour, moment, after } = entry.body
  const details = smokeDetails(entry.body, file)
  const said = [
    SMOKE_COLOURS[colour].toLowerCase(),
    moment && SMOKE_MOMENTS[moment].toLowerCase(),
    after && after !== 'nothing' && `after ${SMOKE_AFTER[after].toLowerCase()}`,
  ]
    .filter(Boolean)
    .join(', ')
  return {
    entryId: entry.id,
    mark: colour === 'none' ? 'good' : 'near',
    headline: colour === 'none' ? 'No smoke' : `Smoke: ${said}`,
    details,
  }
}

function smokeDetails({ colour, moment, after, smell }: SmokeBody, { facts }: JobFile): string[] {
  if (colour === 'none')
    return ['No smoke at this moment says nothing about the next: look at the start and under load.']
  const details: string[] = []
  if (after === 'top_up')
    details.push('After topping up: read the level first. Overfilled, it smokes until the surplus is out.')
  if (after === 'tipped')
    details.push(
      'After tipping: oil has run into the cylinder or filter. Plug out before it is turned, clean the filter; it should clear in some minutes.',
    )
  if (smell === 'sweet') details.push('Sweet: coolant. Look at its level and at the head joint.')
  if (facts.cycle === 'two') {
    details.push(
      colour === 'black'
        ? 'Black on a two-stroke: rich setting or choked filter.'
        : 'On a two-stroke look in this order: too much oil in the mix, rich setting, choked filter, then rings. Smoking and clean by turns: oil line, pump and crank seals.',
    )
    return details
  }
  if (colour === 'black')
    details.push('Black is fuel: choke, filter, float level or injection. Rings are not to blame.')
  else if (colour === 'white')
    details.push(
      'White can mean oil, water or raw fuel: smell it, look at the coolant, and see whether it goes when warm.',
    )
  else
    details.push(
      'Blue or grey is oil. Look in this order: level, smell, tipped, filter and breather, a leak onto the exhaust, head joint, then rings and guides.',
    )
  if (moment === 'overrun') details.push('When the throttle closes: oil drawn past the guides.')
  if (moment === 'load') details.push('Under load: rings and bore come before guides.')
  if (moment === 'start')
    details.push('A puff at the start only: guide seals or oil lying in the cylinder after tipping.')
  return details
}

const LEAK_ORDER = ['dry', 'residue', 'trail', 'wet'] as const
const LEAK_MARKS: Record<LeakSite['state'], Mark> = { dry: 'good', residue: 'good', trail: 'near', wet: 'past' }

/** Where oil comes out. A cake of old residue is the mark of age, not of a leak. */
export function judgeLeaks(entry: EntryOf<'leaks'>): Judgement {
  const { sites, look } = entry.body
  const worst = [...sites].sort((a, b) => LEAK_ORDER.indexOf(b.state) - LEAK_ORDER.indexOf(a.state))[0]
  const wet = sites.filter(s => s.state === 'wet' || s.state === 'trail')
  const details: string[] = []
  if (wet.length && look === 'as_found')
    details.push('Clean it, run it, look again: where it starts is the leak, the rest is where it ran.')
  if (wet.some(s => s.site === 'breather'))
    details.push('Oil at the breather: overfilled or blow-by, before any gasket.')
  if (wet.some(s => s.site === 'sump')) details.push('Sump joint wet: try its bolts first, they work loose.')
  if (wet.some(s => s.site === 'top_seal'))
    details.push('Behind the flywheel: the seal shows only with the flywheel off.')
  if (wet.some(s => s.site === 'carburettor' || s.site === 'tank'))
    details.push('Fuel, not oil: shut it off, no sparks, air the room. Smell the engine oil.')
  if (wet.some(s => s.site === 'bottom_seal'))
    details.push('At the shaft: look for a bent crank or a blade that hit something before a seal is fitted.')
  if (!wet.length)
    details.push(
      sites.some(s => s.state === 'residue') ? 'Old residue only: usual for its age.' : 'Dry where it was looked at.',
    )
  const names = wet.map(s => LEAK_SITES[s.site].toLowerCase())
  return {
    entryId: entry.id,
    mark: worst ? LEAK_MARKS[worst.state] : 'open',
    headline: names.length ? `Leaks: ${names.join(', ')}` : sites.length ? 'No leak found' : 'Leaks not looked at',
    details,
  }
}

const CLUE_SAYS: Record<keyof typeof OUTSIDE_CLUES, string> = {
  blow_shaft: 'A blow to blade or shaft: think of a sheared key, a bent crank, a cracked case.',
  bent_guard: 'Bent guard: it fell or hit something.',
  fresh_grass: 'Fresh dirt: it ran lately, whatever is said.',
  worn_tread: 'Tread worn out: more use than the meter says.',
  rust: 'Rust: it stood wet. Expect a stuck ring or valve.',
  loose_bolts: 'Loose bolts: something shook or somebody was in there.',
  stale_fuel: 'Stale fuel: drain it before anything else is judged.',
  burnt_paint: 'Burnt paint: it ran hot or lean.',
  blocked_fins: 'Blocked fins: it ran hot.',
  cracked_case: 'Cracked case: price it before it is opened further.',
}
const HAND_SAYS: Record<keyof typeof EARLIER_HANDS, string> = {
  sealant: 'Sealant squeezed out also squeezes inward: look for strings in strainer and jets.',
  tool_marks: 'Tool marks: somebody was in there.',
  new_plug: 'A new plug hides what the old one showed.',
  mixed_bolts: 'Mixed bolts: check their length before one goes through a casting.',
  new_parts: 'Parts already swapped are evidence, not progress.',
  wires_changed: 'Wires changed: earth and stop wire first.',
}

/** What is seen from outside, and signs of earlier hands. */
export function judgeClues(entry: EntryOf<'clues'>): Judgement {
  const { outside, hands } = entry.body
  const words = [...outside.map(k => OUTSIDE_CLUES[k]), ...hands.map(k => EARLIER_HANDS[k])].map(w => w.toLowerCase())
  const mark: Mark = outside.includes('cracked_case') ? 'past' : words.length ? 'near' : 'good'
  return {
    entryId: entry.id,
    mark,
    headline: words.length
      ? `Outside: ${words.slice(0, 3).join(', ')}${words.length > 3 ? ` and ${words.length - 3} more` : ''}`
      : 'Nothing to see from outside',
    details: [...outside.map(k => CLUE_SAYS[k]), ...hands.map(k => HAND_SAYS[k])],
  }
}

/** One step of finding out why an engine is locked. */
export function judgeLockStep(entry: EntryOf<'lock_step'>): StoppingJudgement {
  const { step, result } = entry.body
  const headline = `Locked, ${LOCK_STEPS[step].label.toLowerCase()}: ${LOCK_RESULTS[result].toLowerCase()}`
  if (result === 'liquid') {
    return {
      entryId: entry.id,
      mark: 'past',
      headline,
      details: [
        'Liquid held it. Smell it: fuel, oil or water. Fuel in the cylinder means that the oil has had fuel too.',
        'Leave the plug out until it is dry; spin it by hand only.',
      ],
      stops: [
        {
          id: 'cylinder_full',
          title: "Don't spark or crank it",
          reason: 'The cylinder held liquid. Petrol on hot metal or at a spark burns.',
          clearedBy: 'Turned by hand, plug out and dry, and logged as turning.',
        },
      ],
    }
  }
  const FREED: Record<keyof typeof LOCK_STEPS, string> = {
    plug_out: 'Free with the plug out: pressure or liquid held it, not metal.',
    driven_off: 'Free with the drive off: the driven machine is jammed, the engine is not.',
    brake_off: 'The brake held it.',
    starter_gear: 'The starter gear was stuck in the ring.',
    click_light: 'Power reaches the starter.',
    soaked: 'It came free with soaking: rust or a stuck ring. Look down the bore before it is run.',
  }
  const details =
    result === 'freed'
      ? [FREED[step]]
      : result === 'no_change'
        ? [
            step === 'soaked'
              ? "Still locked after soaking: piston or rod. Don't force it; open it or price it."
              : 'Not that: the next step.',
          ]
        : ['Not done: the answer stays open.']
  return {
    entryId: entry.id,
    mark: result === 'freed' ? 'near' : result === 'cant' ? 'open' : 'past',
    headline,
    details,
    stops: [],
  }
}

/** A change by owner or earlier shop: a risk, and a clue. */
export function judgeModification(entry: EntryOf<'modification'>): StoppingJudgement {
  const { what, text, why, state } = entry.body
  const { label, risk } = MODIFICATIONS[what]
  const headline = `${label}${text ? `: ${text}` : ''}`
  if (state === 'put_right')
    return { entryId: entry.id, mark: 'good', headline: `${headline}, put right`, details: [], stops: [] }
  const dangerous = DANGEROUS_MODIFICATIONS.includes(what)
  return {
    entryId: entry.id,
    mark: dangerous || what === 'oil_tap' ? 'past' : 'near',
    headline,
    details: [risk, why ? `Said to be done because: ${why}` : 'Why was it done? The reason is a finding.'],
    stops: dangerous
      ? [
          {
            id: `mod_${what}`,
            title: "Don't hand it back like this",
            reason: `${label}. ${risk}`,
            clearedBy: 'Put right, and logged so.',
          },
        ]
      : [],
  }
}

const EVENT_SAYS: Record<keyof typeof EVENTS, string> = {
  ran_low: 'Rod, crank pin and cam starve first: look there before the bore is cleared.',
  ran_dry: 'It ran dry: price it as hurt inside until it is measured.',
  tipped: 'Oil or fuel where it does not belong: filter, cylinder, oil.',
  wrong_fluid: 'Stop, drain, right oil, short run, drain again, look at what comes out. Never a way to save money.',
  over_rev: 'Over-speed stretches the rod and floats the valves: measure before it is trusted.',
  overheated: 'Head flat? Rings tired? Compression again when cold.',
  submerged: 'Water in the oil and the bearings: drain, oil, turn, drain, until it comes clear.',
  hit: 'Run-out of the crank, key and case before anything else.',
}
const GRAVE_EVENTS: readonly (keyof typeof EVENTS)[] = ['ran_dry', 'wrong_fluid', 'submerged']

/** Something that this engine carries for life. */
export const judgeEvent = (entry: EntryOf<'event'>): Judgement => ({
  entryId: entry.id,
  mark: GRAVE_EVENTS.includes(entry.body.what) ? 'past' : 'near',
  headline: `${EVENTS[entry.body.what]}${entry.body.when ? `, ${entry.body.when}` : ''}`,
  details: [EVENT_SAYS[entry.body.what]],
})

/** Foreign matter or a missing piece: open until somebody can say what it was. */
export function judgeEvidence(entry: EntryOf<'evidence'>): Judgement {
  const { what, where, missing, explained } = entry.body
  const headline = missing ? `Missing piece: ${what}` : `Foreign: ${what}, ${where}`
  return explained
    ? { entryId: entry.id, mark: 'good', headline: `${headline}, explained`, details: [`Explained: ${explained}`] }
    : {
        entryId: entry.id,
        mark: 'open',
        headline,
        details: [
          missing
            ? `It came out of ${where} and is still in there or lost. It must be found or accounted for before the engine is closed.`
            : 'Kept as evidence and open until it is explained. If one is in there, look for others.',
        ],
      }
}
