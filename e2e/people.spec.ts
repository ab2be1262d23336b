import { createServer } from 'node:http'
import { chromium, type Browser, type Page } from '@playwright/test'
import { addPasskeys, first, PASSWORD, signIn } from './people.ts'
import { CHROMIUM } from './chromium.ts'
import { beginFitting, expect, expectAxeClean, fill, part, test, type Server } from './served.ts'

async function addPerson(page: Page, name: string, role: string): Promise<void> {
  await page.getByRole('tab', { name: 'Who works here' }).click()
  await page.getByRole('button', { name: 'Add a person' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name', { exact: true }).fill(name)
  await dialog.getByRole('radio', { name: new RegExp(`^${role}`) }).click()
  await dialog.getByLabel('Password to begin with').fill(PASSWORD)
  await dialog.getByRole('button', { name: 'Add them' }).click()
  await page.getByRole('button', { name: 'They are kept' }).click()
}
async function another(browser: Browser, url: string, viewport = { width: 390, height: 844 }): Promise<Page> {
  const page = await (await browser.newContext({ viewport })).newPage()
  await page.goto(url)
  return page
}

test('the first person, a trainee beside them, a PIN, a lock over work that is kept', async ({ page, server }) => {
  test.slow()
  await page.goto(`${server.url}/people`)
  await expectAxeClean(page, 'People, nobody yet')
  await first(page, server.url)
  await addPerson(page, 'Tilde Orr', 'Trainee')
  await expect(page.getByRole('listitem').filter({ hasText: 'Tilde Orr' })).toContainText('has never signed in')
  await expectAxeClean(page, 'People')
  await page.getByRole('tab', { name: 'Your sign-in' }).click()
  await page.getByLabel('PIN', { exact: true }).fill('1234')
  await page.getByRole('button', { name: 'Set the PIN' }).click()
  await expect(page.getByText('is one of the first that anybody tries')).toBeVisible()
  await page.getByLabel('PIN', { exact: true }).fill('7392')
  await page.getByRole('button', { name: 'Set the PIN' }).click()
  await expect(page.getByText('The PIN is set.')).toBeVisible()

  // In the midst of a measurement: locked, nothing of it is seen, and it is still there afterwards.
  await beginFitting(page, server, 'Tamsin Hale')
  await page.getByLabel('Mass', { exact: true }).fill('11.4')
  await page.getByRole('button', { name: 'Signed in: Merryn Vos' }).click()
  await page.getByRole('menuitem', { name: 'Change over, or lock' }).click()
  await expect(page.getByRole('heading', { name: 'Locked' })).toBeVisible()
  await expect(page.getByText('Tamsin').first()).toBeHidden()
  await expectAxeClean(page, 'Locked')
  expect((await page.request.get(`${server.url}/api/fittings`)).status()).toBe(401)
  await page.getByLabel('PIN of Merryn Vos').fill('0001')
  await page.getByRole('button', { name: 'Go on as Merryn Vos' }).click()
  await expect(page.getByText('The PIN is not right.')).toBeVisible()
  await page.getByLabel('PIN of Merryn Vos').fill('7392')
  await page.getByRole('button', { name: 'Go on as Merryn Vos' }).click()
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('11.4')
  await fill(page, 'Mass', '11.6')
  await expect(page.getByText('Everything saved').first()).toBeAttached()
  await page.getByRole('button', { name: 'History' }).click()
  await expect(page.getByRole('dialog')).toContainText('Merryn Vos')
  await page.keyboard.press('Escape')

  // Somebody else on the same tablet: under their own name, and no more than they may.
  await page.getByRole('button', { name: 'Signed in: Merryn Vos' }).click()
  await page.getByRole('menuitem', { name: 'Change over, or lock' }).click()
  await page.getByRole('button', { name: 'Another way, or somebody else' }).click()
  await signIn(page, 'Tilde Orr', 'not it at all')
  await expect(page.getByText('Name or password is not right.')).toBeVisible()
  await signIn(page, 'Tilde Orr')
  await expect(page.getByRole('button', { name: 'Signed in: Tilde Orr' })).toBeVisible()
  await page.goto(`${server.url}/people`)
  await expect(page.getByRole('tab', { name: 'Who works here' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Signed in: Tilde Orr' }).click()
  await page.getByRole('menuitem', { name: 'Sign out' }).click()
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
})

test('a passkey: made, signed in by, and asked again before a family is exported', async ({ page, server }) => {
  const url = server.url.replace('127.0.0.1', 'localhost')
  await addPasskeys(page)
  await first(page, url)
  await page.getByRole('tab', { name: 'Your sign-in' }).click()
  await page.getByRole('button', { name: 'Add a passkey' }).click()
  // Something new to come in by asks for the password again.
  await page.getByRole('dialog').getByLabel('Password').fill(PASSWORD)
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect(page.getByText('The passkey is kept.')).toBeVisible()
  await page.getByRole('button', { name: 'Signed in: Merryn Vos' }).click()
  await page.getByRole('menuitem', { name: 'Sign out' }).click()
  await page.getByRole('button', { name: 'Use a passkey' }).click()
  await expect(page.getByRole('button', { name: 'Signed in: Merryn Vos' })).toBeVisible()

  await page.goto(`${url}/families`)
  await page.getByRole('link', { name: /Hale/ }).first().click()
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export everything' }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Use a passkey' }).click()
  expect((await saved).suggestedFilename()).toBe('family.json')
})

/** A phone that has read the code which the desk shows. */
async function paired(desk: Page, browser: Browser, server: Server): Promise<Page> {
  await desk.goto(`${server.url}/people`)
  await desk.getByRole('tab', { name: 'Devices' }).click()
  await desk.getByRole('button', { name: 'Pair a phone' }).click()
  const url = await desk
    .getByRole('dialog')
    .getByText(/\/pair#/)
    .textContent()
  await desk.keyboard.press('Escape')
  const phone = await another(browser, url ?? '')
  await phone.getByRole('button', { name: 'Sign this phone in' }).click()
  await expect(phone.getByRole('button', { name: /^Signed in/ })).toBeVisible()
  return phone
}

test('two phones and a desk on one fitting: each sees who is there and what is entered, and one collision with both values', async ({
  page: desk,
  browser,
  server,
}) => {
  test.slow()
  await first(desk, server.url)
  const phones = [await paired(desk, browser, server), await paired(desk, browser, server)]
  const [one, other] = phones as [Page, Page]
  await beginFitting(desk, server, 'Tamsin Hale')
  for (const phone of phones) {
    await phone.goto(desk.url())
    await phone.getByLabel('Mass', { exact: true }).waitFor()
  }
  await expect(desk.getByText('Also in this fitting: you, on another device')).toBeVisible()

  // Entered on a phone, seen on the desk and the other phone within a second.
  await fill(one, 'Mass', '12.3')
  const from = Date.now()
  await Promise.all([desk, other].map((at) => expect(at.getByLabel('Mass', { exact: true })).toHaveValue('12.3', { timeout: 5000 }))) // prettier-ignore
  expect(Date.now() - from).toBeLessThan(1500)

  // Two on one field at once: the one without a network is told later, and shown both.
  await other.context().setOffline(true)
  await fill(other, 'Stature', '88')
  await fill(one, 'Stature', '91')
  await expect(desk.getByLabel('Stature', { exact: true })).toHaveValue('91')
  await other.context().setOffline(false)
  const both = other.getByRole('alertdialog').or(other.getByRole('dialog'))
  await expect(both).toContainText('88', { timeout: 15_000 })
  await expect(both).toContainText('91')

  // A phone that is lost is signed out from the desk, and lets go at once.
  await desk.goto(`${server.url}/people`)
  await desk.getByRole('tab', { name: 'Devices' }).click()
  await desk
    .getByRole('button', { name: /^Sign out: Phone|^Sign out: Computer, Merryn Vos$/ })
    .first()
    .click()
  await expect(desk.getByRole('button', { name: /^Sign out:/ })).toHaveCount(2)
  const statuses = await Promise.all(phones.map(async (p) => (await p.request.get(`${server.url}/api/day`)).status()))
  expect(statuses.toSorted()).toEqual([200, 401])
})

test('a carer’s link opens ten questions and nothing else', { tag: '@demo' }, async ({ page, browser, server }) => {
  const { fittings } = (await (await page.request.get(`${server.url}/api/logbook?limit=20&offset=0`)).json().then((p: { rows: object[] }) => ({ fittings: p.rows }))) as { fittings: { id: string; status: string; verdict: string; childName: string }[] } // prettier-ignore
  const signed = fittings.find((f) => f.status === 'signed' && f.verdict === 'ready')
  if (!signed) throw new Error('The demo has no signed fitting')
  await first(page, server.url)
  await page.goto(`${server.url}/fittings/${signed.id}/hand-over`)
  await part(page, 'Afterwards')
  await page.getByRole('button', { name: 'Link for the carer' }).click()
  const url =
    (await page
      .getByRole('dialog')
      .getByText(/second-look#/)
      .textContent()) ?? ''
  const carer = await another(browser, url)
  await expect(carer.getByText(/^1 of \d+$/)).toBeVisible()
  await expectAxeClean(carer, 'Second look')
  expect(await carer.locator('body').textContent()).not.toContain(signed.childName)
  const read = async (path: string) => (await carer.request.get(`${server.url}/api/${path}`)).status()
  expect(await Promise.all(['fittings', `fittings/${signed.id}`, 'families', 'day', 'logbook', 'catalogue', 'people', `second-look/${signed.id}`].map(read))).toEqual([401, 401, 401, 401, 401, 401, 401, 404]) // prettier-ignore
  while (await carer.getByRole('button', { name: 'Yes' }).isVisible())
    await carer.getByRole('button', { name: 'Yes' }).click()
  await carer.getByRole('button', { name: 'Save it in the record' }).click()
  await expect(carer.getByText('Kept in the record.')).toBeVisible()
})

test('a trainee’s fitting is signed by two', { tag: '@demo' }, async ({ page, server }) => {
  test.slow()
  const fittings = (await (await page.request.get(`${server.url}/api/fittings`)).json()) as { id: string; status: string; verdict: string }[] // prettier-ignore
  const ready = fittings.find((f) => f.status === 'open' && f.verdict === 'ready')
  await first(page, server.url)
  await addPerson(page, 'Tilde Orr', 'Trainee')
  await page.getByRole('button', { name: 'Signed in: Merryn Vos' }).click()
  await page.getByRole('menuitem', { name: 'Sign out' }).click()
  await signIn(page, 'Tilde Orr')
  await expect(page.getByRole('button', { name: 'Signed in: Tilde Orr' })).toBeVisible()
  await page.goto(`${server.url}/fittings/${ready?.id}/hand-over`)
  await page.getByLabel('Carer', { exact: true }).fill('Maren Hale')
  await page.getByRole('button', { name: 'Sign and close' }).click()
  await expect(page.getByText('A trainee’s fitting is signed by two')).toBeVisible()
  await page
    .getByLabel('A fitter or a lead')
    .or(page.getByRole('combobox', { name: 'A fitter or a lead' }))
    .first()
    .click()
  await page.getByRole('option', { name: 'Merryn Vos' }).click()
  await page.getByLabel('Their PIN or password').fill('wrong words here')
  await page.getByRole('button', { name: 'Sign and close' }).click()
  await expect(page.getByText(/PIN of whoever signs with you is not right/)).toBeVisible()
  await page.getByLabel('Their PIN or password').fill(PASSWORD)
  await page.getByRole('button', { name: 'Sign and close' }).click()
  await expect(page.getByText('Signed and closed').first()).toBeAttached()
  const view = (await (await page.request.get(`${server.url}/api/fittings/${ready?.id}`)).json()) as {
    case: { handover: object }
  }
  expect(view.case.handover).toMatchObject({
    fitterName: 'Tilde Orr',
    secondName: 'Merryn Vos',
    carerName: 'Maren Hale',
  })
})

test('a page of another port, another site or a rebound name neither reads nor changes anything', async ({
  server,
}) => {
  test.slow()
  const port = new URL(server.url).port
  // The page of somebody else on this very machine: another port, to which the browser gives our cookies too.
  const foreign = createServer((_req, res) => void res.setHeader('content-type', 'text/html').end('<!doctype html><title>Elsewhere</title>')) // prettier-ignore
  await new Promise<void>((r) => foreign.listen(0, '127.0.0.1', r))
  const foreignPort = (foreign.address() as { port: number }).port
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--host-resolver-rules=MAP elsewhere.example 127.0.0.1, MAP rebound.example 127.0.0.1',
    ],
  })
  try {
    const context = await browser.newContext()
    const page = await context.newPage()
    await first(page, server.url)
    const before = (await (await context.request.get(`${server.url}/api/families`)).json()) as {
      id: string
      name: string
    }[]
    const family = before[0] as { id: string; name: string }
    const attack = async (from: string) => {
      const at = await context.newPage()
      await at.goto(from)
      const tried = await at.evaluate(
        async ({ target, id, name }) => {
          const tried: Record<string, string> = {}
          const reads = async (what: string, asked: Promise<Response>): Promise<void> => {
            tried[what] = await asked.then(
              async (r) =>
                r.type === 'opaque' ? 'opaque' : `${r.status} ${(await r.text()).length > 400 ? 'read' : ''}`.trim(),
              () => 'blocked',
            )
          }
          await reads('read', fetch(`${target}/api/families`, { credentials: 'include' }))
          await reads('read blindly', fetch(`${target}/api/families`, { credentials: 'include', mode: 'no-cors' }))
          await reads('post as a form', fetch(`${target}/api/visits`, { method: 'POST', mode: 'no-cors', credentials: 'include', headers: { 'content-type': 'text/plain' }, body: '{}' })) // prettier-ignore
          await reads('erase', fetch(`${target}/api/families/${id}`, { method: 'DELETE', credentials: 'include', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ name }) })) // prettier-ignore
          tried.script = await new Promise((resolve) => {
            const script = document.createElement('script')
            script.src = `${target}/api/families`
            script.onload = () => resolve('ran')
            script.onerror = () => resolve('blocked')
            document.head.append(script)
          })
          const frame = document.createElement('iframe')
          frame.src = target
          const isLoaded = new Promise((resolve) => (frame.onload = resolve))
          document.body.append(frame)
          await isLoaded
          return tried
        },
        {
          target: server.url,
          id: family.id,
          name: family.name,
        },
      )
      return { ...tried, isFramed: at.frames().some((f) => f.url().startsWith(server.url)) }
    }
    const safe = {
      read: 'blocked',
      'read blindly': 'opaque',
      'post as a form': 'opaque',
      erase: 'blocked',
      script: 'blocked',
      isFramed: false,
    }
    expect(await attack(`http://127.0.0.1:${foreignPort}/`)).toEqual(safe)
    expect(await attack(`http://elsewhere.example:${foreignPort}/`)).toEqual(safe)
    // A name that was pointed elsewhere when the page came, and at us now: the same origin to the browser, and none of ours.
    const rebound = await context.newPage()
    const answer = await rebound.goto(`http://rebound.example:${port}/`)
    expect(answer?.status()).toBe(403)
    expect(await rebound.evaluate(async () => (await fetch('/api/families')).status)).toBe(403)
    expect(await (await context.request.get(`${server.url}/api/families`)).json()).toEqual(before)
  } finally {
    await browser.close()
    foreign.close()
  }
})
