import 'reflect-metadata'
import { webcrypto } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { isIP } from 'node:net'
import { join } from 'node:path'
import {
  BasicConstraintsExtension,
  cryptoProvider,
  ExtendedKeyUsage,
  ExtendedKeyUsageExtension,
  KeyUsageFlags,
  KeyUsagesExtension,
  PemConverter,
  SubjectAlternativeNameExtension,
  X509Certificate,
  X509CertificateGenerator,
} from '@peculiar/x509'

/**
 * An authority of this bay's own, and a certificate by it for the names that
 * the server is called by. Both stay in the data folder, for their owner only; a
 * phone that is told to trust the authority trusts this server, and whoever
 * steals the key.
 */

const DAY_MS = 24 * 60 * 60_000
const AUTHORITY_DAYS = 10 * 365
/** Phones take no certificate that is good for longer. */
const SERVER_DAYS = 397
const RENEW_BEFORE_DAYS = 30
const KEYS: EcKeyGenParams & EcdsaParams = { name: 'ECDSA', namedCurve: 'P-256', hash: 'SHA-256' }
interface EcKeyGenParams {
  name: string
  namedCurve: string
}
interface EcdsaParams {
  name: string
  hash: string
}

interface Tls {
  readonly cert: string
  readonly key: string
}
export interface OwnTls extends Tls {
  /** The authority's certificate, as PEM: what a phone is told to trust. */
  readonly authority: string
  /** Of the authority, as a phone shows it: to be compared by eye. */
  readonly fingerprint: string
}

cryptoProvider.set(webcrypto as never)

const pem = (bytes: ArrayBuffer, tag: string): string => PemConverter.encode(bytes, tag)
const serial = (): string => Buffer.from(webcrypto.getRandomValues(new Uint8Array(16))).toString('hex').replace(/^[89a-f]/, '7') // prettier-ignore

async function newKeys() {
  const keys = await webcrypto.subtle.generateKey(KEYS, true, ['sign', 'verify'])
  return { keys, text: pem(await webcrypto.subtle.exportKey('pkcs8', keys.privateKey), 'PRIVATE KEY') }
}

/** Makes what is missing in the folder, anew what is about to end or names another address. */
export async function ownCertificate(dataDir: string, names: readonly string[], now: Date): Promise<OwnTls> {
  const folder = join(dataDir, 'tls')
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const file = (name: string): string => join(folder, name)
  const write = (name: string, text: string): void => writeFileSync(file(name), text, { mode: 0o600 })
  const plain = [...new Set(names.map((n) => n.replace(/^\[|\]$/g, '')))].toSorted()

  if (!existsSync(file('authority.crt')) || !existsSync(file('authority.key'))) {
    const { keys, text } = await newKeys()
    const authority = await X509CertificateGenerator.createSelfSigned({
      serialNumber: serial(),
      name: 'CN=Nimble Anchor of this bay',
      notBefore: new Date(now.getTime() - DAY_MS),
      notAfter: new Date(now.getTime() + AUTHORITY_DAYS * DAY_MS),
      signingAlgorithm: KEYS,
      keys: keys as unknown as CryptoKeyPair,
      extensions: [
        new BasicConstraintsExtension(true, 0, true),
        new KeyUsagesExtension(KeyUsageFlags.keyCertSign | KeyUsageFlags.cRLSign, true),
      ],
    })
    write('authority.key', text)
    write('authority.crt', authority.toString('pem'))
  }
  const authority = new X509Certificate(readFileSync(file('authority.crt'), 'utf8'))
  if (!isGoodFor(file('server.crt'), plain, now)) {
    const { keys, text } = await newKeys()
    const made = await X509CertificateGenerator.create({
      serialNumber: serial(),
      subject: 'CN=Nimble Anchor',
      issuer: authority.subject,
      notBefore: new Date(now.getTime() - DAY_MS),
      notAfter: new Date(now.getTime() + (SERVER_DAYS - 1) * DAY_MS),
      signingAlgorithm: KEYS,
      publicKey: keys.publicKey as unknown as CryptoKey,
      signingKey: (await importKey(readFileSync(file('authority.key'), 'utf8'))) as unknown as CryptoKey,
      extensions: [
        new BasicConstraintsExtension(false, undefined, true),
        new KeyUsagesExtension(KeyUsageFlags.digitalSignature, true),
        new ExtendedKeyUsageExtension([ExtendedKeyUsage.serverAuth]),
        new SubjectAlternativeNameExtension(
          plain.map((n) =>
            isIP(n) === 0 ? ({ type: 'dns', value: n } as const) : ({ type: 'ip', value: n } as const),
          ),
        ),
      ],
    })
    write('server.key', text)
    write('server.crt', made.toString('pem'))
  }
  const thumb = Buffer.from(await authority.getThumbprint('SHA-256'))
    .toString('hex')
    .toUpperCase()
  return {
    cert: `${readFileSync(file('server.crt'), 'utf8').trim()}\n${authority.toString('pem')}\n`,
    key: readFileSync(file('server.key'), 'utf8'),
    authority: authority.toString('pem'),
    fingerprint: (thumb.match(/../g) ?? []).join(':'),
  }
}

function isGoodFor(file: string, names: readonly string[], now: Date): boolean {
  if (!existsSync(file)) return false
  const certificate = new X509Certificate(readFileSync(file, 'utf8'))
  const named = certificate.getExtension(SubjectAlternativeNameExtension)?.names.items.map((n) => n.value) ?? []
  const daysLeft = (certificate.notAfter.getTime() - now.getTime()) / DAY_MS
  return daysLeft > RENEW_BEFORE_DAYS && names.every((n) => named.includes(n))
}

const importKey = (text: string) =>
  webcrypto.subtle.importKey('pkcs8', PemConverter.decodeFirst(text), KEYS, false, ['sign'])
