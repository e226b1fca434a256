/** Who owes the tax of a bill. */
export const TAX_MODES = {
  charged: 'Tax by line',
  exempt: 'Exempt',
  reverse_charge: 'The buyer owes it (reverse charge)',
} as const

export const PAID_BY = {
  cash: 'Cash',
  card: 'Card',
  transfer: 'Transfer',
  other: 'Otherwise',
} as const

/** Labels by their millimetres; a roll has one width, and its label is as long as what stands on it. */
export const LABEL_SIZES = {
  w100h62: '100 × 62 mm',
  w89h36: '89 × 36 mm',
  w57h32: '57 × 32 mm',
  roll80: 'Roll, 80 mm wide',
  roll58: 'Roll, 58 mm wide',
} as const

export const PAPER_SIZES = { A4: 'A4', LETTER: 'Letter' } as const
