import { RULES } from '../src/index.ts'

/** The figures that the rule book shows of each rule, beside those that an outcome carries. */
const LIMITS: Readonly<Record<string, string>> = {
  'R129-booster-floor': 'booster with a back, from: 100 cm; cushion, from: 125 cm',
  'R129-forward-age': 'forward, over: 15 months',
  'R129-forward-stature': 'forward, from: 76 cm',
  'R44-cushion-floor': 'stature, from: 125 cm; mass, from: 22 kg; approved, from: 2017 year',
  'R44-forward-floor': 'forward, from: 9 kg',
  'R44-mass-range':
    'group 0, to: 10 kg; group 0+, to: 13 kg; group I, from: 9 kg; group I, to: 18 kg; group II, from: 15 kg; group II, to: 25 kg; group III, from: 22 kg; group III, to: 36 kg',
  'head-room':
    'strict school, crown below edge: 25 mm; eyes, share of sitting height, from: 0.86; eyes, share of sitting height, to: 0.9; ears, share of sitting height, from: 0.9; ears, share of sitting height, to: 0.94',
  'isofix-mass-sum': 'sum, to: 33 kg',
  'journey-breaks': 'under 3 months, at a time: 30 min; under 6 months, at a time: 60 min; older, at a time: 120 min',
  'specialist-advice': 'corrected age, to: 6 months; born before: 37 weeks; mass, from: 2.5 kg',
  'place-buckle': 'top above edge, to: 0 mm',
  'place-head-restraint-line': 'ears, share of sitting height, from: 0.9; ears, share of sitting height, to: 0.94',
  'front-seat-shared': 'off fully back, at most: 10 mm',
  'guide-set': 'above shoulder, to: 20 mm',
  'shell-angle-ceiling': 'integral, at most: 45 °',
  'shell-angle':
    'no head control, from: 40 °; head control under a year, from: 30 °; older rearward, from: 20 °; older rearward, to: 35 °',
  'strap-height': 'just, at most: 30 mm',
  'buckle-frame': 'top above edge, to: 0 mm',
  steadiness: 'movement, to: 25 mm',
  'tether-tension': 'good shown, from: 15 mm',
  'belt-guide': 'above shoulder, from: 0 mm; above shoulder, to: 20 mm',
  coat: 'hidden slack, to: 10 mm',
  'crown-margin': 'crown below edge, from: 0 mm; strict school, from: 25 mm',
  'harness-slack': 'one finger, to: 15 mm; two fingers, to: 25 mm',
}

test.each(RULES)('$id: its figures, whole', ({ id, limits = {} }) => {
  const said = Object.entries(limits).map(([what, { value, unit }]) => `${what}: ${value} ${unit}`.trimEnd())
  expect(said.join('; ')).toBe(LIMITS[id] ?? '')
})
