import { type BenchLine } from '@nimble-anchor/core/bench'
import { render, screen } from '@testing-library/react'
import { MarginBar } from './MarginBar.tsx'

const line = (over: Partial<BenchLine>): BenchLine => ({
  id: 'shell-angle',
  label: 'Shell angle',
  state: 'pass',
  value: { lo: 23, hi: 25 },
  unit: '°',
  wanted: '20–35°',
  window: { from: 20, to: 35 },
  findings: [],
  missing: undefined,
  formula: [],
  filled: [],
  ...over,
})
const drawn = (over: Partial<BenchLine>) => {
  const { container } = render(<MarginBar line={line(over)} />)
  const [, window, value] = [...container.querySelectorAll('rect')]
  const x = (r: Element | undefined): readonly number[] => [Number(r?.getAttribute('x')), Number(r?.getAttribute('x')) + Number(r?.getAttribute('width'))] // prettier-ignore
  return { container, window: x(window), value: x(value), colour: value?.getAttribute('fill') }
}

test('inside: the window is the whole bar, its ends in figures, the value where it is', () => {
  const { window, value, colour } = drawn({})
  expect(window).toEqual([0, 100])
  expect(value.map((x) => Math.round(x))).toEqual([20, 33])
  expect(colour).toBe('var(--pass)')
  expect(screen.getByRole('img', { name: 'Shell angle: 24 ± 1°; wanted 20–35°' })).toHaveTextContent('20°35°')
})
test.each<[string, Partial<BenchLine>, number, number]>([
  ['above', { value: { lo: 40, hi: 42 } }, 0, 80],
  ['below', { value: { lo: 5, hi: 7 } }, 20, 100],
])('%s its window: the bar goes on beyond that end, and the value is seen outside', (where, over, low, high) => {
  const { window, value, colour } = drawn({ ...over, state: 'fail' })
  expect(window.map((x) => Math.round(x))).toEqual([low, high])
  expect(colour).toBe('var(--fail)')
  if (where === 'above') expect(value[0]).toBeGreaterThanOrEqual(high)
  else expect(value[0]).toBeLessThanOrEqual(low)
})
test('an open end has no figure', () => {
  drawn({ window: { to: 45 } })
  expect(screen.getByRole('img')).toHaveTextContent(/^45°$/)
})
test.each([
  ['no value', { value: undefined }],
  ['no window', { window: undefined }],
])('%s: nothing is drawn', (_, over) => {
  expect(drawn(over).container).toBeEmptyDOMElement()
})
