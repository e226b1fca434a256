import type { MeasureItem } from './items'

/** How each size is taken, in a line: for whoever holds the tool, not for the judgement. */
export const MEASURE_HOW: Record<MeasureItem, string> = {
  ring_gap: 'Square in the least worn part of the bore, pushed down with the piston.',
  ring_wear: 'Gap growth split into what the bore gave and what the ring lost off its face.',
  ring_side: 'Groove cleaned, ring in place, all round. Not for keystone rings.',
  squish: 'Solder along the pin axis, both sides, turned over once by hand.',
  gasket: 'Solder along the pin axis. A paper gasket crushes to about nine tenths: type what it is after crushing.',
  protrusion: 'Dial on the crown over the pin at top dead centre, zeroed on the block; each cylinder by itself.',
  rod_shake:
    'Crank at bottom, rod rocked sideways, whole movement at the small end. An upper bound where the washers stop it.',
  rod_play: 'Dial on the rod, pushed and pulled along it.',
  rod_side: 'Feeler between rod and web.',
  rod_rim:
    'Piston held half way down, wheel rocked: how far its rim moves before the piston does. Rod and pin bearings together; it sorts, the dial decides.',
  crank_pin: 'Cleaned of smeared metal first, at several places; largest and smallest.',
  journal: 'Smeared metal off first. Both ends, two ways each, clear of the oil hole.',
  big_end_oil: 'Shells in and bolts at their torque, or plastic strip; pin at the same place.',
  main_oil: 'Shells in, caps at their torque, two ways each.',
  main_play: 'Dial on the shaft beside the bearing.',
  end_float: "Dial on the shaft's end, pushed and pulled.",
  crank_runout: 'On the main bearing seats, dial at the taper. Whole swing of the needle.',
  seal_proud: 'Depth at four places: largest less smallest. Pushed with the thumb it must not move.',
  guide: 'Valve lifted a little, dial at its rim.',
  seat_width: 'Blue on the seat, valve turned once.',
  spring_free: 'Standing free, and square.',
  shim_inlet: 'Cold, valve shut, heel of the cam. Shim by micrometer, not by its print.',
  shim_exhaust: 'Cold, valve shut, heel of the cam. Seats sink: the wide end is the safe one.',
  pump_tip: 'Wiped dry: oil bridges the gap. Rotor tip against rotor tip.',
  pump_side: 'Straight edge over the body, wiped dry.',
  pump_body: 'Outer rotor against the body, wiped dry.',
  oring: 'Wiped dry, not stretched. Flat on one side is set: it seals no more. Count them out and in.',
  plate: 'Each plate, at its thinnest; count them.',
  plug_gap: 'Wire gauge; bend the side electrode only.',
  coil_gap: 'Magnet under the coil, card of known thickness between.',
  key_shift: 'Marks of crank and wheel, along the rim. A stepped key is replaced whatever this says.',
}
