import { buildCase, kindOf, buildRoute } from '../../../test/build.ts'
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
})
