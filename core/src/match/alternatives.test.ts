import { BOOSTER, buildCase, buildMode, buildModel, buildUnit, FORWARD, stateMode } from '../../test/build.ts'
import { ModelId, UnitId } from '../ground/index.ts'
import { matchModes, type Mode } from '../index.ts'

/** What else the stock holds for the child decides whether facing forward, or a booster, is advised against. */

const model = (id: string, over: Partial<Mode>) => ({ model: buildModel([stateMode(buildMode({ id, ...over }))], { id: ModelId(id), name: id }), unit: buildUnit({ id: UnitId(id), modelId: ModelId(id) }) }) // prettier-ignore
const rearward = model('rearward', {})
const forward = model('forward', FORWARD)
const tooSmall = model('small', { statureCm: { from: 40, to: 60 } })
const c = buildCase({ practice: { turningForward: 'as-late-as-allowed' } })
const advice = (stock: Parameters<typeof matchModes>[1], of = 'forward') =>
  matchModes(c, stock).find((m) => m.model.id === of)!.findings.find((f) => f.rule.id === 'practice-rearward-longer')?.outcome.kind // prettier-ignore

test.each([
  ['alone: nothing speaks against it', [forward], 'pass'],
  ['two that face forward', [forward, model('another', FORWARD)], 'pass'],
  ['one that holds it rearward as well', [forward, rearward], 'fail'],
  ['one that would hold a smaller child rearward', [forward, tooSmall], 'pass'],
] as const)('facing forward, %s', (_, stock, kind) => {
  expect(advice(stock)).toBe(kind)
})
test('rearward, and on a booster, nothing of the kind is said', () => {
  expect(advice([forward, rearward], 'rearward')).toBeUndefined()
  expect(advice([model('booster', BOOSTER), rearward], 'booster')).toBeUndefined()
})
