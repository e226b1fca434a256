/** An owner's consent as chips show it: yes, no, or nobody asked. */
export const CONSENT = { yes: 'yes', no: 'no', unknown: 'not asked' } as const
export const consentWord = (said: boolean | null): keyof typeof CONSENT =>
  said === null ? 'unknown' : said ? 'yes' : 'no'
export const consentSaid = (word: string): boolean | null => (word === 'unknown' ? null : word === 'yes')
