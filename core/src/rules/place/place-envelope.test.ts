import { BELT_ROUTE, BOOSTER, buildCase, kindOf, buildRoute, FORWARD, TETHER_ROUTE } from '../../../test/build.ts'
import { FIXTURES, takesFixture, type SeatingPosition } from '../../index.ts'

const at = (position: Partial<SeatingPosition>, parts: Parameters<typeof buildCase>[0] = {}): string =>
  kindOf('place-envelope', buildCase({ ...parts, position }))

describe('envelopes', () => {
  test.each([
    ['R3', ['R3', 'R2', 'R2X', 'R1']],
    ['R2', ['R2', 'R1']],
    ['R2X', ['R2X', 'R1']],
    ['R1', ['R1']],
    ['F3', ['F3', 'F2', 'F2X']],
    ['F2', ['F2']],
    ['B3', ['B3', 'B2']],
    ['L1', ['L1']],
  ] as const)('a place for %s takes %j and nothing else', (listed, taken) => {
    expect(FIXTURES.filter((f) => takesFixture({ fixtures: [listed] }, f)).toSorted()).toEqual([...taken].toSorted())
  })
  test('an i-Size place takes R2, F2X and R1; others only if listed; not listed at all is undecided', () => {
    expect(at({ handbook: { iSize: 'i-U' } })).toBe('pass')
    expect(at({ handbook: { iSize: 'i-U' } }, { route: buildRoute({ fixture: 'R3' }) })).toBe('undecided')
    expect(at({ handbook: { iSize: 'X', fixtures: ['R1'] } })).toBe('fail')
  })
  test('a booster whose label names an envelope needs it; one whose label names none does not ask', () => {
    const booster = (fixture: 'B2' | 'B3' | undefined) => ({
      mode: BOOSTER,
      route: { ...BELT_ROUTE, ...(fixture && { fixture }) },
    })
    expect(at({ handbook: { fixtures: ['B3'] } }, booster('B2'))).toBe('pass')
    expect(at({ handbook: { fixtures: ['B2'] } }, booster('B3'))).toBe('fail')
    expect(at({ handbook: { fixtures: ['R1'] } }, booster('B2'))).toBe('undecided')
    expect(at({ handbook: undefined }, booster('B2'))).toBe('undecided')
    expect(at({ handbook: { fixtures: ['R1'] } }, booster(undefined))).toBe('not-applicable')
  })
  test('a place that is i-Size forward only takes F2X; of a rearward envelope it says nothing', () => {
    const forward = (fixture: 'F2X' | 'F2') => ({ mode: FORWARD, route: { ...TETHER_ROUTE, fixture } })
    expect(at({ handbook: { iSize: 'i-UF' } }, forward('F2X'))).toBe('pass')
    expect(at({ handbook: { iSize: 'i-UF' } }, forward('F2'))).toBe('undecided')
    expect(at({ handbook: { iSize: 'i-UF' } })).toBe('undecided')
    expect(at({ handbook: { iSize: 'i-UF' } }, { route: buildRoute({ scope: 'universal', fixture: 'R1' }) })).toBe(
      'undecided',
    )
  })
})
