import { beginFitting, expect, expectAxeClean, fill, stage, test, tickEach, verdict, pick, useMode } from './served.ts'

const row = (page: import('@playwright/test').Page, key: string) => page.locator(`[data-mode="${key}"]`)

test('Choose: the forecast comes, filters narrow, a mode says why, three stand side by side', async ({
  page,
  server,
}) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 2)
  const best = row(page, 'ravel-sheepshank/rearward')
  await expect(best).toContainText(/left, then stature 105 cm/)

  // Beside the list: its place in the order, its way into this car, every rule.
  const detail = page.getByRole('region', { name: 'The mode selected' })
  await expect(detail).toContainText('Above')
  await expect(detail).toContainText('In this car: ISOFIX, leg')
  await row(page, 'fathom-slipknot/cushion')
    .getByRole('button', { name: /Fathom Slipknot/ })
    .click()
  await expect(detail).toContainText('Fathom Slipknot')
  await expect(detail.getByText('Booster from 100 cm, cushion from 125 cm')).toBeVisible()
  await expect(detail).toContainText('Not yet')

  // Filters never judge, they only hide.
  await page.getByRole('button', { name: /^Show only/ }).click()
  await pick(page.getByLabel('Regulation'), 'R44')
  await expect(best).toHaveCount(0)
  await expect(row(page, 'hitchmark-clove/rearward')).toBeVisible()
  await page.getByRole('button', { name: 'Show everything' }).click()
  await expect(best).toBeVisible()
  await page.getByLabel('fits the Corran Dunlin').check()
  await expect(row(page, 'ravel-marlinspike/lie-flat')).toHaveCount(0)
  await page.getByRole('button', { name: 'Show everything' }).click()
  await page.keyboard.press('Escape')

  // By keyboard alone: down, mark, down, mark, side by side, and use.
  await page.locator('body').click({ position: { x: 2, y: 2 } })
  await row(page, 'ravel-sheepshank/rearward')
    .getByRole('button', { name: /Ravel Sheepshank/ })
    .focus()
  for (const key of [
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
    'k',
  ])
    await page.keyboard.press(key)
  await expect(detail).toContainText('Ravel Sheepshank')
  await page.keyboard.press('c')
  await page.keyboard.press('j')
  await page.keyboard.press('c')
  await page.keyboard.press('v')
  const compare = page.getByRole('dialog', { name: 'Side by side' })
  await expect(compare.getByRole('columnheader')).toHaveCount(3)
  await expect(compare.getByRole('row', { name: /Time left/ })).toContainText('stature 105 cm')
  await expectAxeClean(page, 'Side by side')
  await page.keyboard.press('Escape')
  await expectAxeClean(page, 'Choose')
  await page.keyboard.press('k')
  await page.keyboard.press('e')
  await page.waitForURL(/\/place$/)
  await expect(page.getByRole('img', { name: /Corran Dunlin from above/ })).toBeVisible()
})

test('the forecast can be stopped and asked for again; the curves show the chosen mode’s limits', async ({
  page,
  server,
}) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 2)
  const stop = page.getByRole('button', { name: 'Stop', exact: true })
  await stop.click()
  await expect(page.getByText('The growth forecast was stopped.')).toBeVisible()
  await page.getByRole('button', { name: 'Forecast again' }).click()
  await expect(row(page, 'ravel-sheepshank/rearward')).toContainText('left')
  await useMode(page, 'Ravel Sheepshank, Rearward, 40–105 cm')
  await page.waitForURL(/\/place$/)
  await stage(page, 2)
  await page.getByRole('link', { name: 'Growth curves' }).click()
  await expect(page.getByRole('heading', { name: 'Growth of Tamsin Hale' })).toBeVisible()
  await expect(page.getByText('limits of Ravel Sheepshank, Rearward, 40–105 cm')).toBeVisible()
  await expect(page.getByRole('img', { name: /Stature by age.*limit to 105 cm/ })).toBeVisible()
  await page.getByText('In figures').first().click()
  await expect(page.getByRole('rowheader', { name: 'in 1 year', exact: true })).toBeVisible()
  await expectAxeClean(page, 'Growth')
})

test('clothes are taken off the scale’s reading, and an unmeasured shoulder is estimated and says so', async ({
  page,
  server,
}) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await expect(
    page.getByText(/Estimated from the stature until measured: 2\d(\.\d)? to 3\d(\.\d)? cm/).first(),
  ).toBeVisible()
  await pick(page.getByLabel('Weighed in'), 'outdoor-clothes')
  await stage(page, 2)
  // 10.4 ± 0.1 kg less 0.6 to 2 kg: the child may be under 9 kg.
  await row(page, 'fathom-sennit/harness').getByRole('button').click()
  await expect(page.getByRole('region', { name: 'The mode selected' })).toContainText(
    '9.1 ± 0.8 kg may be below the minimum for facing forward (9 kg)',
  )
  await expect(page.getByRole('button', { name: /^Mass \(settles \d/ })).toBeVisible()
})

test('at 390 px a mode opens over the list, and everything can be reached', async ({ page, server }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await page.goto(page.url().replace('measure', 'choose'))
  await expect(row(page, 'ravel-sheepshank/rearward')).toContainText('left')
  await row(page, 'ravel-sheepshank/rearward')
    .getByRole('button', { name: /Ravel Sheepshank/ })
    .click()
  const why = page.getByRole('dialog', { name: 'Why' })
  await why.getByRole('button', { name: /rules hold/ }).click()
  await expect(why).toContainText('Maker’s maximum mass')
  await expectAxeClean(page, 'Why')
  await page.keyboard.press('Escape')
  await page.getByText(/^Show only:/).click()
  await pick(page.getByLabel('Direction'), 'forward')
  await expect(row(page, 'ravel-sheepshank/rearward')).toHaveCount(0)
  await page.keyboard.press('Escape')
  const sideways = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)
  expect(sideways).toBeLessThanOrEqual(0)
  await page.getByRole('button', { name: 'Pages' }).click()
  await page.getByRole('menuitem', { name: 'Restraints' }).click()
  await expect(page.getByRole('heading', { name: 'Restraints' })).toBeVisible()
})

test('a profile made in Settings is what a new fitting starts with; the local rule is chosen beside it', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/settings`)
  const profiles = page.locator('#profiles')
  await profiles.getByRole('button', { name: 'New, from this one' }).click()
  await page.getByLabel('Name of the profile').fill('Slipway Bay')
  await pick(page.getByLabel('Turning forward'), 'legal-minimum')
  await page.getByRole('button', { name: 'Save this profile' }).click()
  await page.getByLabel('New fittings start with Slipway Bay').click()
  await expect(page.getByLabel('New fittings start with Slipway Bay')).toBeChecked()
  await page.getByRole('tab', { name: 'Local rules' }).click()
  const rules = page.locator('#local-rules')
  await rules.getByRole('button', { name: 'Until 135 cm or 12 years' }).click()
  await rules.getByLabel('Until a stature of').fill('90')
  await expect(rules.getByText('must be at least 100')).toBeVisible()
  await expect(rules.getByRole('button', { name: 'Save this rule' })).toBeDisabled()
  await rules.getByRole('button', { name: 'Discard changes' }).click()
  await expectAxeClean(page, 'Settings')

  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 2)
  await page.getByRole('button', { name: 'Practice: Slipway Bay' }).click()
  const dialog = page.getByRole('dialog', { name: 'Practice in this fitting' })
  await pick(dialog.getByLabel('Profile'), { label: 'Rearward longest' })
  await expect(dialog.getByRole('status')).toContainText('now advised against')
  await pick(dialog.getByLabel('Local rule'), { label: 'Until 135 cm or 12 years' })
  await page.keyboard.press('Escape')
  const detail = page.getByRole('region', { name: 'The mode selected' })
  await detail.getByRole('button', { name: /rules hold/ }).click()
  await expect(detail).toContainText('The local rule “Until 135 cm or 12 years” still asks for a restraint')
})

test('the rule book: every rule, found by words, with how often it decided', async ({ page, server }) => {
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 2)
  await useMode(page, 'Ravel Sheepshank, Rearward, 40–105 cm')
  await page.waitForURL(/\/place$/)
  await stage(page, 1)
  await fill(page, 'Mass', '19')
  await expect(verdict(page)).toContainText('Not permitted')
  await page.keyboard.press('b')
  await expect(page.getByRole('heading', { name: 'Rule book' })).toBeVisible()
  await expect(page.getByText(/^\d+ of \d+ rules$/)).toBeVisible()
  await page.getByPlaceholder('Find a rule').fill('maximum mass')
  await page.locator('#R129-mass-max').getByRole('link').click()
  await expect(page.getByRole('heading', { name: 'Maker’s maximum mass' })).toBeVisible()
  await expect(page.getByText('decided in 1 fitting, after', { exact: false })).toBeVisible()
  await expectAxeClean(page, 'Rule book')
})

test('a unit that stands the other way is converted first, from Choose; then its mode can be used', async ({
  page,
  server,
}) => {
  await page.goto(server.url)
  const catalogue = (await (await page.request.get(`${server.url}/api/catalogue`)).json()) as {
    units: { id: string; direction?: string }[]
  }
  const unit = { ...catalogue.units.find((u) => u.id === 'u-clove-1'), direction: 'forward' }
  await page.request.post(`${server.url}/api/catalogue/import?overrule=u-clove-1`, {
    data: { format: 'nimble-anchor/catalogue', version: 2, units: [unit] },
  })
  await beginFitting(page, server, 'Tamsin Hale')
  await stage(page, 2)
  await row(page, 'hitchmark-clove/rearward')
    .getByRole('button', { name: /Hitchmark Clove/ })
    .click()
  const detail = page.getByRole('region', { name: 'The mode selected' })
  await expect(detail).toContainText('Convert the restraint first')
  await expect(detail).toContainText('Unit CL-5520 stands forward; this mode needs it rearward.')
  await expectAxeClean(page, 'Choose, convert first')
  await detail.getByRole('button', { name: 'Convert CL-5520 first' }).click()
  await page.waitForURL(/\/jobs\//)
  await tickEach(page)
  for (const good of [
    'set and locked',
    'same height, flat, over every bar',
    'clicks, holds, and lets go',
    'holds',
    'nothing left over',
  ])
    await page.getByText(good, { exact: true }).click()
  await expect
    .poll(async () => {
      const { units } = (await (await page.request.get(`${server.url}/api/catalogue`)).json()) as typeof catalogue
      return units.find((u) => u.id === 'u-clove-1')
    })
    .toMatchObject({ direction: 'rearward' })
})
