import { tetherUseAt } from '../fit/index.ts'
import type { Disturbance } from '../readings/index.ts'
import { directionChangeOf } from '../restraint/index.ts'
import type { FittedSubject } from '../rules/index.ts'

/** What may have happened meanwhile to an installation at one stage, as far as this restraint and route have it. */
export function disturbancesOf(
  { model, mode, route, position }: FittedSubject,
  stage: 'attach' | 'child-in',
): readonly Disturbance[] {
  const usesBase = route.usesBase === true
  const change = directionChangeOf(model)
  const has: readonly (readonly [Disturbance, boolean])[] =
    stage === 'child-in'
      ? [
          ['carrier', usesBase],
          ['harness', true],
          ['clothes', true],
          ['child', true],
        ]
      : [
          ['connectors', route.isofix !== undefined],
          ['base', true],
          ['tether', tetherUseAt(route, position) !== undefined],
          ['turned', mode.turns !== undefined || change === 'turns-on-base'],
          ['set-round', change === 'lifts-off'],
          ['driven', route.isofix?.armsMayCreep === true],
          ['left', true],
          ['removed', true],
        ]
  return has.flatMap(([id, isHere]) => (isHere ? [id] : []))
}
