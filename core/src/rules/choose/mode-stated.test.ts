import { assessVerdictWithout, BOOSTER, buildCase, buildMode, judged, ask } from '../../../test/build.ts'
import { measured, missingIn, type Mode } from '../../index.ts'

const asked = (mode: Partial<Mode>, without?: Mode['without']) => {
  const said = judged('mode-stated', buildCase({ mode: { ...mode, without }, unstated: true }))
  return said.kind === 'not-applicable' ? [] : [...missingIn(said)]
}

test('mode-stated: what is not stated asks one question each; what is said to be none asks none', () => {
  expect(asked({})).toEqual(['mode.inserts', 'mode.wedge', 'mode.turns', 'mode.sidePod'])
  expect(asked({ inserts: [], sidePod: false }, ['wedge', 'turns'])).toEqual([])
  expect(asked({ inserts: [], sidePod: false }, ['wedge'])).toEqual(['mode.turns'])
  expect(asked({ shape: 'infant-shell', inserts: [], sidePod: false }, ['wedge', 'turns'])).toEqual([
    'mode.carryHandle',
  ])
  expect(asked(BOOSTER)).toEqual(['mode.sidePod', 'mode.crotchBeltGuide'])
  expect(asked({ ...BOOSTER, sidePod: false, crotchBeltGuide: false })).toEqual([])
})

test('each part that is taken from a stated mode leaves it open', () => {
  for (const field of ['inserts', 'sidePod', 'reclines', 'headRule', 'strap', 'massKg', 'without'] as const) {
    expect([field, assessVerdictWithout(buildCase(), field)]).toEqual([field, 'undecided'])
  }
})

test('R129 with its own harness and no greatest mass: undecided, whatever the child weighs', () => {
  const c = (massKg: Mode['massKg'], kg = 10.4) =>
    ask('R129-mass-max', buildCase({ mode: { ...buildMode(), massKg }, child: { massKg: measured(kg) } }))
  expect(c(undefined)).toMatchObject({ kind: 'undecided', missing: ['mode.massKg'] })
  expect(c(undefined, 30)).toMatchObject({ kind: 'undecided', missing: ['mode.massKg'] })
  expect(c({ from: 9 })).toMatchObject({ kind: 'undecided', missing: ['mode.massKg'] })
  expect(c({ from: 11 })).toMatchObject({ kind: 'fail', limit: 11 })
  expect(c({ to: 10.4 })).toMatchObject({ kind: 'pass', limit: 10.4 })
})
