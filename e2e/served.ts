import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { test as base, expect, type Page } from '@playwright/test'

const MAIN = fileURLToPath(new URL('../server/dist/main.js', import.meta.url))
const AXE_SOURCE = readFileSync(fileURLToPath(new URL('../node_modules/axe-core/axe.min.js', import.meta.url)), 'utf8')
/** The day on which every journey takes place. */
export const TODAY = '2026-11-25'

async function freePort(): Promise<number> {
  const probe = createServer().listen(0, '127.0.0.1')
  await new Promise((r) => probe.once('listening', r))
  const address = probe.address()
  await new Promise((r) => probe.close(r))
  if (address === null || typeof address === 'string') throw new Error('No port')
  return address.port
}

/** The real program on a folder and a port of its own. */
export class Server {
  private process: ChildProcess | undefined
  readonly dataDir = mkdtempSync(join(tmpdir(), 'nimble-anchor-e2e-'))
  port = 0

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }

  async start(today = TODAY): Promise<void> {
    this.port ||= await freePort()
    const child = spawn(process.execPath, [MAIN, '--port', String(this.port), '--data', this.dataDir, '--today', today])
    this.process = child
    await new Promise<void>((resolve, reject) => {
      let text = ''
      const read = (chunk: Buffer): void => {
        text += chunk.toString()
        if (text.includes('Nimble Anchor is at')) resolve()
      }
      child.stdout.on('data', read)
      child.stderr.on('data', read)
      child.once('exit', (code) => reject(new Error(`Server ended with ${code}: ${text}`)))
    })
  }

  /** `SIGKILL`, as a power cut would. */
  async kill(): Promise<void> {
    const child = this.process
    if (!child) return
    this.process = undefined
    child.removeAllListeners('exit')
    const gone = new Promise((r) => child.once('exit', r))
    child.kill('SIGKILL')
    await gone
  }

  async end(): Promise<void> {
    await this.kill()
    rmSync(this.dataDir, { recursive: true, force: true })
  }
}

export const test = base.extend<{ server: Server }>({
  // eslint-disable-next-line no-empty-pattern
  server: async ({}, use) => {
    const server = new Server()
    await server.start()
    await use(server)
    await server.end()
  },
  // Takes the server, so that the page is looked at before the server ends.
  page: async ({ page, server: _server }, use) => {
    const errors: string[] = []
    page.on('pageerror', (e) => errors.push(e.message))
    page.on('request', (r) => {
      if (!r.url().startsWith('http://127.0.0.1') && !r.url().startsWith('blob:') && !r.url().startsWith('data:'))
        errors.push(`asked the outside: ${r.url()}`)
    })
    await use(page)
    expect(errors).toEqual([])
  },
})
export { expect }

interface AxeResult {
  violations: { id: string; help: string; nodes: { target: unknown; failureSummary?: string }[] }[]
}

/** No accessibility finding on the page as it stands. */
export async function expectAxeClean(page: Page, where: string): Promise<void> {
  // Evaluated, not added as a script: the page's content policy allows none but its own.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE_SOURCE)
  const found = await page.evaluate(async () => {
    const axe = (window as unknown as { axe: { run(): Promise<AxeResult> } }).axe
    return (await axe.run()).violations.map(
      (v) => `${v.id}: ${v.nodes.map((n) => `${String(n.target)} ${n.failureSummary ?? ''}`).join(' | ')}`,
    )
  })
  expect(found, where).toEqual([])
}

/** Begins a fitting through the dialog, as a fitter does. */
export async function beginFitting(page: Page, server: Server, child: string, car?: string): Promise<void> {
  await page.goto(server.url)
  await page.getByRole('button', { name: 'New fitting' }).first().click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('radio', { name: new RegExp(child) }).check()
  if (car !== undefined) await dialog.getByRole('radio', { name: new RegExp(car) }).check()
  await dialog.getByRole('button', { name: 'Begin' }).click()
  await page.waitForURL(/\/measure$/)
}

const STAGES = ['measure', 'choose', 'place', 'set-up', 'attach', 'child-in', 'hand-over']

/** Goes to a stage by its key, once the workspace is there to hear it. */
export async function stage(page: Page, key: number): Promise<void> {
  await page.getByRole('navigation', { name: 'Stages' }).waitFor()
  await page.keyboard.press(String(key))
  await page.waitForURL(new RegExp(`/${STAGES[key - 1]}$`))
}

/** Answers one check of the procedure by the words on its option. */
export async function answer(page: Page, check: string, option: string): Promise<void> {
  await page.locator(`[data-check="${check}"]`).getByText(option, { exact: true }).last().click()
}
export async function fill(page: Page, label: string, value: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true })
  await field.fill(value)
  await field.press('Enter')
  // The next figure typed is a stage again, not part of this number.
  await field.blur()
}
export const verdict = (page: Page) => page.getByRole('region', { name: 'Verdict' })
