import 'reflect-metadata'
import { join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { IsoDate } from '@nimble-anchor/core/ground'
import { createApp } from './app'
import { DailyCopies } from './copies/daily'
import { passphraseIn } from './copies/sealed'
import { DemoService } from './demo/demo.service'
import { isDay } from './http/day'
import { ownCertificate } from './net/certificate'
import { netFrom, NetFault, readTls, type Net } from './net/options'
import { isInsecure, LOOPBACK_NAMES } from './net/transport'
import { Sessions } from './people/sessions.service'
import { Database } from './storage/database'
import { CannotOpen } from './storage/store-faults'

const ROOT = resolve(__dirname, '..', '..')

function plainly(error: unknown, port: number, dataDir: string): string {
  if (error instanceof CannotOpen || error instanceof NetFault) return error.message
  const code = (error as { code?: string }).code
  if (code === 'EADDRINUSE')
    return `Port ${port} is taken. Stop the other program, or start with: npm start -- --port ${port + 1}`
  if (
    code === 'EACCES' ||
    code === 'SQLITE_CANTOPEN' ||
    code === 'EPERM' ||
    code === 'EROFS' ||
    code === 'SQLITE_READONLY'
  ) {
    return `No permission to use port ${port} or to write in ${dataDir}. Choose others with --port and --data.`
  }
  if (code === 'ENOTDIR' || code === 'EEXIST') return `${dataDir} is not a folder. Choose another with --data.`
  return `Could not start: ${error instanceof Error ? error.message : String(error)}`
}

/** Our own figure; no copy is kept longer than 30 days. */
const KEEP_DAYS = 14
const NO_PEOPLE =
  'Nobody signs in yet, and whoever reaches this server could read and erase everything. ' +
  'Start it without --host, make the first person under People, then start it again.'

/** Where it answers: itself, or each address of the machine where it listens on all. */
function urlsOf({ transport: { scheme, names, isBehindProxy }, address }: Net, port: number): readonly string[] {
  if (isBehindProxy) return [...names].filter((n) => !LOOPBACK_NAMES.includes(n)).map((n) => `${scheme}://${n}`)
  const all =
    address === '0.0.0.0' || address === '::' ? [...names] : [address.includes(':') ? `[${address}]` : address]
  return all.map((n) => `${scheme}://${n}:${port}`)
}

const OPTIONS = {
  port: { type: 'string', default: '4310' },
  data: { type: 'string' },
  today: { type: 'string' },
  demo: { type: 'boolean', default: false },
  'no-demo': { type: 'boolean', default: false },
  host: { type: 'string' },
  name: { type: 'string', multiple: true },
  'tls-cert': { type: 'string' },
  'tls-key': { type: 'string' },
  'make-certificate': { type: 'boolean', default: false },
  'behind-proxy': { type: 'boolean', default: false },
  insecure: { type: 'boolean', default: false },
  copies: { type: 'string' },
  'copies-passphrase-file': { type: 'string' },
  'no-copies': { type: 'boolean', default: false },
} as const

/** The options as given; one that there is not ends it, with those that there are. */
function optionsGiven() {
  try {
    return parseArgs({ options: OPTIONS }).values
  } catch (error) {
    const known = Object.keys(OPTIONS).map((name) => `--${name}`)
    console.error(`${error instanceof Error ? error.message.split('. ')[0] : 'Unknown option'}. Known: ${known.join(', ')}`) // prettier-ignore
    process.exit(2)
  }
}

async function main(): Promise<void> {
  // What is written here is about children: for its owner only.
  process.umask(0o077)
  const values = optionsGiven()
  const port = Number(values.port)
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    console.error(`--port must be a whole number from 1 to 65535, got "${values.port}"`)
    process.exit(2)
  }
  if (values.today !== undefined && !isDay(values.today)) {
    console.error(`--today must be a day as YYYY-MM-DD, from 1900 to 2100, got "${values.today}"`)
    process.exit(2)
  }
  if (values.demo && values['no-demo']) {
    console.error('Give --demo or --no-demo, not both.')
    process.exit(2)
  }
  const dataDir = resolve(values.data ?? join(ROOT, 'data'))
  // A folder that somebody names is for their own data.
  const wantsDemo = values.demo || (values.data === undefined && !values['no-demo'])
  try {
    const net = netFrom(values)
    const own = net.tls === 'own' ? await ownCertificate(dataDir, [...net.transport.names], new Date()) : undefined
    const tls = own ?? (net.tls === 'given' ? readTls(values) : undefined)
    const app = await createApp({
      dataDir,
      webDir: join(ROOT, 'web', 'dist'),
      today: values.today === undefined ? undefined : IsoDate(values.today),
      transport: net.transport,
      tls,
      authority: own,
    })
    await app.init()
    if (net.transport.isBeyond && !app.get(Sessions).hasPeople) {
      await app.close()
      throw new NetFault(NO_PEOPLE)
    }
    for (const sentence of app.get(Database).said) console.log(sentence)
    const demo = app.get(DemoService)
    if (wantsDemo && (await demo.isWelcome())) {
      await demo.begin()
      console.log('The demo is here: a Saturday at Slipway Bay. Its season is being filled in.')
    } else {
      if (values.demo) console.log(`There is data in ${dataDir} already: the demo was not added.`)
      demo.resume()
    }
    // Loopback, unless another address is asked for: children's data stays on this machine.
    await app.listen(port, net.address)
    // Once a day, beside the data unless another place is named; kept two weeks.
    if (!values['no-copies'])
      app.get(DailyCopies).begin({
        dataDir,
        to: resolve(values.copies ?? join(dataDir, 'copies')),
        keepDays: KEEP_DAYS,
        passphrase: passphraseIn(values['copies-passphrase-file']),
      })
    for (const url of urlsOf(net, port)) console.log(`Nimble Anchor is at ${url}`)
    if (own) console.log(`Its authority, to be compared on a phone: ${own.fingerprint}`)
    if (isInsecure(net.transport))
      console.log('NOT ENCRYPTED: anybody on this network can read along, and take a password.')
  } catch (error) {
    console.error(plainly(error, port, dataDir))
    process.exit(1)
  }
}

void main()
