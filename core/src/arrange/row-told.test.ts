import { FittingId, Sequence } from '../ground/index.ts'
import fc from 'fast-check'
import { arrange, type ArrangeRequest, type Mode, type RowOf } from '../index.ts'
import { forward, half, place, question, ROW, toddler } from '../../test/arrange/plain.ts'
import { fittedSubject, otherOf, rideFor, type Case, type Member } from '../index.ts'
import { ask } from '../../test/build.ts'

const rowOf = (request: ArrangeRequest): RowOf => arrange(request).arrangements[0]!.rows[0]!
const two = (modes: readonly Mode[], over: Parameters<typeof question>[0] = {}) =>
  question({ modes, places: [ROW[0]!, ROW[1]!], ...over })

test('who stands where, how wide at each point, with what between and what is needed there', () => {
  const row = rowOf(two([forward()]))
  expect(row.stands.map((s) => [s.riderId, s.positionId, s.centreMm])).toEqual([
    ['ash', 'left', -450],
    ['bay', 'centre', 0],
  ])
  expect(row.stands[0]?.widths.shoulderFront).toEqual({ leftMm: 200, rightMm: 200, isStated: true })
  // A belt has its buckle between them: a hand must reach it.
  expect(row.gaps).toEqual([{ leftId: 'ash', rightId: 'bay', point: 'hipBack', gapMm: 50, neededMm: 30, state: 'clear' }]) // prettier-ignore
  expect(row).toMatchObject({ row: 2, state: 'certain' })
})

test('moved over, they stand where they clear, and the range is what is left', () => {
  const row = rowOf(two([forward({ halfWidths: half(220) })]))
  const [left, right] = row.stands
  expect(row.gaps[0]?.gapMm).toBeCloseTo(30, 1)
  expect(left!.shiftMm).toBeLessThan(0)
  expect(right!.shiftMm).toBeGreaterThan(0)
  expect(left!.shiftFromMm).toBeCloseTo(-20, 1)
  for (const s of row.stands) expect(s.shiftFromMm <= s.shiftMm && s.shiftMm <= s.shiftToMm).toBe(true)
})

test('at a point where nothing stands nothing is drawn; what nobody knows has no figure', () => {
  const none = { leftMm: 0, rightMm: 0 }
  const low = forward({ halfWidths: { ...half(200), headBack: none, headFront: none } })
  const open = forward({ halfWidths: undefined, widthMm: undefined, id: 'open', label: 'Open' })
  const [first, second] = rowOf(two([low])).stands
  expect([first?.widths.headBack, second?.widths.headFront]).toEqual([undefined, undefined])
  const unknown = rowOf(two([open]))
  expect(unknown.state).toBe('possible')
  expect(unknown.stands[0]?.widths.hipBack).toEqual({ leftMm: undefined, rightMm: undefined, isStated: false })
  expect(unknown.gaps[0]).toMatchObject({ gapMm: undefined, state: 'open' })
  // Nothing of it is lost on the way as JSON.
  expect(JSON.parse(JSON.stringify(unknown)).gaps[0].state).toBe('open')
})

test('where the middles are not measured, nothing is drawn to scale', () => {
  const row = rowOf(two([forward()], { places: [place('left', { lateralCentreMm: undefined }), ROW[1]!] }))
  expect(row).toMatchObject({ state: 'possible', stands: [], gaps: [] })
})

/** The same two as fittings of one ride, asked by the rule of one of them. */
function ruleOf(request: ArrangeRequest): string {
  const { seats, vehicleId } = arrange(request).arrangements[0]!
  const vehicle = request.vehicles.find((v) => v.id === vehicleId)!
  const members = seats.map((s): Member => {
    const child = request.children.find((c) => c.id === s.childId)!
    const { modelId: model, modeId, routeId, positionId } = s
    const c: Case = {
      format: 'nimble-anchor/case',
      version: 3,
      today: request.today,
      child,
      vehicle,
      restraints: request.restraints,
      choice: { modelId: model, modeId, routeId, positionId, at: Sequence(1) },
      settings: {},
      disturbances: {},
      readings: {},
      practice: request.practice,
      localRule: request.localRule,
    }
    return { id: FittingId(s.childId), case: c }
  })
  const [first] = members as [Member, ...Member[]]
  expect(otherOf(first).positionIds).toEqual([seats[0]!.positionId])
  const c = { ...first.case, ride: rideFor('r', first, members, [], []) }
  expect(fittedSubject(c)).toBeDefined()
  return ask('place-room-beside', c).kind
}

test('an arrangement and the rule of each of its fittings read the same arithmetic', () => {
  const width = fc.option(fc.integer({ min: 190, max: 240 }), { nil: undefined })
  fc.assert(
    fc.property(
      width,
      fc.integer({ min: 430, max: 480 }),
      fc.boolean(),
      fc.constantFrom(undefined, 210, 'open'),
      (halfMm, apartMm, hasOutside, sweep) => {
        const mode = forward({
          ...(sweep !== undefined && {
            turns: {
              locks: [{ id: 't', what: 'ring', kind: 'click' }],
              toDoor: true,
              ...(typeof sweep === 'number' && { sweepMm: sweep }),
            },
          }),
          halfWidths: halfMm === undefined ? undefined : half(halfMm),
          widthMm: hasOutside ? 440 : undefined,
        })
        const places = [place('left', { lateralCentreMm: -apartMm }), ROW[1]!]
        const request = question({ modes: [mode], places, children: [toddler('ash'), toddler('bay')] })
        const result = arrange(request)
        if (result.arrangements.length === 0) return
        const [best] = result.arrangements
        const row = best!.rows[0]!
        // What is only possible always says what to measure.
        expect(best!.facts.length > 0).toBe(row.state === 'possible')
        expect(ruleOf(request)).toBe(row.state === 'certain' ? 'pass' : 'undecided')
      },
    ),
    { numRuns: 60 },
  )
})
