import type { FactDraft, HazardStart } from '../../log/facts'
import type { CheckBody } from './schema'

interface Meaning {
  hazard: string
  subject: string
  why: string
  /** looked for and not there, this is good */
  property: string
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
  switch_open: {
    hazard: 'safety_device',
    subject: 'mod:kill_switch',
    why: 'A seat or stop switch is dead or bridged.',
    property: 'works',
  },
}
/** Signs that are asked after, and forbid nothing by themselves. */
const ASKED_ONLY: readonly string[] = ['speed_changes', 'switch_open', 'pump_worn_seen', 'main_play', 'chain_slack']

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
      ? [{ subject: means.subject, property: means.property, mark: 'past', whose: 'looked', value: means.why }]
      : []
  }),
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
