import type { Locator, Page } from '@playwright/test'
import { GOOD } from './good.ts'
import { counting, type } from './hand.ts'
import { expect, expectAxeClean, test, verdict } from './served.ts'

/** Further than any control of a page is from any other. */
const MOST_TABS = 120

/**
 * Brings the keyboard to a control by Tab alone, and by the arrows within a group
 * of which one is a stop: what cannot be reached so is not there for a keyboard.
 */
async function reach(page: Page, control: Locator): Promise<void> {
  const isHere = (): Promise<boolean> => control.evaluate((e) => e === document.activeElement || e.contains(document.activeElement)) // prettier-ignore
  const isInGroup = (): Promise<boolean> =>
    control.evaluate((e) => {
      const group = e.closest('[role=radiogroup], [role=tablist]')
      return group !== null && group.contains(document.activeElement)
    })
  for (let i = 0; i < MOST_TABS; i += 1) {
    if (await isHere()) return
    if (await isInGroup()) {
      for (let j = 0; j < 12 && !(await isHere()); j += 1) await page.keyboard.press('ArrowRight')
      if (await isHere()) return
    }
    await page.keyboard.press('Tab')
  }
  throw new Error(`No Tab leads to ${String(control)}`)
}
async function press(page: Page, control: Locator, key = 'Enter'): Promise<void> {
  await reach(page, control)
  await page.keyboard.press(key)
}
async function write(page: Page, label: string, text: string): Promise<void> {
  await reach(page, page.getByLabel(label, { exact: true }))
  await type(page, text)
}

/** Every step of a stage, answered well; where nothing is asked, the way on is taken. */
async function answerSteps(page: Page, end: RegExp): Promise<void> {
  for (let i = 0; i < 60 && !end.test(page.url()); i += 1) {
    const heading = page.locator('article h2')
    const at = await heading.innerText()
    const open = await page.locator('article [data-check]').evaluateAll(
      (list) =>
        list.filter((c) => !c.querySelector('[role=radio][aria-checked=true]')).map((c) => c.getAttribute('data-check') ?? ''), // prettier-ignore
    )
    for (const id of open) {
      const good = GOOD[id]
      if (good === undefined) throw new Error(`no answer to ${id}`)
      if (good === '') continue
      const check = page.locator(`article [data-check="${id}"]`)
      if (/^\d+$/.test(good)) {
        const field = check.locator('input[inputmode=decimal]').first()
        if ((await field.inputValue()) !== '') continue
        await reach(page, field)
        await type(page, `${good}\t`)
      } else await press(page, check.getByRole('radio', { name: good, exact: true }).last(), 'Space')
    }
    // Answered well, the next step comes by itself, and the keyboard with it.
    await page.waitForTimeout(900)
    if (end.test(page.url()) || (await heading.count()) === 0 || (await heading.innerText()) !== at) continue
    await press(page, page.getByRole('navigation', { name: 'From step to step' }).getByRole('button').last())
    await page.waitForTimeout(200)
  }
}

test('a whole fitting by the keyboard alone: from a child nobody knows to the signature, and no pointer', async ({
  page,
  server,
}) => {
  test.slow()
  await page.setViewportSize({ width: 1280, height: 800 })
  const hand = await counting(page)
  await page.goto(server.url)
  await page.keyboard.press('n')
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByLabel('Find a child by name')).toBeFocused()
  await type(page, 'Pip')
  await press(page, dialog.getByRole('radio', { name: /Corran Dunlin/ }), 'Space')
  await page.keyboard.press('Enter')
  await page.waitForURL(/\/measure$/)

  await write(page, 'Mass', '10.4\t')
  await write(page, 'Stature', '79\t')
  await write(page, 'Seated shoulder height', '29.5\t')
  await write(page, 'Age, as told', '16\t')
  await press(page, page.getByRole('radio', { name: 'holds its head steady' }), 'Space')
  await press(page, page.getByRole('radio', { name: 'none', exact: true }), 'Space')
  await press(page, page.getByRole('button', { name: 'Go on to Choose' }))
  await page.waitForURL(/\/choose$/)

  // Row by row by its keys, and used by its key.
  const wanted = page.locator('[data-mode="ravel-sheepshank/rearward"]').getByRole('button')
  await wanted.waitFor()
  for (let i = 0; i < 40 && (await wanted.getAttribute('aria-pressed')) !== 'true'; i += 1)
    await page.keyboard.press('j')
  await page.keyboard.press('e')
  await page.waitForURL(/\/place$/)
  await press(page, page.getByRole('button', { name: /^Use this place/ }))
  await page.waitForURL(/\/set-up$/)
  await press(page, page.getByRole('button', { name: 'Set all as worked out' }))
  await press(page, page.getByLabel('What is set').last())
  await page.getByRole('listbox').waitFor()
  const seventh = page.getByRole('option', { name: /^notch 7/ })
  for (let i = 0; i < 14 && !(await seventh.evaluate((e) => e === document.activeElement)); i += 1)
    await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('What is set').last()).toHaveText(/^notch 7/)
  await press(page, page.getByRole('button', { name: 'Go on to Attach' }))
  await page.waitForURL(/\/attach$/)
  // The keyboard is at the very check that is asked first.
  await expect
    .poll(() => page.evaluate(() => document.activeElement?.closest('[data-check]')?.getAttribute('data-check') ?? ''))
    .toBe('label-serial')
  await answerSteps(page, /\/hand-over$/)
  await expect(verdict(page)).toContainText('Ready to travel')

  await expectAxeClean(page, 'Hand over, by keyboard')
  await reach(page, page.getByLabel('Fitter', { exact: true }))
  await page.keyboard.press('ControlOrMeta+a')
  await type(page, 'Jory Quill')
  await write(page, 'Carer', 'Maren Pip')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Signed' })).toBeVisible()
  // What goes with it is a tab each, by the arrows.
  await press(page, page.getByRole('tab', { name: 'For the phone' }))
  await expect(page.getByRole('img', { name: 'Code with this fitting in words' })).toBeVisible()
  const { taps, keys } = await hand()
  console.log(`keyboard: ${taps} taps, ${keys} keys`)
  expect(taps).toBe(0)
})
