import type { Basis } from './basis'

/** "Measured: oil. By feel or eye: turning. Not done: lash, leak-down." */
export function basisWords({ measured, felt, guessed, notDone }: Basis): string {
  const parts = (
    [
      ['Measured', measured],
      ['by feel or eye', felt],
      ['claimed or estimated', guessed],
      ['not done', notDone],
    ] as const
  ).filter(([, list]) => list.length)
  const text = parts.map(([word, list]) => `${word}: ${list.join(', ')}`).join('; ')
  return text ? `${text.charAt(0).toUpperCase()}${text.slice(1)}.` : ''
}
