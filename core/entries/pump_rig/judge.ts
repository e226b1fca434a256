import type { JobFile } from '../file'
import type { Judgement, Mark } from '../../judgement'
import { SPEC_SOURCES, specFor } from '../../spec/specValue'
import { convert } from '../../units/unitConvert'
import { quantityText } from '../../units/unitRound'
import type { Logged } from '../../log/entry'
import type { PumpRigBody } from './schema'

/** Share of a sound pump's flow that still passes. Shop judgement: under it the bearings are starved at a hot idle first. */
const SHARE = 0.8

/**
 * What a pump gives on the rig: the speed of the engine that the drill stands for, L/min, and its share of a sound one's.
 * @param ratio turns of the pump to one of the engine; 0.5 for a pump at half engine speed
 */
export function rigFlow({
  drillRpm,
  ratio,
  amountMl,
  seconds,
  controlMl,
}: {
  drillRpm: number
  ratio: number
  amountMl: number
  seconds: number
  controlMl: number | null
}): { engineRpm: number; lpm: number; share: number | null } {
  return {
    engineRpm: drillRpm / ratio,
    lpm: ((amountMl / 1000) * 60) / seconds,
    share: controlMl === null ? null : amountMl / controlMl,
  }
}

/** An oil pump on the rig. Without a sound pump beside it, a flow says little. */
export function judgePumpRig(entry: Logged<PumpRigBody>, file: JobFile): Judgement {
  const { drillRpm, ratio, amount, seconds, control, pressure, oilC } = entry.body
  const { engineRpm, lpm, share } = rigFlow({
    drillRpm,
    ratio,
    seconds,
    amountMl: convert(amount.value, amount.unit, 'mL'),
    controlMl: control && convert(control.value, control.unit, 'mL'),
  })
  const nothing = lpm <= 0
  const least = specFor('pump_flow_min', file.spec, file.facts.engineClass, file.facts.displacementCc)
  const under = least !== undefined && lpm < least.value - 1e-9
  const beside: Mark = share === null ? 'open' : share >= SHARE - 1e-9 ? 'good' : 'near'
  // under the maker's least it is past, whatever the pump beside it gives
  const mark: Mark = nothing || under ? 'past' : least && beside === 'open' ? 'good' : beside
  const details = [
    nothing
      ? 'Nothing came. Primed, turned the right way, its drive whole? Then the pump is dead.'
      : `${lpm.toFixed(2)} L a minute, as at ${Math.round(engineRpm)} rpm of the engine.`,
    ...(least
      ? [`Least ${least.value} L a minute (${SPEC_SOURCES[least.source]}): ${under ? 'under it' : 'reached'}.`]
      : []),
    ...(share === null
      ? nothing || least
        ? []
        : ['No sound pump was run beside it: this proves little. Run one in the same oil.']
      : [
          `${Math.round(100 * share)} % of what a sound one gave; at least ${Math.round(100 * SHARE)} % is asked (rule of thumb).`,
        ]),
    ...(pressure
      ? [`At ${quantityText(pressure.value, pressure.unit)}: a pump against nothing shows less than it hides.`]
      : ['Without back pressure: wear of the end faces shows only under pressure.']),
    ...(oilC === null
      ? ['Oil temperature not written down: cold oil flatters a worn pump.']
      : oilC < 60
        ? ['Cold oil flatters a worn pump.']
        : []),
  ]
  return {
    entryId: entry.id,
    mark,
    headline: `Oil pump on the rig: ${nothing ? 'nothing' : `${lpm.toFixed(2)} L/min`}`,
    details,
  }
}
