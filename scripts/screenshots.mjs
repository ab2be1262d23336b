// Takes docs/screenshots anew from the demo data: `node scripts/screenshots.mjs` after a build.
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { CHROMIUM } from './lib/ensure.mjs'
import { exampleCase, lookingPuts, onDay, settingPuts } from './lib/example.mjs'
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
  '--demo',
])
// However this ends, the server ends with it.
process.on('exit', () => server.kill('SIGKILL'))
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
      JSON.stringify({
        state: { fitterName: 'Jory Quill', scheme: 'as-device', lastStage: {}, hasSeenTour: true },
        version: 0,
      }),
    ),
  )
  const page = await context.newPage()
  await page.goto(`${URL_BASE}${path}`)
  await page.waitForLoadState('networkidle')
  await page.locator('main h1, main h2').first().waitFor()
  // A stage comes in its own file: its place is taken by a word until then.
  await page.waitForFunction(() => !document.querySelector('main')?.textContent.includes('Loading'))
  // The growth forecast comes after the page; the picture is of what it leads to.
  if (waitsFor) await page.locator('main').getByText(waitsFor).first().waitFor()
  await page.waitForTimeout(300)
  if (act) await act(page)
  await page.screenshot({ path: `${ROOT}/docs/screenshots/${name}.png` })
  // Left first, as a hand leaves a page: otherwise the next picture of the fitting says that somebody else is in it.
  await page.goto('about:blank')
  await context.close()
  say(name)
}

// The living demo fills the pages of the home: wait for its season, and for what is due of it.
for (;;) {
  const { state } = await api('demo')
  const { dueWaiting } = await api('day')
  if (state === 'here' && dueWaiting === 0) break
  await new Promise((resolve) => setTimeout(resolve, 1000))
}
const family = (await api('families')).find((f) => f.children.length === 3 && f.fittings > 4).id
await shoot('today', '/')
await shoot('family', `/families/${family}`, { waitsFor: 'eight children in ten' })
await shoot('logbook', '/logbook', {
  act: async (page) => {
    await page.getByRole('button', { name: 'Charts' }).click()
    await page.getByRole('heading', { name: /^Wrong on arrival/ }).waitFor()
    await page.waitForTimeout(300)
  },
})
const strand = (await api('families')).find((f) => f.name === 'Strand').id
const threeAcross = { vehicleId: 'corran-turnstone', adults: [{ id: 'adult-1', positionId: 'front-left' }], extrasOff: ['hitchmark-reef'] } // prettier-ignore
await shoot('arrange', `/arrange?family=${strand}&ask=${encodeURIComponent(JSON.stringify(threeAcross))}`, {
  waitsFor: 'proven best',
})

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

// One handed over in the past, with a second look at home; a job half done.
const example = exampleCase(core)
const handover = (signedAt) => ({
  fitterName: 'Jory Quill',
  carerName: 'Maren Hale',
  fitterStrokes: 'M20 70L40 30L60 70L80 30L110 65L150 40L190 60',
  carerStrokes: 'M10 60L30 20L50 70L90 50L130 60L170 40L220 64L260 50',
  signedAt,
})
const spring = { ...onDay(example, '2026-07-22'), handover: handover('2026-07-22T10:20:00Z') }
const { id: signed } = await api('fittings/import?child=known', spring)
await api(`fittings/${signed}/rechecks`, { who: 'Maren Hale', answers: { leg: 'no' } })
const job = await api('jobs', {
  unitId: 'u-carrick-1',
  kind: 'convert',
  who: 'Jory Quill',
  fromModeId: 'harness',
  toModeId: 'booster',
})
for (const stepId of ['head-top', 'door-open'])
  await api(`jobs/${job.id}/steps`, { who: 'Jory Quill', stepId, isDone: true })

await shoot('measure', `/fittings/${ready}/measure`)
await shoot('choose', `/fittings/${placing}/choose`, { waitsFor: 'ended by' })
await shoot('growth', `/fittings/${placing}/growth`, { waitsFor: 'left by the forecast' })
await shoot('restraint', '/restraints/ravel-sheepshank')
await shoot('vehicle', '/vehicles/corran-avocet')
await shoot('rule-book', '/rules#latch-indicators')
await shoot('place', `/fittings/${hollow}/place`)
await shoot('set-up', `/fittings/${ready}/set-up`)
await shoot('attach', `/fittings/${failing}/attach`)
await shoot('child-in', `/fittings/${ready}/child-in`)
await shoot('hand-over', `/fittings/${ready}/hand-over`)
await shoot('job', `/jobs/${job.id}`)
await shoot('look-again-phone', `/fittings/${signed}/recheck`, { phone: true, waitsFor: 'of 8' })
await shoot('attach-phone-dark', `/fittings/${failing}/attach`, {
  dark: true,
  phone: true,
  act: async (page) => {
    await page.getByRole('button', { name: 'Push home' }).click()
    await page.getByRole('dialog').getByText('Pushed home').first().waitFor()
  },
})
const ride = await api('rides', {
  vehicleId: 'corran-turnstone',
  seats: [
    { childId: 'ada-strand', positionId: 'rear-centre', modelId: 'ravel-sheepshank', modeId: 'rearward', routeId: 'isofix-leg', unitId: 'u-sheepshank-1' },
    { childId: 'col-strand', positionId: 'rear-left', modelId: 'hitchmark-reef', modeId: 'booster', routeId: 'belt', unitId: 'u-reef-1', isExtraOff: true },
    { childId: 'mabe-strand', positionId: 'rear-right', modelId: 'fathom-slipknot', modeId: 'cushion', routeId: 'belt', unitId: 'u-slipknot-1' },
  ],
  adults: [{ id: 'adult-1', positionId: 'front-left' }],
  installing: ['ada-strand', 'col-strand', 'mabe-strand'],
  loading: [
    { id: 'ada-strand', past: ['rear-left'] },
    { id: 'col-strand', past: [] },
    { id: 'mabe-strand', past: [] },
    { id: 'adult-1', past: [] },
  ],
  who: 'Jory Quill',
}) // prettier-ignore
await shoot('ride', `/rides/${ride.id}`)
await browser.close()
server.kill('SIGKILL')
rmSync(data, { recursive: true, force: true })
process.exit(0)
