export { type ModeMatch, type Standing, type StockItem } from './types.ts'
export {
  advisesAgainst,
  askedChecks,
  checksByRule,
  decide,
  evaluate,
  evaluateFitted,
  glance,
  isAdvisedAgainst,
  relativeMargin,
  rulesOf,
  type Survey,
  survey,
  worstFirst,
} from './evaluate.ts'
export {
  childSide,
  type Circumstances,
  fittedSubject,
  modeSubject,
  placeSubject,
  routeSubject,
  staleIn,
  untouched,
  stepsDoneIn,
  withAlternatives,
} from './subjects.ts'
export { matchAll, matchModes, rankNeeds } from './modes.ts'
export {
  compareNearness,
  matchPlaces,
  type NearestWay,
  nearestWay,
  type PlaceMatch,
  type PlaceRouteMatch,
  placesBestFirst,
  routesBestFirst,
} from './places.ts'
export { easiestRoute, type RouteEase } from './ease.ts'
export { monthsAhead, type RankBasis, rankModes } from './rank.ts'
export { whyAbove } from './rank.en.ts'
export { askRule, type SettingValues, unpassedBy, whatIf } from './what-if.ts'
export {
  compareChanges,
  distinctChanges,
  findOneChange,
  type OneChange,
  putsForChange,
  type Wanted,
} from './one-change.ts'
