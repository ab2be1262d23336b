import { IsoDate } from '@nimble-anchor/core/ground'
import { dateText } from '@nimble-anchor/core/quantities'
import { buildModel, buildUnit } from '@nimble-anchor/core/testing'
import { unitState } from './unitState.ts'

const END = dateText('2034-01-15')
test.each([
  [{}, '2026-11-25', 'pass', `sound, may be used until ${END}`],
  [{}, '2034-01-15', 'pass', `sound, may be used until ${END}`],
  [{}, '2034-01-16', 'fail', `its life ended on ${END}`],
  [{ wasInCrash: true, isRecalled: undefined }, '2026-11-25', 'fail', 'was in a crash'],
  [{ isRecalled: undefined }, '2026-11-25', 'undecided', 'not recorded: recall'],
  [{ madeOn: undefined }, '2026-11-25', 'undecided', 'not recorded: end of life'],
  [{ isHistoryKnown: false }, undefined, 'fail', 'history unknown'],
] as const)('%j on %s: %s, %s', (over, today, mark, text) => {
  expect(unitState(buildModel(), buildUnit(over), today === undefined ? undefined : IsoDate(today))).toEqual({
    mark,
    text,
  })
})
