import type { SignDraft } from '../../log/facts'
import type { Logged } from '../../log/entry'
import type { FastenersBody } from './schema'

/** Bolts that were loose as they were undone are the loose bolts of the catalogue; tight ones speak against it. */
export const signs = ({ body: { found = [] } }: Logged<FastenersBody>): SignDraft[] =>
  found.length
    ? [['bolts_loose', found.some(f => f.state === 'loose' || f.state === 'finger' || f.state === 'missing')]]
    : []
