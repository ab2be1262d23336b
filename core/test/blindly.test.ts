import { Sequence } from '../src/ground/index.ts'
import fc from 'fast-check'
import { assess, checkOf, fittedSubject, highestSequence, type Case, type CheckId, type Reading } from '../src/index.ts'
import { goodReading } from './build.ts'
import { demoFittings, MADE_UP } from './kinds.ts'

/**
 * What to find out next, followed blindly: from nothing, each answer taken from
 * a fitting as it truly is, it ends in a decision, asks nothing twice, and asks
 * nothing whose answer changes nothing.
 */

const FITTINGS: readonly (readonly [string, Case])[] = [...Object.entries(MADE_UP), ...demoFittings()]
const POSITION_FIELDS: Readonly<Record<string, readonly string[]>> = {
  belt: ['belt'],
  isofix: ['isofix'],
  tether: ['tether'],
  frontAirbag: ['frontAirbag'],
  floor: ['floor'],
  handbook: ['handbook'],
  lowerTetherPoints: ['lowerTetherPoints'],
  frontClearanceMm: ['frontClearanceMm', 'frontSeatRangeMm'],
  headRestraint: ['headRestraint', 'headRestraintTopMm'],
  slidingTrack: ['slidingTrack', 'without', 'obstacles'],
  isDriverSeat: ['isDriverSeat'],
  facing: ['facing'],
}

type Record_ = Record<string, unknown>
const only = (from: object, keys: readonly string[]): Record_ =>
  Object.fromEntries(keys.flatMap((k) => ((from as Record_)[k] === undefined ? [] : [[k, (from as Record_)[k]]])))

/** Measured as closely as anybody can. */
const closely = (facts: Record_): Record_ =>
  Object.fromEntries(
    Object.entries(facts).map(([k, v]) => [
      k,
      typeof v === 'object' && v !== null && 'plusMinus' in v ? { ...v, plusMinus: 0 } : v,
    ]),
  )

/** The case once one thing has been found out as it truly is. */
function answered(c: Case, need: string, truth: Case): Case {
  const at = highestSequence(c) + 1
  const [root, name = ''] = [need.split('.')[0], need.split('.').slice(1).join('.')]
  switch (root) {
    case 'mode':
    case 'route':
    case 'unit':
      if (name === '') {
        const { positionId: _p, routeId: _r, ...mode } = truth.choice
        return { ...c, choice: { ...c.choice, ...mode, at: Sequence(at) } }
      }
      return { ...c, restraints: truth.restraints, ...(truth.units && { units: truth.units }) }
    case 'vehicle':
      return { ...c, vehicle: bareCar(truth) }
    case 'place':
      return { ...c, choice: { ...truth.choice, at: Sequence(at) } }
    case 'child': {
      const fields = name === 'ageMonths' ? ['ageMonths', 'dateOfBirth'] : [name]
      const known = only(truth.child, fields)
      // Asked again, it is asked for more closely.
      return { ...c, child: { ...c.child, ...(fields.some((f) => f in c.child) ? closely(known) : known) } }
    }
    case 'journeyMinutes':
      return { ...c, journeyMinutes: truth.journeyMinutes ?? 20 }
    case 'position': {
      const positions = c.vehicle!.positions.map((p) => {
        const real = truth.vehicle!.positions.find((x) => x.id === p.id)!
        if (name === 'cushionSlopeDeg' || name === 'cushionHeightMm') {
          const field = name === 'cushionSlopeDeg' ? 'slopeDeg' : 'frontEdgeAboveFloorMm'
          const known = only(real.cushion ?? {}, [field])
          return { ...p, cushion: { ...p.cushion, ...(p.cushion?.[field] === undefined ? known : closely(known)) } }
        }
        return { ...p, ...only(real, POSITION_FIELDS[name] ?? []) }
      })
      return { ...c, vehicle: { ...c.vehicle!, positions } as Case['vehicle'] }
    }
    case 'setting': {
      const value = (truth.settings as Record_)[name] as { value: unknown } | undefined
      return value === undefined ? c : { ...c, settings: { ...c.settings, [name]: { value: value.value, at } } }
    }
    case 'check': {
      const id = name as CheckId
      const reading: Reading = {
        ...(truth.readings[id] ?? goodReading(id, Sequence(at), fittedSubject(truth))),
        at: Sequence(at),
      }
      return { ...c, readings: { ...c.readings, [id]: reading } }
    }
    case 'step':
      return { ...c, stepsDone: { ...c.stepsDone, [name]: { at: Sequence(at) } } }
    default:
      throw new Error(`Nobody can answer "${need}"`)
  }
}

/** The car of which only its places are known. */
const bareCar = ({ vehicle }: Case): Case['vehicle'] => ({
  ...vehicle!,
  positions: vehicle!.positions.map(({ id, label, row, side }) => ({ id, label, row, side })),
})
const nothing = (truth: Case): Case => ({
  ...truth,
  child: only(truth.child, ['id', 'name']) as Case['child'],
  vehicle: undefined,
  choice: { at: Sequence(0) },
  settings: {},
  disturbances: {},
  readings: {},
  stepsDone: undefined,
  journeyMinutes: undefined,
})

/** Everything that the judgement says, but for sentences. */
const judged = (c: Case): string => {
  const a = assess(c)
  return JSON.stringify([
    a.verdict,
    a.stages,
    a.measureNext.map((n) => n.need),
    a.findings.map((f) => [f.ruleId, f.kind, f.measured]),
  ])
}

/** Follows what is asked first until something is decided; says what was asked. */
function follow(truth: Case, from: Case): { readonly end: Case; readonly asked: readonly string[] } {
  let c = from
  const asked: string[] = []
  for (let i = 0; i < 150; i += 1) {
    const { verdict, measureNext } = assess(c)
    if (verdict !== 'undecided') break
    // The first that the made-up truth can answer: of two sources that would do, it holds one.
    const same = JSON.stringify(c)
    const next = measureNext.find(({ need }) => JSON.stringify(answered(c, need, truth)) !== same)
    if (next === undefined) throw new Error(`Undecided, and nothing is asked, after ${asked.join(', ')}`)
    const after = answered(c, next.need, truth)
    if (judged(after) === judged(c))
      throw new Error(`"${next.need}" was asked, and its answer changes nothing; after ${asked.join(', ')}`)
    asked.push(next.need)
    c = after
  }
  return { end: c, asked }
}

const COUNT = process.env.SWEEP === 'whole' ? 500 : 15
const some = fc.constantFrom(...FITTINGS)

test('followed from nothing it ends in a decision, and asks only for a closer measure twice', () => {
  fc.assert(
    fc.property(some, ([name, truth]) => {
      const { end, asked } = follow(truth, nothing(truth))
      expect([name, assess(end).verdict]).toEqual([name, 'ready'])
      const twice = asked.filter((need, i) => asked.indexOf(need) < i)
      expect([name, twice.filter((need) => !/^child\.|^position\.cushion/.test(need))]).toEqual([name, []])
    }),
    { seed: 83, numRuns: COUNT },
  )
})

test('where one thing is bad it ends in a refusal', () => {
  fc.assert(
    fc.property(some, fc.nat(), ([name, truth], n) => {
      const bad = (Object.keys(truth.readings) as CheckId[]).flatMap((id): [CheckId, string][] => {
        // An i-Size mark answers for the floor: whoever reads the mark is not asked for a box under it.
        if (id === 'floor-box') return []
        const check = checkOf(id)
        const option = check.kind === 'options' ? check.options.find((o) => o.means === 'fail') : undefined
        return option ? [[id, option.id]] : []
      })
      const [id, option] = bad[n % bad.length]!
      const spoiled = { ...truth, readings: { ...truth.readings, [id]: { option, at: Sequence(3) } } }
      // Only what is refused by itself; some is bad only beside something else.
      fc.pre(assess(spoiled).verdict !== 'ready' && assess(spoiled).verdict !== 'undecided')
      const { end } = follow(spoiled, nothing(spoiled))
      expect([name, id, assess(end).verdict]).toEqual([name, id, assess(spoiled).verdict])
    }),
    { seed: 84, numRuns: COUNT },
  )
})

test('nothing is asked whose answer changes nothing, in any state of the work', () => {
  fc.assert(
    fc.property(some, fc.nat({ max: 60 }), ([, truth], steps) => {
      let c = nothing(truth)
      for (let i = 0; i < steps && assess(c).measureNext.length > 0; i += 1) {
        const { measureNext } = assess(c)
        c = answered(c, measureNext[(i * 7) % measureNext.length]!.need, truth)
      }
      const before = judged(c)
      const idle = assess(c).measureNext.filter(({ need }) => {
        const after = answered(c, need, truth)
        // What the made-up truth does not hold, nobody can answer.
        return JSON.stringify(after) !== JSON.stringify(c) && judged(after) === before
      })
      expect(idle.map((n) => n.need)).toEqual([])
    }),
    { seed: 85, numRuns: COUNT },
  )
})
