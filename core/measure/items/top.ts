import { gasketAdvice, protrusionAdvice } from '../choices'
import { ringRadialWear } from '../rings'
import type { MeasurePlan } from '../measurePlan'
import { first, most, none, gap, any, four, two, SQUISH, ringShare, gapThumb } from './limits'

/** A ring's end gap: each ring has a least and a most of its own. */
const gapOf = (label: string, sheet: 'ring_gap' | 'ring_gap_second' | 'ring_gap_oil'): MeasurePlan => ({
  label,
  reads: ['Gap'],
  tool: 'feeler',
  unit: 'mm',
  fit: true,
  figure: first,
  least: `${sheet}_min`,
  most: `${sheet}_max`,
  thumb: gapThumb,
  newTo: (f, bore) => (bore === null ? null : ringShare(f) * bore),
  fits: any,
  past: 'New rings; measure the bore before they are bought.',
})

/** A ring's clearance in its groove. */
const grooveOf = (label: string, sheet: 'ring_side' | 'ring_side_second' | 'ring_side_oil'): MeasurePlan => ({
  label,
  reads: ['Clearance'],
  tool: 'feeler',
  unit: 'mm',
  fit: true,
  figure: first,
  least: `${sheet}_min`,
  most: `${sheet}_max`,
  thumb: most(0.15),
  newTo: () => 0.08,
  shaped: true,
  fits: any,
  past: 'The groove is worn: a new piston, not new rings.',
})

export const TOP_SIZES = {
  ring_gap: gapOf('Top ring, end gap', 'ring_gap'),
  ring_gap_second: gapOf('Second ring, end gap', 'ring_gap_second'),
  // a rail's gap differs most from one make to another: no honest figure without the sheet's
  ring_gap_oil: {
    ...gapOf('Oil ring, end gap of a rail', 'ring_gap_oil'),
    thumb: none,
    newTo: () => null,
    fits: four,
  },
  ring_wear: {
    label: 'Ring wear from its gap',
    reads: ['Gap now', 'Bore now', 'Gap when new', 'Bore when new'],
    tool: 'feeler',
    unit: 'mm',
    figure: ([gap = 0, bore = 1, gapNew = 0, boreNew = 1]) =>
      ringRadialWear({ gapNowMm: gap, gapNewMm: gapNew, boreNowMm: bore, boreNewMm: boreNew }).radialWearMm,
    thumb: none,
    fits: any,
    past: 'New rings.',
  },
  ring_side: grooveOf('Top ring in its groove', 'ring_side'),
  ring_side_second: grooveOf('Second ring in its groove', 'ring_side_second'),
  ring_side_oil: { ...grooveOf('Oil ring in its groove', 'ring_side_oil'), fits: four },
  ring_under: {
    label: 'Ring under its land',
    reads: ['Groove, depth', 'Ring, width across'],
    tool: 'vernier',
    unit: 'mm',
    fit: true,
    figure: gap,
    thumb: none,
    fits: any,
    past: 'The ring stands out of its groove: the wrong ring, or carbon behind it.',
  },
  squish: {
    label: 'Squish',
    reads: ['Left', 'Right'],
    tool: 'solder',
    unit: 'mm',
    figure: ([left = 0, right = 0]) => Math.min(left, right),
    least: 'squish_min',
    thumb: f => ({ lower: SQUISH[f.engineClass], upper: null }),
    fits: two,
    past: 'A thicker base gasket; the piston would touch.',
  },
  gasket: {
    label: 'Gasket for a squish',
    reads: ['Squish now', 'Gasket now, crushed', 'Squish wanted'],
    tool: 'solder',
    unit: 'mm',
    figure: first,
    least: 'squish_min',
    thumb: f => ({ lower: SQUISH[f.engineClass], upper: null }),
    sold: 'Gaskets that are sold',
    advise: gasketAdvice,
    fits: any,
    past: 'Choose a thicker gasket; the piston would touch.',
  },
  protrusion: {
    label: 'Gasket for how far the piston stands out',
    reads: ['Stands out now', 'Gasket now, crushed', 'Should stand out'],
    tool: 'dial',
    unit: 'mm',
    figure: first,
    thumb: none,
    sold: 'Gaskets that are sold',
    advise: protrusionAdvice,
    fits: four,
    past: 'Another gasket.',
  },
} as const satisfies Record<string, MeasurePlan>
