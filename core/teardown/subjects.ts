import type { EngineFacts } from '../engine/facts'
import { WORK_SUBJECTS } from '../words/work'
import { PARTS } from './parts'
import { partName, placeKey, placesOf } from './places'
import type { PartKey } from './parts'

/** Whether something can be worked on: a part of the catalogue with its place, or one of the few things beside it. */
export const isSubject = (key: string): boolean =>
  Object.hasOwn(PARTS, key.split(':')[0] ?? '') || Object.hasOwn(WORK_SUBJECTS, key) || key.startsWith('mod:')

/** A subject as it is said. */
export function subjectName(key: string): string {
  if (Object.hasOwn(WORK_SUBJECTS, key)) return WORK_SUBJECTS[key as keyof typeof WORK_SUBJECTS]
  const [part = '', place] = key.split(':')
  return Object.hasOwn(PARTS, part) ? partName(part as PartKey, place ?? null) : key
}

/** What can be worked on, on this engine: its parts each where it sits, then the rest. */
export const subjectsOf = (facts: EngineFacts): Record<string, string> => ({
  ...Object.fromEntries(placesOf(facts).map(p => [placeKey(p), partName(p.part, p.place)])),
  ...WORK_SUBJECTS,
})
