import { BELT_ROUTE, BOOSTER, buildCase, buildRoute, FORWARD, TETHER_ROUTE } from './build.ts'
import { measured, type Case } from '../src/index.ts'

export const INFANT = {
  shape: 'infant-shell',
  headRule: 'crown-inside',
  carryHandle: { travelPosition: 'upright' },
} as const
/** One case of every kind of restraint and route that the rules must serve. */
export const CONFIGURATIONS: Record<string, Case> = {
  'ISOFIX with leg': buildCase({ route: buildRoute({ frontSeat: 'must-not-touch' }) }),
  'turning shell': buildCase({ mode: { turns: { locks: [{ id: 't', what: 'ring', kind: 'click' }] }, sidePod: true } }),
  'insert out while threading': buildCase({
    route: {
      ...BELT_ROUTE,
      steps: [
        { id: 'insert-out', text: 'Take the insert out.', pairWith: 'insert-back', onlyBefore: 'attaching' },
        { id: 'insert-back', text: 'Put the insert back.', after: ['lock-belt'] },
      ],
    },
  }),
  'leg with an indicator': buildCase({
    route: buildRoute({ leg: { ...buildRoute().leg!, proofs: [{ id: 'p', what: 'window', kind: 'window' }] } }),
  }),
  'forward with tether': buildCase({ mode: FORWARD, route: TETHER_ROUTE }),
  'belt, buckle edge': buildCase({
    route: { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, pathEdgeAboveBightMm: 120 } },
  }),
  'belt with lower tethers': buildCase({
    route: { ...BELT_ROUTE, lowerTethers: { use: 'required', points: ['ring'] } },
    position: {
      lowerTetherPoints: [
        { kind: 'ring', side: 'left' },
        { kind: 'ring', side: 'right' },
      ],
    },
  }),
  'infant shell on a base': buildCase({ mode: INFANT, route: buildRoute({ usesBase: true }) }),
  'connectors on straps': buildCase({
    mode: FORWARD,
    route: { ...TETHER_ROUTE, isofix: { connectors: 'strap', role: 'holds' } },
  }),
  'front passenger, airbag off': buildCase({ position: { row: 1, frontAirbag: 'can-be-switched-off' } }),
  'forward in front': buildCase({ mode: FORWARD, route: TETHER_ROUTE, position: { row: 1 } }),
  'carry-cot': buildCase({ mode: { direction: 'lateral', shape: 'lie-flat', reclines: undefined }, route: BELT_ROUTE }),
  booster: buildCase({ mode: BOOSTER, child: { massKg: measured(19), statureCm: measured(112) } }),
  'nothing to pinch': buildCase({ practice: { slack: 'pinch' } }),
}
