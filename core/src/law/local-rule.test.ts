import { IsoDate, parseWith } from '../ground/index.ts'
import { DEFAULT_LOCAL_RULE, LAW, LOCAL_RULES, localEndBounds, localRuleSchema, R44_GROUP_MASS_KG } from './index.ts'

const rule = { id: 'here', name: 'Here' }
const faults = (over: object) => {
  const parsed = parseWith(localRuleSchema, { ...rule, ...over })
  return parsed.ok ? [] : parsed.error
}

test.each([
  ['untilStatureCm', 100, 180],
  ['untilAgeYears', 6, 18],
  ['untilMassKg', 20, 60],
] as const)('%s from %s to %s, both ends themselves', (field, from, to) => {
  for (const value of [from, to, (from + to) / 2]) expect(faults({ [field]: value })).toEqual([])
  expect(faults({ [field]: from - 1 })).toEqual([{ path: `$.${field}`, message: `must be at least ${from}` }])
  expect(faults({ [field]: to + 1 })).toEqual([{ path: `$.${field}`, message: `must be at most ${to}` }])
})
test('one limit is enough, whichever; none is no rule, and the first field says so', () => {
  for (const one of [{ untilStatureCm: 150 }, { untilAgeYears: 12 }, { untilMassKg: 36 }]) expect(faults(one)).toEqual([]) // prettier-ignore
  const none = [{ path: '$.untilStatureCm', message: 'needs a stature, an age or a mass' }]
  expect(faults({})).toEqual(none)
  expect(faults({ r44Use: 'allowed' })).toEqual(none)
})
test.each(['allowed', { notAfter: IsoDate('2027-09-01') }])('the use of UN R44 as %j may stand in it', (r44Use) => {
  expect(faults({ untilAgeYears: 12, r44Use })).toEqual([])
})
test.each(['forbidden', { notAfter: '2027-13-01' }, { notAfter: IsoDate('2027-09-01'), why: 'x' }, {}])('%j is no use of UN R44', (r44Use) => {
  expect(faults({ untilAgeYears: 12, r44Use }).length).toBeGreaterThan(0)
}) // prettier-ignore

test('the rules that come with the program, and the one that new fittings begin with', () => {
  expect(LOCAL_RULES).toEqual([
    { id: 'to-135-or-12', name: 'Until 135 cm or 12 years', untilStatureCm: 135, untilAgeYears: 12 },
    { id: 'to-150-or-12', name: 'Until 150 cm or 12 years', untilStatureCm: 150, untilAgeYears: 12 },
    { id: 'to-150-or-36-kg', name: 'Until 150 cm or 36 kg', untilStatureCm: 150, untilMassKg: 36 },
  ])
  expect(DEFAULT_LOCAL_RULE.id).toBe('to-150-or-12')
  expect(localRuleSchema.meta()).toMatchObject({ id: 'LocalRule' })
  for (const each of LOCAL_RULES) expect(parseWith(localRuleSchema, each).ok).toBe(true)
})
test('its ends as bounds: what is not stated bounds nothing, years are counted in months', () => {
  expect(localEndBounds({ ...rule, untilStatureCm: 150, untilAgeYears: 12, untilMassKg: 36 })).toEqual([
    { quantity: 'statureCm', limit: 150 },
    { quantity: 'ageMonths', limit: 144 },
    { quantity: 'massKg', limit: 36 },
  ])
  expect(localEndBounds({ ...rule, untilMassKg: 36 })).toEqual([{ quantity: 'massKg', limit: 36 }])
})

test('the figures of the regulations, as they are written', () => {
  expect(LAW).toEqual({
    r129ForwardOverMonths: 15,
    r129ForwardFromCm: 76,
    r129RearwardToCm: 83,
    r129BoosterFromCm: 100,
    cushionFromCm: 125,
    cushionFromKg: 22,
    cushionSinceYear: 2017,
    r44ForwardFromKg: 9,
    isofixSumKg: 33,
  })
  expect(R44_GROUP_MASS_KG).toEqual({
    '0': { from: 0, to: 10 },
    '0+': { from: 0, to: 13 },
    I: { from: 9, to: 18 },
    II: { from: 15, to: 25 },
    III: { from: 22, to: 36 },
  })
})
