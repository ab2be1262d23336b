import type { Locator, Page } from '@playwright/test'
import { expect, expectAxeClean, test, type Server } from './served.ts'

const WHO = 'Jory Quill'

async function familyId(server: Server, name: string): Promise<string> {
  const families = (await (await fetch(`${server.url}/api/families`)).json()) as { id: string; name: string }[]
  return families.find((f) => f.name === name)!.id
}

/** The page of a family, with something asked already; until the answer is there. */
async function openArrange(page: Page, server: Server, name: string, ask: object = {}): Promise<void> {
  await page.goto(
    `${server.url}/arrange?family=${await familyId(server, name)}&ask=${encodeURIComponent(JSON.stringify(ask))}`,
  )
  await answered(page)
}
const answered = (page: Page) => expect(page.getByText(/^(Fits|Does not fit)/).first()).toBeVisible()
const ways = (page: Page) => page.getByRole('radiogroup', { name: 'Arrangements, best first' }).getByRole('radio')
const figure = (page: Page, name: string): Locator =>
  page.getByRole('button', { name: new RegExp(`^${name}(, pinned)?$`) })
const wayText = async (page: Page, turn: number): Promise<string> =>
  (await ways(page).nth(turn).locator('.font-semibold').innerText()).trim()

async function middleOf(locator: Locator): Promise<{ x: number; y: number }> {
  const box = (await locator.boundingBox())!
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
}

/** In one car with an adult in front: all three of them in one row. */
const THREE_ACROSS = { vehicleId: 'corran-turnstone', adults: [{ id: 'a1', positionId: 'front-left' }], extrasOff: ['hitchmark-reef'] } // prettier-ignore

test('three across one row: a child is carried to another place by mouse, and the second best is the best', async ({
  page,
  server,
}) => {
  await openArrange(page, server, 'Strand', THREE_ACROSS)
  await expect(ways(page).first()).toContainText('to spare side by side')
  const second = await wayText(page, 1)
  expect(second).toMatch(/Ada Rear (left|right)/)
  const to = second.includes('Ada Rear left') ? 'Rear left' : 'Rear right'
  const target = to === 'Rear left' ? /Rear left/ : /Rear right/
  // Who sits there now says where it is.
  const sitting = second.includes('Col Rear right') && to === 'Rear left' ? 'Col' : 'Mabe'
  const first = await wayText(page, 0)
  const there = ['Col', 'Mabe', 'Ada'].find((n) => first.includes(`${n} ${to}`)) ?? sitting
  const from = await middleOf(figure(page, 'Ada'))
  const onto = await middleOf(figure(page, there))
  await page.mouse.move(from.x, from.y)
  await page.mouse.down()
  await page.mouse.move(from.x + 12, from.y - 12, { steps: 4 })
  await page.mouse.move(onto.x, onto.y, { steps: 8 })
  // While it is carried every place says yes, perhaps or no.
  await expect(page.getByText(new RegExp(`^${to}: (yes|perhaps)`)).first()).toBeVisible()
  await page.mouse.up()
  await expect(figure(page, 'Ada')).toHaveAccessibleName(/pinned/)
  await answered(page)
  await expect(ways(page).first()).toContainText(target)
  // What the second told of itself is what the best now is.
  for (const part of second.split(' · ')) expect(await wayText(page, 0)).toContain(part)
  await expectAxeClean(page, 'Arrange')

  // A step back is a step back in the question, by the button as by the browser.
  await page.getByRole('button', { name: 'Undo' }).click()
  await answered(page)
  await expect.poll(() => wayText(page, 0)).toBe(first)
})

test('a child is carried by the keyboard: picked up, moved by the arrows, put down; Escape puts it back', async ({
  page,
  server,
}) => {
  await openArrange(page, server, 'Strand', THREE_ACROSS)
  const ada = figure(page, 'Ada')
  const first = await wayText(page, 0)
  await ada.focus()
  await page.keyboard.press('Space')
  await expect(page.getByText(/^(Ada: over|Rear middle:)/).first()).toBeVisible()
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByText(/^Rear left: (yes|perhaps)/).first()).toBeVisible()
  await page.keyboard.press('Escape')
  expect(await wayText(page, 0)).toBe(first)
  await ada.focus()
  await page.keyboard.press('Space')
  // It is in the hand once it says where it is.
  await expect(page.getByText(/^(Ada: over|Rear middle:)/).first()).toBeVisible()
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByText(/^Rear left: (yes|perhaps)/).first()).toBeVisible()
  await page.keyboard.press('Space')
  await expect(figure(page, 'Ada')).toHaveAccessibleName(/pinned/)
  await expect(ways(page).first()).toContainText('Ada Rear left')
  // Enter opens what stands behind the figure.
  await figure(page, 'Ada').focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Let go of Rear left' }).click()
  await expect(figure(page, 'Ada')).not.toHaveAccessibleName(/pinned/)
})

test.describe('by finger', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } })
  test('a child is carried on a phone', async ({ page, server }) => {
    await openArrange(page, server, 'Strand', THREE_ACROSS)
    await figure(page, 'Ada').scrollIntoViewIfNeeded()
    const first = await wayText(page, 0)
    const there = ['Col', 'Mabe'].find((n) => first.includes(`${n} Rear left`)) ?? 'Col'
    const from = await middleOf(figure(page, 'Ada'))
    const onto = await middleOf(figure(page, there))
    const hand = await page.context().newCDPSession(page)
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: { x: number; y: number }) =>
      hand.send('Input.dispatchTouchEvent', { type, touchPoints: at === undefined ? [] : [at] })
    await touch('touchStart', from)
    // A finger that rests carries; one that moves at once scrolls.
    await page.waitForTimeout(400)
    for (let i = 1; i <= 8; i += 1)
      await touch('touchMove', { x: from.x + ((onto.x - from.x) * i) / 8, y: from.y + ((onto.y - from.y) * i) / 8 })
    await expect(page.getByText(/^Rear left: (yes|perhaps)/).first()).toBeVisible()
    await touch('touchEnd')
    await expect(figure(page, 'Ada')).toHaveAccessibleName(/pinned/)
    await expect(ways(page).first()).toContainText('Ada Rear left')
    await expectAxeClean(page, 'Arrange on a phone')
  })
})

test('what cannot stand together is named, and the one change that helps mends it', async ({ page, server }) => {
  const pins = [
    { kind: 'restraint-for', childId: 'ada-strand', modelId: 'ravel-sheepshank' },
    { kind: 'restraint-for', childId: 'col-strand', modelId: 'hitchmark-reef' },
    { kind: 'restraint-for', childId: 'mabe-strand', modelId: 'fathom-slipknot' },
  ]
  await openArrange(page, server, 'Strand', { ...THREE_ACROSS, extrasOff: [], pins })
  await expect(page.getByText('Does not fit').first()).toBeVisible()
  const facts = page.getByRole('listitem')
  for (const text of ['Col in Hitchmark Reef', 'Adult rides', 'Cup holder or pod of Hitchmark Reef is on'])
    await expect(facts.filter({ hasText: text })).toBeVisible()
  // As many as fit are drawn, and said to be without the others.
  await expect(page.getByRole('heading', { name: /^Without (Ada|Col|Mabe)$/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Begin without/ })).toBeVisible()
  await expectAxeClean(page, 'Arrange, does not fit')
  await page.getByRole('button', { name: 'Take cup holder or pod off Hitchmark Reef' }).click()
  await expect(page.getByText('Fits if measured, proven best')).toBeVisible()
  await page.getByRole('tab', { name: 'Pins and who rides' }).click()
  await expect(page.getByRole('checkbox', { name: 'Hitchmark Reef' }).first()).toBeChecked()
})

test('every car of the pool against a family: one car alone takes two who lie across it', async ({ page, server }) => {
  await openArrange(page, server, 'Angove')
  await expect(ways(page).first()).toContainText('Corran Fulmar: ')
  await expect(ways(page).first()).toContainText('Second row left and Second row middle')
  await page.getByRole('tab', { name: 'Cars' }).click()
  const row = (name: string) => page.getByRole('row').filter({ hasText: name })
  await expect(row('Corran Fulmar')).toContainText('Fits if measured')
  for (const name of ['Dunlin', 'Knot', 'Whimbrel', 'Avocet', 'Turnstone', 'Sanderling'])
    await expect(row(`Corran ${name}`)).toContainText('Does not fit')
  await page.getByRole('button', { name: 'Corran Avocet' }).click()
  await expect(page.getByText('Does not fit').first()).toBeVisible()
})

test('a family that no car takes: the fewest facts that cannot all stand, and who could ride', async ({
  page,
  server,
}) => {
  await openArrange(page, server, 'Polwen')
  await expect(page.getByText('Does not fit').first()).toBeVisible()
  for (const name of ['Jenna', 'Kitto', 'Rosen'])
    await expect(page.getByRole('listitem').filter({ hasText: `${name} rides` })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Without Rosen' })).toBeVisible()
})

test('four in the seven-seater, and one adult more: who rides along is asked, the order of hands is drawn', async ({
  page,
  server,
}) => {
  await openArrange(page, server, 'Tresk', { vehicleId: 'corran-avocet' })
  await page.getByRole('tab', { name: 'Pins and who rides' }).click()
  await page.getByRole('button', { name: 'An adult rides along' }).click()
  await expect(figure(page, 'Adult')).toBeVisible()
  await answered(page)
  const order = page.getByRole('list', { name: 'Order of installing and getting in' }).getByRole('listitem')
  await expect(order.filter({ hasText: 'gets in' })).toHaveCount(5)
  await expect(order.filter({ hasText: 'Install for' })).toHaveCount(4)
})

test('the ride: begun from an arrangement; the middle child is stale once the neighbour is wider', async ({
  page,
  server,
}) => {
  await openArrange(page, server, 'Strand', THREE_ACROSS)
  await page.getByRole('button', { name: 'Begin these fittings' }).click()
  await page.waitForURL(/\/rides\//)
  await expect(page.getByRole('heading', { name: 'This ride' })).toBeVisible()
  await expectAxeClean(page, 'Ride')
  const rideId = page.url().split('/').at(-1)!
  const ride = (await (await fetch(`${server.url}/api/rides/${rideId}`)).json()) as { members: { id: string; childName: string; positionIds: string[]; sequence: number }[] } // prettier-ignore
  expect(ride.members).toHaveLength(3)
  const middle = ride.members.find((m) => m.positionIds.includes('rear-centre'))!
  const seen = await page.request.post(`${server.url}/api/fittings/${middle.id}/entries`, {
    data: { baseSequence: middle.sequence, who: WHO, puts: [{ path: ['readings', 'room-beside'], value: { option: 'clear' } }] },
  }) // prettier-ignore
  expect(seen.ok()).toBe(true)
  const row = page.getByRole('listitem').filter({ hasText: middle.childName }).first()
  await expect(row).not.toContainText('checked again')
  const holder = page.getByRole('checkbox', { name: 'Cup holder or pod of Col is on' })
  await expect(holder).not.toBeChecked()
  await holder.click()
  await expect(holder).toBeChecked()
  await expect(row).toContainText('Something has to be checked again')
  await page.getByRole('link', { name: `Open the fitting of ${middle.childName}` }).click()
  await page.waitForURL(/\/fittings\//)
  // The ride is one press away from each of its fittings.
  await page.getByRole('button', { name: 'Ride: One of 3' }).click()
  await page.waitForURL(/\/rides\//)
  await page.getByRole('button', { name: `${middle.childName} travels alone` }).click()
  await page.getByRole('alertdialog').getByRole('button', { name: 'Travels alone' }).click()
  await expect(page.getByRole('link', { name: `Open the fitting of ${middle.childName}` })).toHaveCount(0)
})
