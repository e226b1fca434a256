import { createHash, randomBytes } from 'node:crypto'

/** SHA-256 in hexadecimal: a picture's name, and what is kept of a secret. */
export const hashOf = (data: string | Buffer): string => createHash('sha256').update(data).digest('hex')

/** A secret that nobody guesses (256 bits), as it stands in an address. */
export const newToken = (): string => randomBytes(32).toString('base64url')
