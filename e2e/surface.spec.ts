import { readFileSync } from 'node:fs'
import { expect, expectAxeClean, stage, test, toCheck, verdict, type Server } from './served.ts'
import type { Page } from '@playwright/test'

const example = JSON.parse(readFileSync(new URL('../docs/formats/example.case.json', import.meta.url), 'utf8')) as {
  child: object
  readings: Record<string, object>
  settings: Record<string, object>
}

async function open(page: Page, server: Server, c: object, at: string): Promise<void> {
  const answer = await page.request.post(`${server.url}/api/fittings/import?child=known`, { data: c })
  const { id } = (await answer.json()) as { id: string }
  await page.goto(`${server.url}/fittings/${id}/${at}`)
  await verdict(page).waitFor()
}
const heights = (page: Page) =>
  page.evaluate(() => ({ page: document.documentElement.scrollHeight, wide: document.documentElement.scrollWidth }))

test('on a desk Attach and Child in are one view: every step, with the way on in it', async ({ page, server }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await open(page, server, example, 'attach')
  for (const key of [5, 6]) {
    await stage(page, key)
    const steps = page.locator('[data-step]').filter({ visible: true })
    for (let i = 0; i < (await steps.count()); i += 1) {
      await steps.nth(i).click()
      await expect(steps.nth(i)).toHaveAttribute('aria-current', 'step')
      expect(await heights(page)).toEqual({ page: 800, wide: 1280 })
      await expect(page.getByRole('navigation', { name: 'From step to step' }).getByRole('button').last()).toBeInViewport() // prettier-ignore
    }
  }
})

test('everything outdated at once, the list scrolls in its pane and the page does not', async ({ page, server }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await open(page, server, { ...example, disturbances: { base: { at: 400 } } }, 'attach')
  await expect(page.getByRole('region', { name: 'Checks to do again' })).toContainText(/\d\d checks must be done again/)
  expect(await heights(page)).toEqual({ page: 800, wide: 1280 })
})

test('from a verdict that says no one press leads to the very check, in view and in hand', async ({ page, server }) => {
  const readings = { ...example.readings, 'latch-right': { option: 'open', at: 400 } }
  await open(page, server, { ...example, readings }, 'measure')
  await expect(verdict(page)).toContainText('Not ready')
  await verdict(page).getByRole('button', { name: 'Put it right' }).click()
  await page.waitForURL(/\/attach$/)
  const check = page.locator('[data-check="latch-right"]')
  await expect(check).toBeInViewport()
  await expect.poll(() => check.evaluate((e) => e.contains(document.activeElement))).toBe(true)
  // Loaded again, nobody is led a second time: the keys are the stages' again.
  await page.reload()
  await stage(page, 1)
})

test('what is to be measured is a press away from anywhere, and its field has the keyboard', async ({
  page,
  server,
}) => {
  const { seatedShoulderHeightMm: _gone, ...child } = example.child as Record<string, unknown>
  await open(page, server, { ...example, child }, 'attach')
  await expect(verdict(page)).toContainText('Undecided')
  await verdict(page).getByRole('button', { name: 'Measure the seated shoulder height' }).click()
  await page.waitForURL(/\/measure$/)
  const field = page.getByLabel('Seated shoulder height', { exact: true })
  await expect(field).toBeFocused()
  await expect(field).toBeInViewport()
})

test('Attach by the keyboard alone: on, back, an answer, and the verdict is heard', async ({ page, server }) => {
  const { 'tug-left': _left, ...readings } = example.readings
  await open(page, server, { ...example, readings }, 'attach')
  await expect(page.getByRole('heading', { name: /Latch both connectors/ })).toBeVisible()
  await page.keyboard.press('j')
  await expect(page.getByRole('heading', { name: /Push home/ })).toBeVisible()
  await page.keyboard.press('k')
  // Leafed through to the end by keys, nothing is entered: no step is done by being looked at.
  const stored = async () => (await page.request.get(page.url().replace('/fittings/', '/api/fittings/').replace('/attach', ''))).json() as Promise<{ sequence: number }> // prettier-ignore
  const before = (await stored()).sequence
  for (let i = 0; i < 12; i += 1) await page.keyboard.press('j')
  for (let i = 0; i < 12; i += 1) await page.keyboard.press('k')
  await expect(page.getByRole('heading', { name: /Before anything/ })).toBeVisible()
  expect((await stored()).sequence).toBe(before)
  await toCheck(page, 'tug-left')
  const held = page.locator('[data-check="tug-left"]').getByRole('radio', { name: 'held' })
  await held.focus()
  await page.keyboard.press('Space')
  await expect(verdict(page).getByRole('status')).toContainText('Ready to travel')
})

test('on a phone a step is one column, nothing wider than the screen; light, dark and large', async ({ browser, server }) => {
  for (const [colorScheme, width, height] of [['light', 390, 844], ['dark', 390, 844], ['light', 640, 400]] as const) {
    const context = await browser.newContext({ viewport: { width, height }, colorScheme, hasTouch: width < 640 })
    const page = await context.newPage()
    await open(page, server, { ...example, disturbances: { connectors: { at: 400 } } }, 'attach')
    expect((await heights(page)).wide).toBe(width)
    await expect(page.getByRole('navigation', { name: 'From step to step' }).getByRole('button').last()).toBeInViewport() // prettier-ignore
    await expectAxeClean(page, `Attach, ${colorScheme}, ${width}`)
    await page.getByRole('button', { name: /all steps/ }).click()
    await toCheck(page, 'leg-contact')
    await expect(page.locator('[data-check="leg-contact"]')).toBeVisible()
    await context.close()
  }
}) // prettier-ignore
