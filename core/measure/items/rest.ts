import { GAP_BANDS, keyShift } from '../ignition'
import type { MeasurePlan } from '../measurePlan'
import { first, most, none, any } from './limits'

export const REST_SIZES = {
  plate: {
    label: 'Clutch plate, thinnest',
    reads: ['Thickness'],
    tool: 'vernier',
    unit: 'mm',
    figure: first,
    least: 'plate_min',
    thumb: none,
    fits: f => f.clutch !== 'none',
    past: 'All friction plates together.',
  },
  plug_gap: {
    label: 'Plug gap',
    reads: ['Gap'],
    tool: 'feeler',
    unit: 'mm',
    figure: first,
    thumb: () => ({ lower: GAP_BANDS.plug[0], upper: GAP_BANDS.plug[1] }),
    fits: any,
    past: 'Set it.',
  },
  coil_gap: {
    label: 'Coil air gap',
    reads: ['Gap'],
    tool: 'card',
    unit: 'mm',
    figure: first,
    thumb: () => ({ lower: GAP_BANDS.coil[0], upper: GAP_BANDS.coil[1] }),
    fits: any,
    past: 'Set it with the card in, screws tight, turned once by hand.',
  },
  key_shift: {
    label: 'Flywheel against its key',
    reads: ['Offset at the rim', 'Radius there'],
    tool: 'vernier',
    unit: 'deg',
    figure: ([offset = 0, radius = 1]) =>
      keyShift({ offsetMm: offset, radiusMm: radius, measured: 'arc', flywheelAhead: true }).shiftDeg,
    thumb: most(3),
    newTo: () => 1,
    fits: any,
    past: 'New key; look at the taper, and at the crank for a bend.',
  },
} as const satisfies Record<string, MeasurePlan>
