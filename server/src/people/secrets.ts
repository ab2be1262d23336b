import { createHash, randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto'

/** Secrets: how they are made, and how they are kept so that a stolen file tells none of them. */

/**
 * The cost of one guess, as a power of two: 2¹⁷ blocks of 1 kB, half a second or more and
 * 128 MB on a small machine, what the usual guidance asks of scrypt.
 */
export const SCRYPT_COST = 17
/** The cost that an application is made with, for whoever stores a secret. */
export const COST = Symbol('scrypt cost')
const BLOCK = 8
const KEY_BYTES = 32

const derive = (secret: string, salt: Buffer, cost: number): Promise<Buffer> => {
  const options: ScryptOptions = { N: 2 ** cost, r: BLOCK, p: 1, maxmem: 2 ** cost * BLOCK * 256 }
  return new Promise((resolve, reject) => {
    scrypt(secret.normalize('NFKC'), salt, KEY_BYTES, options, (error, key) => (error ? reject(error) : resolve(key)))
  })
}

/** "scrypt$17$salt$hash": whoever raises the cost later can still check the old ones. */
export async function keepSecret(secret: string, cost: number): Promise<string> {
  const salt = randomBytes(16)
  const key = await derive(secret, salt, cost)
  return ['scrypt', cost, salt.toString('base64url'), key.toString('base64url')].join('$')
}

export async function isSecret(secret: string, kept: string): Promise<boolean> {
  const [method, cost, salt, hash] = kept.split('$')
  if (method !== 'scrypt' || salt === undefined || hash === undefined) return false
  const key = await derive(secret, Buffer.from(salt, 'base64url'), Number(cost))
  return timingSafeEqual(key, Buffer.from(hash, 'base64url'))
}

/** 256 bits that nobody guesses: of these the plain hash may be kept. */
export const newToken = (): string => randomBytes(32).toString('base64url')
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64url')

/** No letter or figure that is read for another. */
const ALPHABET = '23456789ABCDEFGHJKMNPQRSTVWXYZ'
/** 12 of 30 signs, 58 bits: to be typed once, and guessed by nobody at the pace of a sign-in. */
export function newRecoveryCode(): string {
  // Bytes beyond the last whole multiple would make the first signs likelier.
  const most = 256 - (256 % ALPHABET.length)
  let signs = ''
  while (signs.length < 12)
    for (const byte of randomBytes(16)) if (byte < most && signs.length < 12) signs += ALPHABET[byte % ALPHABET.length]
  return (signs.match(/.{4}/g) ?? []).join('-')
}
/** As it may be typed: small letters, blanks, no dashes. */
export const plainCode = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, '')
