import type { Page } from '@playwright/test'
import { GOOD } from './good.ts'
import { counting, type } from './hand.ts'
import { expect, pick, test, verdict } from './served.ts'

/** A child nobody knows, to the restraint, by name, age and what is measured. */
async function begin(page: Page, isPhone = false): Promise<void> {
  await page.getByRole('button', { name: 'New fitting' }).first().click()
  const dialog = page.getByRole('dialog')
  // The first field has the keyboard; under a finger no keyboard comes up unasked.
  const name = dialog.getByLabel('Find a child by name')
  if (isPhone) await name.click()
  await expect(name).toBeFocused()
  await type(page, 'Pip')
  await dialog.getByRole('radio', { name: /Corran Dunlin/ }).click()
  await page.keyboard.press('Enter')
  await page.waitForURL(/\/measure$/)
  await page.getByLabel('Mass', { exact: true }).click()
  await type(page, '10.4\t')
  await page.getByLabel('Stature', { exact: true }).click()
  await type(page, '79\t')
  await page.getByLabel('Seated shoulder height', { exact: true }).click()
  await type(page, '29.5\t')
  await page.getByLabel('Age, as told', { exact: true }).click()
  await type(page, '16\t')
  await page.getByRole('radio', { name: 'holds its head steady' }).click()
  await page.getByRole('radio', { name: 'none', exact: true }).click()
  await page.getByRole('button', { name: 'Go on to Choose' }).click()
  await page.waitForURL(/\/choose$/)
}
/** The mode selected, its place, everything set: to the steps. */
async function toAttach(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Use Ravel Sheepshank, Rearward/ }).click()
  await page.waitForURL(/\/place$/)
  await page.getByRole('button', { name: /^Use this place/ }).click()
  await page.waitForURL(/\/set-up$/)
  await page.getByRole('button', { name: 'Set all as worked out' }).click()
  // The first notch that stands is seen at the car: an observation.
  await pick(page.getByLabel('What is set').last(), '7')
  await page.getByRole('button', { name: 'Go on to Attach' }).click()
  await page.waitForURL(/\/attach$/)
}
/** Four measures and two answers: an observation each. */
const OBSERVED_AT_MEASURE = 6

test('a child nobody knows, one car, to ready at the desk: what the hand does beyond one tap an observation', async ({
  page,
  server,
}) => {
  test.slow()
  await page.setViewportSize({ width: 1280, height: 800 })
  const hand = await counting(page)
  await page.goto(server.url)
  await begin(page)
  await toAttach(page)
  let observed = OBSERVED_AT_MEASURE + 1
  for (let i = 0; i < 60 && !page.url().endsWith('/hand-over'); i += 1) {
    const heading = await page.locator('article h2').innerText()
    const before = observed
    const open = await page
      .locator('article [data-check]')
      .evaluateAll((list) =>
        list
          .filter((c) => !c.querySelector('[role=radio][aria-checked=true]'))
          .map((c) => c.getAttribute('data-check') ?? ''),
      )
    for (const id of open) {
      const check = page.locator(`article [data-check="${id}"]`)
      const good = GOOD[id]
      if (good === undefined) throw new Error(`no answer to ${id}`)
      const field = check.locator('input[inputmode=decimal]').first()
      if (/^\d*$/.test(good) && (await field.count()) > 0) {
        if ((await field.inputValue()) !== '' || good === '') continue
        await field.click()
        await type(page, `${good}\t`)
      } else await check.getByRole('radio', { name: good, exact: true }).last().click()
      observed += 1
    }
    await page.waitForTimeout(900)
    if ((await page.locator('article h2').count()) === 0 || (await page.locator('article h2').innerText()) !== heading)
      continue
    if (before === observed || (await page.getByRole('button', { name: /^Next/ }).count()) > 0)
      await page.getByRole('navigation', { name: 'From step to step' }).getByRole('button').last().click()
    await page.waitForTimeout(200)
  }
  await expect(verdict(page)).toContainText('Ready to travel')
  const { taps, keys, scroll } = await hand()
  console.log(`desk: ${taps} taps for ${observed} observations, ${keys} keys, ${scroll} px`)
  expect(taps - observed).toBeLessThanOrEqual(12)
  expect(keys).toBeLessThanOrEqual(25)
  expect(scroll).toBe(0)
})

test('the same on a phone, one check a view', async ({ browser, server }) => {
  test.slow()
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  const page = await context.newPage()
  const hand = await counting(page)
  await page.goto(server.url)
  await begin(page, true)
  await page.locator('[data-mode="ravel-sheepshank/rearward"]').getByRole('button').click()
  await toAttach(page)
  // The first step fills the screen: nothing is pressed to get there.
  const bay = page.getByRole('dialog')
  await bay.waitFor()
  let observed = OBSERVED_AT_MEASURE + 1
  for (let i = 0; i < 80 && !page.url().endsWith('/hand-over'); i += 1) {
    const open = await bay
      .locator('[data-check]')
      .evaluateAll((list) =>
        list
          .filter((c) => !c.querySelector('[role=radio][aria-checked=true]'))
          .map((c) => c.getAttribute('data-check') ?? ''),
      )
    const isBefore = (await bay.getByText('Before, it showed').count()) > 0
    const asked = `${isBefore}${open.join(' ')}`
    for (const id of open) {
      const good = GOOD[id] ?? ''
      const check = bay.locator(`[data-check="${id}"]`)
      const pad = bay.getByRole('group', { name: /, figures$/ })
      if ((await pad.count()) > 0) {
        if (good === '') continue
        for (const figure of good) await pad.getByRole('button', { name: figure, exact: true }).click()
        await pad.getByRole('button', { name: 'Save' }).click()
        // The figure and its Keep are the observation.
        observed += good.length + 1
      } else {
        const answer = check.getByRole('radio', { name: isBefore ? /^(open|bad|still turns)$/ : good, exact: true }).first() // prettier-ignore
        if ((await answer.count()) === 0) continue
        await answer.click()
        observed += 1
      }
    }
    await page.waitForTimeout(900)
    const shown = await bay.locator('[data-check]').evaluateAll((list) => list.map((c) => c.getAttribute('data-check')).join(' ')) // prettier-ignore
    const now = `${(await bay.getByText('Before, it showed').count()) > 0}${shown}`
    if ((await bay.count()) > 0 && (open.length === 0 || now.includes(asked)))
      await bay.getByRole('navigation', { name: 'Steps' }).getByRole('button').last().click()
    await page.waitForTimeout(200)
  }
  await expect(verdict(page)).toContainText('Ready to travel')
  const { taps, keys, scroll } = await hand()
  console.log(`phone: ${taps} taps for ${observed} observations, ${keys} keys, ${scroll} px`)
  expect(taps - observed).toBeLessThanOrEqual(15)
  expect(keys).toBeLessThanOrEqual(25)
  expect(scroll).toBeLessThanOrEqual(1500)
  await context.close()
})
