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
  pick,
  useMode,
  usePlace,
  placeFacts,
} from './served.ts'

const lines = (page: Page) => page.getByRole('list', { name: 'The arithmetic' })
const line = (page: Page, id: string) => page.locator(`[data-line="${id}"]`)

/** Chooses a mode of the shelf and opens Place. */
async function choose(page: Page, mode: string): Promise<void> {
  await stage(page, 2)
  await useMode(page, mode)
  await page.waitForURL(/\/place$/)
}
async function place(page: Page, name: string, route: string): Promise<void> {
  await usePlace(page, name, route)
}

test('the sloping cushion that needs a wedge', async ({ page, server }) => {
  await beginFitting(page, server, 'Osric Penn', 'Corran Dunlin')
  await choose(page, 'Hitchmark Prusik, Rearward, 9–25 kg')
  await page.getByRole('button', { name: /^pass Rear right/ }).click()
  await page.getByRole('button', { name: /^Use this place: Rear right/ }).click()
  await page.waitForURL(/\/set-up$/)
  // The answer to the entry comes only after the search: what was found holds all the same.
  let answer = (): void => undefined
  const gate = new Promise<void>((r) => (answer = r))
  await page.route('**/entries', async (route) => {
    await gate
    await route.continue()
  })
  await fill(page, 'Slope, front edge higher is +', '26')
  await expect(page.getByText('Wedge in', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Search' }).click()
  const found = page.getByRole('listitem').filter({ hasText: 'wedge in' }).first()
  await expect(found).toContainText('Recline 3, wedge in')
  answer()
  await expect(page.getByText('Everything saved')).toBeVisible()
  await expect(page.getByText('Something was changed since')).toHaveCount(0)
  await found.getByRole('button', { name: /^Use/ }).click()
  await expect(line(page, 'shell-angle')).toContainText('24.3 ± 1°')
  await page.getByLabel(/^Explain/).check()
  await expect(lines(page)).toContainText('ω = atan(40 / 360) = 6.3°')
  await expect(lines(page)).toContainText('φ = 44° − (26 ± 1)° + 6.3° = (24.3 ± 1)°')
  await expectAxeClean(page, 'Set up, explained')
  // Out again on the drawing: the shell is too upright, and the bench says so at once.
  await page.getByRole('slider', { name: 'Wedge' }).focus()
  await page.keyboard.press('ArrowDown')
  await expect(line(page, 'shell-angle')).toContainText('18 ± 1°')
  await expect(line(page, 'shell-angle')).toContainText('or the wedge where the maker allows it')
})

test('the hollow floor is refused, and the tether route is found instead', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Avocet')
  await choose(page, 'Fathom Stopper, Forward, 76–105 cm')
  await page.getByRole('button', { name: /^pass Second row left/ }).click()
  await page.getByRole('radio', { name: /ISOFIX with leg/ }).click()
  await expect(page.getByText('There is a storage box under the floor that may not bear a leg.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Use this place: Second row left, ISOFIX with leg' })).toHaveCount(0)
  await place(page, 'Second row left', 'ISOFIX with top tether')
  await expect(line(page, 'tether')).toContainText('640 ± 20 mm')

  // A rearward seat on its leg has no other route: the program looks for the one change that helps.
  await choose(page, 'Ravel Sheepshank, Rearward, 40–105 cm')
  await page.getByRole('button', { name: /^fail Second row left/ }).click()
  await expect(page.getByRole('heading', { name: /one change that would/i })).toBeVisible()
  await expectAxeClean(page, 'Place, one change')
  const change = page.getByRole('listitem').filter({ hasText: 'Another car' }).first()
  await expect(change).toContainText('Corran')
  await change.getByRole('button', { name: /^Change to/ }).click()
  await page.waitForURL(/\/set-up$/)
  await expect(page.getByRole('list', { name: 'Child, place, restraint' })).not.toContainText('Avocet')
  await expect(page.getByRole('list', { name: 'Child, place, restraint' })).toContainText('Ravel Sheepshank')
})

test('the leg between two notches', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await choose(page, 'Fathom Stopper, Forward, 76–105 cm')
  await place(page, 'Rear right', 'ISOFIX with leg')
  const height = page.getByLabel('Front edge above the bare floor', { exact: true })
  await height.fill('333')
  await page.getByLabel('Front edge above the bare floor, plus or minus').fill('0.5')
  await page.getByLabel('Front edge above the bare floor, plus or minus').press('Enter')
  // 366.6 mm are needed; notches stand at 360 and 380 mm.
  await page.getByRole('slider', { name: 'Leg notch' }).focus()
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowUp')
  await expect(page.getByRole('slider', { name: 'Leg notch' })).toHaveAttribute('aria-valuetext', 'leg notch 4 of 9')
  await expect(line(page, 'leg')).toContainText('Notch 4 lifts the base by 13')
  await expect(line(page, 'leg')).toContainText('the maker allows 12 mm')
  await expect(line(page, 'leg')).toContainText('The notch below would leave')
  await expect(verdict(page)).toContainText('Not ready')
  await page.keyboard.press('ArrowDown')
  await expect(line(page, 'leg')).toContainText('under the foot; notch 4 reaches the floor.')
})

test('the front seat that cannot go back far enough for the tallest driver', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await choose(page, 'Ravel Sheepshank, Rearward, 40–105 cm')
  await page.getByRole('button', { name: /^pass Rear right/ }).click()
  // A very tall driver: no permitted recline leaves room behind that seat.
  await placeFacts(page)
  await fill(page, 'Backrest to it, tallest driver', '480')
  await page.keyboard.press('Escape')
  await page
    .getByRole('button', { name: /Room for the shell behind the seat in front/ })
    .first()
    .click()
  await expect(
    page.getByText(/^No permitted recline fits, at most [\d.]+° would: another place, car or restraint\.$/).first(),
  ).toBeAttached()
  await expect(page.getByRole('button', { name: /^fail Rear right/ })).toBeVisible()
  await placeFacts(page)
  await fill(page, 'Backrest to it, tallest driver', '600')
  await page.keyboard.press('Escape')
  await place(page, 'Rear right', 'ISOFIX with leg')
  await page.getByRole('button', { name: 'Recline: set so' }).click()
  await expect(line(page, 'front-room')).toContainText('69 ± 31 mm')

  // Dragged flatter by hand, the shell runs into the seat; let go, it is kept.
  const handle = page.locator('[data-handle="recline"]')
  await handle.scrollIntoViewIfNeeded()
  const box = await handle.boundingBox()
  if (!box) throw new Error('the recline has a handle')
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 60, y + 22, { steps: 6 })
  await page.mouse.move(x + 75, y + 30, { steps: 3 })
  await expect(line(page, 'front-room')).toContainText('Needs')
  await page.mouse.up()
  await expect(verdict(page)).toContainText('Not ready')
  await expect(line(page, 'front-room')).toContainText(
    /a more upright recline \((?:at most|under) [\d.]+° leaves room\), the seat in front further forward/,
  )
  await expect(page.getByText('Everything saved')).toBeVisible()
  await page.reload()
  await expect(line(page, 'front-room')).toContainText('Needs')

  await page.getByRole('button', { name: 'Search' }).click()
  const best = page.getByRole('listitem').filter({ hasText: 'to spare' }).first()
  await expect(best).toContainText('recline 1')
  await best.getByRole('button', { name: /^Use/ }).click()
  await expect(line(page, 'front-room')).toContainText('69 ± 31 mm')

  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save the drawing as SVG' }).click()
  const file = await (await saving).path()
  const svg = readFileSync(file, 'utf8')
  expect(svg).toContain('<title>Rear right, Rearward, 40–105 cm</title>')
  expect(svg).not.toContain('var(--')
})

test('instruments: a value that settles lands with its ± and source; one that never settles lands nowhere', async ({
  page,
  server,
}) => {
  await beginFitting(page, server, 'Tamsin Hale')
  await page.getByRole('button', { name: 'Mass: read from the baby scale' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('Stand-in: simulated, no device is connected')).toBeVisible()
  await dialog.getByLabel('What it has on it, kg').fill('11.2')
  await pick(dialog.getByLabel('And how it'), 'restless')
  await dialog.getByRole('button', { name: 'Read' }).click()
  await expect(dialog.getByText('Moving. Keep still; it takes the value by itself.')).toBeVisible()
  await expectAxeClean(page, 'Instrument')
  await page.keyboard.press('Escape')
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('10.4')

  await page.getByRole('button', { name: 'Mass: read from the baby scale' }).click()
  await dialog.getByLabel('What it has on it, kg').fill('11.2')
  await pick(dialog.getByLabel('And how it'), 'calm')
  await dialog.getByRole('button', { name: 'Read' }).click()
  await expect(dialog.getByText(/^At rest: 11\.\d+ ± 0\.0\d kg is in “Mass”, source instrument\.$/)).toBeVisible({
    timeout: 15_000,
  })
  await dialog.getByRole('button', { name: 'Done' }).click()
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue(/^11\.[12]\d?$/)
  await expect(page.getByLabel('Mass, source')).toHaveText('instrument')
  await page.keyboard.press('h')
  await expect(page.getByRole('dialog')).toContainText('instrument')
})

test('on the plan of a car places and doors follow the hand', async ({ page, server }) => {
  await page.goto(`${server.url}/vehicles/corran-knot`)
  const plan = page.getByRole('complementary', { name: 'Plan' })
  const rear = plan.getByRole('button', { name: /^Rear left, row 2/ })
  await expect(rear).toHaveAccessibleName('Rear left, row 2, 330 mm left of the middle')
  const box = await rear.boundingBox()
  if (!box) throw new Error('the place is drawn')
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 - 14, box.y + box.height / 2, { steps: 5 })
  await page.mouse.up()
  await expect(rear).not.toHaveAccessibleName(/ 330 mm/)
  await rear.focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByLabel('Centre, right of the middle is +')).not.toHaveValue('-330')
  await plan.getByRole('button', { name: /^Door of Rear left: left/ }).focus()
  await page.keyboard.press('Enter')
  await expect(plan.getByRole('button', { name: /^Door of Rear left: right/ })).toBeVisible()

  // Letters by keyboard: the arrows go from cell to cell, a letter typed is set.
  await page.getByRole('tab', { name: 'Handbook letters, every place' }).click()
  await page.getByLabel('Rear left, Group I', { exact: true }).focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByLabel('Rear middle, Group I', { exact: true })).toBeFocused()
  await page.keyboard.press('L')
  await expect(page.getByLabel('Rear middle, Group I', { exact: true })).toHaveText('L')
  await expectAxeClean(page, 'Vehicle')
  await page.getByRole('button', { name: 'Save this car' }).click()
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible()
})
