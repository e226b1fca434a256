import { CHECK_BY_ID, SIGNS } from '../../catalogue'
import type { Said } from '../../log/saying'
import { withNote } from '../../log/saying'
import type { CheckBody } from './schema'

/** One line of the log. */
export function say(body: CheckBody): Said {
  const { check, found, absent, skipped, note } = body
  const seen = (ids: string[]): string => ids.map(id => SIGNS.get(id)?.seen ?? id).join(', ')
  const text = skipped
    ? `left out: ${skipped}`
    : [found.length && seen(found), absent.length && `not: ${seen(absent)}`].filter(Boolean).join('; ') ||
      'nothing of it'
  return { title: CHECK_BY_ID.get(check)?.name ?? check, text: withNote(text, note) }
}
