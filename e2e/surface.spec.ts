import { readFileSync } from 'node:fs'
import { beginFitting, expect, expectAxeClean, stage, test, toCheck, verdict, type Server } from './served.ts'
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

test('on a phone the steps are a list, a step fills the screen; light, dark and large', async ({ browser, server }) => {
  for (const [colorScheme, width, height] of [['light', 390, 844], ['dark', 390, 844], ['light', 640, 400]] as const) {
    const context = await browser.newContext({ viewport: { width, height }, colorScheme, hasTouch: width < 640 })
    const page = await context.newPage()
    await open(page, server, { ...example, disturbances: { connectors: { at: 400 } } }, 'attach')
    expect((await heights(page)).wide).toBe(width)
    await expectAxeClean(page, `Attach, ${colorScheme}, ${width}`)
    await toCheck(page, 'leg-contact')
    await expect(page.getByRole('dialog').locator('[data-check="leg-contact"]')).toBeVisible()
    await expectAxeClean(page, `A step, ${colorScheme}, ${width}`)
    await context.close()
  }
}) // prettier-ignore

test('in bay view on a phone nothing is below the fold, verdict and save line stand above every check', async ({
  browser,
  server,
}) => {
  test.slow()
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  const page = await context.newPage()
  for (const at of ['attach', 'child-in']) {
    await open(page, server, { ...example, readings: {} }, at)
    await page.getByRole('button', { name: 'Bay view' }).click()
    const bay = page.getByRole('dialog')
    const onward = bay.getByRole('navigation', { name: 'Steps' }).getByRole('button').last()
    const back = bay.getByRole('button', { name: 'Back' })
    while (await back.isEnabled()) await back.click()
    const tall: string[] = []
    for (let i = 0; i < 40; i += 1) {
      await expect(bay.getByText('Undecided')).toBeVisible()
      await expect(onward).toBeInViewport({ ratio: 1 })
      expect(await bay.locator('[data-check]').count()).toBeLessThanOrEqual(2)
      expect(await bay.getByRole('img').count()).toBeGreaterThan(0)
      const beyond = await bay.evaluate((d) => {
        const pane = d.querySelector('.overflow-y-auto')
        return pane ? pane.scrollHeight - pane.clientHeight : -1
      })
      if (beyond > 0) tall.push(`${await bay.getByRole('heading').first().innerText()}: ${beyond} px`)
      if (!/^(Next|Leave it open)/.test(await onward.innerText())) break
      await onward.click()
    }
    expect(tall).toEqual([])
    await bay.getByRole('button', { name: 'Close' }).click()
  }
  await context.close()
})

const PAPER = 'The sheet, as it will be printed'
test('every stage is one view on a desk, its main button in it, and half the words of before', async ({
  page,
  server,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await open(page, server, example, 'measure')
  // Counted before the stages were drawn anew, and at most half of them now.
  const before = {
    measure: 700,
    choose: 1332,
    place: 1064,
    'set-up': 1100,
    attach: 706,
    'child-in': 600,
    'hand-over': 1005,
  }
  for (const [i, name] of Object.keys(before).entries()) {
    await stage(page, i + 1)
    await page.getByText('Loading.').waitFor({ state: 'detached' })
    await page.waitForTimeout(name === 'choose' ? 2500 : 300)
    if (name === 'hand-over') await page.getByRole('article', { name: PAPER }).waitFor()
    expect([name, await heights(page)]).toEqual([name, { page: 800, wide: 1280 }])
    // What is printed is shown as it is printed, and is no word of the screen's.
    const words = await page.evaluate(
      (left) =>
        [...document.querySelectorAll('main *')]
          .filter((e) => !e.closest(left) && (e as HTMLElement).offsetParent !== null)
          .flatMap((e) => [...e.childNodes].filter((n) => n.nodeType === 3).map((n) => n.textContent ?? ''))
          .join(' ')
          .split(/\s+/)
          .filter(Boolean).length,
      `.sr-only, [hidden], option, [aria-label="${PAPER}"]`,
    )
    expect([name, words <= before[name as keyof typeof before] / 2 ? 'half' : words]).toEqual([name, 'half'])
  }
})

test('Choose shows twenty modes at once on shared axes, painted once in their order', async ({ page, server }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await stage(page, 2)
  const rows = page.locator('[data-mode]')
  await rows.first().waitFor()
  const order = await rows.evaluateAll((list) => list.map((r) => r.getAttribute('data-mode')))
  await page.waitForTimeout(1500)
  expect(await rows.evaluateAll((list) => list.map((r) => r.getAttribute('data-mode')))).toEqual(order)
  const inView = await rows.evaluateAll(
    (list) =>
      list.filter((r) => {
        const { top, bottom } = r.getBoundingClientRect()
        const pane = r.closest('.overflow-y-auto, .relative')?.parentElement?.getBoundingClientRect()
        return top >= (pane?.top ?? 0) && bottom <= Math.min(pane?.bottom ?? 800, 800)
      }).length,
  )
  expect(inView).toBeGreaterThanOrEqual(20)
  // The arrow keys move the selection, and its reasons stand beside.
  const detail = page.getByRole('region', { name: 'The mode selected' })
  await rows.nth(2).getByRole('button').click()
  await page.keyboard.press('ArrowDown')
  await expect(rows.nth(3).getByRole('button')).toHaveAttribute('aria-pressed', 'true')
  await expect(rows.nth(3).getByRole('button')).toBeFocused()
  await expect(detail).toBeVisible()
})
