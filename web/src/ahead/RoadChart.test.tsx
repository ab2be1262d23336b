import { IsoDate, ModelId } from '@nimble-anchor/core/ground'
import type { AheadItem } from '@nimble-anchor/core/ahead'
import { fireEvent, render, screen } from '@testing-library/react'
import { RoadChart, type RoadRow } from './RoadChart.tsx'
import { legsOf } from './ways.ts'

const item = (over: Partial<AheadItem>): AheadItem => ({
  id: 'mode-ends', kind: 'mode-ends', title: 'outgrown', because: '', early: IsoDate('2027-06-01'), likely: IsoDate('2027-11-25'),
  late: IsoDate('2028-06-01'), isFixed: false, ...over,
}) // prettier-ignore
const leg = { modelId: ModelId('a'), modelName: 'Ravel Sheepshank', modeLabel: 'Rearward', serial: 'SK-1', isNew: false, isUnsure: false } // prettier-ignore

test('a way’s stretches stand in the order of their days, gaps among them; what is not known of a unit goes with it', () => {
  const way = legsOf({
    by: 'profile',
    restraints: 2,
    legs: [
      { ...leg, from: IsoDate('2026-11-25'), mayBeginFrom: IsoDate('2026-11-25'), to: IsoDate('2028-01-01') },
      { ...leg, from: IsoDate('2029-01-01'), mayBeginFrom: IsoDate('2028-12-01'), isUnsure: true },
    ],
    gaps: [{ from: IsoDate('2028-01-01'), to: IsoDate('2029-01-01') }],
  })
  expect(way.map((l) => [l.from, l.isGap, l.isUnsure])).toEqual([
    ['2026-11-25', false, false],
    ['2028-01-01', true, false],
    ['2029-01-01', false, true],
  ])
})

const row = (over: Partial<RoadRow>): RoadRow => ({ id: 'r', name: 'Tamsin', legs: [], items: [], ...over })
const at = (e: Element | null | undefined): number => Number.parseFloat((e as HTMLElement).style.left)

test('all children lie on one axis: the same day stands at the same place in each row', () => {
  const { container } = render(
    <RoadChart
      today={IsoDate('2026-11-25')}
      label="Years"
      rows={[row({ items: [item({})] }), row({ id: 's', name: 'Perrin', items: [item({}), item({ id: 'x', likely: IsoDate('2031-11-25') })] })]} // prettier-ignore
    />,
  )
  const ends = [...container.querySelectorAll('.bg-fail[class*="w-"]')].map(at)
  expect(ends).toHaveLength(3)
  expect(ends[0]).toBe(ends[1])
  expect(ends[2]).toBeGreaterThan(ends[1] ?? 0)
})

test('a row leads to more of it; one of which nothing is known says why', () => {
  const onOpen = jest.fn()
  render(
    <RoadChart
      today={IsoDate('2026-11-25')}
      label="Years"
      rows={[
        row({ onOpen, openLabel: 'Road ahead: Tamsin', items: [item({})] }),
        row({ id: 's', name: 'Pip', empty: 'nothing was fitted yet' }),
        row({ id: 't', name: 'Una', isLoading: true }),
      ]}
    />,
  )
  fireEvent.click(screen.getByRole('button', { name: 'Road ahead: Tamsin' }))
  expect(onOpen).toHaveBeenCalledTimes(1)
  expect(screen.getByText('nothing was fitted yet')).toBeInTheDocument()
  expect(screen.getByText('being worked out')).toBeInTheDocument()
})
