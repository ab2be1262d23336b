import type { Case } from '@nimble-anchor/core/casefile'
import { buildCase } from '@nimble-anchor/core/testing'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { ShoulderBreadth } from './ShoulderBreadth.tsx'

const alone = buildCase()
const settings = [
  { id: 'n', label: 'Narrow', outsideMm: 440 },
  { id: 'w', label: 'Wide', outsideMm: 470 },
]

test.each<[string, Case, boolean]>([
  ['alone in a shell of one width', alone, false],
  ['in a shell that is set to a width', buildCase({ mode: { widthSettings: settings } }), true],
  ['one of a ride', { ...alone, ride: { id: 'r', others: [] } }, true],
  ['measured already', buildCase({ child: { shoulderBreadthMm: { value: 260, plusMinus: 10, source: 'measured' } } }), true], // prettier-ignore
])('%s: asked %s', (_, current, isAsked) => {
  render(<ShoulderBreadth current={current} isSigned={false} onKeep={() => []} />)
  expect(screen.queryAllByLabelText('Shoulder breadth')).toHaveLength(isAsked ? 1 : 0)
})

test('typed in centimetres, kept in millimetres', async () => {
  const kept: unknown[] = []
  render(
    <ShoulderBreadth
      current={{ ...alone, ride: { id: 'r', others: [] } }}
      isSigned={false}
      onKeep={(q) => {
        kept.push(q)
        return []
      }}
    />,
  )
  await userEvent.type(screen.getByLabelText('Shoulder breadth'), '26.5{Enter}')
  expect(kept).toEqual([expect.objectContaining({ value: 265, plusMinus: 10, source: 'measured' })])
})
