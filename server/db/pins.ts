import { randomBytes, scrypt, scryptSync, timingSafeEqual } from 'node:crypto'
import { promisify } from 'node:util'

const COST = { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 1024 * 1024 }
const LENGTH = 32
const derive = promisify<string, Buffer, number, typeof COST, Buffer>(scrypt)

const written = (salt: Buffer, hash: Buffer): string =>
  ['scrypt', COST.N, COST.r, COST.p, salt.toString('base64url'), hash.toString('base64url')].join('$')

/** A PIN as it is kept: by scrypt (RFC 7914), with a salt of its own and what it cost. */
export async function hashPin(pin: string): Promise<string> {
  const salt = randomBytes(16)
  return written(salt, await derive(pin, salt, LENGTH, COST))
}

/** The same, for what is seeded before anybody waits. */
export function hashPinNow(pin: string): string {
  const salt = randomBytes(16)
  return written(salt, scryptSync(pin, salt, LENGTH, COST))
}

/** Whether a PIN is the one that is kept; takes as long where none is. */
export async function isPin(pin: string, kept: string | null): Promise<boolean> {
  const [, N, r, p, salt = '', hash = ''] = (kept ?? written(randomBytes(16), randomBytes(LENGTH))).split('$')
  const cost = { ...COST, N: Number(N), r: Number(r), p: Number(p) }
  const own = await derive(pin, Buffer.from(salt, 'base64url'), LENGTH, cost)
  return timingSafeEqual(own, Buffer.from(hash, 'base64url')) && kept !== null
}
