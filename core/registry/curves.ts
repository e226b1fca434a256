import { debrisImage } from '../debris/debrisImage'
import type { PumpPressure } from '../measure/oilPump'
import { pumpPressure } from '../measure/oilPump'
import type { HotClearance, Material } from '../wear/thermal'
import { hotClearance, thermalSize } from '../wear/thermal'

/** What a calculator answers while one of its inputs runs; the page draws it. */
export interface CalcCurves {
  label: string
  xLabel: string
  xUnit: string
  yUnit: string
  /** the figures of x are powers of two: 5 stands for 32 */
  powersOfTwo?: boolean
  curves: { name: string; bars?: boolean; points: { x: number; y: number }[] }[]
}

/** Cold oil, at about 30 °C, is so many times as thick as at 95 °C: what leaks past clearances falls by it. Rule of thumb for a plain multigrade. */
export const COLD_OIL_THICKER = 6
const STEPS = 40

const across = (from: number, to: number): number[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => from + ((to - from) * i) / STEPS)
const drawn = (name: string, xs: number[], at: (x: number) => number) => ({
  name,
  points: xs.map(x => ({ x, y: at(x) })),
})

/** Pressure by the pump's speed: sound, with the leak, and both while the oil is cold. Where a relief valve opens, all of them meet. */
function byPumpSpeed(given: PumpPressure): CalcCurves {
  const xs = across(0, Math.min(25000, Math.max(2 * given.pumpRpm, 1000)))
  const cold = {
    ...given,
    slipLpmPerKpa: given.slipLpmPerKpa / COLD_OIL_THICKER,
    bearingLpmPerKpa: given.bearingLpmPerKpa / COLD_OIL_THICKER,
  }
  const leaks = given.leakMm2 > 0
  return {
    ...{ label: 'Oil pressure by the speed of the pump', xLabel: 'speed of the pump', xUnit: 'rpm', yUnit: 'kPa' },
    curves: [
      drawn('oil as given', xs, pumpRpm => pumpPressure({ ...given, pumpRpm }).pKpa),
      ...(leaks ? [drawn('with the leak', xs, pumpRpm => pumpPressure({ ...given, pumpRpm }).pLeakKpa)] : []),
      drawn(leaks ? 'cold oil, with the leak' : 'cold oil', xs, pumpRpm => {
        const { pKpa, pLeakKpa } = pumpPressure({ ...cold, pumpRpm })
        return leaks ? pLeakKpa : pKpa
      }),
    ],
  }
}

/** Clearance by the piston's temperature: in the bore as it is given, and in a bore that is still cold. */
function byPistonHeat(given: HotClearance): CalcCurves {
  const xs = across(20, Math.max(given.pistonTempC + 60, 200))
  return {
    ...{ label: 'Clearance by the heat of the piston', xLabel: 'piston', xUnit: '°C', yUnit: 'mm' },
    curves: [
      drawn(`bore at ${given.boreTempC} °C`, xs, pistonTempC => hotClearance({ ...given, pistonTempC }).hotMm),
      drawn('bore still cold', xs, pistonTempC => hotClearance({ ...given, pistonTempC, boreTempC: 20 }).hotMm),
    ],
  }
}

const bySizeHeat = ({
  size20Mm,
  material,
  tempC,
}: {
  size20Mm: number
  material: Material
  tempC: number
}): CalcCurves => ({
  ...{ label: 'Size by its temperature', xLabel: 'temperature', xUnit: '°C', yUnit: 'mm' },
  curves: [
    drawn('size', across(-20, Math.max(tempC + 40, 160)), t => thermalSize({ size20Mm, material, tempC: t }).sizeMm),
  ],
})

/** How many particles of each size; every class is twice the one before. */
function byParticleSize(given: { mask: string[]; umPerPx: number; minPx: number }): CalcCurves {
  const { log2Bins } = debrisImage(given)
  const classes = Object.keys(log2Bins).map(Number)
  const [least, most] = [Math.min(...classes), Math.max(...classes)]
  const xs = classes.length ? Array.from({ length: most - least + 1 }, (_, i) => least + i) : []
  return {
    ...{ label: 'Particles by their size', xLabel: 'from this size to twice it', xUnit: 'µm', yUnit: 'particles' },
    powersOfTwo: true,
    curves: [{ ...drawn('particles', xs, x => log2Bins[String(x)] ?? 0), bars: true }],
  }
}

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- the calculator has checked its inputs by then, as where it is registered
type Draws = (inputs: any) => CalcCurves

/**
 * What is drawn beside a calculator's answer, by its name; each takes the inputs as the calculator checked them.
 * @returns curves in the units named
 */
export const CALCULATOR_CURVES: ReadonlyMap<string, Draws> = new Map<string, Draws>([
  ['pump_pressure', byPumpSpeed],
  ['hot_clearance', byPistonHeat],
  ['thermal_size', bySizeHeat],
  ['debris_image', byParticleSize],
])
