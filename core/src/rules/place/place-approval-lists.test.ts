import { VehicleId } from '../../ground/index.ts'
import { BELT_ROUTE, buildCase, buildRoute } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import type { Case, Route, SeatingPosition } from '../../index.ts'

/** What `place-approval` makes of a list that is lacking, read for other cars, or against this place. */
type Places = Route['approvedPlaces']
const HERE: Places = [{ vehicleId: VehicleId('corran-plover'), positionIds: ['rear-left'] }]
const ELSEWHERE: Places = [{ vehicleId: VehicleId('corran-knot'), positionIds: ['rear-left'] }]
const NOT_HERE: Places = [{ vehicleId: VehicleId('corran-plover'), positionIds: [] }]

const at = (route: Route, handbook: SeatingPosition['handbook']): Case => buildCase({ route, position: { handbook } })
const iSize = (approvedPlaces: Places, handbook: SeatingPosition['handbook']) => at({ ...buildRoute(), approvedPlaces }, handbook) // prettier-ignore
const belted = (approvedPlaces: Places, beltGroups: object) => at({ ...BELT_ROUTE, scope: 'semi-universal', approvedPlaces }, { beltGroups }) // prettier-ignore
const all = (letter: string) => ({ '0': letter, '0+': letter, I: letter, II: letter, III: letter })

test.each<[string, Case, string]>([
  ['i-Size: the mark is lacking, and no list is named', iSize(undefined, { iSize: 'i-UF' }), 'fail, stop by vehicle | The place is i-Size for forward only. → Use another place, or a route approved for this one.'],
  ['i-Size: the mark is lacking, and the list was read for other cars', iSize(ELSEWHERE, { iSize: 'i-UF' }), 'undecided, stop by maker | asks route.approvedPlaces | The place is i-Size for forward only. The maker’s list of cars has not been read for this one. → Look this car and place up on the maker’s list, or use another place.'],
  ['i-Size: the mark is lacking, and this car’s list lacks the place', iSize(NOT_HERE, { iSize: 'i-UF' }), 'fail, stop by vehicle | The place is i-Size for forward only. → Use another place, or a route approved for this one.'],
  ['i-Size: the mark is lacking, and the place is listed', iSize(HERE, { iSize: 'i-UF' }), 'pass, stop by maker | This car and place are on the restraint maker’s list, and the handbook does not forbid it.'],
  ['i-Size: marked, and the list was read for other cars', iSize(ELSEWHERE, { iSize: 'i-U' }), 'pass, stop by vehicle | The place is marked i-Size (i-U).'],
  ['i-Size: the mark is lacking, no leg is permitted, and the list was read for other cars', iSize(ELSEWHERE, { iSize: 'i-UF', table: { legPermitted: false } }), 'fail, stop by vehicle | The place is i-Size for forward only. → Use another place, or a route approved for this one.'],
  ['belt: not listed, L, and the car’s own list not read', belted(NOT_HERE, all('L')), 'undecided, stop by vehicle | asks position.handbook | The restraint maker’s list does not name this place; the vehicle maker’s own has not been read. → Look this car and place up on the list, or use another route.'],
  ['belt: not listed, U', belted(NOT_HERE, all('U')), 'fail, stop by maker | The car and this place are not on the maker’s list. → Ask the maker, or use another car, place or route.'],
  ['belt: not listed, no letter read', belted(NOT_HERE, {}), 'undecided, stop by vehicle | asks position.handbook | The restraint maker’s list does not name this place; the vehicle maker’s own has not been read. → Look this car and place up on the list, or use another route.'],
  ['belt: not listed, one letter L', belted(NOT_HERE, { ...all('U'), I: 'L' }), 'undecided, stop by vehicle | asks position.handbook | The restraint maker’s list does not name this place; the vehicle maker’s own has not been read. → Look this car and place up on the list, or use another route.'],
  ['belt: list read for other cars, U', belted(ELSEWHERE, all('U')), 'undecided, stop by maker | asks route.approvedPlaces | This route needs the car and place on the maker’s list, which has not been read for this car. → Look this car and place up on the list, or use another route.'],
  ['belt: X, and the list not read', belted(undefined, all('X')), 'fail, stop by vehicle | The handbook refuses: it marks the place X for group 0+, X for group I. → Use another place, or a route approved for this one.'],
])('%s', (_, c, said) => expect(told('place-approval', c)).toBe(said)) // prettier-ignore
