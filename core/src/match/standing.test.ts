import { buildCase, buildMode, buildModel, buildRoute, buildUnit } from '../../test/build.ts'
import { matchModes, measured } from '../index.ts'

/** A mode whose only way into the car takes less than the mode itself: the route refuses, and time decides what then. */
test.each([
  [17.9, 'undecided'],
  [18, 'undecided'],
  [18.5, 'outgrown'],
  [8, 'soon'],
])('at %s kg, with the one route from 9 to 18 kg, the mode is %s', (kg, standing) => {
  const route = buildRoute({ limits: { massKg: { from: 9, to: 18 } } })
  const model = buildModel([buildMode({ routes: [route], massKg: { to: 25 } })])
  const [match] = matchModes(buildCase({ child: { massKg: measured(kg, 0) } }), [{ model, unit: buildUnit() }])
  expect(match?.standing).toBe(standing)
})
