// Takes docs/screenshots anew from the demo data: `node scripts/screenshots.mjs` after a build.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { CHROMIUM } from './lib/ensure.mjs'
import { lookingPuts, settingPuts } from './lib/example.mjs'
import { ROOT, say } from './lib/run.mjs'

const PORT = 4397
const URL_BASE = `http://127.0.0.1:${PORT}`
const data = mkdtempSync(join(tmpdir(), 'nimble-anchor-shots-'))
const server = spawn(process.execPath, [
  `${ROOT}/server/dist/main.js`,
  '--port',
  `${PORT}`,
  '--data',
  data,
  '--today',
  '2026-11-25',
])
await new Promise((resolve, reject) => {
  server.stdout.on('data', (chunk) => `${chunk}`.includes('Nimble Anchor is at') && resolve())
  server.on('exit', () => reject(new Error('The server did not start; build first.')))
})

const api = async (path, body) => {
  const response = await fetch(`${URL_BASE}/api/${path}`, {
    method: body ? 'POST' : 'GET',
    headers: { 'content-type': 'application/json' },
    body: body && JSON.stringify(body),
  })
  if (!response.ok) throw new Error(`${path}: ${response.status} ${await response.text()}`)
  return response.json()
}
const core = await import(`${ROOT}/core/dist/index.js`)
const catalogue = await api('catalogue')
let view
const enter = async (puts) => {
  view = await api(`fittings/${view.id}/entries`, { baseSequence: view.sequence, who: 'Jory Quill', puts })
}
const begin = async (childId, vehicleId, unitId, modeId, positionId, routeId) => {
  view = await api('fittings', { childId, vehicleId })
  if (!unitId) return
  const unit = catalogue.units.find((u) => u.id === unitId)
  const model = catalogue.models.find((m) => m.id === unit.modelId)
  await enter(core.putsForMode(view.case, model, modeId, unit))
  if (positionId) await enter(core.putsForPlace(view.case, positionId, routeId))
}
const setUp = () => enter(settingPuts(core, view.case))
const look = async (stage, but) => {
  for (const put of lookingPuts(core, view.case, stage, but)) await enter([put])
}
const shoulder = (mm) =>
  enter([{ path: ['child', 'seatedShoulderHeightMm'], value: { value: mm, plusMinus: 6, source: 'measured' } }])

await begin('osric-penn', 'corran-avocet')
await begin('wren-oxley', 'corran-knot', 'u-bowline-1', 'infant', 'rear-left', 'base')
await begin('tamsin-hale', 'corran-dunlin', 'u-sheepshank-1', 'rearward')
const placing = view.id
await begin('ada-strand', 'corran-turnstone', 'u-sheepshank-2', 'rearward', 'rear-centre', 'isofix-leg')
await setUp()
const failing = view.id
await look('attach', { 'latch-right': 'open', 'tug-right': null, 'front-seat': null })
await begin('tamsin-hale', 'corran-avocet', 'u-stopper-1', 'forward')
const hollow = view.id
await begin('perrin-hale', 'corran-dunlin', 'u-sheepshank-2', 'rearward', 'rear-right', 'isofix-leg')
await enter([
  { path: ['child', 'statureCm'], value: { value: 92, plusMinus: 0.5, source: 'measured' } },
  { path: ['child', 'massKg'], value: { value: 13.2, plusMinus: 0.1, source: 'measured' } },
])
await shoulder(336)
await setUp()
await look('attach')
await look('child-in')
const ready = view.id
say(core.assess(view.case).headline)

const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] })
const shoot = async (name, path, { dark = false, phone = false, waitsFor, act } = {}) => {
  const context = await browser.newContext({
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    colorScheme: dark ? 'dark' : 'light',
    locale: 'en-GB',
    timezoneId: 'UTC',
  })
  await context.addInitScript(() =>
    localStorage.setItem(
      'nimble-anchor.preferences',
      JSON.stringify({ state: { fitterName: 'Jory Quill', scheme: 'as-device', lastStage: {} }, version: 0 }),
    ),
  )
  const page = await context.newPage()
  await page.goto(`${URL_BASE}${path}`)
  await page.waitForLoadState('networkidle')
  await page.locator('main h2').first().waitFor()
  // A stage comes in its own file: its place is taken by a word until then.
  await page.waitForFunction(() => !document.querySelector('main')?.textContent.includes('Loading'))
  // The growth forecast comes after the page; the picture is of what it leads to.
  if (waitsFor) await page.locator('main').getByText(waitsFor).first().waitFor()
  await page.waitForTimeout(300)
  if (act) await act(page)
  await page.screenshot({ path: `${ROOT}/docs/screenshots/${name}.png` })
  await context.close()
  say(name)
}
await shoot('today', '/')
await shoot('measure', `/fittings/${ready}/measure`)
await shoot('instrument', `/fittings/${ready}/measure`, {
  act: async (page) => {
    await page.getByRole('button', { name: 'Mass: read from the baby scale' }).click()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('And how it').selectOption('calm')
    await dialog.getByRole('button', { name: 'Read' }).click()
    await dialog.getByText(/^At rest/).waitFor()
  },
})
await shoot('choose', `/fittings/${placing}/choose`, { waitsFor: / left, then / })
await shoot('choose-phone-dark', `/fittings/${placing}/choose`, {
  dark: true,
  phone: true,
  waitsFor: / left, then /,
  act: (page) => page.locator('[data-mode]').first().scrollIntoViewIfNeeded(),
})
await shoot('side-by-side', `/fittings/${placing}/choose`, {
  waitsFor: / left, then /,
  act: async (page) => {
    for (const key of ['ravel-sheepshank/rearward', 'ravel-angler/rearward', 'ravel-sheepshank/forward'])
      await page.locator(`[data-mode="${key}"] input[type=checkbox]`).check()
    await page.keyboard.press('v')
    await page.getByRole('dialog').waitFor()
  },
})
await shoot('growth', `/fittings/${placing}/growth`, { waitsFor: 'left by the forecast' })
await shoot('restraints', '/restraints')
await shoot('restraint', '/restraints/ravel-sheepshank')
await shoot('vehicles', '/vehicles')
await shoot('vehicle', '/vehicles/corran-avocet')
await shoot('rule-book', '/rules')
await shoot('settings', '/settings')
await shoot('place', `/fittings/${hollow}/place`)
await shoot('set-up', `/fittings/${ready}/set-up`)
await shoot('attach', `/fittings/${failing}/attach`)
await shoot('child-in', `/fittings/${ready}/child-in`)
await shoot('hand-over', `/fittings/${ready}/hand-over`)
await shoot('attach-phone-dark', `/fittings/${failing}/attach`, { dark: true, phone: true })
await browser.close()
server.kill('SIGKILL')
rmSync(data, { recursive: true, force: true })
process.exit(0)
