import { ROLES, type Role, type SessionView } from '@nimble-anchor/core/formats'
import { ACCESS } from '../src/people/access'
import { Clock } from '../src/http/clock'
import { IDLE_MS, SHIFT_MS } from '../src/people/sessions.service'
import { Browser, start, type Running } from './harness'

const PASSWORD = 'tern ladder copper mist'
const NAMES: Readonly<Record<Role, string>> = { lead: 'Merryn Vos', fitter: 'Jory Quill', trainee: 'Tilde Orr', reader: 'Anselm Reed' } // prettier-ignore

let at: Running
beforeEach(async () => (at = await start({ demo: true })))
afterEach(async () => {
  jest.restoreAllMocks()
  await at.end()
})

/** The bay with one person of each role, and a browser for each. */
async function staffed(): Promise<Readonly<Record<Role, Browser>>> {
  const lead = new Browser(at)
  await lead.ask('post', '/api/people', { name: NAMES.lead, role: 'lead', password: PASSWORD })
  const made: Partial<Record<Role, Browser>> = { lead }
  for (const role of ROLES.filter((r) => r !== 'lead')) {
    expect((await lead.ask('post', '/api/people', { name: NAMES[role], role, password: PASSWORD })).status).toBe(201)
    made[role] = await signedIn(NAMES[role])
  }
  return made as Record<Role, Browser>
}
async function signedIn(name: string, password = PASSWORD): Promise<Browser> {
  const browser = new Browser(at)
  expect((await browser.ask('post', '/api/session/sign-in', { name, password })).status).toBe(200)
  return browser
}
const sessionOf = async (browser: Browser): Promise<SessionView> => (await browser.ask('get', '/api/session')).body as SessionView // prettier-ignore
const idOf = async (lead: Browser, role: Role): Promise<string> => {
  const people = (await lead.ask('get', '/api/people')).body as { id: string; name: string }[]
  return people.find((p) => p.name === NAMES[role])?.id ?? ''
}
const later = (ms: number): void => {
  const now = Date.now() + ms
  jest.spyOn(Clock.prototype, 'nowMs').mockReturnValue(now)
}
const beginFitting = async (browser: Browser): Promise<string> =>
  ((await browser.ask('post', '/api/fittings', { childId: 'tamsin-hale' })).body as { id: string }).id

describe('every route, every role', () => {
  /** What a path's names stand for; nothing that is there, so that a route that lets in finds nothing. */
  const GONE = '00000000-0000-4000-8000-000000000000'
  const routes = Object.entries(ACCESS).map(([route, access]) => {
    const [method = '', path = ''] = route.split(' ')
    return { method: method.toLowerCase() as 'get' | 'post' | 'put' | 'delete', route, path: path.replace(/:(id|childId|token)/g, GONE).replace(':kind', 'models'), access } // prettier-ignore
  })

  test('the table names each route of the program, and none that is not there', async () => {
    const { paths } = (await at.get('/api/docs-json')).body as { paths: Record<string, object> }
    const real = Object.entries(paths).flatMap(([path, methods]) =>
      Object.keys(methods).map((m) => `${m.toUpperCase()} ${path.replace(/\{(\w+)\}/g, ':$1')}`),
    )
    expect(Object.keys(ACCESS).toSorted()).toEqual(real.toSorted())
  })

  test('who may is let in, who may not is told so, and who is not signed in is asked to', async () => {
    const browsers = await staffed()
    const wrong: unknown[] = []
    for (const { method, path, route, access } of routes) {
      // The stream does not end; signing out would end the rest.
      if (route === 'GET /api/live' || route === 'DELETE /api/session' || route === 'POST /api/session/lock') continue
      const body = method === 'get' ? undefined : {}
      const nobody = (await new Browser(at).ask(method, path, body)).status
      if (access.who === 'open' ? nobody === 403 : nobody !== 401) wrong.push([route, 'nobody', nobody])
      for (const role of ROLES) {
        const { status, body: told } = await browsers[role].ask(method, path, body)
        const isLet = access.who === 'open' || access.who.includes(role)
        const asks = (told as { asks?: string }).asks
        // What asks for the password again refuses for that alone.
        const isRefused = status === 403 && asks !== 'confirm'
        const isAskedAgain = status === 403 && asks === 'confirm'
        if (isRefused === isLet || (isLet && access.again === true) !== isAskedAgain) wrong.push([route, role, status, asks]) // prettier-ignore
      }
    }
    expect(wrong).toEqual([])
  })

  test('until the first person is made everybody at this machine may do everything but what needs people', async () => {
    const wrong: unknown[] = []
    for (const { method, path, route, access } of routes) {
      if (route === 'GET /api/live' || route === 'POST /api/demo' || route === 'DELETE /api/demo') continue
      const { status } = await new Browser(at).ask(method, path, method === 'get' ? undefined : {})
      const isRefused = status === 401 || status === 403
      if (access.who !== 'open' && isRefused !== (access.needsPerson === true)) wrong.push([route, status])
    }
    expect(wrong).toEqual([])
  })
})

describe('signing in', () => {
  test('the first is a lead, signed in by it, with codes told once; a second first is refused', async () => {
    const first = new Browser(at)
    const second = new Browser(at)
    const asked = { name: NAMES.lead, role: 'lead', password: PASSWORD }
    expect((await first.ask('post', '/api/people', { ...asked, role: 'fitter' })).body).toMatchObject({ faults: [{ path: '$.role' }] }) // prettier-ignore
    const [one, other] = await Promise.all([
      first.ask('post', '/api/people', asked),
      second.ask('post', '/api/people', { ...asked, name: 'Somebody else' }),
    ])
    const [made, refused] = one.status === 201 ? [one, other] : [other, one]
    // Too late by a moment, or by so much that it is asked to sign in.
    expect([made.status, [401, 403].includes(refused.status)]).toEqual([201, true])
    expect((await (one.status === 201 ? first : second).ask('get', '/api/people')).body).toHaveLength(1)
    expect(made.body).toMatchObject({ session: { hasPeople: true, person: { role: 'lead' }, isLocked: false } })
    expect((made.body as { recoveryCodes: string[] }).recoveryCodes).toHaveLength(8)
  })

  test('the cookie is kept from scripts and other sites; the secret changes at each sign-in, and only its hash is stored', async () => {
    await staffed()
    const browser = new Browser(at)
    const answer = await browser.ask('post', '/api/session/sign-in', { name: NAMES.fitter, password: PASSWORD })
    const cookie = (answer.headers['set-cookie'] as unknown as string[])[0] ?? ''
    expect(cookie).toMatch(/^anchor-\d+=[\w-]{43}; .*Path=\/; .*HttpOnly; SameSite=Strict$/)
    const before = browser.secret
    await browser.ask('post', '/api/session/sign-in', { name: NAMES.fitter, password: PASSWORD })
    expect(browser.secret).not.toBe(before)
    const old = new Browser(at)
    old.secret = before
    expect((await old.ask('get', '/api/day')).status).toBe(401)
    const restarted = (at = await at.restart())
    const again = new Browser(restarted)
    again.secret = browser.secret.replace(/^anchor-\d+/, `anchor-${String((restarted.app.getHttpServer() as { address(): { port: number } }).address().port)}`) // prettier-ignore
    expect((await again.ask('get', '/api/day')).status).toBe(200)
  })

  test.each([
    [{ name: NAMES.fitter, password: 'wrong' }, 401],
    [{ name: 'Nobody of that name', password: PASSWORD }, 401],
    [{ name: NAMES.fitter.toUpperCase(), password: PASSWORD }, 200],
    [{ name: NAMES.fitter }, 400],
    [{ name: NAMES.fitter, password: PASSWORD, role: 'lead' }, 400],
  ])('%j answers %i', async (body, status) => {
    await staffed()
    const answer = await new Browser(at).ask('post', '/api/session/sign-in', body)
    expect(answer.status).toBe(status)
    if (status === 401) expect((answer.body as { message: string }).message).toBe('Name or password is not right.')
  })

  test('guessing is slowed: the sixth wrong password makes the next wait, the right one too, and nobody of that name alike', async () => {
    await staffed()
    for (const name of [NAMES.fitter, 'Nobody of that name']) {
      const guess = (password: string) => new Browser(at).ask('post', '/api/session/sign-in', { name, password })
      for (let i = 0; i < 5; i += 1) expect((await guess(`guess ${i}`)).status).toBe(401)
      const told = await guess(PASSWORD)
      expect([told.status, told.body]).toEqual([429, expect.objectContaining({ message: 'Too many wrong tries. Wait 1 s, then try again.' })]) // prettier-ignore
      later(1100)
      expect((await guess('one more')).status).toBe(401)
      expect((await guess(PASSWORD)).status).toBe(429)
      later(5000)
      expect((await guess(PASSWORD)).status).toBe(name === NAMES.fitter ? 200 : 401)
      jest.restoreAllMocks()
    }
  })

  test('many guesses at once are no more than one after another', async () => {
    await staffed()
    const guesses = await Promise.all(
      Array.from({ length: 12 }, (_, i) => new Browser(at).ask('post', '/api/session/sign-in', { name: NAMES.fitter, password: `guess ${i}` })), // prettier-ignore
    )
    expect(guesses.filter((g) => g.status === 401)).toHaveLength(5)
  })

  test('one address signs in 30 times a minute and no more', async () => {
    await staffed()
    const statuses: number[] = []
    for (let i = 0; i < 32; i += 1)
      statuses.push(
        (await new Browser(at).ask('post', '/api/session/sign-in', { name: `Nobody ${i}`, password: 'x' })).status,
      )
    expect(statuses.slice(0, 20).every((s) => s === 401)).toBe(true)
    expect(statuses.at(-1)).toBe(429)
  })

  test('a recovery code works once, wants a new password, and signs out everywhere', async () => {
    const first = new Browser(at)
    const made = (await first.ask('post', '/api/people', { name: NAMES.lead, role: 'lead', password: PASSWORD })).body as { recoveryCodes: string[] } // prettier-ignore
    const [code = ''] = made.recoveryCodes
    const browser = new Browser(at)
    const next = 'gannet buoy amber rope'
    const asked = { name: NAMES.lead, code: code.toLowerCase().replaceAll('-', ' '), password: next }
    expect((await browser.ask('post', '/api/session/recover', { ...asked, password: 'password12' })).body).toMatchObject({ faults: [{ path: '$.password' }] }) // prettier-ignore
    expect((await browser.ask('post', '/api/session/recover', asked)).status).toBe(200)
    expect((await browser.ask('get', '/api/day')).status).toBe(200)
    expect((await first.ask('get', '/api/day')).status).toBe(401)
    expect((await new Browser(at).ask('post', '/api/session/recover', asked)).status).toBe(401)
    expect((await signedIn(NAMES.lead, next)).secret).not.toBe('')
  })
})

describe('a device that is shared', () => {
  const PIN = '7392'
  async function shared() {
    const { lead } = await staffed()
    const tablet = await signedIn(NAMES.fitter)
    await tablet.ask('put', '/api/session/pin', { pin: PIN })
    await tablet.ask('post', '/api/session/sign-in', { name: NAMES.trainee, password: PASSWORD })
    return { lead, tablet, fitterId: await idOf(lead, 'fitter'), traineeId: await idOf(lead, 'trainee') }
  }

  test('who has signed in on it changes over by PIN; elsewhere the PIN is worth nothing', async () => {
    const { tablet, fitterId, traineeId } = await shared()
    expect((await sessionOf(tablet)).person?.name).toBe(NAMES.trainee)
    const changed = await tablet.ask('post', '/api/session/switch', { personId: fitterId, pin: PIN })
    expect(changed.body).toMatchObject({ person: { name: NAMES.fitter } })
    // Without a PIN of their own the trainee comes back by password.
    expect((await tablet.ask('post', '/api/session/switch', { personId: traineeId, pin: PIN })).status).toBe(401)
    expect((await new Browser(at).ask('post', '/api/session/switch', { personId: fitterId, pin: PIN })).status).toBe(
      401,
    )
  })

  test('five wrong PINs and only the password helps, however many are tried at once', async () => {
    const { tablet, fitterId } = await shared()
    const wrong = () => tablet.ask('post', '/api/session/switch', { personId: fitterId, pin: '0001' })
    await Promise.all(Array.from({ length: 8 }, wrong))
    const right = await tablet.ask('post', '/api/session/switch', { personId: fitterId, pin: PIN })
    expect([right.status, (right.body as { message: string }).message]).toEqual([401, expect.stringContaining('Sign in with the password')]) // prettier-ignore
  })

  test('it locks when nobody touches it, and what a page asks for by itself does not count; a shift ends', async () => {
    const { tablet, fitterId } = await shared()
    await tablet.ask('post', '/api/session/switch', { personId: fitterId, pin: PIN })
    const bySelf = new Browser(at, { 'x-by-itself': '1' })
    bySelf.secret = tablet.secret
    later(IDLE_MS - 1000)
    expect((await bySelf.ask('get', '/api/day')).status).toBe(200)
    later(IDLE_MS + 1000)
    expect((await bySelf.ask('get', '/api/day')).body).toMatchObject({ statusCode: 401, asks: 'unlock' })
    expect(await sessionOf(tablet)).toMatchObject({ person: null, isLocked: true })
    expect((await tablet.ask('post', '/api/session/switch', { personId: fitterId, pin: PIN })).status).toBe(200)
    expect((await tablet.ask('get', '/api/day')).status).toBe(200)
    later(SHIFT_MS + 60_000)
    expect((await tablet.ask('get', '/api/day')).body).toMatchObject({ statusCode: 401, asks: 'sign-in' })
    expect((await tablet.ask('post', '/api/session/switch', { personId: fitterId, pin: PIN })).status).toBe(401)
  })

  test('what one entered there is not sent in the name of another', async () => {
    const { tablet, fitterId, traineeId } = await shared()
    const id = await beginFitting(tablet)
    const entry = { baseSequence: 0, who: 'typed', puts: [{ path: ['child', 'ageMonths'], value: { value: 20, source: 'told' } }] } // prettier-ignore
    const refused = await tablet.ask('post', `/api/fittings/${id}/entries`, { ...entry, personId: fitterId })
    expect([refused.status, refused.body]).toEqual([403, expect.objectContaining({ asks: 'author' })])
    expect((await tablet.ask('post', `/api/fittings/${id}/entries`, { ...entry, personId: traineeId })).status).toBe(
      200,
    )
    const history = (await tablet.ask('get', `/api/fittings/${id}/history`)).body as unknown
    expect(history).toMatchObject([{ who: NAMES.trainee, isSignedIn: true }])
  })

  test('of entries from before people signed in the name was typed, and stays', async () => {
    const id = await beginFitting(new Browser(at))
    await at.post(`/api/fittings/${id}/entries`, { baseSequence: 0, who: 'Typed Name', puts: [{ path: ['child', 'ageMonths'], value: { value: 20, source: 'told' } }] }) // prettier-ignore
    const { reader } = await staffed()
    const history = (await reader.ask('get', `/api/fittings/${id}/history`)).body as unknown
    expect(history).toMatchObject([{ who: 'Typed Name', isSignedIn: false }])
  })
})

describe('people and devices', () => {
  test('somebody must keep the bay: the last lead neither leaves nor becomes another', async () => {
    const { lead } = await staffed()
    const id = await idOf(lead, 'lead')
    const change = (over: object) => lead.ask('put', `/api/people/${id}`, { name: NAMES.lead, role: 'lead', isActive: true, ...over }) // prettier-ignore
    expect((await change({ role: 'fitter' })).status).toBe(409)
    expect((await change({ isActive: false })).status).toBe(409)
    await lead.ask('put', `/api/people/${await idOf(lead, 'fitter')}`, {
      name: NAMES.fitter,
      role: 'lead',
      isActive: true,
    })
    expect((await change({ role: 'fitter' })).status).toBe(200)
    // What they were they are no longer, at once.
    expect((await lead.ask('get', '/api/people')).status).toBe(403)
  })

  test('whoever has left is out at once, everywhere, and stays in the histories', async () => {
    const { lead, fitter } = await staffed()
    const fittingId = await beginFitting(fitter)
    await fitter.ask('post', `/api/fittings/${fittingId}/entries`, { baseSequence: 0, who: 'x', puts: [{ path: ['child', 'ageMonths'], value: { value: 20, source: 'told' } }] }) // prettier-ignore
    await lead.ask('put', `/api/people/${await idOf(lead, 'fitter')}`, {
      name: NAMES.fitter,
      role: 'fitter',
      isActive: false,
    })
    expect((await fitter.ask('get', '/api/day')).status).toBe(401)
    expect((await new Browser(at).ask('post', '/api/session/sign-in', { name: NAMES.fitter, password: PASSWORD })).status).toBe(401) // prettier-ignore
    expect((await lead.ask('get', `/api/fittings/${fittingId}/history`)).body).toMatchObject([{ who: NAMES.fitter }])
  })

  test('a device is revoked: by its owner, by a lead, by nobody else', async () => {
    const { lead, fitter, reader } = await staffed()
    const [device] = (await fitter.ask('get', '/api/session/devices')).body as { id: string; isThis: boolean }[]
    expect(device).toMatchObject({ isThis: true })
    expect((await reader.ask('delete', `/api/session/devices/${device?.id}`)).status).toBe(404)
    expect((await lead.ask('delete', `/api/devices/${device?.id}`)).status).toBe(200)
    expect((await fitter.ask('get', '/api/day')).status).toBe(401)
  })

  test('a phone is paired by a code of one use and two minutes', async () => {
    const { fitter } = await staffed()
    const pair = async () => (await fitter.ask('post', '/api/pairing', {})).body as { code: string; url: string }
    const { code, url } = await pair()
    expect(url).toMatch(new RegExp(`^http://127.0.0.1:\\d+/pair#${code}$`))
    const claims = await Promise.all([1, 2].map(() => new Browser(at).ask('post', '/api/pairing/claim', { code })))
    expect(claims.map((c) => c.status).toSorted()).toEqual([200, 401])
    expect(claims.find((c) => c.status === 200)?.body).toMatchObject({ person: { name: NAMES.fitter } })
    const late = await pair()
    later(2 * 60_000 + 1000)
    expect((await new Browser(at).ask('post', '/api/pairing/claim', { code: late.code })).status).toBe(401)
  })

  test('the audit says who did what, without a family’s name, and takes nothing back', async () => {
    const { lead } = await staffed()
    const families = (await lead.ask('get', '/api/families')).body as { id: string; name: string }[]
    const family = families[0] as { id: string; name: string }
    await lead.ask('post', '/api/session/confirm', { password: PASSWORD })
    await lead.ask('delete', `/api/families/${family.id}`, { name: family.name })
    const rows = (await lead.ask('get', '/api/audit')).body as { who: string; what: string }[]
    expect(rows[0]).toMatchObject({ who: NAMES.lead, what: 'erased a family' })
    expect(rows.map((r) => r.what)).toEqual(expect.arrayContaining(['was the first, and keeps the bay', 'added a reader', 'signed in by password'])) // prettier-ignore
    expect(JSON.stringify(rows)).not.toContain(family.name)
  })

  test('erasing and exporting ask for the password again, and each counts once', async () => {
    const { lead } = await staffed()
    const [family] = (await lead.ask('get', '/api/families')).body as { id: string; name: string }[]
    const path = `/api/families/${family?.id}/export`
    expect((await lead.ask('get', path)).body).toMatchObject({ statusCode: 403, asks: 'confirm' })
    expect((await lead.ask('post', '/api/session/confirm', { password: 'wrong' })).body).toMatchObject({ statusCode: 403, asks: 'confirm' }) // prettier-ignore
    expect((await lead.ask('get', path)).status).toBe(403)
    await lead.ask('post', '/api/session/confirm', { password: PASSWORD })
    expect((await lead.ask('get', path)).status).toBe(200)
    expect((await lead.ask('get', path)).status).toBe(403)
    await lead.ask('post', '/api/session/confirm', { password: PASSWORD })
    later(3 * 60_000)
    expect((await lead.ask('get', path)).status).toBe(403)
  })
})
