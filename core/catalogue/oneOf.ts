import type { SignDraft } from '../log/facts'

/** One of several answers that exclude each other: the chosen one there, all others not. */
export const oneOf = (signs: Record<string, string>, chosen: string | null): SignDraft[] =>
  chosen === null ? [] : [...new Set(Object.values(signs))].map(sign => [sign, signs[chosen] === sign])
