import { Sequence } from '../../ground/index.ts'
import { BOOSTER, buildCase, buildRoute } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import type { Case, Mode } from '../../index.ts'

const at = (recline?: string, permitted: readonly string[] | undefined = ['r1'], mode: Partial<Mode> = {}): Case =>
  buildCase({
    mode,
    route: buildRoute({ permittedReclines: permitted as string[] }),
    settings: recline === undefined ? {} : { recline: { value: recline, at: Sequence(2) } },
  })
const unstated = (mode: Partial<Mode>): Case => buildCase({ unstated: true, mode })
const ONE = { reclines: [{ id: 'r1', label: '1', shellAngleDeg: 36 }] }

test.each<[string, Case, string]>([
  ['not set', at(), 'undecided, fix by maker | asks setting.recline | The recline position set is not recorded. → Set “1”, and record it.'],
  ['not set, and two are permitted', at(undefined, ['r1', 'r2']), 'undecided, fix by maker | asks setting.recline | The recline position set is not recorded. → Set one of 1, 2, and record it.'],
  ['one that is permitted', at('r1'), 'pass, fix by maker | Recline “1”; permitted here: 1.'],
  ['one that is not', at('r2'), 'fail, fix by maker | Recline “2”; permitted here: 1. → Set “1”.'],
  ['one that the mode does not have', at('r9'), 'fail, fix by maker | Recline “r9”; permitted here: 1. → Set “1”.'],
  ['reclines that nobody read', unstated({ reclines: undefined as never }), 'undecided, fix by maker | asks mode.reclines | The recline positions of this mode have not been read. → Read the positions in the manual or on the base; “none” is an answer too.'],
  ['a shell without reclines', at(undefined, undefined, { reclines: [] }), 'pass, fix by maker | This mode has no recline positions.'],
  ['which the route permits was not read', unstated({}), 'undecided, fix by maker | asks route.permittedReclines | Which of the recline positions this route permits has not been read. → Read in the manual which positions may be used by this route.'],
  ['of one recline nothing is to be read', unstated(ONE), 'undecided, fix by maker | asks setting.recline | The recline position set is not recorded. → Set “1”, and record it.'],
  ['a lie-flat', at('r1', ['r1'], { shape: 'lie-flat' }), 'not-applicable'],
  ['a booster', buildCase({ mode: BOOSTER }), 'not-applicable'],
])('%s', (_, c, said) => expect(told('set-recline', c)).toBe(said)) // prettier-ignore
