import { IsoDate, UnitId } from '@nimble-anchor/core/ground'
import { buildChild, buildMode, buildModel, buildUnit, FORWARD, TODAY } from '@nimble-anchor/core/testing'
import { matchModes } from '@nimble-anchor/core/match'
import { DEFAULT_PRACTICE } from '@nimble-anchor/core/practice'
import { DEFAULT_LOCAL_RULE } from '@nimble-anchor/core/law'
import { groupModes } from './groupModes.ts'

test('one row a mode, its best unit first; a unit that may not be used comes after one that may', () => {
  const model = buildModel([buildMode(), buildMode(FORWARD)])
  const units = [
    buildUnit({ id: UnitId('old'), madeOn: IsoDate('2010-01-01') }),
    buildUnit({ id: UnitId('good') }),
    buildUnit({ id: UnitId('unread'), isRecalled: undefined }),
  ]
  const matches = matchModes(
    { today: TODAY, child: buildChild(), practice: DEFAULT_PRACTICE, localRule: DEFAULT_LOCAL_RULE },
    units.map((unit) => ({ model, unit })),
  )
  const groups = groupModes(matches)
  expect(groups.map((g) => g.best.mode.id)).toEqual(['rearward', 'forward'])
  expect(groups[0]?.units.map((m) => m.unit?.id)).toEqual(['good', 'unread', 'old'])
  expect(groupModes([])).toEqual([])
})
