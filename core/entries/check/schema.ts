import { z } from 'zod'
import { CHECK_BY_ID } from '../../catalogue'
import { longText, optionalText } from '../../schema/words'

export const schema = z
  .strictObject({
    check: z.string().refine(id => CHECK_BY_ID.has(id), 'This check is not in the catalogue.'),
    found: z.array(z.string()).max(30),
    absent: z.array(z.string()).max(30),
    skipped: optionalText('Why it is left out', 300),
    note: longText('Note'),
  })
  .superRefine(({ check, found, absent, skipped }, issues) => {
    const signs = new Set(CHECK_BY_ID.get(check)?.shows.map(s => s.id))
    if ([...found, ...absent].some(id => !signs.has(id)))
      issues.addIssue({ code: 'custom', path: ['found'], message: 'Choose only signs that this check can show.' })
    else if (found.some(id => absent.includes(id)))
      issues.addIssue({ code: 'custom', path: ['found'], message: 'A sign is there or not: not both.' })
    else if (!found.length && !absent.length && !skipped)
      issues.addIssue({
        code: 'custom',
        path: ['found'],
        message: 'Say what it showed, or that it showed nothing, or why it is left out.',
      })
  })

/** A check of the catalogue: what it showed and what it did not; or why it is left out. */
export interface CheckBody extends z.infer<typeof schema> {}
