import { createCipheriv, createDecipheriv, randomBytes, scryptSync } from 'node:crypto'
import { closeSync, createReadStream, createWriteStream, openSync, readFileSync, readSync, statSync } from 'node:fs'
import { pipeline } from 'node:stream/promises'
import { CannotOpen } from '../storage/store-faults'

/**
 * A copy under a passphrase: "NASEAL1\n", salt (16), nonce (12), what is sealed,
 * tag (16). AES-256-GCM, whose tag tells a wrong passphrase and a changed byte
 * alike; the key by scrypt at the cost of a password.
 */
const MAGIC = Buffer.from('NASEAL1\n')
const SALT = 16
const NONCE = 12
const TAG = 16
const HEAD = MAGIC.length + SALT + NONCE

const keyOf = (passphrase: string, salt: Buffer): Buffer =>
  scryptSync(passphrase.normalize('NFKC'), salt, 32, { N: 2 ** 17, r: 8, p: 1, maxmem: 2 ** 28 })

/** Shorter ones are guessed, however much a guess costs. */
const SHORTEST = 12

/**
 * @param file with the passphrase in it
 * @throws CannotOpen where it is not there, or too short
 */
export function passphraseIn(file: string | undefined): string | undefined {
  if (file === undefined) return undefined
  let text: string
  try {
    text = readFileSync(file, 'utf8').trim()
  } catch {
    throw new CannotOpen(`There is no passphrase in ${file}.`)
  }
  if (text.length < SHORTEST) throw new CannotOpen(`The passphrase in ${file} must have at least ${SHORTEST} signs.`)
  return text
}

export async function seal(from: string, to: string, passphrase: string): Promise<void> {
  const salt = randomBytes(SALT)
  const nonce = randomBytes(NONCE)
  const cipher = createCipheriv('aes-256-gcm', keyOf(passphrase, salt), nonce)
  const out = createWriteStream(to, { mode: 0o600 })
  out.write(Buffer.concat([MAGIC, salt, nonce]))
  await pipeline(createReadStream(from), cipher, out, { end: false })
  await new Promise<void>((resolve, reject) => {
    out.once('error', reject)
    out.end(cipher.getAuthTag(), () => resolve())
  })
}

export function isSealed(file: string): boolean {
  const head = Buffer.alloc(MAGIC.length)
  const fd = openSync(file, 'r')
  try {
    return readSync(fd, head, 0, head.length, 0) === head.length && head.equals(MAGIC)
  } finally {
    closeSync(fd)
  }
}

/** @throws where the passphrase is wrong or a byte was changed */
export async function unseal(from: string, to: string, passphrase: string): Promise<void> {
  const { size } = statSync(from)
  if (size < HEAD + TAG) throw new Error('The copy is cut short.')
  const fd = openSync(from, 'r')
  const head = Buffer.alloc(HEAD)
  const tag = Buffer.alloc(TAG)
  readSync(fd, head, 0, HEAD, 0)
  readSync(fd, tag, 0, TAG, size - TAG)
  closeSync(fd)
  const salt = head.subarray(MAGIC.length, MAGIC.length + SALT)
  const decipher = createDecipheriv('aes-256-gcm', keyOf(passphrase, salt), head.subarray(MAGIC.length + SALT))
  decipher.setAuthTag(tag)
  await pipeline(
    createReadStream(from, { start: HEAD, end: size - TAG - 1 }),
    decipher,
    createWriteStream(to, { mode: 0o600 }),
  )
}
