import { buildCase, FORWARD, TETHER_ROUTE } from '../../../test/build.ts'
import { figures } from '../../../test/look.ts'

const outdatedBy = ['connectors', 'base', 'tether', 'set-round', 'removed', 'recline', 'vehicleHeadRestraint', 'slideMm'] as const // prettier-ignore
const withGood = (goodMm: { readonly fromMm?: number; readonly toMm?: number }) =>
  buildCase({ mode: FORWARD, route: { ...TETHER_ROUTE, topTether: { use: 'required', goodMm } } })
const table = { rule: 'tether-tension', check: 'tether-indicator-mm', stage: 'attach', severity: 'fix', outdatedBy } as const // prettier-ignore

figures({
  ...table,
  source: 'practice',
  on: buildCase({ mode: FORWARD, route: TETHER_ROUTE }),
  gives: [
    [20, 2, 'pass', 'at-least', 15, 3],
    [15, 0, 'pass', 'at-least', 15, 0],
    [15, 1, 'undecided', 'at-least', 15, -1],
    [14, 0, 'fail', 'at-least', 15, -1],
  ],
  notAsked: { 'a route without a tether': buildCase() },
})
figures({
  ...table,
  source: 'maker',
  on: withGood({ fromMm: 10, toMm: 20 }),
  gives: [
    [10, 0, 'pass', 'at-most', 20, 10],
    [20, 0, 'pass', 'at-most', 20, 0],
    [9, 0, 'fail', 'at-least', 10, -1],
    [21, 0, 'fail', 'at-most', 20, -1],
    [20, 1, 'undecided', 'at-most', 20, -1],
  ],
  notAsked: {},
})
figures({
  ...table,
  source: 'maker',
  on: withGood({ toMm: 12 }),
  gives: [
    [5, 0, 'pass', 'at-most', 12, 7],
    [13, 0, 'fail', 'at-most', 12, -1],
    // Of which none shows is slack, though the maker says only what is too much.
    [1, 0, 'pass', 'at-most', 12, 11],
    [0, 0, 'fail', 'at-least', 1, -1],
    [1, 1, 'undecided', 'at-least', 1, -1],
  ],
  notAsked: {},
})
