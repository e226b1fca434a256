/** What a unit measures. Points on a temperature scale and differences of temperature are unlike kinds. */
export type UnitKind =
  'torque' | 'pressure' | 'length' | 'volume' | 'temperature' | 'temperature_difference' | 'distance' | 'time' | 'mass'

export interface Unit {
  kind: UnitKind
  /** multiply by this to reach the internal unit of the kind */
  factor: number
  /** add this after multiplying; only temperatures have one */
  offset?: number
  /** decimals to show; undefined where no rule is set */
  decimals?: number
  /** how it is written for people */
  label: string
}

const US_GALLON_ML = 3785.411784
const IMPERIAL_GALLON_ML = 4546.09
const FOOT_POUND_NM = 1.3558179483314

const u = (kind: UnitKind, factor: number, label: string, decimals?: number, offset?: number): Unit => ({
  kind,
  factor,
  label,
  decimals,
  offset,
})

/** Every unit read off a tool or a bottle. Internal units: N·m, kPa, mm, mL, °C, km, h, kg. Exact by definition but mmHg, inHg, inH2O. */
export const UNITS: Record<string, Unit> = {
  'N.m': u('torque', 1, 'N·m', 1),
  'ft.lbf': u('torque', FOOT_POUND_NM, 'ft-lb', 1),
  'in.lbf': u('torque', FOOT_POUND_NM / 12, 'in-lb', 0),
  'kgf.m': u('torque', 9.80665, 'kgf·m', 2),
  'kgf.cm': u('torque', 0.0980665, 'kgf·cm', 0),
  kPa: u('pressure', 1, 'kPa', 0),
  MPa: u('pressure', 1000, 'MPa'),
  bar: u('pressure', 100, 'bar', 2),
  psi: u('pressure', 6.89475729316836, 'psi', 0),
  'kgf/cm2': u('pressure', 98.0665, 'kgf/cm²', 1),
  mmHg: u('pressure', 0.133322387415, 'mmHg'),
  inHg: u('pressure', 3.386388640341, 'inHg', 1),
  inH2O: u('pressure', 0.24908891, 'inH₂O'),
  mm: u('length', 1, 'mm', 3),
  um: u('length', 0.001, 'µm', 0),
  cm: u('length', 10, 'cm'),
  m: u('length', 1000, 'm'),
  in: u('length', 25.4, 'in', 4),
  thou: u('length', 0.0254, 'thou', 1),
  mL: u('volume', 1, 'mL', 0),
  cc: u('volume', 1, 'cc', 0),
  L: u('volume', 1000, 'L', 2),
  US_gal: u('volume', US_GALLON_ML, 'US gal', 2),
  US_qt: u('volume', US_GALLON_ML / 4, 'US qt', 2),
  US_pt: u('volume', US_GALLON_ML / 8, 'US pt'),
  US_floz: u('volume', US_GALLON_ML / 128, 'US fl oz', 1),
  imp_gal: u('volume', IMPERIAL_GALLON_ML, 'imp gal', 2),
  imp_qt: u('volume', IMPERIAL_GALLON_ML / 4, 'imp qt'),
  imp_pt: u('volume', IMPERIAL_GALLON_ML / 8, 'imp pt'),
  imp_floz: u('volume', IMPERIAL_GALLON_ML / 160, 'imp fl oz', 1),
  C: u('temperature', 1, '°C', 0, 0),
  F: u('temperature', 5 / 9, '°F', 0, -160 / 9),
  K: u('temperature', 1, 'K', undefined, -273.15),
  dC: u('temperature_difference', 1, '°C'),
  dF: u('temperature_difference', 5 / 9, '°F'),
  km: u('distance', 1, 'km', 0),
  mi: u('distance', 1.609344, 'mi', 0),
  h: u('time', 1, 'h', 1),
  min: u('time', 1 / 60, 'min'),
  s: u('time', 1 / 3600, 's'),
  kg: u('mass', 1, 'kg'),
  g: u('mass', 0.001, 'g'),
  lb: u('mass', 0.45359237, 'lb'),
  oz: u('mass', 0.45359237 / 16, 'oz (weight)'),
}

export const isUnit = (name: string): boolean => Object.hasOwn(UNITS, name)
