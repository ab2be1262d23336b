import { beginFitting, expect, expectAxeClean, stage, test, pick, useMode } from './served.ts'

test('a car is entered from its handbook: places of a layout, one filled in, mirrored, warned about, put right, fitted in', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/vehicles`)
  await expectAxeClean(page, 'Vehicles')
  await page.getByRole('button', { name: 'New car' }).click()
  await page.getByLabel('Maker', { exact: true }).fill('Corran')
  await page.getByLabel('Model', { exact: true }).fill('Redshank')
  await expect(page.getByLabel('Driver sits')).toHaveText('choose')
  await pick(page.getByLabel('Driver sits'), 'right')
  await page.getByRole('button', { name: 'two-seat van' }).click()
  // Beside the places: the car, the handbook's letters, the whole as JSON.
  const parts = page.getByRole('tab')
  await expect(parts).toHaveCount(2 + 3)
  await page.getByRole('button', { name: 'five-seater' }).click()
  await expect(parts).toHaveCount(5 + 3)
  const place = (name: string) => page.getByRole('tab', { name, exact: true }).click()
  const plan = page.getByRole('complementary', { name: 'Plan' })
  await expect(plan).toContainText('Front left: whether it has a frontal airbag is not known yet')
  await place('Front left')
  await pick(page.getByLabel('Frontal airbag'), 'can-be-switched-off')
  await expect(plan).toContainText('Nothing contradicts itself')

  await place('Rear left')
  // A layout brings no figure: the middle of the place is measured, or left open.
  await expect(page.getByLabel('Centre, right of the middle is +')).toHaveValue('')
  await page.getByLabel('Centre, right of the middle is +').fill('-385')
  await pick(page.getByLabel('Group 0+', { exact: true }), 'U')
  await pick(page.getByLabel('i-Size', { exact: true }), 'i-U')
  await pick(page.getByLabel('ISOFIX looked for'), 'has')
  await pick(page.getByLabel('Bars', { exact: true }), 'none')
  await expect(plan).toContainText('Rear left: marked i-Size, and no ISOFIX bars')
  await pick(page.getByLabel('Bars', { exact: true }), 'visible')
  // A part that is there, and not yet said which: named, and not drawn as one or another.
  await pick(page.getByLabel('Floor looked under'), 'has')
  await expect(plan).toContainText('Floor looked under: Floor')
  await pick(page.getByLabel('Floor', { exact: true }), 'solid')
  await pick(page.getByLabel('Belt looked at'), 'has')
  await pick(page.getByLabel('Belt', { exact: true }), 'three-point')
  // The layout says where a place stands, not which way it faces: that is looked at.
  await pick(page.getByLabel('Seat faces'), 'forward')
  await pick(page.getByLabel('Seat or bench slides'), 'none')
  await pick(page.getByLabel('Cushion measured'), 'has')
  await page.getByLabel('Slope, front edge higher is +', { exact: true }).fill('12')
  await expectAxeClean(page, 'New car')

  // The other side is the same, turned over: the place that is there takes it.
  await page.getByRole('button', { name: 'Mirror to the other side' }).click()
  await expect(parts).toHaveCount(5 + 3)
  await expect(page.getByLabel('Name of the place')).toHaveValue('Rear right')
  await expect(page.getByLabel('Centre, right of the middle is +')).toHaveValue('385')
  await expect(page.getByLabel('Slope, front edge higher is +', { exact: true })).toHaveValue('12')
  await page.getByRole('button', { name: 'Save this car' }).click()
  await page.waitForURL(/\/vehicles\/corran-redshank$/)

  await beginFitting(page, server, 'Tamsin Hale', 'Corran Redshank')
  await stage(page, 2)
  await useMode(page, 'Ravel Sheepshank, Rearward, 40–105 cm')
  await expect(page.getByRole('button', { name: /^pass Rear right/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^undecided Rear middle/ })).toBeVisible()
})

test('an edit of a car is undone', async ({ page, server }) => {
  await page.goto(`${server.url}/vehicles/corran-knot`)
  await page.getByRole('tab', { name: 'Car' }).click()
  await page.getByLabel('Plate').fill('TH 99')
  await page.getByRole('button', { name: 'Save this car' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect
    .poll(async () => (await page.request.get(`${server.url}/api/catalogue/vehicles.csv`)).text())
    .not.toContain('TH 99')
})
