import type { EngineFacts } from '#core/engine/facts'
import {
  BEARINGS,
  BORE,
  CLUTCH,
  COOLING,
  CYCLES,
  DRAIN_PLUG,
  ENGINE_CLASSES,
  FOLLOWERS,
  FUEL_FEED,
  GOVERNOR,
  HEAD,
  IGNITION,
  MACHINE_KINDS,
  OILING,
  OIL_FILTER,
  OIL_SHOWS,
  RELEASE,
  VALVES,
} from '#core/engine/words'
import { entrySchema } from '#core/entries/entrySchema'
import { specListSchema } from './specs'
import { count, idText, keyOf, nullable, optionalText, shortText, versionText, wordsOf } from '#core/schema/words'
import { z } from 'zod'

export const customerSchema = z.strictObject({
  name: shortText("Owner's name", 120),
  contact: optionalText('Telephone or address', 300),
  /** what the owner agreed to; null: nobody asked */
  mayPhoto: nullable(z.boolean({ error: 'Photos: yes, no, or nobody asked.' })),
  mayMessage: nullable(z.boolean({ error: 'Messages: yes, no, or nobody asked.' })),
  /** that papers are written in for them */
  language: optionalText('Language of papers', 40).default(null),
})

/** A fact that was not always asked: absent is unknown. */
const laterFact = <T extends { unknown: string }>(words: T, what: string) =>
  keyOf(words, what)
    .nullish()
    .transform(v => v ?? ('unknown' as Extract<keyof T, string>))

export const factsSchema: z.ZodType<EngineFacts> = z.strictObject({
  engineClass: keyOf(ENGINE_CLASSES, 'Class of engine'),
  cycle: keyOf(CYCLES, 'Two- or four-stroke'),
  displacementCc: nullable(
    z
      .number({ error: 'Size: type the cc as a figure.' })
      .min(5, 'Size must be at least 5 cc.')
      .max(6000, 'Size can be at most 6,000 cc.'),
  ),
  cylinders: count('Cylinders', 1, 8),
  oiling: keyOf(OILING, 'Oiling'),
  oilShows: keyOf(OIL_SHOWS, 'How the oil shows'),
  release: keyOf(RELEASE, 'Decompression release'),
  bore: keyOf(BORE, 'Bore'),
  fuelFeed: keyOf(FUEL_FEED, 'Fuel feed'),
  cooling: keyOf(COOLING, 'Cooling'),
  clutch: laterFact(CLUTCH, 'Clutch'),
  followers: laterFact(FOLLOWERS, 'Cam followers'),
  bearings: laterFact(BEARINGS, 'Bearings'),
  head: laterFact(HEAD, 'Head'),
  valves: laterFact(VALVES, 'Valves'),
  ignition: laterFact(IGNITION, 'Ignition timing'),
  drainPlug: laterFact(DRAIN_PLUG, 'Drain plug'),
  governor: laterFact(GOVERNOR, 'Governor'),
  oilFilter: laterFact(OIL_FILTER, 'Oil filter'),
  mixRatio: nullable(
    z
      .number({ error: 'Mix: type the first figure, for example 50 for 50:1.' })
      .min(8, 'Mix must be at least 8:1.')
      .max(200, 'Mix can be at most 200:1.'),
  ),
})

export const machineSchema = z.strictObject({
  kind: keyOf(MACHINE_KINDS, 'Kind of machine'),
  name: shortText('Machine', 120),
  serial: optionalText('Serial number', 80),
  meterReading: nullable(
    z
      .number({ error: 'Meter: type a figure.' })
      .min(0, "The meter can't be negative.")
      .max(1e7, 'The meter figure is too large.'),
  ),
  meterUnit: z.enum(['h', 'km', 'mi'], { error: 'Meter: choose hours, km or miles.' }),
  meterSource: z.enum(['measured', 'claimed', 'estimated'], {
    error: 'Meter: say whether it was read, claimed or estimated.',
  }),
})

/** Either the id of something known here, or all that is needed to add it. */
function knownOr<T extends z.ZodType>(what: string, full: T) {
  const known = z.strictObject({ id: idText(what) })
  return z.unknown().transform((value, check): z.output<T> | { id: string } => {
    const refers = typeof value === 'object' && value !== null && 'id' in value
    const parsed = (refers ? known : full).safeParse(value)
    if (parsed.success) return parsed.data as z.output<T> | { id: string }
    for (const issue of parsed.error.issues)
      check.addIssue({ code: 'custom', path: issue.path, message: wordsOf(issue, what) })
    return z.NEVER
  })
}

/** Booking in: the machine is new, or one that has been here before. */
export const newJobSchema = z.strictObject({
  id: idText('Job'),
  customer: knownOr('Owner', customerSchema),
  machine: knownOr('Machine', machineSchema),
  facts: nullable(factsSchema),
  spec: specListSchema,
  /** an engine like one that is known: it shares that sheet, and `spec` is left empty */
  sheetId: nullable(idText('Sheet')),
  entries: z.array(entrySchema).max(60, 'Too many entries at once.'),
})

export const updateMachineSchema = z.strictObject({
  machine: machineSchema,
  facts: factsSchema,
  spec: specListSchema,
  customer: customerSchema,
  by: idText('Person'),
  version: versionText,
})
