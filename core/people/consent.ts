/** What an owner agreed to; null where nobody asked. */
export interface Consent {
  mayPhoto: boolean | null
  mayMessage: boolean | null
}

/** Why it is not done, in words; null where the owner said yes or was never asked. */
export function consentRefusal({ mayPhoto, mayMessage }: Consent, to: 'photo' | 'message'): string | null {
  if (to === 'photo' && mayPhoto === false)
    return "The owner wants no pictures of this machine kept. Ask again and change it on the machine's page, or describe it in words."
  if (to === 'message' && mayMessage === false)
    return "The owner wants no messages. Ring, and write the answer on the log; or ask again and change it on the machine's page."
  return null
}
