import { beginFitting, expect, expectAxeClean, stage, test } from './served.ts'

test('a car is entered from its handbook: places of a layout, one filled in, mirrored, warned about, put right, fitted in', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/vehicles`)
  await expectAxeClean(page, 'Vehicles')
  await page.getByRole('button', { name: 'New car' }).click()
  await page.getByLabel('Maker', { exact: true }).fill('Corran')
  await page.getByLabel('Model', { exact: true }).fill('Redshank')
  await expect(page.getByLabel('Driver sits')).toHaveValue('')
  await page.getByLabel('Driver sits').selectOption('right')
  await page.getByRole('button', { name: 'two-seat van' }).click()
  const places = page.getByRole('list', { name: 'Places' })
  await expect(places.getByRole('listitem')).toHaveCount(2)
  await page.getByRole('button', { name: 'five-seater' }).click()
  await expect(places.getByRole('listitem')).toHaveCount(5)
  const plan = page.getByRole('complementary', { name: 'Plan' })
  await expect(plan).toContainText('Front left: in front, and nobody says whether it has an airbag')
  await places.getByRole('button', { name: 'Front left' }).click()
  await page.getByLabel('Frontal airbag').selectOption('can-be-switched-off')
  await expect(plan).toContainText('Nothing contradicts itself')

  await places.getByRole('button', { name: 'Rear left' }).click()
  // A layout brings no figure: the middle of the place is measured, or left open.
  await expect(page.getByLabel('Centre, right of the middle is +')).toHaveValue('')
  await page.getByLabel('Centre, right of the middle is +').fill('-385')
  await page.getByLabel('Group 0+', { exact: true }).selectOption('U')
  await page.getByLabel('i-Size', { exact: true }).selectOption('i-U')
  await page.getByLabel('ISOFIX looked for').selectOption('has')
  await page.getByLabel('Bars', { exact: true }).selectOption('none')
  await expect(plan).toContainText('Rear left: marked i-Size, and no ISOFIX bars')
  await page.getByLabel('Bars', { exact: true }).selectOption('visible')
  // A part that is there, and not yet said which: named, and not drawn as one or another.
  await page.getByLabel('Floor looked under').selectOption('has')
  await expect(plan).toContainText('floor.kind is missing')
  await page.getByLabel('Floor', { exact: true }).selectOption('solid')
  await page.getByLabel('Belt looked at').selectOption('has')
  await page.getByLabel('Belt', { exact: true }).selectOption('three-point')
  // The layout says where a place stands, not which way it faces: that is looked at.
  await page.getByLabel('Seat faces').selectOption('forward')
  await page.getByLabel('Seat or bench slides').selectOption('none')
  await page.getByLabel('Cushion measured').selectOption('has')
  await page.getByLabel('Slope, front edge higher is +').fill('12')
  await expectAxeClean(page, 'New car')

  // The other side is the same, turned over: the one of the layout makes room for it.
  await places.getByRole('button', { name: 'Rear right' }).click()
  await page.getByRole('button', { name: 'Take this place away' }).click()
  await places.getByRole('button', { name: 'Rear left' }).click()
  await page.getByRole('button', { name: 'Mirror it to the other side' }).click()
  await expect(page.getByLabel('Centre, right of the middle is +')).toHaveValue('385')
  await expect(page.getByLabel('Slope, front edge higher is +')).toHaveValue('12')
  await page.getByRole('button', { name: 'Keep this car' }).click()
  await page.waitForURL(/\/vehicles\/corran-redshank$/)

  await beginFitting(page, server, 'Tamsin Hale', 'Corran Redshank')
  await stage(page, 2)
  await page.getByRole('button', { name: 'Use Ravel Sheepshank, Rearward, 40–105 cm' }).click()
  await expect(page.getByRole('button', { name: /^pass Rear right/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^undecided Rear middle/ })).toBeVisible()
})

test('an edit of a car is undone', async ({ page, server }) => {
  await page.goto(`${server.url}/vehicles/corran-knot`)
  await page.getByLabel('Plate').fill('TH 99')
  await page.getByRole('button', { name: 'Keep this car' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect
    .poll(async () => (await page.request.get(`${server.url}/api/catalogue/vehicles.csv`)).text())
    .not.toContain('TH 99')
})
