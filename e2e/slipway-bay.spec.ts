import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import {
  answer,
  expect,
  expectAxeClean,
  fill,
  stage,
  test,
  verdict,
  pick,
  toCheck,
  useMode,
  usePlace,
} from './served.ts'

/** Books a family through the dialog of the queue. */
async function book(
  page: Page,
  button: 'Book a visit' | 'Note a walk-in',
  time: string,
  child: string,
  car: string,
  who: string,
) {
  await page.getByRole('button', { name: button }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Time').fill(time)
  await pick(dialog.getByLabel('Child, if known'), { label: child })
  await pick(dialog.getByLabel('Car, if known'), { label: car })
  await dialog.getByLabel('Who comes').fill(who)
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(dialog).toBeHidden()
}
const choose = async (page: Page, mode: string, place: string, route: string) => {
  await stage(page, 2)
  await useMode(page, mode)
  await page.waitForURL(/\/place$/)
  await usePlace(page, place, route)
}
const home = async (page: Page) => {
  await expect(page.getByText('Everything saved')).toBeVisible()
  await page.keyboard.press('t')
  await expect(page.getByRole('heading', { name: 'Queue' })).toBeVisible()
}
const begin = async (page: Page, who: string) => {
  await page.getByRole('button', { name: `Begin the fitting of ${who}` }).click()
  await page.waitForURL(/\/measure$/)
}
const open = async (page: Page, who: string) => {
  await page.getByRole('link', { name: `Open the fitting of ${who}` }).click()
  await page.getByRole('navigation', { name: 'Stages' }).waitFor()
}
const queueRow = (page: Page, who: string) =>
  page
    .getByRole('listitem')
    .filter({ has: page.getByRole('button', { name: new RegExp(`^Change the visit of .*${who}$`) }) })

test(
  'a day at Slipway Bay: three fittings interleaved, a power cut, a stale tether, a coat, a guide at 26 mm',
  { tag: '@own-process' },
  async ({ page, server }) => {
    test.slow()
    await page.goto(server.url)
    await book(page, 'Book a visit', '09:40', 'Tamsin Hale', 'Corran Dunlin, TH 04', 'Hale')
    await book(page, 'Book a visit', '10:10', 'Ada Strand', 'Corran Turnstone, TH 08', 'Strand')
    await book(page, 'Note a walk-in', '09:50', 'Bryn Tolland', 'Corran Knot, TH 11', 'Tolland')
    await expect(queueRow(page, 'Tolland')).toContainText('walk-in')
    // In the order of the hours, not of the booking.
    const names = page.getByRole('button', { name: /^Change the visit of/ })
    await expect(names).toHaveText(['Tamsin Hale', 'Bryn Tolland', 'Ada Strand'])
    await expectAxeClean(page, 'Today, with a queue')

    // The first one: rearward, as far as the shoulder that nobody has measured.
    await begin(page, 'Hale')
    await choose(page, 'Ravel Sheepshank, Rearward, 40–105 cm', 'Rear right', 'ISOFIX')
    await home(page)
    await expect(queueRow(page, 'Hale')).toContainText('Measure: undecided')

    // Meanwhile the third: forward in a harness, by ISOFIX with a top tether.
    await begin(page, 'Strand')
    await choose(page, 'Ravel Carrick, Forward, 76–105 cm, harness', 'Rear left', 'ISOFIX')
    await pick(page.getByLabel('What is set').first(), '1')
    await stage(page, 5)
    await answer(page, 'tether-point', 'the marked anchorage')
    await answer(page, 'tether-flat', 'flat, on its path')
    await toCheck(page, 'tether-indicator-mm')
    await fill(page, 'Good shown on the tether', '22')
    await home(page)

    // The walk-in: a booster whose guide stands too high.
    await begin(page, 'Tolland')
    await choose(page, 'Fathom Larkshead', 'Rear left', 'Car’s belt alone')
    await stage(page, 6)
    await toCheck(page, 'guide-above-shoulder-mm')
    await fill(page, 'Belt guide above the shoulder', '26')
    await expect(verdict(page)).toContainText('Not ready')
    await home(page)
    await expect(queueRow(page, 'Tolland')).toContainText('not ready')

    // The power goes: what was acknowledged is there.
    await server.kill()
    await server.start()
    await page.reload()
    await expect(queueRow(page, 'Tolland')).toContainText('not ready')
    await expect(queueRow(page, 'Strand')).toContainText('undecided')

    // Back to the third: a recline afterwards, and the tether is as good as not looked at.
    await open(page, 'Strand')
    await stage(page, 5)
    await toCheck(page, 'tether-flat')
    await expect(page.locator('[data-check="tether-flat"]')).toContainText('pass')
    await stage(page, 4)
    await pick(page.getByLabel('What is set').first(), '3')
    await stage(page, 5)
    const again = page.getByRole('region', { name: 'Checks to do again' })
    await expect(again).toContainText(/Tether strap.*the recline went from 1 to 3 after/)
    await expect(again).not.toContainText('Tether hooked to')
    await answer(page, 'tether-flat', 'flat, on its path')
    // Kept, it is no longer asked "again": the field goes with its name.
    await toCheck(page, 'tether-indicator-mm')
    const anew = page.getByLabel('Good shown on the tether, again', { exact: true })
    await anew.fill('18')
    await anew.press('Enter')
    await page.getByLabel('Good shown on the tether', { exact: true }).blur()
    await expect(again).toHaveCount(0)

    // Child in: the coat hides 14 mm, and comes off.
    await stage(page, 6)
    await answer(page, 'coat', 'a coat or thick suit')
    await toCheck(page, 'coat-hides-mm')
    await fill(page, 'Slack hidden by the coat', '14')
    await expect(verdict(page)).toContainText('Not ready')
    await expect(page.locator('[data-rule="coat"]').first()).toContainText('14')
    await answer(page, 'coat', 'indoor clothes')
    await expect(verdict(page)).toContainText('Undecided')
    await home(page)

    // The walk-in is put right.
    await open(page, 'Tolland')
    await stage(page, 6)
    await toCheck(page, 'guide-above-shoulder-mm')
    await fill(page, 'Belt guide above the shoulder', '12')
    await expect(verdict(page)).toContainText('Undecided')
    await home(page)
    await pick(page.getByLabel('Where Tolland stands'), 'done')
    await expect(queueRow(page, 'Tolland')).toContainText('undecided')

    // The book of the day: three fittings, and what failed on the way.
    await page.keyboard.press('q')
    await expect(page.getByRole('status').filter({ hasText: '3 fittings' })).toBeVisible()
    await page.getByRole('button', { name: 'Failed check' }).click()
    await page.getByRole('button', { name: 'any check' }).click()
    await expect(page.getByRole('status').filter({ hasText: '2 fittings' })).toBeVisible()
    await page.getByLabel('Search the logbook').fill('tolland knot')
    await expect(page.getByRole('link', { name: /Bryn Tolland/ })).toContainText('Belt')
    await page.getByRole('button', { name: 'Charts' }).click()
    await expect(page.getByRole('heading', { name: 'Fittings in which each check failed' })).toBeVisible()
    await expectAxeClean(page, 'Logbook with charts')
    const saving = page.waitForEvent('download')
    await page.getByRole('button', { name: 'CSV' }).click()
    const csv = readFileSync(await (await saving).path(), 'utf8')
    expect(csv.trim().split('\n')).toHaveLength(2)
    expect(csv).toContain('Bryn Tolland')
  },
)

test('it came already fitted: what is wrong at the first look is counted as wrong on arrival', async ({
  page,
  server,
}) => {
  await page.goto(server.url)
  await page.keyboard.press('n')
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('radio', { name: /Tamsin Hale/ }).check()
  await dialog.getByRole('radio', { name: /Corran Dunlin/ }).check()
  await dialog.getByLabel(/It came already fitted/).check()
  await dialog.getByRole('button', { name: 'Begin' }).click()
  await page.waitForURL(/\/measure$/)
  await choose(page, 'Ravel Sheepshank, Rearward, 40–105 cm', 'Rear right', 'ISOFIX')
  await stage(page, 5)
  await answer(page, 'leg-contact', 'on packing')
  await answer(page, 'leg-contact', 'flat on the floor')
  await expect(page.getByText('Everything saved')).toBeVisible()
  await page.goto(`${server.url}/logbook`)
  await expect(page.getByRole('link', { name: /Tamsin Hale/ })).toContainText('Leg stands on the floor')
  await page.getByRole('button', { name: 'Charts' }).click()
  await expect(
    page.getByRole('heading', { name: 'Wrong on arrival: 1 of 1 (100 %) that came already fitted' }),
  ).toBeVisible()
  await expect(page.getByRole('img', { name: /^Wrong on arrival.*Leg stands on the floor 1 of 1/ })).toBeAttached()
})
