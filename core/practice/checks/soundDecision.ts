/**
 * Whether a knock keeps to the crank or to every second turn, from its amplitudes at ½, 1, 1½, 2, 2½ and 3 turns; a mean of one.
 * Half orders and whole ones about equally: once in two turns. Whole ones alone: once a turn.
 */
export function soundDecision(amps: readonly number[]): {
  ratio: number | null
  decision: 'no_modulation' | 'half_order' | 'crank_order' | 'undecided'
} {
  const sum = (from: number): number => amps.filter((_, i) => i % 2 === from).reduce((s, v) => s + v, 0)
  const half = sum(0)
  const whole = sum(1)
  if (half + whole < 0.05) return { ratio: null, decision: 'no_modulation' }
  const ratio = whole === 0 ? null : half / whole
  if (ratio === null || ratio > 0.6) return { ratio, decision: 'half_order' }
  return { ratio, decision: ratio < 0.25 ? 'crank_order' : 'undecided' }
}
