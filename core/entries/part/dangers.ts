import type { FactDraft, HazardStart } from '../../log/facts'
import { PART_PLANS } from '../../teardown/parts'
import { partName, placeKey } from '../../teardown/places'
import type { PartBody } from './schema'

/** What a look at a part forbids, by what was seen on it. */
const SEEN_HAZARD: Record<string, string> = {
  'piston cracked': 'piston_broken',
  'rod worn_shape': 'knock',
  'rod bolt': 'knock',
  'crank blued': 'crank',
  'crank broken': 'crank',
  'crank worn_shape': 'crank',
  'crank twisted': 'crank_bent',
  'main_drive broken': 'crank',
  'main_flywheel broken': 'crank',
  'exhaust_valve bent': 'valve_timing',
  'exhaust_valve broken': 'valve_timing',
  'inlet_valve bent': 'valve_timing',
  'inlet_valve broken': 'valve_timing',
  'rockers broken': 'valve_timing',
  'chain broken': 'valve_timing',
  'pump broken': 'pump_weak',
  'key broken': 'flywheel',
  'case holed': 'rod_broken',
  'governor broken': 'governor',
  'governor bent': 'governor',
  'governor missing': 'governor',
  'links off': 'governor',
  'links broken': 'governor',
  'tank holed': 'fuel_leak',
  'tank loose': 'fuel_leak',
  'hoses cracked': 'fuel_leak',
  'hoses chafed': 'fuel_leak',
  'wiring bridged': 'safety_device',
  'radiator blocked': 'cooling',
  'radiator leaks': 'cooling',
  'water_pump broken': 'cooling',
  'fan packed': 'cooling',
  'fan broken': 'cooling',
  'blade bent': 'mount',
  'blade cracked': 'mount',
  'blade loose': 'mount',
  'hub sheared': 'mount',
  'hub cracked': 'mount',
  'guard missing': 'safety_device',
  'guard broken': 'safety_device',
  'guard bent': 'safety_device',
  'piston hole': 'piston_broken',
  'piston ring_land': 'piston_broken',
  'rod loose': 'knock',
  'rod bent': 'rod_bent',
  'rod broken': 'rod_broken',
  'crank bent': 'crank_bent',
  'crank key': 'flywheel',
  'main_drive loose': 'crank',
  'main_flywheel loose': 'crank',
  'exhaust_valve stem': 'valve_timing',
  'inlet_valve stem': 'valve_timing',
  'rockers stuck': 'valve_timing',
  'springs broken': 'valve_timing',
  'chain stretched': 'valve_timing',
  'cam teeth': 'valve_timing',
  'gear teeth': 'valve_timing',
  'gear cup': 'governor',
  'dipper broken': 'passage_blocked',
  'pump drive': 'pump_weak',
  'strainer blocked': 'passage_blocked',
  'oil_filter collapsed': 'passage_blocked',
  'jet blocked': 'passage_blocked',
  'jet sealant': 'passage_blocked',
  'injector_pump air': 'injection_dry',
  'injector_pump line': 'injection_dry',
  'key sheared': 'flywheel',
  'key taper': 'flywheel',
}

/** What is so by design, and no fault. */
export const HARMLESS: readonly string[] = ['rings by_design']

/** Parts whose being seen through, or whole, is the proof that oil gets past them. */
const CARRIES_OIL: readonly string[] = ['jet', 'strainer', 'oil_filter', 'dipper']

/** Whether it is fit to stay, and for what carries oil whether it is clear. */
export function partFacts(body: PartBody): FactDraft[] {
  const subject = placeKey(body)
  const gone = body.disposition === 'replace' || body.disposition === 'machine'
  const kept = body.disposition === 'reuse' || body.disposition === 'clean'
  const name = partName(body.part, body.place).toLowerCase()
  const facts: FactDraft[] = [
    {
      subject,
      property: 'sound',
      mark: gone
        ? 'past'
        : kept && body.seen.every(k => HARMLESS.includes(`${body.part} ${k}`))
          ? 'good'
          : kept
            ? 'near'
            : 'open',
      whose: 'looked',
      value: gone ? `${name} (condemned)` : name,
    },
  ]
  const clear = CARRIES_OIL.includes(body.part)
  if (clear && kept && !body.seen.some(k => SEEN_HAZARD[`${body.part} ${k}`]))
    facts.push(
      { subject, property: 'clear', mark: 'good', whose: 'looked', value: `${name}: seen through` },
      { subject: 'oilway', property: 'clear', mark: 'good', whose: 'looked', value: `${name}: seen through` },
    )
  if (body.part === 'blade' || body.part === 'hub')
    facts.push({
      subject,
      property: 'mount',
      mark: kept && !body.seen.length ? 'good' : 'open',
      whose: 'looked',
      value: name,
    })
  if (body.part === 'key' && kept)
    facts.push({ subject: 'key', property: 'key', mark: 'good', whose: 'looked', value: 'key looked at' })
  return facts
}

export function partHazards(body: PartBody): HazardStart[] {
  const { look } = PART_PLANS[body.part]
  return body.seen.flatMap((k): HazardStart[] => {
    const hazard = SEEN_HAZARD[`${body.part} ${k}`]
    return hazard
      ? [
          {
            hazard,
            subject: hazard === 'governor' ? 'governor' : placeKey(body),
            why: `${partName(body.part, body.place)}: ${(look[k] ?? k).toLowerCase()}.`,
          },
        ]
      : []
  })
}
