import { readFileSync } from 'node:fs'
import { beginFitting, expect, expectAxeClean, stage, test, pick } from './served.ts'

test('a restraint is entered from its manual, warned about, put right, given a unit, and stands in Choose', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/restraints`)
  await expectAxeClean(page, 'Restraints')
  await page.getByRole('button', { name: 'New restraint' }).click()
  const preview = page.getByRole('complementary', { name: 'Preview' })
  // Nothing is red before somebody typed: what is needed is named in the form's own words.
  await expect(preview).toContainText('Still needed')
  await expect(preview).toContainText('Mode 1: Name of the mode')
  const section = (name: string | RegExp) => page.getByRole('tab', { name }).click()
  await page.getByLabel('Maker', { exact: true }).fill('Hitchmark')
  await page.getByLabel('Name', { exact: true }).fill('Half Hitch')
  await page.getByLabel('Mass of the restraint').fill('9,4')
  await page.getByLabel('May be used for').fill('10')
  await section('Whom it takes')
  await page.getByLabel('Name of the mode').fill('Forward, 75–105 cm')
  await pick(page.getByLabel('Shape'), 'seat')
  await pick(page.getByLabel('Direction', { exact: true }), 'forward')
  await pick(page.getByLabel('Child held by'), 'harness')
  await pick(page.getByLabel('Approved to'), { label: 'UN R129, by stature' })
  await pick(page.getByLabel('Series'), '03')
  await page.getByLabel('Stature from').fill('75')
  await page.getByLabel('Stature to').fill('105')
  await section(/^Route: not named yet/)
  await page.getByLabel('Name of the route').fill('ISOFIX with top tether')
  await pick(page.getByLabel('Approval', { exact: true }), 'i-size')
  // A part that is there has to say what it is.
  await pick(page.getByLabel('ISOFIX', { exact: true }), 'has')
  await expect(preview).toContainText('route 1: ISOFIX: They')
  await pick(page.getByLabel('Connectors'), 'rigid')
  await pick(page.getByLabel('They', { exact: true }), 'holds')
  await pick(page.getByLabel('Top tether', { exact: true }), 'has')
  await pick(page.getByLabel('Use', { exact: true }), 'required')
  await expect(preview).toContainText('forward from 75 cm; UN R129 allows it from 76 cm')
  await section('Whom it takes')
  await page.getByLabel('Stature from').fill('76')
  await expect(preview).toContainText('Within its regulation')
  // What was not read is not "none": it is named until it is one or the other.
  const unread = preview.getByRole('status').filter({ hasText: 'Not read yet' })
  await expect(unread).toContainText('whether it stands on a leg')
  await section(/^Route: ISOFIX with top tether/)
  await pick(page.getByLabel('Support leg', { exact: true }), 'none')
  await expect(unread).not.toContainText('whether it stands on a leg')
  await section('Whom it takes')
  await page.getByLabel('Mass to').fill('99')
  await expect(preview).toContainText('must be at most 60')
  await page.getByLabel('Mass to').fill('18')
  await expectAxeClean(page, 'New restraint')
  await page.getByRole('button', { name: 'Save this restraint' }).click()
  await page.waitForURL(/\/restraints\/hitchmark-half-hitch$/)

  await page.getByRole('button', { name: 'Add a unit' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Serial number').fill('HH-1')
  await dialog.getByLabel('Made on').fill('2025-03-01')
  for (const [question, answer] of [
    ['Its whole history is known', 'yes'],
    ['It was in a crash', 'no'],
    ['It is recalled', 'no'],
    ['It is complete', 'yes'],
  ] as const)
    await pick(dialog.getByLabel(question), answer)
  await dialog.getByRole('button', { name: 'Save this unit' }).click()
  await expect(page.getByText('sound, may be used until 1 Mar 2035')).toBeVisible()

  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 2)
  await page.locator('[data-mode="hitchmark-half-hitch/mode"]').getByRole('button').click()
  await expect(page.getByRole('region', { name: 'The mode selected' })).toContainText('HH-1')
})

test('the whole entry as JSON: what is no restraint is refused and loses nothing, what is one fills the form', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/restraints/ravel-bowline/edit`)
  await page.getByRole('tab', { name: /^In full, as JSON/ }).click()
  const json = page.getByLabel('The entry as JSON')
  const take = page.getByRole('button', { name: 'Take into the form' })
  const whole = await json.inputValue()
  for (const text of ['{', '{}', '5', '{"modes": [{}]}']) {
    await json.fill(text)
    await take.click()
    await expect(page.getByRole('alert').filter({ hasText: /Not JSON|Must be one restraint/ })).toBeVisible()
  }
  await json.fill(whole.replace('"lifeYears": 8', '"lifeYears": 99'))
  await take.click()
  await page.getByRole('tab', { name: 'Model' }).click()
  await expect(page.getByLabel('May be used for')).toHaveValue('99')
  await expect(page.getByRole('complementary', { name: 'Preview' })).toContainText('must be at most 25')
  await page.getByRole('button', { name: 'Save this restraint' }).click()
  await expect(page.getByText('must be at most 25').first()).toBeVisible()
  await page.getByRole('button', { name: 'Discard changes' }).first().click()
  await expect(page.getByLabel('May be used for')).toHaveValue('8')
})

test('an edit is undone; a model with units is not taken away', async ({ page, server }) => {
  await page.goto(`${server.url}/restraints/ravel-bowline/edit`)
  await page.getByLabel('May be used for').fill('9')
  await page.getByRole('button', { name: 'Save this restraint' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect
    .poll(async () => {
      const { models } = (await (await page.request.get(`${server.url}/api/catalogue`)).json()) as {
        models: { id: string; lifeYears: number }[]
      }
      return models.find((m) => m.id === 'ravel-bowline')?.lifeYears
    })
    .toBe(8)
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page.getByText(/on the shelf: take the units away first/)).toBeVisible()
})

test('a spreadsheet is looked at row by row; a bad cell is named and nothing is imported; a good one is', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/restraints`)
  await page.getByRole('button', { name: 'Import' }).click()
  const dialog = page.getByRole('dialog', { name: 'Import a catalogue' })
  const choose = (name: string, text: string) =>
    dialog.getByLabel('Catalogue file').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
  const header = 'unit.id,unit.modelId,unit.serial,unit.madeOn'
  await choose('units.csv', `${header}\nu-new,ravel-bowline,N-1,2025-01-01\nu-bad,ravel-bowline,N-2,soon\n`)
  await expect(dialog).toContainText('row 3, column unit.madeOn must be a day as YYYY-MM-DD, got "soon"')
  await expect(dialog.getByRole('button', { name: /^Import \d/ })).toBeDisabled()
  await expectAxeClean(page, 'Import')
  await choose('units.csv', `${header}\nu-new,ravel-bowline,N-1,2025-01-01\n`)
  await dialog.getByRole('button', { name: 'Import 1' }).click()
  await expect(page.getByText('1 entry imported from units.csv.')).toBeVisible()
  await refusesFile(page, 'broken.json', '{')
})

async function refusesFile(page: import('@playwright/test').Page, name: string, text: string): Promise<void> {
  await page.getByRole('button', { name: 'Import', exact: true }).click()
  const dialog = page.getByRole('dialog', { name: 'Import a catalogue' })
  await dialog
    .getByLabel('Catalogue file')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  await expect(dialog.getByRole('alert')).toContainText('broken.json is not JSON')
}

test('what is exported is imported as the same, row by row', async ({ page, server }) => {
  await page.goto(`${server.url}/restraints`)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Models, CSV' }).click(),
  ])
  const text = readFileSync(await download.path(), 'utf8')
  await page.getByRole('button', { name: 'Import', exact: true }).click()
  const dialog = page.getByRole('dialog', { name: 'Import a catalogue' })
  await dialog
    .getByLabel('Catalogue file')
    .setInputFiles({ name: 'restraints.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await expect(dialog.getByRole('status')).toContainText('0 to store')
})
