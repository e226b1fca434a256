import { CAUSE_BY_ID } from '../catalogue'
import { z } from 'zod'

export const knownCause = z.string().refine(id => CAUSE_BY_ID.has(id), 'This cause is not in the catalogue.')
