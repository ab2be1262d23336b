import { spawnSync } from 'node:child_process'
import { existsSync, mkdtempSync, rmSync, statSync } from 'node:fs'
import { request as httpsRequest } from 'node:https'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { createApp } from '../src/app'
import { ownCertificate } from '../src/net/certificate'
import { netFrom, NetFault, type NetOptions } from '../src/net/options'
import { namesOf, splitHost, type Transport } from '../src/net/transport'
import { Browser, start } from './harness'

const folder = (): string => mkdtempSync(join(tmpdir(), 'nimble-anchor-net-'))
const BAY: Transport = { scheme: 'https', names: new Set(['hut.example', '127.0.0.1']), isBeyond: true, isBehindProxy: true } // prettier-ignore

describe('how it is reached', () => {
  test.each<[NetOptions, RegExp]>([
    [{ host: '0.0.0.0' }, /beyond this machine, and needs encryption/],
    [{ host: '192.168.7.4' }, /--insecure takes that risk/],
    [{ 'behind-proxy': true }, /--behind-proxy needs --name/],
    [{ 'tls-cert': 'a' }, /go together/],
    [{ host: '0.0.0.0', 'make-certificate': true, insecure: true }, /Give one of/],
    [{ name: ['hut:443'] }, /without a port/],
  ])('%j is refused', (options, why) => {
    expect(() => netFrom(options)).toThrow(NetFault)
    expect(() => netFrom(options)).toThrow(why)
  })

  test.each<[NetOptions, object]>([
    [{}, { address: '127.0.0.1', tls: 'none', transport: { scheme: 'http', isBeyond: false } }],
    [{ host: '::1' }, { address: '::1', transport: { scheme: 'http', isBeyond: false } }],
    [{ 'make-certificate': true }, { tls: 'own', transport: { scheme: 'https', isBeyond: false } }],
    [
      { host: '192.168.7.4', 'make-certificate': true },
      { tls: 'own', transport: { scheme: 'https', isBeyond: true } },
    ],
    [
      { host: '192.168.7.4', insecure: true },
      { tls: 'none', transport: { scheme: 'http', isBeyond: true } },
    ],
    [{ 'behind-proxy': true, name: ['hut.example'] }, { address: '127.0.0.1', transport: { scheme: 'https', isBeyond: true, isBehindProxy: true } }], // prettier-ignore
  ])('%j', (options, as) => expect(netFrom(options)).toMatchObject(as))

  test('its names are the address asked for, or all of the machine; and what else it is called', () => {
    expect([...namesOf('192.168.7.4', ['Hut.local'])]).toEqual(['192.168.7.4', 'hut.local'])
    expect([...namesOf('0.0.0.0', [])]).toEqual(expect.arrayContaining(['127.0.0.1', 'localhost']))
  })

  test.each([
    ['hut.example:8443', { name: 'hut.example', port: 8443 }],
    ['HUT.example', { name: 'hut.example', port: 443 }],
    ['[fe80::1]:80', { name: '[fe80::1]', port: 80 }],
    ['user@hut.example', undefined],
    ['hut.example/x', undefined],
    ['a:b:c', undefined],
    ['', undefined],
  ])('the name %s', (host, split) => expect(splitHost(host, 'https')).toEqual(split))

  test('beyond this machine it does not start before somebody signs in, and says what to do', () => {
    const data = folder()
    const main = join(__dirname, '../dist/main.js')
    if (!existsSync(main)) throw new Error('The server has not been built')
    const { status, stderr } = spawnSync(process.execPath, [main, '--data', data, '--port', '4999', '--host', '0.0.0.0', '--make-certificate'], { encoding: 'utf8' }) // prettier-ignore
    expect([status, stderr]).toEqual([1, expect.stringContaining('Nobody signs in yet')])
    rmSync(data, { recursive: true })
  })
})

describe('behind a proxy, by another name than the loopback address', () => {
  test('only its own name is answered, and only pages of that name change anything', async () => {
    const at = await start({ transport: BAY })
    const asked = (host: string, origin?: string) => {
      const post = at.post('/api/session/sign-in', { name: 'x', password: 'y' }).set('Host', host)
      return origin === undefined ? post : post.set('Origin', origin)
    }
    const statuses = await Promise.all([
      asked('hut.example'),
      asked('hut.example', 'https://hut.example'),
      asked('hut.example', 'http://hut.example'),
      asked('hut.example', 'https://hut.example:8443'),
      asked('elsewhere.example', 'https://elsewhere.example'),
      asked('localhost'),
    ])
    expect(statuses.map((s) => s.status)).toEqual([401, 401, 403, 403, 403, 403])
    const told = async (host: string) =>
      (await at.get('/api/health').set('Host', host)).headers['strict-transport-security']
    expect([await told('hut.example'), await told('127.0.0.1')]).toEqual([expect.stringContaining('max-age'), expect.any(String)]) // prettier-ignore
    const own = await start({ transport: { ...BAY, names: new Set(['localhost']) } })
    expect((await own.get('/api/health').set('Host', 'localhost')).headers['strict-transport-security']).toBeUndefined()
    await own.end()
    // Nobody has been made yet: beyond the machine nothing is anybody's.
    expect((await at.get('/api/fittings').set('Host', 'hut.example')).status).toBe(401)
    await at.end()
  })

  test('heavy work is asked for 240 times a minute and no more from beyond; at the machine itself as often as one likes', async () => {
    const here = await start()
    const asked = { name: 'Merryn Vos', password: 'gannet buoy amber rope' }
    await here.post('/api/people', { ...asked, role: 'lead' })
    const tries = async (browser: Browser): Promise<readonly number[]> => {
      await browser.ask('post', '/api/session/sign-in', asked)
      const all: number[] = []
      for (let i = 0; i < 245; i += 1) all.push((await browser.ask('post', '/api/assess', {})).status)
      return all
    }
    expect(new Set(await tries(new Browser(here)))).toEqual(new Set([400]))
    await here.app.close()
    const beyond = await start({ dataDir: here.dataDir, transport: BAY })
    const statuses = await tries(new Browser(beyond, { Host: 'hut.example' }))
    expect([statuses.filter((s) => s === 400).length, statuses.filter((s) => s === 429).length]).toEqual([240, 5])
    await beyond.end()
  })

  test('what is read is read by our own pages: another site and another port get nothing', async () => {
    const at = await start()
    const read = async (site: string) => (await at.get('/api/fittings').set('Sec-Fetch-Site', site)).status
    expect(await Promise.all(['same-origin', 'none', 'same-site', 'cross-site'].map(read))).toEqual([
      200, 200, 403, 403,
    ])
    const page = await at.get('/api/health')
    expect(page.headers).toMatchObject({
      'x-frame-options': 'DENY',
      'cache-control': 'no-store',
      'cross-origin-resource-policy': 'same-origin',
      'content-security-policy': expect.stringMatching(/frame-ancestors 'none';.*script-src 'self';/) as string,
      'permissions-policy': expect.stringContaining('camera=(self)') as string,
    })
    expect(page.headers['content-security-policy']).not.toMatch(/script-src[^;]*unsafe/)
    await at.end()
  })
})

describe('a certificate of its own', () => {
  const NOW = new Date('2026-11-27T10:00:00Z')
  const asks = (port: number, host: string, ca: string): Promise<number> =>
    new Promise((resolve, reject) => {
      const asked = httpsRequest({ host, port, path: '/api/health', ca }, (answer) => {
        answer.resume()
        resolve(answer.statusCode ?? 0)
      })
      asked.on('error', reject)
      asked.end()
    })

  test('whoever trusts the authority reaches the server by each of its names, and nobody else does', async () => {
    const data = folder()
    const own = await ownCertificate(data, ['127.0.0.1', 'localhost', '[::1]'], new Date())
    expect(statSync(join(data, 'tls', 'authority.key')).mode & 0o077).toBe(0)
    expect(own.fingerprint).toMatch(/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/)
    const app = await createApp({ dataDir: data, tls: own, authority: own, transport: { scheme: 'https', names: new Set(['127.0.0.1', 'localhost']), isBeyond: false, isBehindProxy: false } }) // prettier-ignore
    await app.listen(0, '127.0.0.1')
    const { port } = (app.getHttpServer() as { address(): { port: number } }).address()
    expect(await asks(port, '127.0.0.1', own.authority)).toBe(200)
    expect(await asks(port, 'localhost', own.authority)).toBe(200)
    const stranger = await ownCertificate(folder(), ['127.0.0.1'], new Date())
    await expect(asks(port, '127.0.0.1', stranger.authority)).rejects.toThrow(/certificate|signature/i)
    await app.close()
  })

  test('it stays as it is, until it is about to end or the machine has another address', async () => {
    const data = folder()
    const first = await ownCertificate(data, ['127.0.0.1'], NOW)
    expect(await ownCertificate(data, ['127.0.0.1'], NOW)).toEqual(first)
    const moved = await ownCertificate(data, ['127.0.0.1', '192.168.7.4'], NOW)
    expect([moved.authority === first.authority, moved.cert === first.cert]).toEqual([true, false])
    const later = await ownCertificate(data, ['127.0.0.1'], new Date(NOW.getTime() + 380 * 24 * 3600_000))
    expect([later.authority === first.authority, later.cert === moved.cert]).toEqual([true, false])
  })
})
