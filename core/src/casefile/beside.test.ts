import { buildCase, buildPosition, buildRoute } from '../../test/build.ts'
import { inRide, other, REST_OF_CAR } from '../../test/ride.ts'
import type { Case, Mode, OtherOfRide, SeatingPosition } from '../index.ts'
import { besideIn, othersBeside, othersSharing, ownOf, placeLabels, placesTaken, sharedSeatIn, takingOfOther } from './beside.ts' // prettier-ignore

const car = (over: Readonly<Record<string, Partial<SeatingPosition>>> = {}): Case => {
  const c = buildCase({ others: REST_OF_CAR })
  const positions = c.vehicle!.positions.map((p) => ({ ...p, ...over[p.id] }))
  return { ...c, vehicle: { ...c.vehicle!, positions } }
}
const at = (c: Case, id: string): SeatingPosition => c.vehicle!.positions.find((p) => p.id === id)!
const who = (others: readonly OtherOfRide[]): readonly string[] => others.map((o) => o.id)
const on = (id: string, ...positionIds: readonly string[]): OtherOfRide => other(200, { id, positionIds: [...positionIds] }) // prettier-ignore

test('the places of others are told in the order of the car, each once', () => {
  expect(placeLabels(car(), [on('a', 'rear-right'), on('b', 'rear-centre', 'rear-right')])).toEqual(['Rear middle', 'Rear right']) // prettier-ignore
  expect(placeLabels(car(), [])).toEqual([])
  expect(placeLabels({ vehicle: undefined }, [on('a', 'rear-right')])).toEqual([])
})

describe('who sits beside', () => {
  const c = inRide(car(), [on('row', 'rear-centre'), on('front', 'front-left'), on('somewhere'), on('both', 'front-left', 'rear-right')]) // prettier-ignore
  test('in its row, or nobody has said where', () => {
    expect(who(othersBeside(c, at(c, 'rear-left')))).toEqual(['row', 'somewhere', 'both'])
    expect(who(othersBeside(c, at(c, 'front-left')))).toEqual(['front', 'somewhere', 'both'])
  })
  test('nobody, of one who travels alone', () => expect(othersBeside(car(), at(car(), 'rear-left'))).toEqual([]))
})

describe('who shares a part of the car', () => {
  const others = [on('centre', 'rear-centre'), on('right', 'rear-right'), on('somewhere'), on('front', 'front-left')]
  const sharing = (from: readonly string[], over: Readonly<Record<string, Partial<SeatingPosition>>> = {}) => {
    const c = inRide(car(over), others)
    return who(othersSharing(c, from.map((id) => at(c, id)))) // prettier-ignore
  }
  const WITH_RIGHT = { 'rear-left': { sharedWith: [{ part: 'buckle', positionId: 'rear-right' }] as never } }
  test('the middle may lend its bars to its neighbours, while nobody has said', () => {
    expect(sharing(['rear-left'])).toEqual(['centre', 'somewhere'])
    expect(sharing(['rear-centre'])).toEqual(['right', 'somewhere'])
    expect(sharing(['rear-left'], { 'rear-centre': { isofix: { bars: 'none' } } })).toEqual([])
  })
  test('at a place that is said to share, by either of the two; and not where it is said of another', () => {
    expect(sharing(['rear-left'], WITH_RIGHT)).toEqual(['right', 'somewhere'])
    expect(sharing(['rear-right'], WITH_RIGHT)).toEqual(['centre', 'somewhere'])
    expect(sharing(['rear-left', 'rear-centre'], WITH_RIGHT)).toEqual(['right', 'somewhere'])
  })
  test('nobody without a ride, without a car, or where nothing is shared', () => {
    const c = inRide(car(), others)
    expect(othersSharing(car(WITH_RIGHT), [at(c, 'rear-left')])).toEqual([])
    expect(othersSharing({ ...c, vehicle: undefined }, [at(c, 'rear-left')])).toEqual([])
    expect(sharing([])).toEqual([])
    expect(sharing(['front-left'])).toEqual([])
  })
})

test('what one of the others takes is told part by part; nothing while it is not chosen', () => {
  const taking = (takes: OtherOfRide['takes'], kind: OtherOfRide['kind'] = 'child') => takingOfOther(other(200, { takes, kind })) // prettier-ignore
  const NONE = { usesBars: false, usesTether: false, usesRails: false, usesBelt: false, isRestraint: true }
  expect(taking(undefined)).toBeUndefined()
  expect(taking([])).toEqual(NONE)
  expect(taking(['bars'])).toEqual({ ...NONE, usesBars: true })
  expect(taking(['tether'])).toEqual({ ...NONE, usesTether: true })
  expect(taking(['rails'])).toEqual({ ...NONE, usesRails: true })
  expect(taking(['belt'], 'adult')).toEqual({ ...NONE, usesBelt: true, isRestraint: false })
})

describe('what was said of the restraint itself', () => {
  const c = car()
  const here = { model: c.restraints[0]!, mode: c.restraints[0]!.modes[0]!, position: at(c, 'rear-left') }
  const own = { isExtraOff: true, outsideMm: 440, secondPositionId: 'rear-centre' }
  const said = (of: object | undefined, position: SeatingPosition | undefined = here.position) =>
    ownOf({ id: 'ride-1', others: [], own: { ...own, ...(of && { of }) } } as never, { ...here, position })
  const OF = { modelId: 'halyard', modeId: 'rearward', positionId: 'rear-left' }
  test('holds of this mode, and at this place', () => {
    expect(said(OF)).toEqual(own)
    expect(said({ ...OF, modeId: 'forward' })).toEqual({ secondPositionId: 'rear-centre' })
    expect(said({ ...OF, modelId: 'reef' })).toEqual({ secondPositionId: 'rear-centre' })
    expect(said({ ...OF, positionId: 'rear-right' })).toEqual({ isExtraOff: true, outsideMm: 440 })
    expect(said({ modelId: 'halyard', modeId: 'rearward' })).toEqual({ isExtraOff: true, outsideMm: 440 })
  })
  test('of nothing nothing is said', () => {
    expect(said(undefined)).toEqual({})
    expect(ownOf({ id: 'r', others: [], own: { ...own, of: {} } } as never, { ...here, position: undefined })).toEqual({}) // prettier-ignore
    expect(ownOf(undefined, here)).toEqual({})
  })
})

describe('the places that it takes', () => {
  const ACROSS = { shape: 'lie-flat', direction: 'lateral' } as unknown as Mode
  const taken = (
    c: Case,
    from: string,
    mode: Mode | undefined,
    second?: string,
    route = buildRoute({ seatsTaken: 2 }),
  ) => {
    const { places, isWhole } = placesTaken(c.vehicle!, at(c, from), { mode, route }, second) // prettier-ignore
    return [places.map((p) => p.id), isWhole]
  }
  const c = car()
  const twoInRow = { ...c, vehicle: { ...c.vehicle!, positions: c.vehicle!.positions.filter((p) => p.id !== 'rear-right') } } // prettier-ignore
  test('one, of whatever does not lie across, or is not chosen yet', () => {
    expect(taken(c, 'rear-left', c.restraints[0]!.modes[0], undefined, buildRoute())).toEqual([['rear-left'], true])
    expect(taken(c, 'rear-left', undefined)).toEqual([['rear-left'], true])
    expect(placesTaken(c.vehicle!, at(c, 'rear-left'), { mode: ACROSS, route: undefined }, undefined).places).toHaveLength(1) // prettier-ignore
  })
  test('lying across: the one that is said; in a row of two the other; else it is not known', () => {
    expect(taken(c, 'rear-centre', ACROSS, 'rear-right')).toEqual([['rear-centre', 'rear-right'], true])
    expect(taken(c, 'rear-centre', ACROSS, 'rear-left')).toEqual([['rear-centre', 'rear-left'], true])
    expect(taken(c, 'rear-centre', ACROSS)).toEqual([['rear-centre'], false])
    expect(taken(c, 'rear-centre', ACROSS, 'front-left')).toEqual([['rear-centre'], false])
    expect(taken(twoInRow, 'rear-left', ACROSS)).toEqual([['rear-left', 'rear-centre'], true])
  })
})

describe('what others change that is looked at here', () => {
  test('how wide, in whose way and with what they are; not who', () => {
    const c = inRide(car(), [other(undefined, { id: 'bare' }), other(undefined, { id: 'full', positionIds: ['rear-right'], isAcross: true, playMm: 20, needsHand: true, takes: ['bars'] }), on('front', 'front-left')]) // prettier-ignore
    expect(besideIn(c)).toEqual([
      [['rear-centre'], false, null, 0, false, null],
      [['rear-right'], true, null, 20, true, ['bars']],
    ])
    expect(besideIn({ ...c, choice: { at: c.choice.at } })).toEqual([])
    expect(besideIn(car())).toEqual([])
  })
  test('seats of the front two rows on its side: whether one is fully back, how another is set', () => {
    const seat = (positionIds: string[], over: Partial<OtherOfRide> = {}) => other(200, { positionIds, ...over })
    const c = inRide(car(), [
      seat(['front-left']), seat(['front-left'], { holdsSeatBack: false }), seat(['driver']),
      seat(['rear-centre'], { frontSeatGapMm: 700 }), seat(['rear-centre']), seat(['rear-right'], { frontSeatGapMm: 600 }), seat([]),
    ]) // prettier-ignore
    expect(sharedSeatIn(c)).toEqual([
      [['front-left'], true], [['front-left'], false], [['rear-centre'], 700], [['rear-centre'], null],
    ]) // prettier-ignore
    const middle = { ...c, choice: { ...c.choice, positionId: 'rear-centre' } }
    expect(sharedSeatIn(middle)).toHaveLength(6)
    const third = { ...c, vehicle: { ...c.vehicle!, positions: [...c.vehicle!.positions, buildPosition({ id: 'third', row: 3 })] } } // prettier-ignore
    expect(sharedSeatIn({ ...third, choice: { ...c.choice, positionId: 'third' } })).toEqual([])
    expect(sharedSeatIn(inRide(third, [seat(['third'])]))).toEqual([])
    expect(sharedSeatIn({ ...c, choice: { at: c.choice.at } })).toEqual([])
  })
})
