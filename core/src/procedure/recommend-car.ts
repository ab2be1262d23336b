import { isIntegral } from '../restraint/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { HEAD_RESTRAINT_EN } from './recommend-car.en.ts'
import type { Recommendation } from './recommendation.ts'

/** The vehicle's head restraint, where it comes off: as the maker asks, else by the school. A cushion always needs it. */
export function recommendHeadRestraint(s: FittedSubject): readonly Recommendation[] {
  const { mode, route, position, practice } = s
  if (position.headRestraint === undefined || position.headRestraint === 'none') return []
  const setting = 'vehicleHeadRestraint'
  const set = (value: 'on' | 'off-and-stowed', why: keyof typeof HEAD_RESTRAINT_EN.because): Recommendation[] => [
    { setting, kind: 'set', value, text: HEAD_RESTRAINT_EN[value], because: HEAD_RESTRAINT_EN.because[why] },
  ]
  if (mode.shape === 'booster-cushion' || mode.headRule === 'ears-below-vehicle-head-restraint')
    return set('on', 'cushion')
  if (route.vehicleHeadRestraint === 'on') return set('on', 'maker')
  const comesOff = position.headRestraint === 'removable'
  if (route.vehicleHeadRestraint === 'off') {
    const { stays, because } = HEAD_RESTRAINT_EN
    return comesOff
      ? set('off-and-stowed', 'maker')
      : [{ setting, kind: 'none', text: stays, because: because.offByMaker }]
  }
  // What cannot come off stays, and asks nothing.
  if (!comesOff) return []
  // Noted as fouling the shell, it comes off whatever the school.
  const now = s.settings.vehicleHeadRestraint?.value
  const fouls = s.look('gap-behind').reading?.option === 'gap' && now === 'on'
  // Once off and stowed nothing asks it back on: it may be off because it fouled.
  if (fouls || now === 'off-and-stowed') return set('off-and-stowed', 'fouls')
  if (practice.vehicleHeadRestraint === 'always-off' && isIntegral(mode) && route.vehicleHeadRestraint === undefined)
    return set('off-and-stowed', 'always-off')
  return set('on', 'only-where-it-fouls')
}
