import { z } from 'zod'
import { keyOf, longText } from '../../schema/words'
import { LEAK_LOOKS, LEAK_SITES, LEAK_STATES } from '../../words/looks'

export const schema = z
  .strictObject({
    look: keyOf(LEAK_LOOKS, 'Look'),
    sites: z
      .array(z.strictObject({ site: keyOf(LEAK_SITES, 'Place'), state: keyOf(LEAK_STATES, 'State') }))
      .min(1, 'Touch at least one place on the drawing.')
      .max(20),
    note: longText('Note'),
  })
  .refine(l => new Set(l.sites.map(s => s.site)).size === l.sites.length, {
    path: ['sites'],
    message: 'Each place once only.',
  })

export interface LeaksBody extends z.infer<typeof schema> {}
export type LeakSite = LeaksBody['sites'][number]
