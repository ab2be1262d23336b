import { ModelId, VehicleId } from '@nimble-anchor/core/ground'
import type { ArrangeResult } from '@nimble-anchor/core/arrange'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { isBetter, NoWay } from './NoWay.tsx'
import { NOTHING_ASKED, type Asked } from './question.ts'
import { NAMES as names } from '../../test/names.ts'

const levels = { facts: 0, advice: 0, rearwardMonthsLost: 0, harnessMonthsLost: 0, notOwned: 0, wishesBroken: 0, youngest: 0, steps: 10, endsSoon: 0, marginMm: 20 } // prettier-ignore
const NO: ArrangeResult = {
  verdict: 'does-not-fit',
  proof: 'best',
  arrangements: [],
  ties: 0,
  cars: [],
  conflict: {
    vehicleId: VehicleId('turnstone'),
    facts: [
      { kind: 'extra-on', modelId: ModelId('reef') },
      { kind: 'pin', index: 0 },
    ],
  },
  change: {
    what: { kind: 'extra-off', modelId: ModelId('reef') },
    verdict: 'fits',
    vehicleId: VehicleId('turnstone'),
    levels,
  },
  nodes: 1,
  caution: '',
}
const inCar = (over: Partial<typeof levels>): ArrangeResult => ({
  ...NO,
  arrangements: [{ vehicleId: VehicleId('fulmar'), seats: [], adults: [], levels: { ...levels, ...over }, facts: [], rows: [], installing: [], loading: [] }],
}) // prettier-ignore

function show(pool: ArrangeResult | undefined, isPoolRunning = false) {
  const asked: Asked[] = []
  render(<NoWay result={NO} pins={[]} names={names} asked={NOTHING_ASKED} onAsk={(a) => asked.push(a)} pool={pool} isPoolRunning={isPoolRunning} />) // prettier-ignore
  return asked
}
const most = () => screen.getByRole('heading', { name: 'The one change that helps most' }).parentElement!

test('the change that helps is one press, and what cannot stand together is named', async () => {
  const asked = show(undefined)
  expect(screen.getByText('Cup holder or pod of reef is on')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Take cup holder or pod off reef' }))
  expect(asked).toEqual([{ ...NOTHING_ASKED, extrasOff: ['reef'] }])
})

test.each([
  [{ steps: 9 }, 'Take fulmar'],
  [{ steps: 11 }, 'Take cup holder or pod off reef'],
  [{}, 'Take cup holder or pod off reef'],
])('another car that comes to %j: first is “%s”', (over, first) => {
  show(inCar(over))
  expect(most()).toHaveTextContent(first)
  expect(screen.getAllByRole('button')).toHaveLength(2)
})

test('until the other cars are known, nothing is said to help most', () => {
  show(undefined, true)
  expect(screen.queryByRole('heading', { name: 'The one change that helps most' })).toBeNull()
})

test.each([
  [{ ...levels, facts: 1 }, false],
  [{ ...levels, marginMm: 21 }, true],
  [{ ...levels, marginMm: 19, steps: 1 }, false],
  [levels, false],
])('level by level: %j', (a, better) => {
  expect(isBetter({ levels: a }, levels)).toBe(better)
})

test('a pin is let go by itself, whatever its turn in the question that was answered', async () => {
  const away = { kind: 'child-at', childId: 'home', positionId: 'left' } as const
  const pin = { kind: 'restraint-for', childId: 'col', modelId: ModelId('reef') } as const
  const asked: Asked[] = []
  const result: ArrangeResult = { ...NO, change: { ...NO.change!, what: { kind: 'pin', index: 0 } } }
  // The child of the first pin stays at home: the answer counts the second alone.
  render(<NoWay result={result} pins={[pin]} names={names} asked={{ ...NOTHING_ASKED, pins: [away, pin] }} onAsk={(a) => asked.push(a)} pool={undefined} isPoolRunning={false} />) // prettier-ignore
  await userEvent.click(screen.getByRole('button', { name: 'Let go: Col in Reef' }))
  expect(asked[0]?.pins).toEqual([away])
})
