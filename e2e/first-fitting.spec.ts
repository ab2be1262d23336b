import {
  answer,
  beginFitting,
  expect,
  expectAxeClean,
  fill,
  stage,
  test,
  verdict,
  pick,
  toCheck,
  useMode,
  placeFacts,
} from './served.ts'

test('the 16-month-old, from the ferry to ready to travel', { tag: '@own-process' }, async ({ page, server }) => {
  test.slow()
  await page.goto(server.url)
  await expect(page.getByText('No fitting is open.')).toBeVisible()
  await expectAxeClean(page, 'Today, empty')

  await beginFitting(page, server, 'Tamsin Hale', 'Corran Dunlin')
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('10.4')
  await expect(page.getByText('16 months').first()).toBeVisible()
  await expectAxeClean(page, 'Measure')

  // Choose: a cushion is refused, and says why; rearward stands first, forward is advised against.
  await stage(page, 2)
  const detail = page.getByRole('region', { name: 'The mode selected' })
  const row = (key: string) => page.locator(`[data-mode="${key}"]`).getByRole('button')
  await row('fathom-slipknot/cushion').click()
  await expect(detail).toContainText('below the minimum for a cushion (125 cm)')
  await expect(detail.getByRole('button', { name: /^Use/ })).toHaveCount(0)
  await row('ravel-sheepshank/forward').click()
  await expect(detail).toContainText('A rearward mode still takes this child.')
  await expect(page.locator('[data-mode]').first()).toContainText('rearward')
  await expectAxeClean(page, 'Choose')
  await useMode(page, 'Ravel Sheepshank, Rearward, 40–105 cm')

  // Place: one refusal with its reason, one place that nobody has looked at.
  await page.waitForURL(/\/place$/)
  await page.getByRole('button', { name: /^fail Rear middle/ }).click()
  await expect(page.getByText('The place has no ISOFIX bars.').first()).toBeVisible()
  await expect(page.getByRole('button', { name: /Use this place: Rear middle/ })).toHaveCount(0)
  await page.getByRole('button', { name: /^undecided Rear left/ }).click()
  await expect(page.getByText('Not known: what is under the floor where the leg lands.').first()).toBeVisible()
  await placeFacts(page)
  await pick(page.getByLabel('Floor under a leg'), 'solid')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: /^pass Rear left/ })).toBeVisible()
  await expectAxeClean(page, 'Place')
  await page.getByRole('button', { name: 'Use this place: Rear left, ISOFIX with leg' }).click()

  // Undecided: the shoulder has not been measured. The program asks, the fitter measures.
  await page.waitForURL(/\/set-up$/)
  await expect(verdict(page)).toContainText('Undecided')
  await verdict(page).getByRole('button', { name: 'Seated shoulder height' }).click()
  await page.waitForURL(/\/measure$/)
  await fill(page, 'Seated shoulder height', '29.5')
  await expect(page.getByLabel('Seated shoulder height, plus or minus')).toHaveValue('0.8')
  await expect(page.getByText('Everything saved')).toBeVisible()

  // Reload: the same stage; then the server dies as in a power cut, and comes back.
  await page.reload()
  await expect(page).toHaveURL(/\/measure$/)
  await expect(page.getByLabel('Seated shoulder height', { exact: true })).toHaveValue('29.5')
  await server.kill()
  await server.start()
  await page.reload()
  await expect(page.getByLabel('Seated shoulder height', { exact: true })).toHaveValue('29.5')

  await stage(page, 4)
  await expectAxeClean(page, 'Set up')
  await page.getByRole('button', { name: 'Set all as worked out' }).click()
  await pick(page.getByLabel('What is set').last(), '7')
  await expect(page.getByText('Set so').first()).toBeVisible()

  await stage(page, 5)
  await answer(page, 'label-serial', 'read today, both match')
  await answer(page, 'backrest-latched', 'holds, or does not fold')
  await answer(page, 'nothing-added', 'none')
  await answer(page, 'latch-left', 'open')
  await answer(page, 'latch-left', 'shows latched')
  await answer(page, 'latch-right', 'shows open')
  await expect(verdict(page)).toContainText('Not ready')
  await expect(verdict(page)).toContainText('Right indicator: shows open.')
  await expect(verdict(page)).toContainText('maker’s manual')
  await expectAxeClean(page, 'Attach')
  // Put right: the connectors are released and latched anew, so the left one is looked at again, and what lay beneath.
  await answer(page, 'latch-right', 'shows latched')
  await expect(page.getByRole('region', { name: 'Checks to do again' })).toContainText('Left indicator')
  await answer(page, 'latch-left', 'shows latched')
  await answer(page, 'nothing-added', 'none')
  await answer(page, 'tug-left', 'held')
  await answer(page, 'tug-right', 'held')
  await answer(page, 'pushed-home', 'against the backrest')
  await answer(page, 'gap-behind', 'no gap')
  await answer(page, 'gap-under', 'no gap')
  await answer(page, 'leg-contact', 'flat on the floor')
  await answer(page, 'leg-indicator', 'shows good')
  await answer(page, 'front-seat', 'a clear gap')
  // The leg may have lifted the base: the indicators are looked at again, after it.
  await answer(page, 'latches-again', 'both still latched')
  await toCheck(page, 'steadiness-mm')
  await fill(page, 'Movement at the base', '8')
  await answer(page, 'clear-all-round', 'clear on every side')

  await stage(page, 6)
  await answer(page, 'coat', 'indoor clothes')
  await answer(page, 'strap-exit', 'just below the shoulder')
  await answer(page, 'harness-buckle', 'clicked and held')
  await answer(page, 'strap-twist', 'no twist')
  await answer(page, 'strap-pressure', 'lie easily')
  await answer(page, 'head', 'within the maker’s line')
  await answer(page, 'turn-lock', 'locked for this direction')
  await answer(page, 'side-pod', 'out on the door side')
  await toCheck(page, 'slack-mm')
  await fill(page, 'Harness slack', '10')
  await expect(verdict(page)).toContainText('Ready to travel')
  await expectAxeClean(page, 'Child in')

  // The server restarts once more in between; everything is found, and it is signed.
  await expect(page.getByText('Everything saved')).toBeVisible()
  await server.kill()
  await server.start()
  await page.reload()
  await expect(page).toHaveURL(/\/child-in$/)
  await stage(page, 7)
  await expect(page.getByText('Ready to travel').first()).toBeVisible()
  await expect(
    page.getByText('a child travels only after a competent person has checked').filter({ visible: true }).last(),
  ).toBeVisible()
  await expectAxeClean(page, 'Hand over')
  await page.getByRole('button', { name: 'Sign and close' }).click()
  await expect(page.getByText('Both names are needed.')).toBeVisible()
  await page.getByLabel('Fitter', { exact: true }).fill('Jory Quill')
  await page.getByLabel('Carer', { exact: true }).fill('Maren Hale')
  await page.getByRole('button', { name: 'Sign and close' }).click()
  await expect(page.getByRole('article', { name: 'The sheet, as it will be printed' })).toContainText('FitterJory QuillCarerMaren Hale') // prettier-ignore
  await expect(page.getByText('Signed and closed')).toBeVisible()

  await page.keyboard.press('h')
  const history = page.getByRole('dialog')
  await expect(history).toContainText('Right indicator: shows open, now shows latched')
  await expectAxeClean(page, 'History')
  await page.keyboard.press('Escape')
  await page.keyboard.press('t')
  await expect(page.getByRole('heading', { name: 'Closed today' })).toBeVisible()
  await expect(page.getByRole('link', { name: /Tamsin Hale/ })).toContainText('Handed over')
})
