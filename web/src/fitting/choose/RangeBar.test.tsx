import { render, screen } from '@testing-library/react'
import { buildMode, byMass, FORWARD } from '@nimble-anchor/core/testing'
import type { ForecastAnswer } from '../../forecast/protocol.ts'
import { ModeBars } from './ModeBars.tsx'
import { RangeBar } from './RangeBar.tsx'

const bar = (over: Partial<Parameters<typeof RangeBar>[0]> = {}) => {
  render(
    <RangeBar
      what="Mass"
      unit="kg"
      scale={[0, 40]}
      range={{ from: 9, to: 18 }}
      child={{ lo: 10.3, hi: 10.5 }}
      {...over}
    />,
  )
  return screen.getByRole('img').getAttribute('aria-label')
}

test.each([
  [{}, 'Mass 9–18 kg; child 10.4 ± 0.1 kg'],
  [{ tailTo: 14.2 }, 'Mass 9–18 kg; child 10.4 ± 0.1 kg; about 14.2 kg in two years'],
  [{ child: undefined }, 'Mass 9–18 kg; child not measured'],
  [{ range: undefined, caption: undefined }, 'Mass no limit in kg; child 10.4 ± 0.1 kg'],
  [{ range: { to: 13 } }, 'Mass up to 13 kg; child 10.4 ± 0.1 kg'],
])('with %j it is spoken as "%s"', (over, spoken) => expect(bar(over)).toBe(spoken))

const NOBODY = { massKg: undefined, statureCm: undefined, ageMonths: { lo: 16, hi: 16 } }
const labels = () => screen.getAllByRole('img').map((x) => x.getAttribute('aria-label'))

test.each([
  [buildMode(), ['Mass up to 18 kg', 'Stature 61–105 cm', 'Age no age limit']],
  [buildMode(FORWARD), ['Mass up to 18 kg', 'Stature 76–105 cm', 'Age over 15 months']],
  [buildMode(byMass(['I'])), ['Mass 9–18 kg', 'Stature no limit in cm', 'Age no age limit']],
  [buildMode({ ageMonths: { from: 18, to: 48 } }), ['Mass up to 18 kg', 'Stature 61–105 cm', 'Age 18–48 months']],
])('mode %#: the three bars say its ranges', (mode, starts) => {
  render(<ModeBars mode={mode} child={NOBODY} answer={null} forecast={undefined} />)
  labels().forEach((label, i) => expect(label?.startsWith(starts[i]!)).toBe(true))
})

test('the tail reaches to the middle of the forecast two years on, and no further', () => {
  const bands = [0, 12, 24, 36].map((month) => ({ month, p10: 9, p50: 10 + month / 12, p90: 14 }))
  const answer = { massKg: bands, statureCm: [], modes: new Map() } as unknown as ForecastAnswer
  render(
    <ModeBars
      mode={buildMode()}
      child={{ ...NOBODY, massKg: { lo: 10, hi: 10 } }}
      answer={answer}
      forecast={undefined}
    />,
  )
  expect(labels()[0]).toContain('about 12 kg in two years')
})
