import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import {
  answer,
  beginFitting,
  cutOffFromOthers,
  expect,
  expectAxeClean,
  fill,
  stage,
  test,
  verdict,
  pick,
  toCheck,
  moved,
  useMode,
} from './served.ts'

test('a fitting gone stale: what depended on the change is asked again, with the reason', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 2)
  await useMode(page, 'Ravel Sheepshank, Rearward, 40–105 cm')
  await page.getByRole('button', { name: 'Use this place: Rear right, ISOFIX with leg' }).click()
  await page.waitForURL(/\/set-up$/)
  await pick(page.getByLabel('What is set').first(), '1')
  await stage(page, 5)
  await answer(page, 'latch-left', 'shows latched')
  await answer(page, 'latch-right', 'shows latched')
  await answer(page, 'tug-left', 'held')
  await stage(page, 4)
  await pick(page.getByLabel('What is set').first(), '2')
  await stage(page, 5)
  const again = page.getByRole('region', { name: 'Checks to do again' })
  await expect(again).toContainText(
    'Left indicator, Right indicator: the recline went from 1 to 2 after they were checked.',
  )
  await toCheck(page, 'latch-left')
  await expect(page.locator('[data-check="latch-left"]')).toContainText('It was: shows latched.')
  await expectAxeClean(page, 'Attach, stale')
  // Looking again makes it fresh; the tug never depended on the recline.
  await answer(page, 'latch-left', 'shows latched')
  await expect(again).toContainText('1 check must be done again')
  await moved(page, 'Base moved')
  await expect(again).toContainText('Left tug')
  await page.keyboard.press('u')
  await expect(again).not.toContainText('Left tug')
})

test('a value outside its limit is refused by name, and nothing is lost', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale')
  await fill(page, 'Mass', '104')
  await expect(page.getByRole('alert').filter({ hasText: 'Mass must be at most 80 kg' })).toBeVisible()
  await fill(page, 'Mass', 'heavy')
  await expect(page.getByRole('alert').filter({ hasText: 'Mass must be a number of kg' })).toBeVisible()
  await fill(page, 'Seated shoulder height', '295')
  await expect(
    page.getByRole('alert').filter({ hasText: 'Seated shoulder height must be at most 80 cm' }),
  ).toBeVisible()
  await page.reload()
  // What was refused is still typed, and not entered.
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('heavy')
  await page.getByRole('button', { name: 'Let it go' }).click()
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('10.4')
  // A slip that is inside every limit is said aloud.
  await fill(page, 'Mass', '7')
  await fill(page, 'Stature', '110')
  await expect(page.getByText('7 kg and 110 cm do not go together. Look at both again.')).toBeVisible()
  await fill(page, 'Mass', '40')
  await expect(
    page.getByText('A mass of 40 kg is more than 4 standard deviations above the middle of this age.'),
  ).toBeVisible()
  await fill(page, 'Mass', '10.4')
  await expect(page.getByText(/^Centile \d+ to \d+, both sexes\./).first()).toBeVisible()
  await page.getByText('girl', { exact: true }).click()
  await expect(page.getByText(/both sexes/)).toHaveCount(0)
  await expectAxeClean(page, 'Measure, with a slip')
})

test('the same rules with ± narrowed: an undecided mode becomes a permitted one', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale')
  await fill(page, 'Stature', '86.7')
  await stage(page, 2)
  const bowline = page.getByRole('region', { name: 'The mode selected' })
  const selectBowline = () => page.locator('[data-mode="ravel-bowline/infant"]').getByRole('button').click()
  await selectBowline()
  await expect(bowline).toContainText('86.7 ± 0.5 cm may be inside or outside the mode’s range, 40–87 cm.')
  await stage(page, 1)
  await fill(page, 'Stature, plus or minus', '0.2')
  await stage(page, 2)
  await bowline.getByRole('button', { name: /rules hold/ }).click()
  await expect(bowline).toContainText('86.7 ± 0.2 cm is within the mode’s range')
})

test('another school re-ranks at once, and the dialog says what moved', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale')
  await stage(page, 2)
  const forward = page.getByRole('region', { name: 'The mode selected' })
  await page.locator('[data-mode="ravel-carrick/harness"]').getByRole('button').click()
  await expect(forward).toContainText('A rearward mode still takes this child.')
  await page.keyboard.press('p')
  const dialog = page.getByRole('dialog', { name: 'Practice in this fitting' })
  await pick(dialog.getByLabel('Turning forward'), 'legal-minimum')
  await expect(dialog).toContainText('Profile “Own choice”')
  await expect(dialog).toContainText('Ravel Carrick, Forward, 76–105 cm, harness: no longer advised against')
  await expectAxeClean(page, 'Practice')
  await page.keyboard.press('Escape')
  await expect(forward).not.toContainText('A rearward mode still takes this child.')
  await page.keyboard.press('h')
  await expect(page.getByRole('dialog')).toContainText('Practice: Rearward longest, now Own choice')
})

test(
  'with the server away, entries wait on this device and are saved when it is back',
  { tag: '@own-process' },
  async ({ page, server }) => {
    await beginFitting(page, server, 'Tamsin Hale')
    await expect(page.getByText('Everything saved')).toBeVisible()
    await server.kill()
    await fill(page, 'Mass', '10.9')
    await expect(page.getByText('Not saved yet: 1 entry waits on this device')).toBeVisible()
    await fill(page, 'Stature', '80')
    await expect(page.getByText('2 entries wait on this device')).toBeVisible()
    await server.start()
    await expect(page.getByText('Everything saved')).toBeVisible()
    await page.reload()
    await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('10.9')
    await expect(page.getByLabel('Stature', { exact: true })).toHaveValue('80')
  },
)

test('two people on one field: the second is told, shown both, and loses nothing', async ({
  page,
  server,
  browser,
}) => {
  await beginFitting(page, server, 'Tamsin Hale')
  const other = await browser.newContext()
  await cutOffFromOthers(other)
  const second = await other.newPage()
  await second.goto(page.url())
  await expect(second.getByLabel('Mass', { exact: true })).toHaveValue('10.4')
  await fill(page, 'Mass', '10.8')
  await expect(page.getByText('Everything saved')).toBeVisible()
  await fill(second, 'Mass', '11.2')
  const dialog = second.getByRole('dialog', { name: 'This was changed meanwhile' })
  await expect(dialog).toContainText('10.8 ± 0.1 kg (theirs), yours is 11.2 ± 0.1 kg')
  await expectAxeClean(second, 'Conflict')
  await dialog.getByRole('button', { name: 'Enter mine' }).click()
  await expect(second.getByText('Everything saved')).toBeVisible()
  await second.keyboard.press('h')
  await expect(second.getByRole('dialog')).toContainText('Mass: 10.8 ± 0.1 kg, now 11.2 ± 0.1 kg')
  await other.close()
})

test('a case file goes out and comes back as the same fitting', async ({ page, server }, info) => {
  await beginFitting(page, server, 'Osric Penn', 'Corran Avocet')
  await stage(page, 7)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Case file' }).click(),
  ])
  const file = join(info.outputDir, 'osric.case.json')
  await download.saveAs(file)
  await page.goto(server.url)
  await page.getByLabel('Case file').setInputFiles(file)
  await page.waitForURL(/\/fittings\//)
  await stage(page, 7)
  const [again] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Case file' }).click(),
  ])
  expect(readFileSync(await again.path(), 'utf8')).toBe(readFileSync(file, 'utf8'))
  // A faulty file names its faults.
  const spoilt = JSON.parse(readFileSync(file, 'utf8')) as { child: { massKg: { value: number } } }
  spoilt.child.massKg.value = 810
  writeFileSync(file, JSON.stringify(spoilt))
  await page.goto(server.url)
  await page.getByLabel('Case file').setInputFiles(file)
  await expect(page.getByText('$.child.massKg.value must be at most 80 kg')).toBeVisible()
})

test('a booster child: the guide at 26 mm fails, at 12 mm holds', async ({ page, server }) => {
  await beginFitting(page, server, 'Bryn Tolland', 'Corran Dunlin')
  await stage(page, 2)
  await useMode(page, 'Hitchmark Reef')
  await page.getByRole('button', { name: /^pass Rear right/ }).click()
  await page.getByRole('button', { name: /Use this place: Rear right/ }).click()
  await page.waitForURL(/\/set-up$/)
  await stage(page, 6)
  await toCheck(page, 'guide-above-shoulder-mm')
  await fill(page, 'Belt guide above the shoulder', '26')
  await expect(verdict(page)).toContainText('Not ready')
  await expect(
    page.getByText('Lower the head support until the guide stands 0 to 17 mm above the shoulder.').first(),
  ).toBeVisible()
  await toCheck(page, 'guide-above-shoulder-mm')
  await fill(page, 'Belt guide above the shoulder', '12')
  await expect(verdict(page)).toContainText('Undecided')
  await expectAxeClean(page, 'Child in, booster')
})

test('keys, palette and help reach everything; nothing needs a mouse', async ({ page, server }) => {
  await page.goto(server.url)
  await page.keyboard.press('n')
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('radio', { name: /Tamsin/ }).press('Space')
  await dialog.getByLabel('Find a child by name').fill('wren')
  const wren = dialog.getByRole('radio', { name: /Wren/ })
  await wren.waitFor()
  // The only child of that name: Enter begins, and not for the one who was chosen before.
  await dialog.getByLabel('Find a child by name').press('Enter')
  await page.waitForURL(/\/measure$/)
  await expect(page.locator('main').getByText('Wren Oxley').first()).toBeVisible()
  for (const [key, path] of [
    ['3', 'place'],
    ['7', 'hand-over'],
    ['1', 'measure'],
  ] as const) {
    await page.getByRole('navigation', { name: 'Stages' }).waitFor()
    await page.keyboard.press(key)
    await expect(page).toHaveURL(new RegExp(`/${path}$`))
  }
  await page.keyboard.press('Control+k')
  await page.keyboard.type('child in')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/child-in$/)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Undo the last entry')
  await expectAxeClean(page, 'Keys')
  await page.keyboard.press('Escape')
  // A figure typed into a field is not a key.
  await stage(page, 1)
  await page.getByLabel('Mass', { exact: true }).focus()
  await page.keyboard.type('7')
  await expect(page).toHaveURL(/\/measure$/)
})

test(
  'opened on a later day, a fitting says for which day it was judged, and is judged for today',
  { tag: '@own-process' },
  async ({ page, server }) => {
    await beginFitting(page, server, 'Tamsin Hale')
    await fill(page, 'Mass', '10.6')
    await expect(page.getByText('Everything saved')).toBeVisible()
    await server.kill()
    await server.start('2026-12-22')
    await page.reload()
    const note = page.getByRole('region', { name: 'Judged for another day' })
    await expect(note).toContainText('25 November 2026')
    await expectAxeClean(page, 'Another day')
    await note.getByRole('button', { name: 'Judge for today' }).click()
    await expect(note).toHaveCount(0)
    await expect(page.getByText('17 months').first()).toBeVisible()
  },
)

test('a walk-in is added by name and measured', async ({ page, server }) => {
  await page.goto(server.url)
  await page.getByRole('button', { name: 'New fitting' }).first().click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Find a child by name').fill('Idris Kell')
  // Nobody has that name: it is a new child, chosen already.
  await expect(dialog.getByRole('radio', { name: /Idris Kell/ })).toBeChecked()
  await dialog.getByRole('button', { name: 'Begin' }).click()
  await page.waitForURL(/\/measure$/)
  await stage(page, 2)
  await expect(page.getByText('Measure next')).toBeVisible()
  await stage(page, 1)
  await page.getByLabel('Date of birth').fill('2024-02-01')
  await page.getByLabel('Date of birth').blur()
  await expect(page.getByText('2 years 9 months').first()).toBeVisible()
})

for (const scheme of ['light', 'dark'] as const) {
  test(`a phone and a tablet, ${scheme}: no sideways scroll, targets of 44 px, axe clean at every stage`, async ({
    page,
    server,
  }) => {
    test.slow()
    await page.emulateMedia({ colorScheme: scheme })
    await page.setViewportSize({ width: 390, height: 844 })
    await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
    await stage(page, 2)
    await useMode(page, 'Ravel Sheepshank, Rearward, 40–105 cm')
    await page.getByRole('button', { name: 'Use this place: Rear right, ISOFIX with leg' }).click()
    await page.waitForURL(/\/set-up$/)
    for (let key = 1; key <= 7; key += 1) {
      await stage(page, key)
      await page.waitForLoadState('networkidle')
      await expect(page.getByText('Loading.')).toHaveCount(0)
      await page.waitForFunction(() => !document.querySelector('main [aria-busy=true]'))
      await expectNoSidewaysScroll(page, `stage ${key}`)
      expect(await smallTargets(page), `stage ${key}`).toEqual([])
      await expectAxeClean(page, `${scheme}, stage ${key}`)
    }
    await stage(page, 5)
    await page.getByRole('button', { name: 'All findings' }).click()
    await expect(page.getByRole('dialog', { name: 'Findings' })).toContainText('still to do')
    await expectAxeClean(page, `${scheme}, findings`)
    await page.goto(server.url)
    await expect(page.getByRole('link', { name: /Tamsin/ })).toBeVisible()
    await expectAxeClean(page, `${scheme}, Today`)
  })
}

/** A phone, a tablet upright and lying: nothing of the page stands beside its edge. The phone is left as the last. */
async function expectNoSidewaysScroll(page: Page, where: string): Promise<void> {
  for (const width of [768, 1024, 390]) {
    await page.setViewportSize({ width, height: 844 })
    await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth), `${where}, ${width} px`).toBeLessThanOrEqual(width) // prettier-ignore
  }
}

/** What can be touched and is lower than a gloved finger wants. */
const smallTargets = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('button, a, input:not([type=file])')]
      .filter((e) => e.offsetParent !== null && e.getBoundingClientRect().top >= 0)
      // Of a box or a dot the words beside it are pressed too.
      .filter((e) => (e.closest('label') ?? e).getBoundingClientRect().height < 43.5)
      .map((e) => `${e.tagName} ${e.textContent.slice(0, 30)}`),
  )

test('a phone and a tablet: families, the logbook, a job, the second look and Today with a queue', async ({
  page,
  server,
}) => {
  test.slow()
  await page.setViewportSize({ width: 390, height: 844 })
  await page.emulateMedia({ colorScheme: 'dark' })
  const send = async (path: string, data: object) =>
    (await (await page.request.post(`${server.url}/api/${path}`, { data })).json()) as { id: string }
  const example = JSON.parse(readFileSync(new URL('../docs/formats/example.case.json', import.meta.url), 'utf8')) as {
    child: Record<string, unknown>
  }
  const handover = { fitterName: 'Jory Quill', carerName: 'Maren Hale', signedAt: '2026-05-20T10:00:00Z' }
  // Measured on the day it was signed.
  const child = Object.fromEntries(
    Object.entries(example.child).map(([key, value]) => [
      key,
      typeof value === 'object' && value !== null && 'on' in value ? { ...value, on: '2026-05-20' } : value,
    ]),
  )
  const signed = await send('fittings/import?child=known', { ...example, child, today: '2026-05-20', handover })
  const job = await send('jobs', { unitId: 'u-bowline-1', kind: 'wash', who: 'Jory Quill' })
  await send('visits', { day: '2026-11-25', time: '10:20', who: 'Hale', note: 'twins', isWalkIn: true, state: 'here', childId: 'tamsin-hale', vehicleId: 'corran-knot', fittingId: signed.id }) // prettier-ignore
  const families = (await (await page.request.get(`${server.url}/api/families`)).json()) as {
    id: string
    name: string
  }[]
  const hale = families.find((f) => f.name === 'Hale')?.id ?? ''
  const pages = [
    ['/', 'Due'],
    ['/families', 'Hale'],
    [`/families/${hale}`, 'Earlier readings'],
    ['/restraints', 'Restraints'],
    ['/restraints/ravel-sheepshank', 'Units on the shelf'],
    ['/restraints/ravel-sheepshank/edit', 'As it will stand'],
    ['/units/u-bowline-1', 'Where it has been'],
    ['/vehicles/corran-knot', 'From above'],
    ['/rules', 'Rule book'],
    ['/settings', 'Practice profiles'],
    ['/logbook', '1 fitting'],
    [`/jobs/${job.id}`, 'Checks at the end'],
    [`/fittings/${signed.id}/recheck`, '1 of 8'],
    [`/fittings/${signed.id}/hand-over`, 'Afterwards'],
  ] as const
  for (const [path, text] of pages) {
    await page.goto(`${server.url}${path}`)
    await expect(page.locator('main').getByText(text, { exact: true }).first()).toBeVisible()
    await expectNoSidewaysScroll(page, path)
    expect(await smallTargets(page), path).toEqual([])
    await expectAxeClean(page, path)
  }
  // Another page is read from its top, however far down the link to it was.
  await page.goto(`${server.url}/restraints`)
  const last = page.locator('main a[href^="/restraints/"]').last()
  await last.scrollIntoViewIfNeeded()
  expect(await page.evaluate(() => scrollY)).toBeGreaterThan(200)
  await last.click()
  await page.waitForURL((url) => url.pathname !== '/restraints')
  await expect.poll(() => page.evaluate(() => scrollY)).toBe(0)
})
