import { fork, spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { createRequire } from 'node:module'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { test as base, expect, type BrowserContext, type Locator, type Page } from '@playwright/test'
import { slowDown } from './slow.ts'

const MAIN = fileURLToPath(new URL('../server/dist/main.js', import.meta.url))
const DEMO = fileURLToPath(new URL('../demo', import.meta.url))
const { demoDocuments } = createRequire(import.meta.url)('../server/dist/demo/files.js') as { demoDocuments(dir: string, today: string): readonly unknown[] } // prettier-ignore
const HOST = fileURLToPath(new URL('./host.mjs', import.meta.url))
const AXE_SOURCE = readFileSync(fileURLToPath(new URL('../node_modules/axe-core/axe.min.js', import.meta.url)), 'utf8')
/** The day on which every journey takes place. */
export const TODAY = '2026-11-25'

/** What journeys ask of the program they look at. */
export interface Server {
  readonly url: string
  start(today?: string): Promise<void>
  /** `SIGKILL`, as a power cut would: only of a server in a process of its own. */
  kill(): Promise<void>
  end(): Promise<void>
}

const newFolder = (): string => mkdtempSync(join(tmpdir(), 'nimble-anchor-e2e-'))

/** The program in a process of its own: for journeys tagged `@own-process` (to be killed), `@demo` and `@bare`. */
class OwnProcess implements Server {
  private process: ChildProcess | undefined
  private readonly dataDir = newFolder()
  private port = 0
  /** @param begins with the living demo, with its files alone, or with nothing */
  constructor(private readonly begins: 'demo' | 'files' | 'bare') {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }

  async start(today = TODAY): Promise<void> {
    this.port ||= await freePort()
    const args = [MAIN, '--port', String(this.port), '--data', this.dataDir, '--today', today]
    const child = spawn(process.execPath, this.begins === 'demo' ? [...args, '--demo'] : args)
    this.process = child
    await this.isUp(child)
    // A folder that is named starts empty: the demo's files come in through the door of every file.
    const { vehicles } = (await (await fetch(`${this.url}/api/catalogue`)).json()) as { vehicles: unknown[] }
    if (vehicles.length > 0 || this.begins !== 'files') return
    for (const document of demoDocuments(DEMO, today)) {
      const body = JSON.stringify(document)
      const answer = await fetch(`${this.url}/api/catalogue/import`, { method: 'POST', headers: { 'content-type': 'application/json' }, body }) // prettier-ignore
      if (!answer.ok) throw new Error(`The demo's files were refused: ${await answer.text()}`)
    }
  }

  private async isUp(child: ChildProcess): Promise<void> {
    await new Promise<void>((resolve, reject) => {
      let text = ''
      const read = (chunk: Buffer): void => {
        text += chunk.toString()
        if (text.includes('Nimble Anchor is at')) resolve()
      }
      child.stdout?.on('data', read)
      child.stderr?.on('data', read)
      child.once('exit', (code) => reject(new Error(`Server ended with ${code}: ${text}`)))
    })
  }

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

export async function freePort(): Promise<number> {
  const probe = createServer().listen(0, '127.0.0.1')
  await new Promise((r) => probe.once('listening', r))
  const address = probe.address()
  await new Promise((r) => probe.close(r))
  if (address === null || typeof address === 'string') throw new Error('No port')
  return address.port
}

/** The process that serves the journeys of one worker, one application each. */
class Host {
  private readonly child = fork(HOST)
  private readonly asked = new Map<number, { resolve(v: { port: number }): void; reject(e: Error): void }>()
  private next = 1
  private readonly isUp = new Promise<void>((resolve, reject) => {
    this.child.on('message', (m: { id: number; port: number; error?: string }) => {
      if (m.id === 0) return resolve()
      const waiting = this.asked.get(m.id)
      this.asked.delete(m.id)
      if (m.error === undefined) waiting?.resolve(m)
      else waiting?.reject(new Error(m.error))
    })
    this.child.once('exit', (code) => {
      const gone = new Error(`The host of the journeys ended with ${code}`)
      reject(gone)
      for (const { reject: refuse } of this.asked.values()) refuse(gone)
    })
  })

  async ask(act: 'start' | 'stop', rest: object): Promise<{ port: number }> {
    await this.isUp
    return new Promise((resolve, reject) => {
      const id = this.next++
      this.asked.set(id, { resolve, reject })
      this.child.send({ id, act, ...rest })
    })
  }

  end(): void {
    this.child.disconnect()
  }
}

/** An application of the host's, on a folder of its own. */
class Hosted implements Server {
  private readonly dataDir = newFolder()
  private port = 0
  constructor(private readonly host: Host) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }
  async start(today = TODAY): Promise<void> {
    this.port = (await this.host.ask('start', { dataDir: this.dataDir, today, port: this.port })).port
  }
  kill(): Promise<void> {
    throw new Error('Only a journey tagged @own-process has a server that can be killed')
  }
  async end(): Promise<void> {
    await this.host.ask('stop', { dataDir: this.dataDir })
    rmSync(this.dataDir, { recursive: true, force: true })
  }
}

export const test = base.extend<{ server: Server }, { host: Host }>({
  host: [
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const host = new Host()
      await use(host)
      host.end()
    },
    { scope: 'worker' },
  ],
  server: async ({ host }, use, testInfo) => {
    const begins = testInfo.tags.includes('@demo') ? 'demo' : testInfo.tags.includes('@bare') ? 'bare' : 'files'
    const isOwn = testInfo.tags.includes('@own-process') || begins !== 'files'
    const server = isOwn ? new OwnProcess(begins) : new Hosted(host)
    await server.start()
    await use(server)
    await server.end()
  },
  // Takes the server, so that the page is looked at before the server ends.
  page: async ({ page, server: _server }, use) => {
    await slowDown(page)
    waitForItsCode(page)
    const errors: string[] = []
    page.on('pageerror', (e) => errors.push(e.message))
    page.on('request', (r) => {
      if (
        !/^http:\/\/(127\.0\.0\.1|localhost):/.test(r.url()) &&
        !r.url().startsWith('blob:') &&
        !r.url().startsWith('data:')
      )
        errors.push(`asked the outside: ${r.url()}`)
    })
    await use(page)
    expect(errors).toEqual([])
  },
})
export { expect }

/** A page hears no key before its code is there, and shows its heading when it is. */
function waitForItsCode(page: Page): void {
  const heading = page.locator('h1').first()
  const goto = page.goto.bind(page)
  const reload = page.reload.bind(page)
  page.goto = async (...asked) => {
    const answer = await goto(...asked)
    await heading.waitFor({ state: 'attached' })
    return answer
  }
  page.reload = async (...asked) => {
    const answer = await reload(...asked)
    await heading.waitFor({ state: 'attached' })
    return answer
  }
}

interface AxeResult {
  violations: { id: string; help: string; nodes: { target: unknown; failureSummary?: string }[] }[]
}

/** No accessibility finding on the page as it stands. */
export async function expectAxeClean(page: Page, where: string): Promise<void> {
  // A page whose code is still on its way has no heading yet.
  await page.locator('h1').first().waitFor({ state: 'attached' })
  // Evaluated, not added as a script: the page's content policy allows none but its own.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE_SOURCE)
  const found = await page.evaluate(async () => {
    const axe = (window as unknown as { axe: { run(options: object): Promise<AxeResult> } }).axe
    return (await axe.run({ resultTypes: ['violations'], preload: false })).violations.map(
      (v) => `${v.id}: ${v.nodes.map((n) => `${String(n.target)} ${n.failureSummary ?? ''}`).join(' | ')}`,
    )
  })
  expect(found, where).toEqual([])
}

/** A device that does not hear what others do: its stream is cut, as in a car park. What it enters still goes out. */
export async function cutOffFromOthers(context: BrowserContext): Promise<void> {
  await context.route('**/api/live', (route) => route.abort())
}

/** Begins a fitting through the dialog, as a fitter does. */
export async function beginFitting(
  page: Page,
  server: Pick<Server, 'url'>,
  child: string,
  car?: string,
): Promise<void> {
  await page.goto(server.url)
  await page.getByRole('button', { name: 'New fitting' }).first().click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('radio', { name: new RegExp(child) }).check()
  if (car !== undefined) await dialog.getByRole('radio', { name: new RegExp(car) }).check()
  await dialog.getByRole('button', { name: 'Begin' }).click()
  await page.waitForURL(/\/measure$/)
  // The address is there before the page is.
  await page.getByLabel('Mass', { exact: true }).waitFor()
}

const STAGES = ['measure', 'choose', 'place', 'set-up', 'attach', 'child-in', 'hand-over']

/** Goes to a stage by its key, once the workspace is there to hear it. */
export async function stage(page: Page, key: number): Promise<void> {
  await page.getByRole('navigation', { name: 'Stages' }).waitFor()
  await page.keyboard.press(String(key))
  await page.waitForURL(new RegExp(`/${STAGES[key - 1]}$`))
  // The address changes before the page does.
  await page
    .getByRole('navigation', { name: 'Stages' })
    .locator(`[aria-current=page][href$="/${STAGES[key - 1]}"]`)
    .waitFor()
}

/** Opens the step that a check belongs to, from the list beside it; in bay view there is no list. */
export async function toCheck(page: Page, check: string): Promise<void> {
  const step = page.locator(`[data-checks~="${check}"]`).filter({ visible: true })
  if ((await page.locator(`[data-check="${check}"]`).count()) === 0) await step.click()
}
/** Selects a mode in the chart of Choose and uses it. */
export async function useMode(page: Page, mode: string): Promise<void> {
  const [model = mode, label = ''] = mode.split(/, (.*)/)
  await page
    .locator('[data-mode]')
    .getByRole('button', { name: `${model} ${label}`.trim() })
    .first()
    .click()
  await page.getByRole('button', { name: `Use ${mode}` }).click()
}
/** Selects a place and, where it has several, the route; then uses it. */
export async function usePlace(page: Page, place: string, route?: string): Promise<void> {
  await page.getByRole('list', { name: 'Places' }).getByRole('button', { name: place }).click()
  const tile = page
    .getByRole('radiogroup', { name: 'By which route' })
    .getByRole('radio', { name: route ?? '' })
    .first()
  if (route !== undefined && (await tile.count()) > 0) await tile.click()
  await page.getByRole('button', { name: `Use this place: ${place}${route === undefined ? '' : `, ${route}`}` }).click()
  await page.waitForURL(/\/set-up$/)
}
/** In bay view: goes on until the check is there, answers it, and lets the view turn by itself where it does. */
export async function bayAnswer(page: Page, check: string, option: string): Promise<void> {
  const bay = page.getByRole('dialog')
  const tile = bay.locator(`[data-check="${check}"]`).getByText(option, { exact: true }).last()
  for (let i = 0; i < 40 && !(await tile.isVisible()); i += 1)
    await bay.getByRole('button', { name: /^(Next|Leave it open)$/ }).click()
  await tile.click()
  // Longer than an answer is shown before the next view comes.
  await page.waitForTimeout(700)
}
/** The same for a figure, by the thumb pad. */
export async function bayFigure(page: Page, check: string, figures: string): Promise<void> {
  const bay = page.getByRole('dialog')
  const at = bay.locator(`[data-check="${check}"]`)
  for (let i = 0; i < 40 && !(await at.isVisible()); i += 1)
    await bay.getByRole('button', { name: /^(Next|Leave it open)$/ }).click()
  const pad = bay.getByRole('group', { name: /, figures$/ })
  for (const figure of figures)
    await pad.getByRole('button', { name: figure === '.' ? 'point' : figure, exact: true }).click()
  await pad.getByRole('button', { name: 'Save' }).click()
  await page.waitForTimeout(700)
}
/** Opens the sheet with what is known of the place selected. */
export async function placeFacts(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Facts of this place' }).click()
}
/** Looks at one of the parts that go with a fitting at Hand over. */
export async function part(page: Page, name: string): Promise<void> {
  await page.getByRole('tab', { name }).click()
}
/** Notes that something was moved after it was looked at. */
export async function moved(page: Page, what: string): Promise<void> {
  await page.getByRole('button', { name: 'Something moved' }).click()
  await page.getByRole('button', { name: what }).click()
}
/** Answers one check of the procedure by the words on its option. */
export async function answer(page: Page, check: string, option: string): Promise<void> {
  await toCheck(page, check)
  await page.locator(`[data-check="${check}"]`).getByText(option, { exact: true }).last().click()
}
export async function fill(page: Page, label: string, value: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true })
  await field.fill(value)
  await field.press('Enter')
  // The next figure typed is a stage again, not part of this number.
  await field.blur()
}
/** Takes one option of a list, by its id or by what it says. */
export async function pick(field: Locator, option: string | { readonly label: string }): Promise<void> {
  await field.click()
  const list = field.page().getByRole('listbox')
  await (
    typeof option === 'string'
      ? list.locator(`[data-value="${option}"]`)
      : list.getByRole('option', { name: option.label, exact: true })
  ).click()
  await expect(list).toBeHidden()
}
/** Ticks every step of a job, once the job is there: a list that has not come yet has no ticks to set. */
export async function tickEach(page: Page): Promise<void> {
  // The page before may have ticks of its own, and is shown until this one is there.
  const steps = page.locator('section', { has: page.getByRole('heading', { name: 'Steps, in order' }) })
  await steps.waitFor()
  for (const step of await steps.getByRole('checkbox').all()) await step.check()
}
export const verdict = (page: Page) => page.getByRole('region', { name: 'Verdict' })
