import { BELT_ROUTE, buildCase, buildPosition } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { assess, describeNeed, fittedSubject, measured, type Case } from '../index.ts'
import { closer, inOrderOfWork, type MeasureNext } from './measure-next.ts'

const need = (id: MeasureNext['need'], stage: MeasureNext['stage'], settles = 1): MeasureNext => ({ need: id, label: id, ask: id, stage, settles }) // prettier-ignore
const inOrder = (needs: readonly MeasureNext[], c?: Case) => inOrderOfWork(needs, c && fittedSubject(c)).map((n) => n.need) // prettier-ignore

test('stage after stage; within one, what settles most comes first', () => {
  const all = [
    need('place', 'place'), need('child.massKg', 'measure', 1), need('mode', 'choose'),
    need('child.statureCm', 'measure', 5), need('position.isofix', 'place', 3),
  ] // prettier-ignore
  expect(inOrder(all)).toEqual(['child.statureCm', 'child.massKg', 'mode', 'position.isofix', 'place'])
})
test('settings as they are set, whatever they settle; what is no setting comes after them', () => {
  const settings = ['setting.legNotch', 'position.cushionHeightMm', 'setting.strapHeightMm', 'setting.recline', 'setting.wedge', 'position.cushionSlopeDeg', 'setting.insertsIn', 'setting.vehicleHeadRestraint'] as const // prettier-ignore
  expect(inOrder(settings.map((id, i) => need(id, 'set-up', 20 - i)))).toEqual([
    ...settings.slice(0, -1).toReversed(), 'setting.vehicleHeadRestraint',
  ]) // prettier-ignore
})
test('at the car and at the child as the hands go; one that no step has comes first', () => {
  const c = buildCase()
  const byHand = [need('check.steadiness-mm', 'attach', 9), need('check.latch-left', 'attach', 1), need('check.label-serial', 'attach', 1), need('step.front-seat', 'attach', 4), need('check.slack-mm', 'child-in', 9), need('check.coat', 'child-in', 1), need('step.no-such', 'attach', 1)] // prettier-ignore
  expect(inOrder(byHand, c)).toEqual(['step.no-such', 'check.label-serial', 'check.latch-left', 'step.front-seat', 'check.steadiness-mm', 'check.coat', 'check.slack-mm']) // prettier-ignore
  // Nothing is chosen: no hand knows an order yet.
  expect(inOrder(byHand.slice(0, 2))).toEqual(['check.steadiness-mm', 'check.latch-left'])
})
test('of a whole fitting', () => {
  const asked = assess(buildCase({ route: BELT_ROUTE })).measureNext.map((n) => n.need)
  const at = (id: MeasureNext['need']) => asked.indexOf(id)
  expect(at('check.belt-path')).toBeGreaterThan(at('setting.recline'))
  expect(at('check.belt-locked')).toBeGreaterThan(at('check.belt-path'))
  expect(at('check.slack-mm')).toBeGreaterThan(at('check.steadiness-mm'))
})

describe('a figure that is there is asked for more closely', () => {
  const cushioned = (cushion: object | undefined) => buildCase({ position: { ...buildPosition(), cushion: cushion as never } }) // prettier-ignore
  const mm = measured(300, 10)
  test.each<[Parameters<typeof closer>[1], Case, Case]>([
    ['child.massKg', buildCase(), buildCase({ child: { massKg: undefined } })],
    ['child.statureCm', buildCase(), buildCase({ child: { statureCm: undefined } })],
    ['child.seatedShoulderHeightMm', buildCase(), buildCase({ child: { seatedShoulderHeightMm: undefined } })],
    ['child.sittingHeightMm', buildCase({ child: { sittingHeightMm: mm } }), buildCase()],
    ['position.cushionSlopeDeg', cushioned({ slopeDeg: mm }), cushioned({ frontEdgeAboveFloorMm: mm })],
    ['position.cushionHeightMm', cushioned({ frontEdgeAboveFloorMm: mm }), cushioned({ slopeDeg: mm })],
  ])('%s', (id, there, gone) => {
    const text = describeNeed(id)
    expect(closer(text, id, gone)).toEqual(text)
    expect(closer(text, id, there)).toEqual({ ...text, ask: `${text.ask} more closely` })
  })
  test('any other need stays as it is, and so does all of a case with nothing chosen', () => {
    expect(closer(describeNeed('child.headControl'), 'child.headControl', buildCase())).toEqual(describeNeed('child.headControl')) // prettier-ignore
    const text = describeNeed('position.cushionSlopeDeg')
    expect(closer(text, 'position.cushionSlopeDeg', { ...buildCase(), choice: { at: Sequence(0) } })).toEqual(text)
  })
})

describe('a step that a maker asks for', () => {
  const route = { ...BELT_ROUTE, steps: [{ id: 'a', text: 'Open the flap.' }, { id: 'b', text: 'Close the flap.', onlyBefore: 'child-in' as const }, { id: 'c', text: 'Before it stands.', onlyBefore: 'placing' as const }] } // prettier-ignore
  test.each([
    ['step.a', 'attach'],
    ['step.b', 'child-in'],
    ['step.c', 'attach'],
    ['step.x', 'attach'],
  ] as const)('%s belongs to %s', (id, stage) => expect(describeNeed(id, route).stage).toBe(stage))
  test('is told in its own words; of another route by its id', () => {
    expect(describeNeed('step.a', route).ask).toBe('Do and record “Open the flap”')
    expect(describeNeed('step.a').ask).toContain('step.a')
    expect(describeNeed('step.x', route).ask).toContain('step.x')
  })
})
