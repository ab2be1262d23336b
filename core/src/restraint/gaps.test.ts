import { BOOSTER, buildMode, buildModel, byMass } from '../../test/build.ts'
import { stageGaps } from '../index.ts'

const stature = (from: number, to: number) => buildMode({ statureCm: { from, to } })

test.each([
  [[stature(40, 87), stature(87, 105)], []],
  [[stature(40, 87), stature(76, 105)], []],
  [[stature(40, 87), stature(100, 150)], [[87, 100]]],
  [
    [stature(100, 150), stature(40, 83), stature(90, 95)],
    [
      [83, 90],
      [95, 100],
    ],
  ],
  [[stature(40, 150), stature(100, 105)], []],
  [[buildMode(byMass(['0+'])), buildMode(byMass(['I']))], []],
  [[buildMode(byMass(['0+'])), buildMode({ ...BOOSTER, ...byMass(['II']) })], [[13, 15]]],
])('restraint %#', (modes, gaps) => {
  expect(stageGaps(buildModel(modes)).map((g) => [g.from, g.to])).toEqual(gaps)
})
