import { readFileSync } from 'node:fs'
import type { BrowserContext, Page } from '@playwright/test'
import {
  answer,
  beginFitting,
  cutOffFromOthers,
  expect,
  expectAxeClean,
  fill,
  stage,
  test,
  type Server,
  toCheck,
  moved,
} from './served.ts'

const example = JSON.parse(
  readFileSync(new URL('../docs/formats/example.case.json', import.meta.url), 'utf8'),
) as Readonly<Record<string, unknown>> & { child: Record<string, unknown>; readings: Record<string, unknown> }

const id = (page: Page): string => /fittings\/([^/]+)/.exec(page.url())![1]!
const stored = async (page: Page, server: Server, fittingId = id(page)) =>
  (await (await page.request.get(`${server.url}/api/fittings/${fittingId}`)).json()) as {
    sequence: number
    case: { child: Record<string, { value?: number } | string>; readings: Record<string, { option?: string }>; settings: Record<string, unknown> }
  } // prettier-ignore
const saved = (page: Page) => expect(page.getByText('Everything saved')).toBeVisible()
const importCase = async (page: Page, server: Server, c: object): Promise<string> => {
  const answered = await page.request.post(`${server.url}/api/fittings/import?child=known`, { data: c })
  return ((await answered.json()) as { id: string }).id
}
/** Everything that this browser keeps of the program, as one text. */
const keptBy = (page: Page): Promise<string> =>
  page.evaluate(async () => {
    const found: unknown[] = [Object.entries(localStorage), Object.entries(sessionStorage), document.title]
    for (const { name } of await indexedDB.databases()) {
      const db = await new Promise<IDBDatabase>((resolve, reject) => {
        const asked = indexedDB.open(name!)
        asked.onsuccess = () => resolve(asked.result)
        asked.onerror = () => reject(new Error('not opened'))
      })
      for (const store of db.objectStoreNames)
        found.push(
          await new Promise((resolve) => {
            const asked = db.transaction(store).objectStore(store).getAll()
            asked.onsuccess = () => resolve(asked.result)
          }),
        )
      db.close()
    }
    for (const name of await caches.keys())
      for (const request of await (await caches.open(name)).keys()) found.push(request.url)
    return JSON.stringify(found)
  })

test(
  'two tabs, one fitting, the server away: every entry of both arrives, once',
  { tag: '@own-process' },
  async ({ page, context, server }) => {
    await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
    const other = await context.newPage()
    await other.goto(page.url())
    await saved(other)
    await server.kill()
    await fill(page, 'Mass', '11.1')
    await fill(other, 'Stature', '81')
    await fill(page, 'Seated shoulder height', '30')
    for (const tab of [page, other]) await expect(tab.getByText(/3 entries wait on this device/)).toBeVisible()
    await server.start()
    for (const tab of [page, other]) await saved(tab)
    const { sequence, case: c } = await stored(page, server)
    expect(sequence).toBe(3)
    expect(c.child).toMatchObject({ massKg: { value: 11.1 }, statureCm: { value: 81 }, seatedShoulderHeightMm: { value: 300 } }) // prettier-ignore
    // Each shows what the other entered.
    await expect(page.getByLabel('Stature', { exact: true })).toHaveValue('81')
    await expect(other.getByLabel('Mass', { exact: true })).toHaveValue('11.1')
  },
)

test('an entry on its way when another fitting is opened is stored in its own', async ({ page, server }) => {
  await beginFitting(page, server, 'Perrin Hale')
  const b = id(page)
  await beginFitting(page, server, 'Tamsin Hale')
  const a = id(page)
  // The answer to B's entry is kept back until A is on screen, and then lost.
  await page.goto(`${server.url}/fittings/${b}/measure`)
  await saved(page)
  let lose = (): void => undefined
  const gate = new Promise<void>((r) => (lose = r))
  await page.route(`**/fittings/${b}/entries`, async (route) => {
    await gate
    await route.abort()
  })
  await fill(page, 'Mass', '12.2')
  await page.keyboard.press('t')
  await page
    .getByRole('link', { name: /Tamsin Hale/ })
    .first()
    .click()
  await page.waitForURL(new RegExp(a))
  await stage(page, 1)
  lose()
  await fill(page, 'Mass', '10.9')
  await saved(page)
  await page.unroute(`**/fittings/${b}/entries`)
  expect((await stored(page, server, a)).case.child.massKg).toMatchObject({ value: 10.9 })
  await page.goto(`${server.url}/fittings/${b}/measure`)
  await saved(page)
  expect((await stored(page, server, b)).case.child.massKg).toMatchObject({ value: 12.2 })
})

test('two devices: looks from before the other moved the base are not stored; both are shown', async ({
  page,
  browser,
  server,
}) => {
  const { 'tug-left': _left, ...readings } = example.readings
  await cutOffFromOthers(page.context())
  await page.goto(server.url)
  const fittingId = await importCase(page, server, { ...example, readings })
  const second: BrowserContext = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  const other = await second.newPage()
  await page.goto(`${server.url}/fittings/${fittingId}/attach`)
  await saved(page)
  await other.goto(`${server.url}/fittings/${fittingId}/attach`)
  await saved(other)
  await moved(other, 'Base moved')
  await saved(other)
  await answer(page, 'tug-left', 'held')
  const dialog = page.getByRole('dialog', { name: 'This was changed meanwhile' })
  await expect(dialog).toContainText('check again')
  expect((await stored(page, server)).case.readings['tug-left']).toBeUndefined()
  await expectAxeClean(page, 'A look from before')
  await dialog.getByRole('button', { name: 'Leave theirs' }).click()
  await saved(page)
  await expect(page.getByRole('region', { name: 'Verdict' })).not.toContainText('Ready to travel')
  await answer(page, 'tug-left', 'held')
  await saved(page)
  expect((await stored(page, server)).case.readings['tug-left']).toMatchObject({ option: 'held' })
  await second.close()
})

test('made offline and reloaded, an entry does not overwrite another’s value without a word', async ({
  page,
  browser,
  server,
}) => {
  await beginFitting(page, server, 'Tamsin Hale')
  const entries = `**/fittings/${id(page)}/entries`
  await page.route(entries, (route) => route.abort())
  await fill(page, 'Mass', '11')
  await expect(page.getByText(/1 entry waits on this device/)).toBeVisible()
  const second = await browser.newContext()
  const other = await second.newPage()
  await other.goto(page.url())
  await fill(other, 'Mass', '14')
  await saved(other)
  await page.unroute(entries)
  await page.reload()
  const dialog = page.getByRole('dialog', { name: 'This was changed meanwhile' })
  await expect(dialog).toContainText('14')
  expect((await stored(page, server)).case.child.massKg).toMatchObject({ value: 14 })
  await dialog.getByRole('button', { name: 'Enter mine' }).click()
  await saved(page)
  expect((await stored(page, server)).case.child.massKg).toMatchObject({ value: 11 })
  await second.close()
})

test('what is typed outlives a reload, Back and a closed tab, and the save line says so', async ({
  page,
  context,
  server,
}) => {
  await beginFitting(page, server, 'Tamsin Hale')
  const mass = page.getByLabel('Mass', { exact: true })
  await mass.fill('11.3')
  await expect(page.getByText('One field is typed and not entered yet')).toBeVisible()
  await expect(page.getByText('Everything saved')).toHaveCount(0)
  await page.reload()
  await expect(mass).toHaveValue('11.3')
  await expect(page.getByText('One field is typed and not entered yet')).toBeVisible()
  await page.goBack()
  await page.goForward()
  await expect(mass).toHaveValue('11.3')
  const again = await context.newPage()
  const address = page.url()
  await page.close()
  await again.goto(address)
  const field = again.getByLabel('Mass', { exact: true })
  await expect(field).toHaveValue('11.3')
  await field.focus()
  await again.keyboard.press('Tab')
  await saved(again)
  expect((await stored(again, server)).case.child.massKg).toMatchObject({ value: 11.3 })
  // And what is let go is gone.
  await field.fill('99')
  await again.getByRole('button', { name: 'Let it go' }).click()
  await expect(field).toHaveValue('11.3')
  await saved(again)
})

test('typed and then left alone, it becomes one entry by itself', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale')
  await page.getByLabel('Mass', { exact: true }).fill('11.3')
  await saved(page)
  const { sequence, case: c } = await stored(page, server)
  expect([sequence, c.child.massKg]).toMatchObject([1, { value: 11.3 }])
})

test('nothing is lost under the finger: figures of a step, the button after the age', async ({ page, server }) => {
  await page.goto(server.url)
  const readings = Object.fromEntries(Object.entries(example.readings).filter(([, r]) => !('number' in (r as object))))
  const fittingId = await importCase(page, server, { ...example, readings })
  await page.goto(`${server.url}/fittings/${fittingId}/attach`)
  await toCheck(page, 'steadiness-mm')
  const figures = page.getByRole('article').locator('input[inputmode=decimal]')
  await expect(figures).toHaveCount(4)
  for (const [i, text] of ['12', '3', '0', '1'].entries()) {
    await figures.nth(i).click()
    await page.keyboard.press('ControlOrMeta+a')
    await page.keyboard.type(text)
    await expect(figures.nth(i)).toBeFocused()
  }
  await figures.nth(3).press('Tab')
  await saved(page)
  expect((await stored(page, server)).case.readings).toMatchObject({
    'steadiness-mm': { number: { value: 12, plusMinus: 3 } },
    'shell-angle-deg': { number: { value: 0, plusMinus: 1 } },
  })

  // By the keyboard alone, too: from field to field, never to the dialog around them.
  await figures.nth(0).focus()
  await page.keyboard.press('ControlOrMeta+a')
  await page.keyboard.type('14')
  await page.keyboard.press('Tab')
  await page.waitForTimeout(200)
  await expect(figures.nth(1)).toBeFocused()

  // Leaving the age brings questions in above; the click that left it still hits what it was aimed at.
  await beginFitting(page, server, 'Tamsin Hale')
  await page.getByLabel('Date of birth').fill('2026-09-01')
  const button = page.getByRole('button', { name: 'Go on to Choose' })
  await button.scrollIntoViewIfNeeded()
  const box = (await button.boundingBox())!
  await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2)
  await page.waitForURL(/\/choose$/)
  await expect.poll(async () => (await stored(page, server)).case.child.dateOfBirth).toBe('2026-09-01')
})

test('passing over an option is no entry: it counts when it is taken', async ({ page, server }) => {
  await page.goto(server.url)
  const { 'tug-left': _left, ...readings } = example.readings
  const fittingId = await importCase(page, server, { ...example, readings })
  await page.goto(`${server.url}/fittings/${fittingId}/attach`)
  await saved(page)
  const before = (await stored(page, server)).sequence
  await toCheck(page, 'tug-left')
  const tug = (name: string) => page.locator('[data-check="tug-left"]').getByRole('radio', { name })
  await tug('held').focus()
  // Each key once the last has moved the focus: it moves a moment after the key.
  for (const [key, name] of [
    ['ArrowRight', 'came off'],
    ['ArrowRight', 'not reached'],
    ['ArrowLeft', 'came off'],
  ] as const) {
    await page.keyboard.press(key)
    await expect(tug(name)).toBeFocused()
  }
  await stage(page, 4)
  const setting = page.getByLabel('What is set').first()
  const list = page.getByRole('listbox')
  // Opens the list and goes one option past what is set: each key once the list has taken the last.
  const passOver = async (): Promise<void> => {
    await setting.press('ArrowDown')
    const isSet = list.locator('[role=option][data-state=checked]')
    await expect(isSet).toBeFocused()
    await page.keyboard.press('ArrowDown')
    await expect(isSet).not.toBeFocused()
  }
  await passOver()
  await page.keyboard.press('Escape')
  await expect(list).toBeHidden()
  // Nor does a key that some option begins with.
  for (const key of ['4', 'n']) await setting.press(key)
  await page.waitForTimeout(300)
  expect((await stored(page, server)).sequence).toBe(before)
  await expectAxeClean(page, 'Set up, after a list')
  await passOver()
  await page.keyboard.press('Enter')
  await expect.poll(async () => (await stored(page, server)).sequence).toBe(before + 1)
})

test('a car that is typed and not kept is not thrown away by a link or Back without a question', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/vehicles`)
  await page
    .getByRole('link', { name: /Corran Dunlin/ })
    .first()
    .click()
  await page.getByRole('tab', { name: 'Car' }).click()
  const plate = page.getByLabel('Plate', { exact: true })
  await plate.fill('TH 99')
  const question = page.getByRole('alertdialog', { name: 'Leave without keeping it?' })
  await page.getByRole('link', { name: 'Nimble Anchor' }).first().click()
  await expect(question).toBeVisible()
  await expectAxeClean(page, 'Leave without keeping it?')
  await question.getByRole('button', { name: 'Stay here' }).click()
  await expect(plate).toHaveValue('TH 99')
  await page.goBack()
  await question.getByRole('button', { name: 'Stay here' }).click()
  await expect(plate).toHaveValue('TH 99')
  await page.getByRole('link', { name: 'Nimble Anchor' }).first().click()
  await question.getByRole('button', { name: 'Leave, and lose it' }).click()
  await expect(page.getByRole('heading', { name: 'Queue' })).toBeVisible()
  // Nothing typed, nothing asked: a new one, too.
  await page.goto(`${server.url}/vehicles/new`)
  await page.getByRole('link', { name: 'Nimble Anchor' }).first().click()
  await expect(page.getByRole('heading', { name: 'Queue' })).toBeVisible()
})

test('a child added in the dialog is not there after Cancel, and is with its fitting after Begin', async ({
  page,
  server,
}) => {
  await page.goto(server.url)
  const dialog = page.getByRole('dialog')
  const add = async () => {
    await page.getByRole('button', { name: 'New fitting' }).first().click()
    await dialog.getByLabel('Find a child by name').fill('Wenna Tarrow')
    await expect(dialog.getByRole('radio', { name: /Wenna Tarrow/ })).toBeChecked()
    await expect(dialog.getByRole('radio', { name: /Wenna Tarrow/ })).toBeChecked()
  }
  const names = async () =>
    (
      (await (await page.request.get(`${server.url}/api/catalogue`)).json()) as { children: { name: string }[] }
    ).children.map((c) => c.name)
  await add()
  await dialog.getByRole('button', { name: 'Cancel' }).click()
  expect(await names()).not.toContain('Wenna')
  await add()
  await dialog.getByRole('button', { name: 'Begin' }).click()
  await page.waitForURL(/\/measure$/)
  expect(await names()).toContain('Wenna')
  // Of a child that nobody has measured it is never said that nothing is to be measured.
  await expect(page.getByText('mass, stature, age', { exact: true })).toBeVisible()
  await fill(page, 'Mass', '11')
  await expect(page.getByText('stature, age', { exact: true })).toBeVisible()
})

test(
  'a stage whose code does not arrive leaves the stage bar, and comes when it is tried again',
  { tag: '@own-process' },
  async ({ page, server }) => {
    await page.route('**/assets/PlaceStage*', (route) => route.abort())
    await beginFitting(page, server, 'Tamsin Hale')
    await stage(page, 3)
    const failed = page.getByRole('alert').filter({ hasText: 'This part of the program did not arrive' })
    await expect(failed).toBeVisible()
    await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible()
    await expectAxeClean(page, 'A stage that did not arrive')
    await page.keyboard.press('1')
    await expect(page.getByLabel('Mass', { exact: true })).toBeVisible()
    await page.keyboard.press('3')
    await page.unroute('**/assets/PlaceStage*')
    await failed.getByRole('button', { name: 'Try again' }).click()
    await expect(failed).toHaveCount(0)
    await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible()
    await expect(page.getByRole('heading', { name: /^Place/ })).toBeAttached()
    // The others are fetched ahead: once they are, the server may go.
    await page.waitForFunction(() => {
      const names = performance.getEntriesByType('resource').map((r) => r.name)
      const stages = ['ChooseStage', 'SetUpStage', 'ProcedureStage', 'HandOverStage']
      return stages.every((stage) => names.some((name) => name.includes(`/${stage}`)))
    })
    await server.kill()
    for (const key of [2, 4, 5, 7]) {
      await stage(page, key)
      await expect(page.getByText('did not arrive')).toHaveCount(0)
    }
  },
)

test('erased: this browser keeps no word of the family', async ({ page, server }) => {
  await page.goto(server.url)
  const child = { ...example.child, id: 'x', name: 'Quillonwy', familyName: 'Brackenthwaite' }
  const fittingId = await importCase(page, server, { ...example, child })
  await page.goto(`${server.url}/fittings/${fittingId}/measure`)
  await saved(page)
  await page.route('**/entries', (route) => route.abort())
  await fill(page, 'Mass', '11.9')
  await page.getByLabel('Stature', { exact: true }).fill('84.4')
  await expect(page.getByText('One field is typed')).toBeVisible()
  expect(await page.title()).toBe('Measure · Nimble Anchor')
  const before = await keptBy(page)
  expect(before).toContain('11.9')
  expect(before).toContain('84.4')
  await page.goto(`${server.url}/families`)
  await page.getByRole('link', { name: /Brackenthwaite/ }).click()
  await expect(page.getByRole('heading', { name: /Brackenthwaite/ }).first()).toBeVisible()
  expect(await page.title()).toBe('Family · Nimble Anchor')
  await page.getByRole('button', { name: 'Erase' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('textbox').fill('Brackenthwaite')
  await dialog.getByRole('button', { name: /^Erase/ }).click()
  await expect(page.getByText(/Erased: Brackenthwaite/)).toBeVisible()
  await page.goto(server.url)
  await expect(page.getByRole('heading', { name: 'Queue' })).toBeVisible()
  const after = await keptBy(page)
  for (const word of ['Quillonwy', 'Brackenthwaite', '11.9', '84.4', fittingId]) expect(after).not.toContain(word)
})

test('an older list does not take a crash back: the preview says so and asks', async ({ page, server }) => {
  await page.goto(server.url)
  const catalogue = (await (await page.request.get(`${server.url}/api/catalogue`)).json()) as {
    units: { id: string; wasInCrash?: boolean; shelf?: string }[]
  }
  const unit = catalogue.units.find((u) => u.id === 'u-sheepshank-1')!
  await page.request.post(`${server.url}/api/jobs`, { data: { unitId: unit.id, kind: 'after-crash', who: 'Jory' } })
  await page.goto(`${server.url}/restraints`)
  await page.getByRole('button', { name: /Import/ }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Catalogue file').setInputFiles({
    name: 'shelf.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ format: 'nimble-anchor/catalogue', version: 2, units: [{ ...unit, shelf: 'Quay' }] })), // prettier-ignore
  })
  await expect(dialog).toContainText('The shelf knows of it: it was in a crash. The file says something else.')
  await expectAxeClean(page, 'Import, with a fact that is kept')
  await dialog.getByRole('button', { name: 'Import 1' }).click()
  await expect(dialog).toBeHidden()
  const now = async () =>
    ((await (await page.request.get(`${server.url}/api/catalogue`)).json()) as typeof catalogue).units.find(
      (u) => u.id === unit.id,
    )
  expect(await now()).toMatchObject({ wasInCrash: true, shelf: 'Quay' })
})

test('a file about a child of the same id under another name asks which it is', async ({ page, server }) => {
  await page.goto(server.url)
  const bring = () =>
    page.getByLabel('Case file').setInputFiles({
      name: 'wenna.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ ...example, child: { ...example.child, name: 'Wenna' } })),
    })
  await bring()
  const question = page.getByRole('alertdialog', { name: 'Which child is this?' })
  await expect(question).toContainText('Tamsin Hale')
  await expectAxeClean(page, 'Which child is this?')
  await question.getByRole('button', { name: 'Leave it' }).click()
  await expect(question).toBeHidden()
  await bring()
  await question.getByRole('button', { name: 'Another child' }).click()
  await page.waitForURL(/\/fittings\//)
  await expect(page.getByText(/Wenna Hale/).first()).toBeVisible()
  expect((await stored(page, server)).case.child.id).toBe('tamsin-hale-2')
})

test('two people on the note of one family: the second is shown both, and decides', async ({ page, server }) => {
  await page.goto(`${server.url}/families`)
  await page.getByRole('link', { name: /Hale/ }).first().click()
  await page.getByRole('button', { name: 'Name and note' }).click()
  await page.getByLabel('Note', { exact: true }).fill('two cars')
  const familyId = page.url().split('/').at(-1) ?? ''
  const seen = { name: 'Hale', note: '' }
  const { fingerprint } = (await (await page.request.post(`${server.url}/api/fingerprint`, { data: seen })).json()) as {
    fingerprint: string
  }
  const other = await page.request.put(`${server.url}/api/families/${familyId}`, {
    data: { ...seen, note: 'rings before it comes' },
    headers: { 'if-match': fingerprint },
  })
  expect(other.ok()).toBe(true)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  const asked = page.getByRole('alertdialog', { name: 'The note on Hale was changed meanwhile' })
  await expect(asked.getByRole('row', { name: 'note rings before it comes two cars' })).toBeVisible()
  await expectAxeClean(page, 'Changed meanwhile')
  await asked.getByRole('button', { name: 'Back to what I typed' }).click()
  await expect(page.getByLabel('Note', { exact: true })).toHaveValue('two cars')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await asked.getByRole('button', { name: 'Keep mine' }).click()
  await expect(asked).toBeHidden()
  const kept = await page.request.get(`${server.url}/api/families/${familyId}`)
  expect(((await kept.json()) as { note: string }).note).toBe('two cars')
})
