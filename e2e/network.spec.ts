import { fork, spawn, type ChildProcess } from 'node:child_process'
import { createHash, X509Certificate } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chromium, type Browser } from '@playwright/test'
import { addPasskeys, first, PASSWORD, signIn } from './people.ts'
import { CHROMIUM } from './chromium.ts'
import { beginFitting, expect, fill, freePort, test } from './served.ts'

/** By which the bay's own network calls the server; the browser is told that it is this machine. */
const NAME = 'hut.bay.example'
const MAIN = fileURLToPath(new URL('../server/dist/main.js', import.meta.url))
const BEYOND = fileURLToPath(new URL('./beyond.mjs', import.meta.url))

const folder = (): string => mkdtempSync(join(tmpdir(), 'nimble-anchor-network-'))
async function running(child: ChildProcess): Promise<ChildProcess> {
  await new Promise<void>((resolve, reject) => {
    let said = ''
    const hear = (chunk: Buffer): void => {
      said += chunk.toString()
      if (said.includes('is at')) resolve()
    }
    child.stdout?.on('data', hear)
    child.stderr?.on('data', hear)
    child.once('exit', (code) => reject(new Error(`Ended with ${code}: ${said}`)))
  })
  return child
}
async function end(child: ChildProcess): Promise<void> {
  child.removeAllListeners('exit')
  const gone = new Promise((r) => child.once('exit', r))
  child.kill()
  await gone
}
const launch = (...args: string[]): Promise<Browser> =>
  chromium.launch({
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-gpu', `--host-resolver-rules=MAP ${NAME} 127.0.0.1`, ...args],
  })
const usual = { locale: 'en-GB', viewport: { width: 1280, height: 800 } }

test('encrypted, by a host name: a passkey is made and signs in; the same files are taken when they are given', async () => {
  test.slow()
  const data = folder()
  const port = String(await freePort())
  const start = (...tls: string[]) =>
    running(spawn(process.execPath, [MAIN, '--port', port, '--data', data, '--name', NAME, '--no-copies', ...tls]))
  let server = await start('--make-certificate')
  let browser: Browser | undefined
  try {
    const certificate = new X509Certificate(readFileSync(join(data, 'tls', 'server.crt')))
    const spki = createHash('sha256').update(certificate.publicKey.export({ type: 'spki', format: 'der' })).digest('base64') // prettier-ignore
    // A phone that was told to trust the authority.
    browser = await launch(`--ignore-certificate-errors-spki-list=${spki}`)
    const page = await (await browser.newContext(usual)).newPage()
    const url = `https://${NAME}:${port}`
    await addPasskeys(page)
    await first(page, url)
    const [cookie] = await page.context().cookies()
    expect(cookie).toMatchObject({ secure: true, httpOnly: true, sameSite: 'Strict', domain: NAME })
    await page.getByRole('tab', { name: 'Your sign-in' }).click()
    await page.getByRole('button', { name: 'Add a passkey' }).click()
    await page.getByRole('dialog').getByLabel('Password').fill(PASSWORD)
    await page.getByRole('button', { name: 'Go on' }).click()
    await expect(page.getByText('The passkey is kept.')).toBeVisible()

    await end(server)
    server = await start('--tls-cert', join(data, 'tls', 'server.crt'), '--tls-key', join(data, 'tls', 'server.key'))
    await page.goto(url)
    await page.getByRole('button', { name: 'Signed in: Merryn Vos' }).click()
    await page.getByRole('menuitem', { name: 'Sign out' }).click()
    await page.getByRole('button', { name: 'Use a passkey' }).click()
    await expect(page.getByRole('button', { name: 'Signed in: Merryn Vos' })).toBeVisible()
    await expect(page.getByText('Not encrypted')).toHaveCount(0)
  } finally {
    await browser?.close()
    await end(server)
    rmSync(data, { recursive: true, force: true })
  }
})

test('not encrypted, beyond the machine: said on every page, no passkey, and a fitting is entered all the same', async () => {
  test.slow()
  const data = folder()
  const port = await freePort()
  // The first person is made at the machine itself.
  let server = await running(spawn(process.execPath, [MAIN, '--port', String(port), '--data', data, '--no-copies']))
  const browser = await launch()
  try {
    const page = await (await browser.newContext(usual)).newPage()
    const errors: string[] = []
    page.on('pageerror', (e) => errors.push(e.message))
    await first(page, `http://127.0.0.1:${port}`)
    await end(server)
    server = await running(fork(BEYOND, [data, String(port), NAME], { silent: true }))
    const url = `http://${NAME}:${port}`
    await page.goto(url)
    await signIn(page, 'Merryn Vos')
    await expect(page.getByRole('button', { name: 'Signed in: Merryn Vos' })).toBeVisible()
    // The browser itself withholds what an unencrypted page may not use.
    expect(await page.evaluate(() => [isSecureContext, 'randomUUID' in crypto, 'locks' in navigator])).toEqual([false, false, false]) // prettier-ignore
    for (const path of ['', 'families', 'restraints', 'settings', 'people']) {
      await page.goto(`${url}/${path}`)
      await expect(page.getByRole('alert').filter({ hasText: 'Not encrypted' })).toContainText(/Passkeys, camera, tilt sensor/) // prettier-ignore
    }
    await page.getByRole('tab', { name: 'Your sign-in' }).click()
    await expect(page.getByRole('button', { name: 'Add a passkey' })).toHaveCount(0)
    await beginFitting(page, { url }, 'Tamsin Hale')
    await fill(page, 'Mass', '11.4')
    await page.reload()
    await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('11.4')
    await expect(page.getByText('Not encrypted')).toBeVisible()
    expect(errors).toEqual([])
  } finally {
    await browser.close()
    await end(server)
    rmSync(data, { recursive: true, force: true })
  }
})
