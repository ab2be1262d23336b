import { BELT_ROUTE, BOOSTER, buildCase, buildRoute, byMass, FORWARD } from '../../test/build.ts'
import { fittedSubject, measured, type SeatingPosition } from '../index.ts'
import { forbiddenByHandbook, groupsLookedUp } from './listing.ts'

type Handbook = NonNullable<SeatingPosition['handbook']>
const subject = (over: Parameters<typeof buildCase>[0], handbook?: Handbook) =>
  fittedSubject(buildCase({ ...over, position: { handbook } }))!
const weighing = (kg: number, spread = 0.1) => ({ child: { massKg: measured(kg, spread) } })

describe('whose letters are looked up on a belt', () => {
  test.each<[string, Parameters<typeof buildCase>[0], readonly string[]]>([
    ['its own groups, unweighed', { mode: byMass(['0', '0+', 'I']), child: { massKg: undefined } }, ['0', '0+', 'I']],
    ['of them those that the mass may fall in', { mode: byMass(['0', '0+', 'I']), ...weighing(10.5) }, ['0+', 'I']],
    ['to the very ends', { mode: byMass(['0+', 'I', 'II']), ...weighing(13, 0) }, ['0+', 'I']],
    ['from the very ends', { mode: byMass(['0+', 'I', 'II']), ...weighing(15, 0) }, ['I', 'II']],
    ['none of them: all', { mode: byMass(['0', '0+']), ...weighing(16) }, ['0', '0+']],
    ['rearward by stature', { child: { massKg: undefined } }, ['0', '0+', 'I', 'II']],
    ['forward by stature', { mode: FORWARD, child: { massKg: undefined } }, ['I', 'II']],
    ['a booster by stature', { mode: BOOSTER, child: { massKg: undefined } }, ['II', 'III']],
  ])('%s', (_, over, groups) => {
    expect(groupsLookedUp(subject({ route: BELT_ROUTE, ...over }))).toEqual(groups)
  }) // prettier-ignore
})

describe('what the handbook forbids', () => {
  const letters = (beltGroups: Handbook['beltGroups']) => ({ beltGroups }) as Handbook
  /** 10.5 kg: group 0+ or I. */
  const light = { route: BELT_ROUTE, ...weighing(10.5) }
  test.each<[string, Parameters<typeof buildCase>[0], Handbook | undefined, unknown]>([
    ['a handbook that nobody has read forbids nothing', {}, undefined, undefined],
    ['ISOFIX at all', {}, { isofix: 'X' } as Handbook, { by: 'isofix-x' }],
    ['not of a belt route', light, { isofix: 'X' } as Handbook, undefined],
    ['an envelope that it takes', {}, { fixtures: ['R2'] } as never, undefined],
    ['one that it does not', {}, { fixtures: ['R1'] } as never, { by: 'envelope', fixture: 'R2' }],
    ['a leg', {}, { table: { legPermitted: false } } as never, { by: 'leg' }],
    ['not where there is none', light, { table: { legPermitted: false } } as never, undefined],
    ['one of two groups, by stature', light, letters({ '0+': 'X', I: 'U' }), undefined],
    ['both of them', light, letters({ '0+': 'X', I: 'B' }), { by: 'belt-letters', letters: [{ g: '0+', letter: 'X' }, { g: 'I', letter: 'B' }] }],
    ['one of two, where the groups decide', { ...light, mode: byMass(['0+', 'I']) }, letters({ '0+': 'X', I: 'U' }), { by: 'belt-letters', letters: [{ g: '0+', letter: 'X' }] }],
    ['none of two, where the groups decide', { ...light, mode: byMass(['0+', 'I']) }, letters({ '0+': 'U', I: 'L' }), undefined],
    ['neither', light, letters({ '0+': 'U', I: 'L' }), undefined],
    ['no letters at all', light, letters({}), undefined],
    ['an envelope on a belt', { ...light, route: { ...BELT_ROUTE, fixture: 'R2' } }, { fixtures: ['R1'] } as never, { by: 'envelope', fixture: 'R2' }],
    ['one on a belt that it takes', { ...light, route: { ...BELT_ROUTE, fixture: 'R2' } }, { fixtures: ['R2'] } as never, undefined],
    ['letters of a belt that only steadies what connectors hold', { route: buildRoute({ belt: BELT_ROUTE.belt! }), ...weighing(10.5) }, letters({ '0+': 'X', I: 'X' }), undefined],
  ])('%s', (_, over, handbook, forbidden) => {
    expect(forbiddenByHandbook(subject(over, handbook))).toEqual(forbidden)
  }) // prettier-ignore
})
