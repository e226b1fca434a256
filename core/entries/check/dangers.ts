import type { FactDraft, HazardStart, SignDraft } from '../../log/facts'
import type { CheckBody } from './schema'

interface Meaning {
  hazard: string
  subject: string
  why: string
  /** looked for and not there, this is good */
  property: string
}

/** The oil, looked at or smelt without a level being read again, and what a hand at the flywheel finds. */
const FLUIDS_MEAN: Record<string, Meaning> = {
  oil_petrol: { hazard: 'oil_fuel', subject: 'oil', why: 'The oil smells of petrol.', property: 'smell' },
  oil_milky: {
    hazard: 'oil_milky',
    subject: 'oil',
    why: 'Milky: water or coolant in it carries no bearing.',
    property: 'look',
  },
  oil_treacle: {
    hazard: 'oil_ruined',
    subject: 'oil',
    why: 'Thick and black: it no longer reaches what it has to carry, however full the stick reads.',
    property: 'look',
  },
  oil_dry: { hazard: 'oil_low', subject: 'oil', why: 'Nothing on the stick.', property: 'level' },
  oil_low: { hazard: 'oil_low', subject: 'oil', why: 'The oil stands under its low mark.', property: 'level' },
  oil_high: {
    hazard: 'oil_over',
    subject: 'oil',
    why: 'The oil stands over its mark: how far, and does it smell?',
    property: 'level',
  },
  turns_locked: {
    hazard: 'locked_plug_in',
    subject: 'engine',
    why: 'Locked with the plug in: it may be full of fuel or oil, even when the stick is dry.',
    property: 'turns',
  },
  ...Object.fromEntries(
    ['fuel', 'oil', 'water'].map(liquid => [
      `liquid_${liquid}`,
      {
        hazard: 'cylinder_full',
        subject: 'engine',
        why: `The cylinder held ${liquid}. It comes again until its way is cured.`,
        property: 'liquid',
      },
    ]),
  ),
  oil_kind_wrong: {
    hazard: 'oil_unsuitable',
    subject: 'oil',
    why: 'The oil in it is the wrong kind.',
    property: 'kind',
  },
}

/** What a sign of the catalogue forbids while it stands, and of what it is a fact. */
const SIGN_MEANS: Record<string, Meaning> = {
  knock_load: {
    hazard: 'knock',
    subject: 'rod',
    why: 'A big-end knock breaks the rod and throws metal.',
    property: 'knock',
  },
  rod_slack: {
    hazard: 'knock',
    subject: 'rod',
    why: 'The crank moves and the rod stays: slack in the big end breaks the rod and throws metal.',
    property: 'knock',
  },
  slap_cold: {
    hazard: 'piston_slap',
    subject: 'piston',
    why: 'The piston slaps: its skirt is loose.',
    property: 'slap',
  },
  crank_bent: { hazard: 'crank_bent', subject: 'crank', why: 'The crank runs out.', property: 'runout' },
  main_play: { hazard: 'crank', subject: 'main_drive', why: 'A main bearing has play.', property: 'size' },
  rod_damaged: { hazard: 'knock', subject: 'rod', why: 'The rod is damaged.', property: 'play' },
  crown_hole: { hazard: 'piston_broken', subject: 'piston', why: 'The crown has a hole.', property: 'sound' },
  drive_loose: {
    hazard: 'mount',
    subject: 'blade',
    why: 'Blade, pulley or flywheel is loose: it flies off or breaks the shaft.',
    property: 'mount',
  },
  key_sheared: {
    hazard: 'flywheel',
    subject: 'key',
    why: 'The key is sheared: it kicks back, and the taper may be scored.',
    property: 'key',
  },
  marks_off: {
    hazard: 'valve_timing',
    subject: 'chain',
    why: 'The timing is out by its marks: valves may meet the piston.',
    property: 'moves',
  },
  chain_slack: {
    hazard: 'valve_timing',
    subject: 'chain',
    why: 'The chain is past its stretch: it jumps.',
    property: 'moves',
  },
  valve_still: { hazard: 'valve_timing', subject: 'exhaust_valve', why: 'A valve does not move.', property: 'moves' },
  rocker_stuck: { hazard: 'valve_timing', subject: 'rockers', why: 'A rocker is stuck.', property: 'moves' },
  push_rod_bent: {
    hazard: 'valve_timing',
    subject: 'rockers',
    why: 'A push rod is bent or off its seat.',
    property: 'moves',
  },
  line_cracked: {
    hazard: 'fuel_leak',
    subject: 'line',
    why: 'The fuel line is cracked: it drips on what is hot.',
    property: 'tight',
  },
  wet_fuel: { hazard: 'fuel_leak', subject: 'carburettor', why: 'Fuel drips.', property: 'tight' },
  coolant_low: { hazard: 'cooling', subject: 'coolant', why: 'Coolant is low.', property: 'flow' },
  fins_blocked: {
    hazard: 'cooling',
    subject: 'fins',
    why: 'The fins are packed: it cooks at the first load.',
    property: 'flow',
  },
  oil_line_air: {
    hazard: 'injection_dry',
    subject: 'injector_pump',
    why: 'Air stands in the oil line: it runs without oil until it is out.',
    property: 'delivery',
  },
  oil_stroke_off: {
    hazard: 'injection_dry',
    subject: 'injector_pump',
    why: 'The stroke of the oil pump is off its mark.',
    property: 'delivery',
  },
  oil_tank_dry: {
    hazard: 'injection_dry',
    subject: 'injector_pump',
    why: 'The oil tank is dry.',
    property: 'delivery',
  },
  pressure_low: { hazard: 'pump_weak', subject: 'pump', why: 'Oil pressure is under its least.', property: 'flow' },
  pressure_falls_hot: {
    hazard: 'pump_weak',
    subject: 'pump',
    why: 'Oil pressure falls away when hot.',
    property: 'flow',
  },
  strainer_blocked_seen: {
    hazard: 'passage_blocked',
    subject: 'strainer',
    why: 'The strainer is blocked.',
    property: 'clear',
  },
  pump_worn_seen: { hazard: 'pump_weak', subject: 'pump', why: 'The oil pump is worn.', property: 'flow' },
  governor_broken_seen: {
    hazard: 'governor',
    subject: 'governor',
    why: 'The governor is broken: it over-speeds and breaks the rod.',
    property: 'speed',
  },
  linkage_off: { hazard: 'governor', subject: 'governor', why: 'The governor linkage is off.', property: 'speed' },
  speed_changes: { hazard: 'governor', subject: 'governor', why: 'Its speed wanders by itself.', property: 'speed' },
  ...FLUIDS_MEAN,
  carb_overflows: {
    hazard: 'fuel_leak',
    subject: 'carburettor',
    why: 'The carburettor runs over: fuel drips on what is hot.',
    property: 'tight',
  },
  can_lean: { hazard: 'mix_lean', subject: 'fuel', why: 'The can is too lean in oil.', property: 'mix' },
  piston_still: {
    hazard: 'rod_broken',
    subject: 'rod',
    why: 'The crank turns and the piston stays: the rod is broken, and what is left of it goes through the case.',
    property: 'play',
  },
  rod_welded: { hazard: 'knock', subject: 'rod', why: 'The rod is fast on its pin.', property: 'play' },
  teeth_chipped: {
    hazard: 'fragment',
    subject: 'evidence:teeth',
    why: 'Teeth are chipped: the pieces lie somewhere in it.',
    property: 'found',
  },
  piston_smeared: {
    hazard: 'ran_short',
    subject: 'cylinder',
    why: 'The piston is smeared: it ran lean, hot or short of oil.',
    property: 'sound',
  },
  skirt_picked_up: {
    hazard: 'ran_short',
    subject: 'cylinder',
    why: 'The skirt has picked up metal: it ran lean, hot or short of oil.',
    property: 'sound',
  },
  water_none: { hazard: 'cooling', subject: 'coolant', why: 'The water does not go round.', property: 'flow' },
  water_blocked: { hazard: 'cooling', subject: 'coolant', why: 'The water path is blocked.', property: 'flow' },
  thermostat_shut: { hazard: 'cooling', subject: 'coolant', why: 'The thermostat stays shut.', property: 'flow' },
  coolant_drips: { hazard: 'cooling', subject: 'coolant', why: 'It loses its coolant.', property: 'flow' },
  spark_back: {
    hazard: 'safety_device',
    subject: 'mod:kill_switch',
    why: 'The stop wire is at fault, and off: nothing but the choke or the tap stops it.',
    property: 'works',
  },
  d_iron: {
    hazard: 'debris_hard',
    subject: 'sample:drain_pan',
    why: 'Iron chips in it: a gear, the cam or a bearing is breaking up.',
    property: 'debris',
  },
  d_bearing: {
    hazard: 'debris_hard',
    subject: 'sample:drain_pan',
    why: 'Flakes of a bearing in it.',
    property: 'debris',
  },
  d_shell: { hazard: 'debris_hard', subject: 'sample:drain_pan', why: 'Metal of a shell in it.', property: 'debris' },
  was_hit: {
    hazard: 'hit',
    subject: 'crank',
    why: 'It hit something: key, crank and blade mount may have gone with it.',
    property: 'blow',
  },
  switch_open: {
    hazard: 'safety_device',
    subject: 'mod:kill_switch',
    why: 'A seat or stop switch is dead or bridged.',
    property: 'works',
  },
}
/** Signs that are asked after, and forbid nothing by themselves. */
const ASKED_ONLY: readonly string[] = [
  ...['speed_changes', 'switch_open', 'pump_worn_seen', 'main_play', 'chain_slack', 'oil_low', 'oil_high', 'was_hit'],
  ...['coolant_drips'],
]

/** What the owner told of it forbids nothing: it is looked at first. */
export const toldHazards = (signs: readonly SignDraft[]): HazardStart[] =>
  signs.flatMap(([sign, there]) => {
    const means = TOLD.includes(sign) ? SIGN_MEANS[sign] : undefined
    return means && there ? [{ hazard: means.hazard, subject: means.subject, why: means.why, told: true }] : []
  })
const TOLD: readonly string[] = ['was_hit']

/** A burnt smell is no plain one, and an engine that turns turns in some way. */
const MILDER: Record<string, FactDraft> = {
  oil_burnt: { subject: 'oil', property: 'smell', mark: 'near', whose: 'looked', value: 'smells burnt' },
  oil_sweet: { subject: 'oil', property: 'smell', mark: 'past', whose: 'looked', value: 'smells sweet' },
  oil_metal: { subject: 'oil', property: 'metal', mark: 'past', whose: 'looked', value: 'metal in the oil' },
  turns_free: { subject: 'engine', property: 'turns', mark: 'good', whose: 'looked', value: 'turns, free' },
}

/** What was looked for and was not there. */
export const signFacts = ({ absent, found }: CheckBody): FactDraft[] => [
  // the marks speak for everything that they drive
  ...(absent.includes('marks_off')
    ? [
        {
          subject: 'valve_drive',
          property: 'moves',
          mark: 'good' as const,
          whose: 'looked' as const,
          value: 'turned, marks right',
        },
      ]
    : []),
  ...absent.flatMap((sign): FactDraft[] => {
    const means = SIGN_MEANS[sign]
    return means
      ? [
          {
            subject: means.subject,
            property: means.property,
            mark: 'good',
            whose: 'looked',
            value: `looked for, and not there`,
          },
        ]
      : []
  }),
  ...found.flatMap((sign): FactDraft[] => {
    const means = SIGN_MEANS[sign]
    return means
      ? [
          {
            subject: means.subject,
            property: means.property,
            // how far over or under was not said
            mark: sign === 'oil_low' || sign === 'oil_high' ? 'near' : 'past',
            whose: 'looked',
            value: means.why,
          },
        ]
      : []
  }),
  ...found.flatMap(sign => (MILDER[sign] ? [MILDER[sign]] : [])),
]

export const signHazards = ({ found }: CheckBody): HazardStart[] =>
  found.flatMap(sign => {
    const means = SIGN_MEANS[sign]
    return means
      ? [
          {
            hazard: means.hazard,
            subject: means.subject,
            why: means.why,
            ...(ASKED_ONLY.includes(sign) && { told: true }),
          },
        ]
      : []
  })
