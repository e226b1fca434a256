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

export const PAPER_SIZES = { A4: 'A4', LETTER: 'Letter' } as const
