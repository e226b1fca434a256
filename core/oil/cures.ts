export const CURES = {
  needle: 'Needle, seat or float',
  tap: 'Tap left open',
  diaphragm: 'Pump diaphragm',
  blow_by: 'Blow-by past the rings',
  tipped: 'Tipped or carried lying down',
  injector: 'Injector or pressure',
  other: 'Something else',
} as const

export type Cure = keyof typeof CURES
