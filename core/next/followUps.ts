import type { Condition } from '../condition/fold'
import { lastOfEach, lastSaid, pastNow } from '../condition/known'
import { isApart } from '../diagnosis/apart'
import type { EngineFacts } from '../engine/facts'
import type { FactMark } from '../log/facts'
import type { NextLook } from './look'

/** What one finding asks next: the look that tells what it means, or what it cost. */
type FollowUp = NextLook & { id: `follow:${string}` }
type Rule = FollowUp & {
  when(condition: Condition, facts: EngineFacts): boolean
}

const looked = (c: Condition, part: string, property: string): boolean => lastSaid(c, part, property) !== null
/** Past its limit, or past a rule of thumb. */
const wrong = (c: Condition, part: string, property: string): boolean => {
  const mark = lastSaid(c, part, property)?.mark
  return mark === 'past' || mark === 'near'
}
const stands = (c: Condition, hazard: string): boolean => c.hazards.some(h => h.hazard === hazard)
/** Somebody has it open: then a fill, or a look from outside, is no next move. */
const inPieces = (c: Condition): boolean => isApart(c.inForce)
const smellsPlain = (c: Condition): boolean => lastSaid(c, 'oil', 'smell')?.mark === 'good'
/** All of its oil was let out, and none has gone in since. */
const isOut = (c: Condition): boolean =>
  c.deeds.findLast(d => d.subject === 'oil' && (d.did === 'drained' || d.did === 'filled'))?.did === 'drained'
/** A gauge has shown some pressure: then the piston moves, whatever the hand felt. */
const squeezes = (c: Condition): boolean =>
  c.judged.some(j => j.entry.kind === 'compression' && (j.entry.body.dry?.value ?? 0) > 0)
/** A check of the catalogue that was done, whatever it showed. */
const tried = (c: Condition, check: string): boolean =>
  c.inForce.some(e => e.kind === 'check' && e.body.check === check && e.body.skipped === null)
const slack = (c: Condition): boolean =>
  wrong(c, 'rod', 'play') ||
  wrong(c, 'rod', 'cap') ||
  c.inForce.some(e => e.kind === 'check' && e.body.found.includes('rod_slack'))
/** It hit something, and this part was not looked at since. */
const hit = (c: Condition, part: string, property: string): boolean => stands(c, 'hit') && !looked(c, part, property)

/** The parts of a top end: what one of them went through is written on the bore. */
const TOP_END = ['piston', 'rings', 'cylinder', 'head', 'exhaust_valve', 'inlet_valve'] as const
/** What was looked at of the rest of the machine. */
const rest = (c: Condition): FactMark[] =>
  [...lastOfEach(c, 'rest').values()].map(fact => fact.mark).filter(mark => mark !== 'open')

/** Too far gone for work on it: from here on another engine is the question. */
const condemned = (c: Condition): boolean =>
  lastSaid(c, 'cylinder', 'score')?.mark === 'past' || pastNow(c, 'case', 'sound') || stands(c, 'rod_broken')

const RULES: readonly Rule[] = [
  {
    ...{ id: 'follow:piston', form: 'check', stage: 'narrow_down', check: 'piston_moves', minutes: 3 },
    title: 'Watch the piston through the plug hole',
    why: 'It spins free: does the piston still go up and down? If not, it is opened.',
    when: c =>
      lastSaid(c, 'engine', 'turns')?.value === 'turns, free' &&
      !inPieces(c) &&
      !squeezes(c) &&
      !c.inForce.some(e => e.kind === 'check' && e.body.check === 'piston_moves'),
  },
  {
    ...{ id: 'follow:breather', form: 'air_filter', stage: 'first_look', minutes: 2 },
    title: 'Look at the air filter and the breather',
    why: 'So much oil goes out by the breather: the filter drinks it first.',
    when: c => stands(c, 'oil_over') && smellsPlain(c) && !isOut(c) && !looked(c, 'air_filter', 'filter'),
  },
  {
    ...{ id: 'follow:surplus', form: 'fluid', stage: 'first_look', minutes: 5 },
    title: 'Draw the surplus off',
    why: 'Down to the full mark, and read again: an oil that is known and smells plain may stay.',
    when: c =>
      stands(c, 'oil_over') &&
      !isOut(c) &&
      looked(c, 'air_filter', 'filter') &&
      !stands(c, 'oil_fuel') &&
      smellsPlain(c),
  },
  {
    ...{ id: 'follow:fill', form: 'oil_change', stage: 'build', minutes: 5 },
    title: 'Fill it level, to its own mark',
    why: 'What was in it is out. Stood flat, to the bottom of the thread or the full mark, and never by the bottle.',
    when: c => isOut(c) && smellsPlain(c) && !inPieces(c) && !stands(c, 'oil_fuel') && !stands(c, 'oil_ruined'),
  },
  {
    ...{ id: 'follow:plug', form: 'plug', stage: 'first_look', minutes: 3 },
    title: 'Read the plug',
    why: 'A mix so rich in oil fouls the plug before it harms any metal.',
    when: c => wrong(c, 'fuel', 'rich') && !c.judged.some(j => j.entry.kind === 'plug'),
  },
  {
    ...{ id: 'follow:mount', form: 'check', stage: 'first_look', check: 'drive_tight', minutes: 3 },
    title: 'Blade, pulley and flywheel: are they tight?',
    why: 'It hit something: what holds the blade took the blow first.',
    when: c => hit(c, 'blade', 'mount') && !tried(c, 'drive_tight'),
  },
  {
    ...{ id: 'follow:runout', form: 'measure', stage: 'measure', item: 'shaft_runout', minutes: 10 },
    title: 'Does the shaft run true?',
    why: 'It hit something: a bent shaft tears the seal and breaks later.',
    when: (c, f) => hit(c, 'crank', 'runout') && f.engineClass === 'S4' && !tried(c, 'runout'),
  },
  {
    ...{ id: 'follow:key', form: 'check', stage: 'narrow_down', check: 'key', minutes: 12 },
    title: 'Flywheel off, look at the key',
    why: 'It hit something: a key half sheared kicks back and fires at the wrong moment.',
    when: (c, f) => hit(c, 'key', 'key') && f.ignition === 'key' && !tried(c, 'key'),
  },
  {
    ...{ id: 'follow:cap', form: 'measure', stage: 'measure', item: 'rod_cap', minutes: 15 },
    title: 'Cap off: hold it beside a sound one',
    why: 'What is gone from the cap is the slack that was felt, and it is seen without a gauge.',
    when: (c, f) => slack(c) && !looked(c, 'rod', 'cap') && f.bearings !== 'rolling',
  },
  {
    ...{ id: 'follow:pin', form: 'measure', stage: 'measure', item: 'crank_pin', minutes: 5 },
    title: 'Measure the crank pin both ways',
    why: 'A new rod on a worn or oval pin is money thrown away.',
    when: (c, f) => slack(c) && !looked(c, 'crank', 'size') && (looked(c, 'rod', 'cap') || f.bearings === 'rolling'),
  },
  {
    ...{ id: 'follow:bore', form: 'bore', stage: 'measure', minutes: 10 },
    title: 'Measure the bore',
    why: 'Six readings, and the depth of the deepest score: they say what the cylinder can still become.',
    when: c => !looked(c, 'cylinder', 'size') && !condemned(c) && TOP_END.some(part => wrong(c, part, 'sound')),
  },
  {
    ...{ id: 'follow:oversize', form: 'bore', stage: 'measure', minutes: 5 },
    title: 'Which oversizes are sold for it?',
    why: 'The bore has to be cut: without a piston that is larger there is nothing to cut it for.',
    when: c => lastSaid(c, 'cylinder', 'oversize')?.mark === 'open',
  },
  {
    ...{ id: 'follow:rest', form: 'rest_check', stage: 'decide', minutes: 5 },
    title: 'Look over the rest of the machine',
    why: 'The engine is past work on it: another one is worth it only in a machine that holds.',
    when: c => condemned(c) && rest(c).length === 0,
  },
  {
    ...{ id: 'follow:fit', form: 'fit_check', stage: 'decide', minutes: 10 },
    title: 'Does another engine fit?',
    why: 'Shaft, length, bolts and tank, before it is paid for.',
    when: c =>
      condemned(c) && lastOfEach(c, 'fit').size === 0 && rest(c).length > 0 && rest(c).every(mark => mark !== 'past'),
  },
]

/** What the findings ask next, in the order in which a bench takes it. From what is known of the engine. */
export const followUps = (condition: Condition, facts: EngineFacts): FollowUp[] =>
  RULES.filter(rule => rule.when(condition, facts)).map(({ when: _when, ...look }) => look)
