import { judged, buildCase } from '../../../test/build.ts'
import type { SeatingPosition } from '../../index.ts'

test.each<[Partial<SeatingPosition>, string]>([
  [{}, 'pass'],
  [{ without: undefined }, 'undecided'],
  [{ without: undefined, slidingTrack: { travelMm: 100 } }, 'undecided'],
  [{ without: undefined, slidingTrack: { travelMm: 100, handbookSetting: '' } }, 'pass'],
  [{ without: undefined, slidingTrack: { travelMm: 100, handbookSetting: 'Fully back.' } }, 'pass'],
  [{ without: undefined, row: 1 }, 'not-applicable'],
])('place-stated: %j: %s', (position, kind) => {
  const said = judged('place-stated', buildCase({ position }))
  expect(said.kind).toBe(kind)
  if (kind === 'undecided') expect(said).toMatchObject({ missing: ['position.slidingTrack'] })
})
