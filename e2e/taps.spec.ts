import type { Page } from '@playwright/test'
import { bayAnswer, bayFigure, expect, stage, test, verdict } from './served.ts'

/** Counts what a hand does on the page: taps, keys that type or move, and what was scrolled, over every page of it. */
async function counting(page: Page) {
  await page.addInitScript(() => {
    const kept = (): Record<'taps' | 'keys' | 'scroll', number> =>
      JSON.parse(sessionStorage.getItem('hand') ?? '{"taps":0,"keys":0,"scroll":0}') as Record<
        'taps' | 'keys' | 'scroll',
        number
      >
    const add = (what: 'taps' | 'keys' | 'scroll', by = 1): void => {
      const all = kept()
      all[what] += by
      sessionStorage.setItem('hand', JSON.stringify(all))
    }
    addEventListener('pointerdown', () => add('taps'), true)
    addEventListener('keydown', () => add('keys'), true)
    addEventListener('wheel', (e) => add('scroll', Math.abs(e.deltaY)), true)
  })
  return () =>
    page.evaluate(
      () => JSON.parse(sessionStorage.getItem('hand') ?? '{}') as { taps: number; keys: number; scroll: number },
    )
}
const type = (page: Page, text: string) => page.keyboard.type(text)

/** A child nobody knows, to the restraint, by name, age and what is measured. */
async function begin(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'New fitting' }).first().click()
  await type(page, 'Pip')
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('radio', { name: /Corran Dunlin/ }).click()
  await dialog.getByRole('button', { name: 'Begin' }).click()
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
  await page.getByRole('button', { name: /^Use Ravel Sheepshank, Rearward/ }).click()
  await page.waitForURL(/\/place$/)
  await page.getByRole('button', { name: /^Use this place/ }).click()
  await page.waitForURL(/\/set-up$/)
  await page.getByRole('button', { name: 'Set all as worked out' }).click()
  await page.getByRole('button', { name: 'Go on to Attach' }).click()
  await page.waitForURL(/\/attach$/)
  let observed = OBSERVED_AT_MEASURE
  for (let i = 0; i < 60 && !page.url().endsWith('/hand-over'); i += 1) {
    const open = page
      .locator('article [data-check]')
      .filter({ hasNot: page.locator('[role=radio][aria-checked=true]') })
      .filter({ hasNot: page.locator('input[data-kept]') })
    const heading = await page.locator('article h2').innerText()
    const before = observed
    for (const check of await open.all()) {
      const id = await check.getAttribute('data-check')
      const good = GOOD[id ?? '']
      if (good === undefined) throw new Error(`no answer to ${id ?? ''}`)
      const field = check.locator('input[inputmode=decimal]').first()
      if ((await field.count()) > 0) {
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
  // eslint-disable-next-line no-console -- the figures are what this journey is for
  console.log(`desk: ${taps} taps for ${observed} observations, ${keys} keys, ${scroll} px`)
  expect(taps - observed).toBeLessThanOrEqual(12)
  expect(scroll).toBe(0)
})

/** What a good fitting answers, by check; nothing for a measure that is not asked. */
const GOOD: Readonly<Record<string, string>> = {
  'label-serial': 'read today, both match',
  'backrest-latched': 'holds, or does not fold',
  'nothing-added': 'none',
  'old-padding': 'none is in',
  'latch-left': 'shows latched',
  'latch-right': 'shows latched',
  'tug-left': 'held',
  'tug-right': 'held',
  'pushed-home': 'against the backrest',
  'gap-behind': 'no gap',
  'gap-under': 'no gap',
  'leg-contact': 'flat on the floor',
  'leg-indicator': 'shows good',
  'front-seat': 'a clear gap',
  'latches-again': 'both still latched',
  'steadiness-mm': '9',
  'clear-all-round': 'clear on every side',
  'shell-angle-deg': '',
  'angle-proof': 'shows good',
  coat: 'indoor clothes',
  'strap-exit': 'just below the shoulder',
  'harness-buckle': 'clicked and held',
  'strap-twist': 'no twist',
  'slack-mm': '9',
  'strap-pressure': 'lie easily',
  head: 'within the maker’s line',
  chin: 'lies back, chin free',
}
