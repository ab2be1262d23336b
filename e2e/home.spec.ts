import { expect, expectAxeClean, test, verdict } from './served.ts'

test(
  'the first minute: a Saturday in full swing, five marks, one press from a visit to its verdict; then it all goes',
  { tag: '@demo' },
  async ({ page, server }) => {
    test.slow()
    await page.setViewportSize({ width: 1280, height: 800 })
    await page.goto(server.url)
    // Eleven families around this hour, and nothing of the day below the fold.
    await expect(page.getByRole('button', { name: /^Change the visit of/ })).toHaveCount(11)
    const mark = page.getByRole('dialog', { name: /^First look, 1 of 5/ })
    await expect(mark).toBeVisible()
    await expectAxeClean(page, 'Today with the first mark')
    expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800)
    // Five presses of one key, and it never comes again.
    for (let i = 0; i < 5; i += 1) {
      await expect(page.getByRole('dialog', { name: `First look, ${i + 1} of 5` })).toBeVisible()
      await page.keyboard.press('Enter')
    }
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await page.reload()
    await expect(page.getByRole('button', { name: /^Change the visit of/ })).toHaveCount(11)
    await expect(page.getByRole('dialog')).toHaveCount(0)

    // One press from a visit to its fitting, whose verdict stands above the work.
    const row = (name: string) =>
      page.getByRole('listitem').filter({ has: page.getByRole('button', { name: `Change the visit of ${name}` }) })
    for (const [name, word] of [
      ['Perrin Hale', 'Ready to travel'],
      ['Tamsin Hale', 'Undecided'],
      ['Ada Strand', 'Not ready'],
      ['Osric Penn', 'Not permitted'],
    ] as const) {
      await row(name)
        .getByRole('link', { name: /^Open the fitting/ })
        .click()
      await expect(verdict(page)).toContainText(word)
      await page.keyboard.press('t')
    }
    // What was un-passed by the recline is asked for again.
    await row('Tamsin Hale')
      .getByRole('link', { name: /^Open the fitting/ })
      .click()
    await expect(page.getByText(/checks must be done again/).first()).toBeVisible()
    await page.keyboard.press('t')

    // The season comes while others work; then every chart has something to say.
    await expect(page.getByRole('complementary', { name: 'Demo' })).toBeVisible()
    await expect(page.getByText(/^Season: \d+ of 600/)).toHaveCount(0, { timeout: 120_000 })
    await page.keyboard.press('q')
    await expect(page.getByRole('status').filter({ hasText: /^\d{3} fittings/ })).toBeVisible()
    await page.getByRole('button', { name: 'Charts' }).click()
    await expect(page.getByRole('heading', { name: /^Wrong on arrival: \d+ of \d+/ })).toBeVisible()
    await expectAxeClean(page, 'The season in charts')

    await page.keyboard.press('m')
    await expect(page.getByRole('heading', { name: /^\d+ of \d+$/ })).toBeVisible()
    await page.getByLabel('Find a family or a child').fill('hale')
    await page.getByRole('link', { name: /^Hale/ }).click()
    await expect(page.getByRole('figure', { name: 'The years ahead of each child' })).toBeVisible()
    await expectAxeClean(page, 'A family of the demo')

    // Its cars say that they are the demo's, in their list and on a page of their own.
    await page.goto(`${server.url}/vehicles`)
    const cars = page.getByRole('main').getByRole('listitem')
    await expect(cars).not.toHaveCount(0)
    await expect(cars.filter({ hasNotText: 'demo' })).toHaveCount(0)
    await cars.first().getByRole('link').click()
    await expect(page.getByRole('link', { name: 'All cars' })).toBeVisible()
    await expect(page.getByRole('main').getByText('demo', { exact: true })).toHaveCount(1)

    await page.keyboard.press('t')
    await page.getByRole('button', { name: 'Remove the demo' }).click()
    const asked = page.getByRole('alertdialog')
    await expect(asked).toContainText('Your own families and fittings stay')
    await asked.getByRole('button', { name: 'Remove the demo' }).click()
    await expect(page.getByRole('heading', { name: 'Nothing is here yet' })).toBeVisible({ timeout: 60_000 })
    await expect(page.getByRole('complementary', { name: 'Demo' })).toHaveCount(0)
    await expectAxeClean(page, 'A bay with nothing in it')
  },
)

test(
  'a folder that is named starts empty, says what to do first, and takes the demo at one press',
  { tag: '@bare' },
  async ({ page, server }) => {
    await page.goto(server.url)
    await expect(page.getByRole('heading', { name: 'Nothing is here yet' })).toBeVisible()
    await expectAxeClean(page, 'Nothing is here yet')
    await page.getByRole('link', { name: 'Enter a restraint' }).click()
    await expect(page.getByText('Import a catalogue, or enter the first from its manual.')).toBeVisible()
    await page.keyboard.press('t')
    await page.getByRole('button', { name: 'Load the demo' }).click()
    await expect(page.getByRole('button', { name: /^Change the visit of/ })).toHaveCount(11)
    await expect(page.getByRole('complementary', { name: 'Demo' })).toBeVisible()
  },
)

test('a child who is not listed is added from the first sight of the dialog, by keyboard alone', async ({
  page,
  server,
}) => {
  await page.goto(server.url)
  await page.keyboard.press('n')
  const dialog = page.getByRole('dialog', { name: 'New fitting' })
  await expect(dialog.getByRole('radio', { name: /^Add a child/ })).toBeVisible()
  await dialog.getByRole('radio', { name: /^Add a child/ }).check()
  await expect(dialog.getByLabel('First name')).toBeFocused()
  await page.keyboard.type('Pip')
  await page.keyboard.press('Tab')
  await page.keyboard.type('Quay')
  await page.keyboard.press('Enter')
  await page.waitForURL(/\/measure$/)
  await expect(page.getByText('Pip Quay').first()).toBeVisible()
})
