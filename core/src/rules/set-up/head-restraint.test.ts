import { Sequence } from '../../ground/index.ts'
import { BOOSTER, buildCase, buildRoute } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import type { Case, Mode, PracticeProfile, Route, SeatingPosition } from '../../index.ts'

type HeadRestraint = NonNullable<SeatingPosition['headRestraint']>
interface Parts {
  readonly set?: 'on' | 'off-and-stowed' | 'off-and-loose'
  readonly has?: HeadRestraint
  readonly asks?: Route['vehicleHeadRestraint']
  readonly school?: PracticeProfile['vehicleHeadRestraint']
  readonly mode?: Partial<Mode>
}
const at = ({ set, has = 'removable', asks, school = 'off-where-it-fouls', mode = {} }: Parts = {}): Case =>
  buildCase({
    mode,
    route: { ...(mode.routes?.[0] ?? buildRoute()), ...(asks && { vehicleHeadRestraint: asks }) },
    position: { headRestraint: has },
    practice: { vehicleHeadRestraint: school },
    settings: set === undefined ? {} : { vehicleHeadRestraint: { value: set, at: Sequence(2) } },
  })
const CUSHION: Partial<Mode> = { ...BOOSTER, shape: 'booster-cushion', headRule: 'ears-below-vehicle-head-restraint' }

test.each<[string, string, Case, string]>([
  ['cushion-head-restraint', 'on a cushion it is on', at({ mode: CUSHION, set: 'on' }), 'pass, fix by maker | The head restraint is on its seat.'],
  ['cushion-head-restraint', 'on a cushion it is off', at({ mode: CUSHION, set: 'off-and-stowed' }), 'fail, fix by maker | The head restraint is off, and nothing else protects the head on a cushion. → Put it back on, raised behind the head.'],
  ['cushion-head-restraint', 'on a cushion it is not recorded', at({ mode: CUSHION }), 'undecided, fix by maker | asks setting.vehicleHeadRestraint | Whether the vehicle head restraint is on is not recorded. → Put it back on, raised behind the head.'],
  ['cushion-head-restraint', 'on a cushion it is fixed', at({ mode: CUSHION, has: 'fixed' }), 'pass, fix by maker | The head restraint cannot be taken off.'],
  ['cushion-head-restraint', 'on a cushion it is fixed, and recorded as off', at({ mode: CUSHION, has: 'fixed', set: 'off-and-stowed' }), 'fail, fix by maker | The head restraint is off, and nothing else protects the head on a cushion. → Put it back on, raised behind the head.'],
  ['cushion-head-restraint', 'a cushion by its shape alone', at({ mode: { ...CUSHION, headRule: 'ears-below-edge' } }), 'undecided, fix by maker | asks setting.vehicleHeadRestraint | Whether the vehicle head restraint is on is not recorded. → Put it back on, raised behind the head.'],
  ['cushion-head-restraint', 'a seat whose head rule is the car’s', at({ mode: { ...BOOSTER, headRule: 'ears-below-vehicle-head-restraint' } }), 'undecided, fix by maker | asks setting.vehicleHeadRestraint | Whether the vehicle head restraint is on is not recorded. → Put it back on, raised behind the head.'],
  ['cushion-head-restraint', 'a seat with a back of its own', at({ mode: BOOSTER }), 'not-applicable'],
  ['head-restraint-maker', 'the maker wants it on, and it is', at({ asks: 'on', set: 'on' }), 'pass, fix by maker | The vehicle head restraint is on; the maker asks for it on.'],
  ['head-restraint-maker', 'the maker wants it on, and it is off', at({ asks: 'on', set: 'off-and-stowed' }), 'fail, fix by maker | The vehicle head restraint is off; the maker asks for it on. → Put it back on.'],
  ['head-restraint-maker', 'the maker wants it off, and it is', at({ asks: 'off', set: 'off-and-stowed' }), 'pass, fix by maker | The vehicle head restraint is off; the maker asks for it off.'],
  ['head-restraint-maker', 'the maker wants it off, and it is loose', at({ asks: 'off', set: 'off-and-loose' }), 'pass, fix by maker | The vehicle head restraint is off; the maker asks for it off.'],
  ['head-restraint-maker', 'the maker wants it off, and it is on', at({ asks: 'off', set: 'on' }), 'fail, fix by maker | The vehicle head restraint is on; the maker asks for it off. → Take it off and stow it in the load space.'],
  ['head-restraint-maker', 'the maker wants it off, not recorded', at({ asks: 'off' }), 'undecided, fix by maker | asks setting.vehicleHeadRestraint | The maker asks for the vehicle head restraint off; whether it is on is not recorded. → Take it off and stow it in the load space.'],
  ['head-restraint-maker', 'the maker wants it off, and there is none', at({ asks: 'off', has: 'none' }), 'not-applicable'],
  ['head-restraint-maker', 'the maker does not say', at({ set: 'on' }), 'not-applicable'],
  ['head-restraint-maker', 'the maker leaves it open', at({ asks: 'either' as never, set: 'on' }), 'not-applicable'],
  ['head-restraint-off', 'the school wants it off, not recorded', at({ school: 'always-off' }), 'undecided, advise by practice | asks setting.vehicleHeadRestraint | Whether the head restraint is off is not recorded. → Take it off and stow it in the load space, or choose the other practice school.'],
  ['head-restraint-off', 'the school wants it off, and it is on', at({ school: 'always-off', set: 'on' }), 'fail, advise by practice | The head restraint is on its seat; your practice profile takes it off. → Take it off and stow it in the load space, or choose the other practice school.'],
  ['head-restraint-off', 'the school wants it off, and it is', at({ school: 'always-off', set: 'off-and-stowed' }), 'pass, advise by practice | The head restraint is off.'],
  ['head-restraint-off', 'the maker’s word goes before the school', at({ school: 'always-off', asks: 'on' }), 'not-applicable'],
  ['head-restraint-off', 'one that cannot come off', at({ school: 'always-off', has: 'fixed' }), 'not-applicable'],
  ['head-restraint-off', 'a booster is no matter of the school', at({ school: 'always-off', mode: BOOSTER }), 'not-applicable'],
  ['head-restraint-off', 'a school that takes it off where it fouls', at(), 'not-applicable'],
  ['head-restraint-stowed', 'it is on', at({ set: 'on' }), 'pass, fix by practice | The head restraint is on its seat or stowed.'],
  ['head-restraint-stowed', 'it is stowed', at({ set: 'off-and-stowed' }), 'pass, fix by practice | The head restraint is on its seat or stowed.'],
  ['head-restraint-stowed', 'it is loose', at({ set: 'off-and-loose' }), 'fail, fix by practice | The head restraint lies loose in the cabin. → Stow it in the load space.'],
  ['head-restraint-stowed', 'nothing is recorded', at(), 'not-applicable'],
])('%s: %s', (rule, _, c, said) => expect(told(rule, c)).toBe(said)) // prettier-ignore
