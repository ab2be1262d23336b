import { seatsInFront } from '../../fit/index.ts'
import { defineRule, type FittedSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './front-seat-shared.en.ts'

const say = sayer<typeof en>()

/** Nearer than this two readings of one seat are the same setting; our own figure. */
const SAME_SETTING_MM = 10

/** Who rides on a seat before this place that must be fully back. */
const onSeatBefore = ({ ride, vehicle, position }: Pick<FittedSubject, 'ride' | 'vehicle' | 'position'>) => {
  const seats = new Set(seatsInFront(vehicle, position).map((p) => p.id))
  return (ride?.others ?? []).filter((o) => o.holdsSeatBack && o.positionIds.some((id) => seats.has(id)))
}

export default defineRule({
  id: 'front-seat-shared',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  limits: { 'off fully back, at most': { value: SAME_SETTING_MM, unit: 'mm' } },
  applies: (s) => onSeatBefore(s).length > 0,
  evaluate: (s) => {
    const setMm = s.settings.frontSeatGapMm?.value
    const backMm = s.position.frontSeatRangeMm?.fullyBackMm
    if (setMm === undefined) return { kind: 'undecided', missing: ['setting.frontSeatGapMm'], says: say('not-set') }
    if (backMm === undefined)
      return { kind: 'undecided', missing: ['position.frontClearanceMm'], says: say('no-range') }
    const offMm = setMm - backMm
    const isBack = offMm <= SAME_SETTING_MM
    return {
      kind: isBack ? 'pass' : 'fail',
      limit: SAME_SETTING_MM,
      unit: 'mm',
      margin: SAME_SETTING_MM - offMm,
      says: say('judged', { setMm, backMm, isBack }),
    }
  },
})
