import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import {
  beginFitting,
  expect,
  expectAxeClean,
  fill,
  stage,
  test,
  verdict,
  answer,
  part,
  useMode,
  bayAnswer,
  bayFigure,
} from './served.ts'

const theSheet = (page: Page) => page.getByRole('article', { name: 'The sheet, as it will be printed' })

test('at the car door in bay view: one step, large; a recline afterwards un-does exactly what hung on it', async ({
  page,
  server,
}) => {
  test.slow()
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await fill(page, 'Seated shoulder height', '29.5')
  await stage(page, 2)
  await useMode(page, 'Ravel Sheepshank, Rearward, 40–105 cm')
  await page.waitForURL(/\/place$/)
  await page.getByRole('button', { name: /^pass Rear right/ }).click()
  await page.getByRole('button', { name: 'Use this place: Rear right, ISOFIX with leg' }).click()
  await page.waitForURL(/\/set-up$/)
  await page.getByRole('button', { name: 'Set all as worked out' }).click()

  await stage(page, 5)
  await page.getByRole('button', { name: 'Bay view' }).click()
  const bay = page.getByRole('dialog')
  await expect(bay.getByRole('heading', { name: /^Before anything/ })).toBeVisible()
  // One check a view: answered good, the next one comes by itself.
  await bayAnswer(page, 'label-serial', 'read today, both match')
  await expect(bay.locator('[data-check="label-serial"]')).toHaveCount(0)
  await expect(bay.locator('[data-check]')).toHaveCount(1)
  await bayAnswer(page, 'backrest-latched', 'holds, or does not fold')
  await bayAnswer(page, 'nothing-added', 'none')
  await bayAnswer(page, 'latch-left', 'shows latched')
  await expectAxeClean(page, 'Bay view')
  // Left and right belong together: both answered, the hands go on.
  await bayAnswer(page, 'latch-right', 'shows latched')
  await expect(bay.locator('[data-check="tug-left"]')).toBeVisible()
  await bayAnswer(page, 'tug-left', 'held')
  await bayAnswer(page, 'tug-right', 'held')
  await expect(bay.getByRole('heading', { name: /^Push home/ })).toBeVisible()
  await bayAnswer(page, 'pushed-home', 'against the backrest')
  // On to the last step, where a figure is typed with the thumb.
  await bayFigure(page, 'steadiness-mm', '9')
  // The angle in the car is not what was worked out: something was set or measured wrong.
  await bayFigure(page, 'shell-angle-deg', '34')
  await bay.getByRole('button', { name: 'On to Child in' }).click()
  // It goes on there, large as before.
  await page.waitForURL(/\/child-in$/)
  await expect(bay.getByText('Step 1 of')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.locator('[data-rule="seen-as-worked-out-attach"]').first()).toContainText(
    'Shell angle: calculated 24 ± 1°, found 34 ± 1°.',
  )

  await stage(page, 4)
  await page.getByRole('slider', { name: 'Recline' }).focus()
  await page.keyboard.press('ArrowRight')
  await stage(page, 5)
  const again = page.getByRole('region', { name: 'Checks to do again' })
  await expect(again).toContainText(
    'Left indicator, Right indicator: the recline went from 1 to 2 after they were checked.',
  )
  await expect(again).not.toContainText('tug')
  await again.getByRole('button', { name: 'Latch both connectors' }).click()
  await expect(page.getByRole('heading', { name: /Latch both connectors/ })).toBeVisible()
  await answer(page, 'latch-left', 'shows latched')
  await expect(again).not.toContainText('Left indicator,')
  await expect(verdict(page)).toContainText(/Undecided|Not ready/)
})

test('handing over: what is due with its spread, a sheet as PDF, a calendar', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 2)
  await useMode(page, 'Ravel Sheepshank, Rearward, 40–105 cm')
  await page.waitForURL(/\/place$/)
  await stage(page, 7)
  await part(page, 'What changes next')
  const ahead = page.getByRole('tabpanel', { name: 'What changes next' })
  await expect(ahead.getByText('Look at the fit again', { exact: true })).toBeVisible()
  await expect(ahead.getByText('Rearward, 40–105 cm: outgrown', { exact: true })).toBeVisible()
  await expect(page.getByRole('heading', { name: /^From the shelf/ }).first()).toBeVisible()
  await expectAxeClean(page, 'Hand over')
  const get = async (name: string) => {
    const saving = page.waitForEvent('download')
    await page.getByRole('button', { name }).click()
    return readFileSync(await (await saving).path())
  }
  expect((await get('Sheet, PDF')).subarray(0, 5).toString()).toBe('%PDF-')
  expect((await get('Calendar')).toString()).toContain('BEGIN:VCALENDAR')
})

test('a signed fitting is corrected in a revision: both are kept, and compared', async ({ page, server }) => {
  const example = JSON.parse(
    readFileSync(new URL('../docs/formats/example.case.json', import.meta.url), 'utf8'),
  ) as object
  const handover = { fitterName: 'Jory Quill', carerName: 'Maren Hale', signedAt: '2026-11-24T10:00:00Z' }
  const made = await page.request.post(`${server.url}/api/fittings/import?child=known`, {
    data: { ...example, handover },
  })
  const { id } = (await made.json()) as { id: string }
  await page.goto(`${server.url}/fittings/${id}/hand-over`)
  await expect(theSheet(page)).toContainText('FitterJory QuillCarerMaren Hale')
  await page.getByRole('button', { name: 'Correct it in a new revision' }).click()
  await expect(page.getByRole('heading', { name: 'Revision of a signed fitting' })).toBeVisible()
  await expect(page).not.toHaveURL(new RegExp(id))
  await stage(page, 1)
  await fill(page, 'Mass', '10.9')
  await stage(page, 7)
  await expect(page.getByText('Mass: 10.4 ± 0.1 kg, now 10.9 ± 0.1 kg')).toBeVisible()
  await expectAxeClean(page, 'Revision')
  await page.getByRole('link', { name: 'The signed one' }).click()
  await expect(page).toHaveURL(new RegExp(id))
  await expect(theSheet(page)).toContainText('FitterJory QuillCarerMaren Hale')
})

test('a family leaves all the same: reason and what was said are signed, and it is not called handed over', async ({
  page,
  server,
}) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 7)
  await page.getByRole('button', { name: 'They leave all the same…' }).click()
  await page.getByLabel('Fitter', { exact: true }).fill('Jory Quill')
  await page.getByLabel('Carer', { exact: true }).fill('Maren Hale')
  const leave = page.getByRole('button', { name: 'Sign: left against advice' })
  await leave.click()
  await expect(page.getByText('Their reason, and what they were told, are needed.')).toBeVisible()
  await page.getByLabel('Their reason').fill('The train leaves at noon.')
  await page.getByLabel('What they were told').fill('That nothing has been judged yet.')
  await expectAxeClean(page, 'Leaving against advice')
  await leave.click()
  await expect(page.getByRole('heading', { name: 'Left against advice' })).toBeVisible()
  await expect(theSheet(page)).toContainText('Their reasonThe train leaves at noon.')
  await expect(theSheet(page)).toContainText('Left not ready, against advice,')
  await expect(page.getByRole('link', { name: /Look again/ })).toHaveCount(0)
  await page.goto(`${server.url}/logbook?q=against`)
  await expect(page.getByText('Left: not known yet').or(page.getByText('Left: undecided')).first()).toBeVisible()
})

test('a fitting that is not ready is taken to a person: what is open and where to ask, naming nobody', async ({
  page,
  server,
}) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 3)
  await stage(page, 7)
  await page.getByRole('button', { name: 'Take this to a person' }).click()
  const dialog = page.getByRole('dialog', { name: 'Take this to a person' })
  await expect(dialog.getByText('Choose a restraint mode.', { exact: true })).toBeVisible()
  await expect(dialog).not.toContainText('Tamsin')
  const saved = page.waitForEvent('download')
  await dialog.getByRole('button', { name: 'Save as text' }).click()
  expect((await saved).suggestedFilename()).toBe('take-this-to-a-person.txt')
  await expectAxeClean(page, 'Take this to a person')
})
