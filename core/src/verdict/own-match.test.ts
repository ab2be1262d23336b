import { IsoDate, ModelId, UnitId } from '../ground/index.ts'
import { buildCase, FORWARD, withEverythingGood } from '../../test/build.ts'
import { assess, measured, type Case } from '../index.ts'
import { ownMatch } from './own-match.ts'

/** Judged as if nothing had been judged before: every part of it is another object. */
const anew = (c: Case): unknown => JSON.parse(JSON.stringify(assess(structuredClone(c))))
const shown = (c: Case): unknown => JSON.parse(JSON.stringify(assess(c)))

const base = withEverythingGood(buildCase())
// Whether a rearward mode still takes the child is advice that the other restraints of the case decide.
const forward = buildCase({ mode: FORWARD, child: { massKg: measured(12, 0.1), statureCm: measured(90, 0.5) } })

test.each<[string, Case, (c: Case) => Case]>([
  ['the child', base, (c) => ({ ...c, child: { ...c.child, massKg: measured(40, 0.1) } })],
  ['the day', base, (c) => ({ ...c, today: IsoDate('2029-03-01') })],
  ['the choice', base, (c) => ({ ...c, choice: { ...c.choice, modeId: undefined } })],
  ['the units', base, (c) => ({ ...c, units: (c.units ?? []).map((u) => ({ ...u, wasInCrash: true })) })],
  ['the practice', forward, (c) => ({ ...c, practice: { ...c.practice, turningForward: 'from-the-guard' as never } })],
  ['the local rule', base, (c) => ({ ...c, localRule: { ...c.localRule, untilMassKg: 20, r44Use: 'allowed' as const } })],
  ['the journey', base, (c) => ({ ...c, journeyMinutes: 300 })],
  ['the restraints', forward, (c) => ({ ...c, restraints: c.restraints.map((m) => ({ ...m, modes: m.modes.map((x) => ({ ...x, massKg: { to: 9 } })) })) })], // prettier-ignore
])('what was matched before is not said of another: %s', (_, from, change) => {
  expect(shown(from)).toEqual(anew(from))
  const to = change(from)
  expect(shown(to)).toEqual(anew(to))
  // And back: the newest is what is kept.
  expect(shown(from)).toEqual(anew(from))
  // A journey counts for the very young only; all else shows.
  if (from.journeyMinutes === to.journeyMinutes) expect(shown(to)).not.toEqual(shown(from))
}) // prettier-ignore

describe('of several restraints with modes of the same name, the one chosen, in its own unit', () => {
  const second = buildCase({ model: { id: ModelId('lanyard') }, unit: { id: UnitId('unit-9'), modelId: ModelId('lanyard') } }) // prettier-ignore
  const first = buildCase({ modes: [{ id: 'forward', direction: 'forward' }] } as never)
  const both: Case = { ...first, restraints: [...first.restraints, ...second.restraints], units: [...(first.units ?? []), ...(second.units ?? [])] } // prettier-ignore
  const own = (c: Case) => { const m = ownMatch(c); return m && [m.model.id, m.mode.id, m.subject.unit?.id] } // prettier-ignore
  const [a, b] = both.restraints
  test('the first', () => expect(own(both)).toEqual([a!.id, both.choice.modeId, first.choice.unitId]))
  test('the other', () =>
    expect(own({ ...both, choice: { ...both.choice, modelId: b!.id, unitId: UnitId('unit-9') } })).toEqual([
      b!.id,
      b!.modes[0]!.id,
      'unit-9',
    ]))
  test('of two units of one model the one chosen', () => {
    const spare = { ...first.units![0]!, id: UnitId('spare') }
    const c = { ...both, units: [spare, ...both.units!] }
    expect(own(c)?.[2]).toBe(first.choice.unitId)
    expect(own({ ...c, choice: { ...c.choice, unitId: UnitId('spare') } })?.[2]).toBe('spare')
  })
  test('another mode of the first', () => {
    const forward = { ...a!.modes[0]!, id: 'forward', direction: 'forward' as const }
    const c = { ...both, restraints: [{ ...a!, modes: [...a!.modes, forward] }, b!], choice: { ...both.choice, modeId: 'forward' } } // prettier-ignore
    expect(own(c)).toEqual([a!.id, 'forward', first.choice.unitId])
  })
  test('a mode that is not there', () => expect(ownMatch({ ...both, choice: { ...both.choice, modeId: 'none' } })).toBeUndefined()) // prettier-ignore
})

describe('the other restraints are judged in their units', () => {
  const rearward = buildCase({ model: { id: ModelId('lanyard') }, unit: { id: UnitId('unit-9'), modelId: ModelId('lanyard') } }) // prettier-ignore
  const c = (crashed: 'own' | 'other' | 'none'): Case => ({
    ...forward,
    restraints: [...forward.restraints, ...rearward.restraints],
    units: [...(forward.units ?? []).map((u) => ({ ...u, wasInCrash: crashed === 'own' })), ...(rearward.units ?? []).map((u) => ({ ...u, wasInCrash: crashed === 'other' }))],
  }) // prettier-ignore
  const advised = (x: Case) => assess(x).findings.find((f) => f.ruleId === 'practice-rearward-longer')?.kind
  test.each([
    ['a rearward one that is sound is advised instead', 'none', 'fail'],
    ['one that was in a crash is not', 'other', 'pass'],
    ['the crash of the one chosen is its own matter', 'own', 'fail'],
  ] as const)('%s', (_, crashed, kind) => expect(advised(c(crashed))).toBe(kind))
})
