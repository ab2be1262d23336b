import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import jsQR from 'jsqr'
import { PNG } from 'pngjs'
import {
  answer,
  beginFitting,
  expect,
  expectAxeClean,
  fill,
  stage,
  test,
  tickEach,
  TODAY,
  verdict,
  type Server,
  pick,
  toCheck,
  part,
  useMode,
  placeFacts,
} from './served.ts'

const example = JSON.parse(
  readFileSync(new URL('../docs/formats/example.case.json', import.meta.url), 'utf8'),
) as object
async function importCase(page: Page, server: Server, over: object = {}): Promise<string> {
  const made = await page.request.post(`${server.url}/api/fittings/import?child=known`, {
    data: { ...example, today: TODAY, ...over },
  })
  return ((await made.json()) as { id: string }).id
}
const signed = { handover: { fitterName: 'Jory Quill', carerName: 'Maren Hale', signedAt: `${TODAY}T10:00:00Z` } }

test('a conversion: the harness away for a booster; not for use until its checks have passed', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/restraints/ravel-carrick`)
  await page.getByRole('link', { name: /CK-4102/ }).click()
  await expectAxeClean(page, 'A unit')
  await pick(page.getByLabel('Job'), { label: 'Convert it to another mode' })
  await expect(page.getByLabel('It becomes')).toHaveText(/Booster/)
  await page.getByRole('button', { name: 'Begin the job' }).click()
  await expect(page.getByRole('heading', { name: /^Convert it: .* to Booster/ })).toBeVisible()
  await expect(page.getByText('The maker’s own steps.')).toBeVisible()
  await expectAxeClean(page, 'A job')

  // Half done: barred on the shelf and at Choose.
  await page.getByRole('checkbox', { name: /^Open the rear door/ }).check()
  await page.goto(`${server.url}/restraints/ravel-carrick`)
  await expect(page.getByRole('link', { name: /CK-4102/ })).toContainText(
    'not checked since 25 Nov 2026 (Convert it to another mode)',
  )
  await beginFitting(page, server, 'Bryn Tolland', 'Corran Knot')
  await stage(page, 2)
  await page.locator('[data-mode="ravel-carrick/booster"]').getByRole('button').click()
  const barred = page.getByRole('region', { name: 'The mode selected' })
  await expect(barred).toContainText('“Convert it to another mode” was started on 25 Nov 2026')
  await expect(barred.getByRole('button', { name: /^Use/ })).toHaveCount(0)

  // Finished from Today: steps, then checks, of which one fails first.
  await page.keyboard.press('t')
  await page.getByRole('link', { name: /Convert it/ }).click()
  for (const step of [/Raise the head support/, /Press the buckle/, /Shut the rear door/, /Fold both red belt guides/])
    await page.getByRole('checkbox', { name: step }).check()
  await page.getByText('something lies in the way').click()
  await expect(page.getByText('A check failed').first()).toBeVisible()
  await page.getByText('stowed, or in its bag').click()
  await page.getByText('nothing left over', { exact: true }).click()
  await expect(page.getByText('Done and checked').first()).toBeVisible()
  await expect(page.getByText('Not for use until every check')).toHaveCount(0)
  await page.goto(`${server.url}/restraints/ravel-carrick`)
  await expect(page.getByRole('link', { name: /CK-4102/ })).not.toContainText('not checked')
})

test('at home in ten taps: one no, and it says what to do; then all as handed over', async ({ page, server }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  const id = await importCase(page, server, signed)
  await page.goto(`${server.url}/fittings/${id}/hand-over`)
  await part(page, 'Afterwards')
  await page.getByRole('link', { name: 'Look again, in ten taps at most' }).click()
  await expect(page.getByText('1 of 8')).toBeVisible()
  await expectAxeClean(page, 'Look again')
  const tap = (answer: string) => page.getByRole('button', { name: answer, exact: true }).click()
  for (let i = 0; i < 8; i += 1) await tap(i === 2 ? 'No' : 'Yes')
  await expect(page.getByRole('heading', { name: 'Something was not right' })).toBeVisible()
  await expect(page.getByText('Take the mat out and set the leg one notch at a time')).toBeVisible()
  await expectAxeClean(page, 'Looked again')
  await page.getByRole('button', { name: 'Begin again' }).click()
  await expect(page.getByText('1 of 8')).toBeVisible()
  let taps = 0
  while (await page.getByRole('button', { name: 'Yes', exact: true }).isVisible()) {
    await tap('Yes')
    taps += 1
  }
  expect(taps).toBeLessThanOrEqual(10)
  await page.getByRole('button', { name: 'Save it in the record' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Kept in the record' })).toBeVisible()
  await page.getByRole('link', { name: 'To the fitting' }).click()
  await part(page, 'Afterwards')
  await expect(page.getByText('all as handed over')).toBeVisible()
})

test('taken out of the car: steps of this route in order; what was looked at there holds no more', async ({
  page,
  server,
}) => {
  const id = await importCase(page, server)
  await page.goto(`${server.url}/fittings/${id}/hand-over`)
  await part(page, 'Afterwards')
  await page.getByRole('button', { name: 'Take it out of the car' }).click()
  await expect(page.getByRole('heading', { name: 'Take it out of the car' })).toBeVisible()
  await expect(page.getByText('Fold the leg up.')).toBeVisible()
  await expect(page.getByText(/top tether/)).toHaveCount(0)
  await tickEach(page)
  await page.getByText('all as found', { exact: true }).click()
  await expect(page.getByText('Done and checked').first()).toBeVisible()
  await page.getByRole('link', { name: 'its fitting' }).click()
  await expect(page.getByText('Undecided').first()).toBeVisible()
  await stage(page, 5)
  await expect(page.getByRole('region', { name: 'Checks to do again' })).toContainText(
    'taken out of the car after they were checked',
  )
})

test('signed by hand: drawn strokes stand on the screen and on the sheet; a code says it in words', async ({
  page,
  server,
}) => {
  const id = await importCase(page, server)
  await page.goto(`${server.url}/fittings/${id}/hand-over`)
  await page.getByLabel('Fitter', { exact: true }).fill('Jory Quill')
  await page.getByLabel('Carer', { exact: true }).fill('Maren Hale')
  await page.getByRole('button', { name: 'Sign by hand, if you like' }).click()
  const pad = page.getByRole('img', { name: 'Carer’s signature: nothing drawn' })
  await pad.evaluate((e) => e.scrollIntoView({ block: 'center' }))
  const box = await pad.boundingBox()
  if (!box) throw new Error('the pad is there')
  await page.mouse.move(box.x + 30, box.y + 70)
  await page.mouse.down()
  for (let i = 1; i < 12; i += 1) await page.mouse.move(box.x + 30 + i * 15, box.y + (i % 2 ? 30 : 80))
  await page.mouse.up()
  await expect(page.getByRole('img', { name: 'Carer’s signature: drawn' })).toBeVisible()
  await page.getByRole('button', { name: 'Sign and close' }).click()
  await expect(page.getByRole('img', { name: 'Signature of Maren Hale' })).toBeVisible()
  await expect(page.getByRole('img', { name: 'Signature of Jory Quill' })).toHaveCount(0)
  await part(page, 'For the phone')
  await expect(page.getByRole('img', { name: 'Code with this fitting in words' })).toBeVisible()
  await page.getByText('Read what it says').click()
  const words = page.locator('pre')
  await expect(words).toContainText('handed over')
  await expect(words).toContainText('Support leg: notch')
  await expect(words).not.toContainText('Tamsin')
  // Read by a reader that knows nothing of this program, from the picture as a camera would see it.
  const code = page.getByRole('img', { name: 'Code with this fitting in words' })
  await code.scrollIntoViewIfNeeded()
  const { data, width, height } = PNG.sync.read(await code.screenshot({ scale: 'css' }))
  const read = jsQR(new Uint8ClampedArray(data), width, height)
  expect(read && Buffer.from(read.binaryData).toString('utf8')).toBe(await words.textContent())
  await expectAxeClean(page, 'Signed')
})

test('a photo of a check stays on this device, smaller, and without what the camera wrote beside it', async ({
  page,
  server,
}) => {
  await importCase(page, server)
  await page.goto(server.url)
  // A large picture as a camera makes it: with a block of notes before its pixels.
  const photo = await page.evaluate(async () => {
    const canvas = document.createElement('canvas')
    canvas.width = 3000
    canvas.height = 2000
    const draw = canvas.getContext('2d')
    if (draw) draw.fillRect(0, 0, 1500, 2000)
    const blob = await new Promise<Blob | null>((r) => canvas.toBlob(r, 'image/jpeg', 0.9))
    return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))]
  })
  const notes = Buffer.from('Exif\0\0 GPS 50.123N 5.456W camera of Jory')
  const size = notes.length + 2
  const app1 = Buffer.concat([Buffer.from([0xff, 0xe1, size >> 8, size & 255]), notes])
  const file = Buffer.concat([Buffer.from(photo.slice(0, 2)), app1, Buffer.from(photo.slice(2))])
  await page
    .getByRole('link', { name: /Tamsin Hale/ })
    .first()
    .click()
  await stage(page, 5)
  await toCheck(page, 'leg-contact')
  await page
    .getByLabel('Photo of Leg on the floor', { exact: true })
    .setInputFiles({ name: 'leg.jpg', mimeType: 'image/jpeg', buffer: file })
  await page.getByRole('button', { name: 'See the photo of Leg on the floor' }).click()
  await expect(page.getByRole('img', { name: 'Photo of Leg on the floor' })).toBeVisible()
  const kept = await page.evaluate(
    () =>
      new Promise<{ bytes: number[]; key: string }>((resolve, reject) => {
        const opening = indexedDB.open('nimble-anchor.photos')
        opening.onerror = () => reject(new Error('no photos'))
        opening.onsuccess = () => {
          const asked = opening.result.transaction('photos').objectStore('photos').getAll()
          asked.onsuccess = () => {
            const [first] = asked.result as { key: string; picture: Blob }[]
            void first?.picture.arrayBuffer().then((b) => resolve({ key: first.key, bytes: [...new Uint8Array(b)] }))
          }
        }
      }),
  )
  const bytes = Buffer.from(kept.bytes)
  expect(kept.key).toMatch(/^fitting\/.*\/leg-contact$/)
  expect(bytes.toString('latin1')).not.toMatch(/GPS|Exif|Jory/)
  expect(file.toString('latin1')).toContain('GPS 50.123N')
  expect(bytes.length).toBeLessThan(file.length)
  await page.getByRole('button', { name: 'Erase it' }).click()
  await expect(page.getByRole('button', { name: 'Take a photo of Leg on the floor' })).toBeVisible()
})

test('one ride in an unknown car: the fewest readings first; taken, it asks for just those', async ({
  page,
  server,
}) => {
  await beginFitting(page, server, 'Wren Oxley')
  await stage(page, 3)
  await page.getByRole('button', { name: 'A car in no catalogue, for one ride' }).click()
  const dialog = page.getByRole('dialog')
  const first = dialog.getByRole('listitem').first()
  await expect(first).toContainText(/\d+ readings: .*Belt locked/)
  await expectAxeClean(page, 'One ride')
  await first.getByRole('button', { name: /^Take this way/ }).click()
  await expect(dialog).toBeHidden()
  await expect(page.getByRole('list', { name: 'Child, place, restraint' })).toContainText('Unknown car for one ride')
  await expect(verdict(page)).toContainText('Undecided')
  await placeFacts(page)
  await pick(page.getByLabel('Belt', { exact: true }), 'three-point')
  await page.keyboard.press('Escape')
  await stage(page, 5)
  await answer(page, 'belt-twist', 'no twist')
  await expect(verdict(page)).toContainText('Undecided')
})

test('a family: what is ahead, everything exported, then erased for good', async ({ page, server }) => {
  await importCase(page, server, signed)
  await page.goto(server.url)
  await page.keyboard.press('m')
  await page.getByRole('link', { name: /^Hale/ }).click()
  await expect(page.getByRole('heading', { name: 'Hale', exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Road ahead: Tamsin Hale' }).click()
  await expect(page.getByText('Look at the fit again')).toBeVisible()
  await expectAxeClean(page, 'The road ahead of a child')
  await page.keyboard.press('Escape')
  await expectAxeClean(page, 'Family')
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export everything' }).click()
  const kept = JSON.parse(readFileSync(await (await saving).path(), 'utf8')) as {
    children: unknown[]
    fittings: unknown[]
  }
  expect([kept.children.length, kept.fittings.length]).toEqual([2, 1])
  await page.getByRole('button', { name: 'Erase this family' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('button', { name: 'Erase for good' })).toBeDisabled()
  await dialog.getByLabel('Type Hale to confirm').fill('Hale')
  await dialog.getByRole('button', { name: 'Erase for good' }).click()
  await page.waitForURL(/\/families$/)
  await expect(page.getByRole('link', { name: /^Strand/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /^Hale/ })).toHaveCount(0)
})

test('with a note by hand, a pair is closed: the cushion out for threading, and back', async ({ page, server }) => {
  await beginFitting(page, server, 'Wren Oxley', 'Corran Dunlin')
  await stage(page, 2)
  await useMode(page, 'Hitchmark Clove, Rearward')
  await page.waitForURL(/\/place$/)
  await page.getByRole('button', { name: /^pass Rear left/ }).click()
  await page.getByRole('button', { name: /^Use this place: Rear left/ }).click()
  await page.waitForURL(/\/set-up$/)
  await stage(page, 5)
  await page.locator('[data-step]').filter({ hasText: 'Take the cushion out' }).filter({ visible: true }).click()
  await expect(page.getByText('Must be reversed later: Put the cushion back', { exact: false })).toBeVisible()
  const folded = page.locator('#ledger [aria-expanded="false"]')
  while ((await folded.count()) > 0) await folded.first().click()
  const rule = page.locator('[data-rule="pair-closed"]').first()
  await expect(rule).toContainText('Not recorded as done: Put the cushion back')
  await page.locator('[data-step]').filter({ hasText: 'Put the cushion back' }).filter({ visible: true }).click()
  await expect(page.getByText('Reverses: Take the cushion out')).toBeVisible()
  await page.getByLabel('Done').check()
  await expect(rule).not.toContainText('Not recorded')
  await toCheck(page, 'steadiness-mm')
  await fill(page, 'Movement at the base', '8')
  await expect(page.getByText('Everything saved')).toBeVisible()
})
