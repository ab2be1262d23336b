import { join } from 'node:path'
import { BELT_ROUTE, BOOSTER, buildCase, buildMode, buildModel, buildRoute, buildUnit, byMass, stateMode } from '../../../test/build.ts' // prettier-ignore
import { holdTold, type Telling } from '../../../test/told-book.ts'
import { IsoDate, ModelId, UnitId } from '../../ground/index.ts'
import { measured, type Case, type Child, type Mode, type RestraintUnit, type Route } from '../../index.ts'

type Over = NonNullable<Parameters<typeof buildCase>[0]>
const of = (child: Partial<Child>, over: Over = {}): Case => buildCase({ ...over, child: { ...over.child, ...child } })
const kg = (mass: number, spread = 0) => ({ massKg: measured(mass, spread) })
const cm = (stature: number, spread = 0) => ({ statureCm: measured(stature, spread) })
const WEIGHTS = [undefined, [8.9, 0], [9, 0], [18, 0], [18.1, 0], [18, 0.2]] as const
const weighed = (w: (typeof WEIGHTS)[number]): Partial<Child> => (w ? kg(w[0], w[1]) : { massKg: undefined })
const named = (w: (typeof WEIGHTS)[number]): string => (w ? `${w[0]} ± ${w[1]} kg` : 'not weighed')

function* masses(): Iterable<Telling> {
  for (const w of WEIGHTS) {
    const child = weighed(w)
    yield ['R129-mass-max', `9 to 18 kg, ${named(w)}`, of(child, { mode: { massKg: { from: 9, to: 18 } } })]
    yield ['R44-mass-range', `group I, ${named(w)}`, of(child, { mode: byMass(['I']) })]
    yield ['R44-mass-range', `group 0+/I, 5 to 18 kg by the maker, ${named(w)}`, of(child, { mode: byMass(['0+', 'I'], { massKg: { from: 5, to: 18 } }) })] // prettier-ignore
    yield ['route-limits', `9 to 18 kg, ${named(w)}`, of(child, { route: buildRoute({ limits: { massKg: { from: 9, to: 18 } } }) })] // prettier-ignore
    // 14 kg of restraint: 19 kg of child are left of 33.
    yield ['isofix-mass-sum', `14 kg of restraint, ${named(w)}`, of(child)]
  }
  yield ['R129-mass-max', 'no end above stated, below the lower', of(kg(8), { mode: { massKg: { from: 9 } } })]
  yield ['R129-mass-max', 'no end above stated', of(kg(10), { mode: { massKg: { from: 9 } } })]
  yield ['R129-mass-max', 'nothing stated', of(kg(10), { mode: { massKg: undefined } })]
  yield ['R129-mass-max', 'a booster without one', of(kg(20), { mode: BOOSTER })]
  yield ['R129-mass-max', 'a booster to 36 kg', of(kg(36.5), { mode: { ...BOOSTER, massKg: { to: 36 } } })]
  yield ['R44-mass-range', 'group 0, to 10 kg', of(kg(2), { mode: byMass(['0']) })]
  for (const mass of [
    [19, 0],
    [19.1, 0],
    [19, 0.1],
  ] as const)
    // prettier-ignore
    yield ['isofix-mass-sum', `14 kg of restraint, ${mass[0]} ± ${mass[1]} kg`, of(kg(mass[0], mass[1]))]
  yield ['isofix-mass-sum', 'by the belt', of(kg(19.1), { route: BELT_ROUTE })]
  const limits: Route['limits'] = { massKg: { from: 9, to: 18 }, statureCm: { to: 100 } }
  for (const [when, child] of [
    ['both within', { ...kg(10), ...cm(90) }],
    ['too tall', { ...kg(10), ...cm(101) }],
    ['too tall and too light', { ...kg(8), ...cm(101) }],
    ['not measured', { ...kg(10), statureCm: undefined }],
    ['neither', { massKg: undefined, statureCm: undefined }],
  ] as const)
    yield ['route-limits', `9 to 18 kg and to 100 cm, ${when}`, of(child, { route: buildRoute({ limits }) })]
  yield ['isofix-rotation', 'a leg', of({})]
  yield ['isofix-rotation', 'nobody knows by what', of({}, { route: buildRoute({ leg: undefined } as never) })]
  yield ['isofix-rotation', 'the belt', of({}, { route: buildRoute({ leg: undefined, belt: BELT_ROUTE.belt } as never) })] // prettier-ignore
}

function* boosters(): Iterable<Telling> {
  const cushion = (year?: number): Partial<Mode> => ({ ...BOOSTER, ...byMass(['II', 'III'], { shape: 'booster-cushion' }, year) }) // prettier-ignore
  const rule = 'R44-cushion-floor'
  for (const year of [undefined, 2016, 2017, 2020]) {
    yield [rule, `approved ${year}, 125 cm and 22 kg`, of({ ...cm(125), ...kg(22) }, { mode: cushion(year) })]
    yield [rule, `approved ${year}, 124.9 cm and 22 kg`, of({ ...cm(124.9), ...kg(22) }, { mode: cushion(year) })]
    yield [rule, `approved ${year}, 125 cm and 21.9 kg`, of({ ...cm(125), ...kg(21.9) }, { mode: cushion(year) })]
    yield [rule, `approved ${year}, neither measured`, of({ statureCm: undefined, massKg: undefined }, { mode: cushion(year) })] // prettier-ignore
  }
  yield [rule, 'approved 2017, too close to tell', of({ ...cm(125, 1), ...kg(22) }, { mode: cushion(2017) })]
}

function* children(): Iterable<Telling> {
  const born = (months: number, over: Partial<Child> = {}): Partial<Child> => ({ dateOfBirth: undefined, ageMonths: measured(months, 0), ...over }) // prettier-ignore
  for (const [months, minutes] of [[2.9, 30], [2.9, 31], [3, 31], [5.9, 61], [5.9, 121], [6, 30], [2, undefined]] as const) // prettier-ignore
    yield ['journey-breaks', `${months} months, ${minutes} min`, { ...of(born(months)), ...(minutes !== undefined && { journeyMinutes: minutes }) }] // prettier-ignore
  const infant = born(2, { bornAtWeeks: 40, birthMassKg: measured(3.2, 0), headControl: 'none', ...kg(4.5) })
  const rule = 'specialist-advice'
  for (const [when, child] of [
    ['at term, of a good mass', infant],
    ['posture', { ...infant, needsPostureSpecialist: true }],
    ['nobody has asked about posture', { ...infant, needsPostureSpecialist: undefined }],
    ['lighter than 2.5 kg', { ...infant, ...kg(2.4) }],
    ['2.5 kg', { ...infant, ...kg(2.5) }],
    ['about 2.5 kg', { ...infant, ...kg(2.5, 0.1) }],
    ['not weighed', { ...infant, massKg: undefined }],
    [
      'not weighed, and nothing asked',
      { ...infant, massKg: undefined, needsPostureSpecialist: undefined, bornAtWeeks: undefined },
    ],
    ['not weighed, nine months', { ...infant, ...born(9), headControl: 'steady', massKg: undefined }],
    ['born at 36 weeks', { ...infant, bornAtWeeks: 36 }],
    ['born at 37 weeks', { ...infant, bornAtWeeks: 37 }],
    ['born too light', { ...infant, birthMassKg: measured(2.4, 0) }],
    ['born at about 2.5 kg', { ...infant, birthMassKg: measured(2.5, 0.1) }],
    ['weeks not known', { ...infant, bornAtWeeks: undefined }],
    ['birth mass not known', { ...infant, birthMassKg: undefined }],
    ['neither known', { ...infant, bornAtWeeks: undefined, birthMassKg: undefined }],
    ['neither known, past six months, holds its head', { ...infant, ...born(6.1), headControl: 'steady', bornAtWeeks: undefined, birthMassKg: undefined }], // prettier-ignore
    ['neither known, past six months, does not hold its head', { ...infant, ...born(7), bornAtWeeks: undefined, birthMassKg: undefined }], // prettier-ignore
    ['born at 30 weeks, eight months', { ...infant, ...born(8), headControl: 'steady', bornAtWeeks: 30 }],
    ['born at 30 weeks, nine months', { ...infant, ...born(9), headControl: 'steady', bornAtWeeks: 30 }],
    ['age not known, born early', { ...infant, ageMonths: undefined, bornAtWeeks: 30 }],
    ['age and head control not known, at term', { ...infant, ageMonths: undefined, headControl: undefined }],
  ] as const)
    yield [rule, when, of(child as Partial<Child>)]
}

function* units(): Iterable<Telling> {
  const unit = (over: Partial<RestraintUnit>, model: Over['model'] = {}): Case => buildCase({ unit: over, model })
  const bare = (c: Case): Case => ({ ...c, units: [], choice: { ...c.choice, unitId: undefined } })
  for (const [when, c] of [
    ['in its life', unit({})],
    ['on its last day', unit({ madeOn: IsoDate('2016-11-25') })],
    ['a day past it', unit({ madeOn: IsoDate('2016-11-24') })],
    ['the day it was made not known', unit({ madeOn: undefined })],
    ['no unit', bare(buildCase())],
  ] as const)
    yield ['unit-in-life', when, c]
  for (const [when, over] of [
    ['sound', {}],
    ['in a crash', { wasInCrash: true }],
    ['recalled', { isRecalled: true }],
    ['incomplete', { isComplete: false }],
    ['history not known', { isHistoryKnown: false }],
    [
      'nobody has asked',
      { isHistoryKnown: undefined, wasInCrash: undefined, isRecalled: undefined, isComplete: undefined },
    ],
  ] as const)
    yield ['unit-sound', when, unit(over)]
  yield ['unit-sound', 'no unit', bare(buildCase())]
  const from = { variant: { label: 'since 2024', madeFrom: IsoDate('2024-01-15') } }
  const until = { variant: { label: 'until 2024', madeUntil: IsoDate('2024-01-15') } }
  for (const [when, model] of [['from its day', from], ['to its day', until], ['neither', {}]] as const) // prettier-ignore
    for (const madeOn of ['2024-01-14', '2024-01-15', '2024-01-16', undefined])
      yield ['unit-variant', `${when}, made ${madeOn}`, unit({ madeOn: madeOn === undefined ? undefined : IsoDate(madeOn) }, model)] // prettier-ignore
  yield ['unit-variant', 'no unit', bare(buildCase({ model: from }))]
  const parts = [{ id: 'shell', name: 'Shell', massKg: 5 }, { id: 'base', name: 'Base', massKg: 9 }] // prettier-ignore
  const set = (
    shell: Partial<RestraintUnit>,
    base?: Partial<RestraintUnit>,
    usesBase: boolean | undefined = true,
    model: Over['model'] = { parts },
  ): Case => {
    // prettier-ignore
    const c = buildCase({ model, unit: shell, route: buildRoute({ usesBase } as Partial<Route>) })
    if (base === undefined) return c
    const second = buildUnit({ id: UnitId('unit-2'), serial: 'B-9', partId: 'base', ...base })
    return { ...c, units: [...c.units!, second], choice: { ...c.choice, baseUnitId: UnitId('unit-2') } }
  }
  const shell = { partId: 'shell' }
  for (const [when, c] of [
    ['one serial', set({})],
    ['no base named', set(shell)],
    ['a base that is sound', set(shell, {})],
    ['a base that awaits its check', set(shell, { awaitsCheck: { job: 'wash', since: IsoDate('2026-11-20') } })],
    ['a base past its life', set(shell, { madeOn: IsoDate('2016-11-24') })],
    ['a base on its last day', set(shell, { madeOn: IsoDate('2016-11-25') })],
    ['a base of which nobody knows when it was made', set(shell, { madeOn: undefined })],
    ['a base from a crash', set(shell, { wasInCrash: true })],
    ['a shell named as the base', set(shell, { partId: 'shell' })],
    ['the base alone', set({ partId: 'base' })],
    ['a shell belted in by itself', set(shell, undefined, false)],
    ['a shell belted in by itself, a base named all the same', set(shell, {}, false)],
    ['a shell of a model without parts', set(shell, undefined, true, {})],
    ['a whole unit, and a base named', set({}, {})],
  ] as const)
    yield ['unit-parts', when, c]
}

function* gaps(): Iterable<Telling> {
  const stages =
    (a: Partial<Mode>, b: Partial<Mode>) =>
    (child: Partial<Child>): Case => ({
      ...of(child),
      restraints: [buildModel([stateMode(buildMode(a)), stateMode(buildMode({ ...b, id: 'later' }))], { id: ModelId('halyard') })], // prettier-ignore
    })
  const byStature = stages({ statureCm: { from: 61, to: 87 } }, { statureCm: { from: 100, to: 150 } })
  for (const [when, child] of [
    ['87 cm', cm(87)],
    ['87.1 cm', cm(87.1)],
    ['99.9 cm', cm(99.9)],
    ['100 cm', cm(100)],
    ['about 87 cm', cm(87, 1)],
    ['not measured', { statureCm: undefined }],
  ] as const)
    // prettier-ignore
    yield ['stage-gap', `87 to 100 cm: ${when}`, byStature(child)]
  const byKg = stages(byMass(['0+']), { ...byMass(['II']), ...BOOSTER, approval: { regulation: 'R44', series: '04', groups: ['II'] }, statureCm: undefined }) // prettier-ignore
  for (const [when, child] of [
    ['13 kg', kg(13)],
    ['13.1 kg', kg(13.1)],
    ['15 kg', kg(15)],
    ['not weighed', { massKg: undefined }],
  ] as const)
    // prettier-ignore
    yield ['stage-gap', `13 to 15 kg: ${when}`, byKg(child)]
  yield ['stage-gap', 'no gap', of({})]
  const three: Case = { ...of({}), restraints: [buildModel([[61, 80], [87, 100], [110, 150]].map(([from, to], i) => stateMode(buildMode({ id: `m${i}`, statureCm: { from: from!, to: to! } }))), { id: ModelId('halyard') })] } // prettier-ignore
  const between = (child: Partial<Child>): Case => ({ ...three, child: { ...three.child, ...child }, choice: { ...three.choice, modeId: 'm0' } }) // prettier-ignore
  for (const [when, child] of [
    ['in the first', cm(85)],
    ['in the second', cm(105)],
    ['in neither', cm(90)],
    ['about the end of the first', cm(80, 1)],
    ['about the end of the second', cm(110, 1)],
    ['not measured', { statureCm: undefined }],
  ] as const)
    // prettier-ignore
    yield ['stage-gap', `80 to 87 and 100 to 110 cm: ${when}`, between(child)]
  const law = (localRule: Over['localRule'], child: Partial<Child> = {}): Case => of(child, { localRule, mode: byMass(['0+', 'I']) } as Over) // prettier-ignore
  for (const notAfter of ['2026-11-24', '2026-11-25', '2026-11-26'])
    yield [
      'local-r44',
      `not after ${notAfter}`,
      law({ name: 'Here', r44Use: { notAfter: IsoDate(notAfter) } } as never),
    ]
  yield ['local-r44', 'allowed', law({ name: 'Here', r44Use: 'allowed' } as never)]
  yield ['local-r44', 'not said', law({ name: 'Here' } as never)]
}

holdTold(join(__dirname, 'told.txt'), [...masses(), ...boosters(), ...children(), ...units(), ...gaps()])
