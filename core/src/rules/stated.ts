import { isIntegral, isIsofixHeld, isModeWithout, isRouteWithout } from '../restraint/index.ts'
import type { ModePart, RestraintModel, RoutePart } from '../restraint/index.ts'
import type { ModeSubject, Need, Outcome, RouteSubject } from './rule.ts'
import type shared from './shared.en.ts'
import { sayer } from './say.ts'

const say = sayer<typeof shared>()

/** What of a fitting a manual speaks of. */
type OfMode = Pick<ModeSubject, 'model' | 'mode'>
type OfRoute = Pick<RouteSubject, 'model' | 'mode' | 'route'>

/**
 * Parts that a manual either describes or says there are none of. An entry that
 * does neither has not been read: each such part asks one question, and is
 * never "has none". What else may stay unstated, and why, is argued in
 * `core/test/argued-facts.ts`.
 */
interface Part<S> {
  readonly need: Need
  readonly isAsked: (s: S) => boolean
  readonly isStated: (s: S) => boolean
}

const withPart = (part: ModePart, isAsked: (s: OfMode) => boolean): Part<OfMode> => ({
  need: `mode.${part}`,
  isAsked,
  isStated: ({ mode }) => mode[part] !== undefined || isModeWithout(mode, part),
})
const isShell = ({ mode }: OfMode): boolean => isIntegral(mode) && mode.shape !== 'lie-flat'

export const MODE_PARTS_ASKED: readonly Part<OfMode>[] = [
  {
    need: 'mode.inserts',
    isAsked: ({ mode }) => isIntegral(mode),
    isStated: ({ mode }) => mode.inserts !== undefined,
  },
  withPart('wedge', isShell),
  withPart('carryHandle', ({ mode }) => mode.shape === 'infant-shell' || mode.shape === 'lie-flat'),
  withPart('turns', isShell),
  {
    need: 'mode.sidePod',
    isAsked: ({ mode }) => mode.shape !== 'lie-flat' && mode.shape !== 'booster-cushion',
    isStated: ({ mode }) => mode.sidePod !== undefined,
  },
  {
    need: 'mode.forwardGuard',
    isAsked: ({ mode, model }) =>
      mode.turns !== undefined && model.modes.some((m) => m.direction === 'forward') && isShell({ mode, model }),
    isStated: ({ mode }) => mode.turns?.forwardGuard !== undefined,
  },
  {
    need: 'mode.crotchBeltGuide',
    isAsked: ({ mode }) => !isIntegral(mode),
    isStated: ({ mode }) => mode.crotchBeltGuide !== undefined,
  },
]

const withRoutePart = (part: RoutePart, isAsked: (s: OfRoute) => boolean): Part<OfRoute> => ({
  need: `route.${part}`,
  isAsked,
  isStated: ({ route }) => route[part] !== undefined || isRouteWithout(route, part),
})
const always = (): boolean => true
const ofShell = ({ mode }: OfRoute): boolean => isIntegral(mode)

export const ROUTE_PARTS_ASKED: readonly Part<OfRoute>[] = [
  withRoutePart('isofix', always),
  withRoutePart('belt', always),
  withRoutePart('leg', ofShell),
  withRoutePart('topTether', ofShell),
  withRoutePart('lowerTethers', ofShell),
  withRoutePart(
    'reboundBar',
    ({ mode, route }) => mode.direction === 'rearward' && isIntegral(mode) && isIsofixHeld(route),
  ),
  withRoutePart('limits', always),
  {
    need: 'route.usesBase',
    isAsked: ofShell,
    isStated: ({ route }) => route.usesBase !== undefined,
  },
  {
    need: 'route.seatsTaken',
    isAsked: ({ mode }) => mode.direction === 'lateral',
    isStated: ({ route }) => route.seatsTaken !== undefined,
  },
  {
    need: 'route.frontSeat',
    isAsked: ({ mode }) => mode.direction === 'rearward' && isIntegral(mode),
    isStated: ({ route }) => route.frontSeat !== undefined,
  },
  {
    need: 'route.pushedHome',
    isAsked: ({ mode, route }) => isIntegral(mode) && isIsofixHeld(route),
    isStated: ({ route }) => route.isofix?.pushedHome !== undefined,
  },
  {
    need: 'route.legProofs',
    isAsked: ({ route }) => route.leg !== undefined,
    isStated: ({ route }) => route.leg?.proofs !== undefined,
  },
  {
    need: 'route.steps',
    isAsked: always,
    isStated: ({ route }) => route.steps !== undefined,
  },
]

/** All stated, or the questions that are open. */
export function statedOutcome<S>(parts: readonly Part<S>[], subject: S): Outcome {
  // Asked of every mode of a shelf, and most entries are whole: nothing is made until something is open.
  if (parts.every((p) => !p.isAsked(subject) || p.isStated(subject))) return { kind: 'pass', says: say('all-stated') }
  const open = parts.filter((p) => p.isAsked(subject) && !p.isStated(subject))
  return {
    kind: 'undecided',
    missing: open.map((p) => p.need),
    says: say('not-stated', { parts: open.map((p) => p.need) }),
  }
}

/** Of an entry: what its manual has not yet been read for, by mode and route. */
export function unreadIn(
  model: RestraintModel,
): readonly { readonly where: string; readonly needs: readonly Need[] }[] {
  const open = <S>(parts: readonly Part<S>[], subject: S): readonly Need[] =>
    parts.filter((p) => p.isAsked(subject) && !p.isStated(subject)).map((p) => p.need)
  return model.modes
    .flatMap((mode) => [
      { where: mode.label, needs: open(MODE_PARTS_ASKED, { model, mode }) },
      ...mode.routes.map((route) => ({
        where: `${mode.label}, ${route.label}`,
        needs: open(ROUTE_PARTS_ASKED, { model, mode, route }),
      })),
    ])
    .filter(({ needs }) => needs.length > 0)
}
