import { FittingId, IsoDate } from '@nimble-anchor/core/ground'
import type { FamilyView } from '@nimble-anchor/core/formats'
import { render, screen, within } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { api } from '../session/api.ts'
import { EarlierReadings } from './EarlierReadings.tsx'
import { Rides } from './Rides.tsx'

const fitting = (over: object): FamilyView['fittings'][number] =>
  ({
    id: 'f1', childId: 'tamsin', childName: 'Tamsin Hale', vehicleName: 'Corran Dunlin', restraintName: 'Ravel Sheepshank',
    status: 'signed', verdict: 'ready', updatedAt: '2026-11-21T10:00:00Z', revises: null, elsewhere: false,
    arrivedInstalled: false, headline: '', ...over,
  }) as never // prettier-ignore

test('fittings of one day in one car are one ride', () => {
  render(
    <MemoryRouter>
      <Rides
        fittings={[
          fitting({}),
          fitting({ id: 'f2', childName: 'Perrin Hale', updatedAt: '2026-11-21T10:30:00Z' }),
          fitting({ id: 'f3', vehicleName: 'Corran Knot', updatedAt: '2026-11-21T15:00:00Z' }),
          fitting({ id: 'f4', updatedAt: '2026-10-03T10:00:00Z', status: 'open', verdict: 'undecided' }),
        ]}
      />
    </MemoryRouter>,
  )
  const rides = [...document.querySelectorAll('ul > li > p')].map((p) => p.textContent)
  expect(rides).toHaveLength(3)
  expect(rides.map((r) => r?.split(' · ')[1])).toEqual(['Corran Dunlin', 'Corran Knot', 'Corran Dunlin'])
  expect(screen.getAllByRole('link')).toHaveLength(4)
  expect(screen.getByRole('link', { name: /Undecided/ })).toHaveAttribute('href', '/fittings/f4')
})
test('nothing was fitted yet: said', () => {
  render(<Rides fittings={[]} />)
  expect(screen.getByText('None yet.')).toBeInTheDocument()
})

test('earlier readings stand once a day, the newest first; what was not measured is said', async () => {
  jest.spyOn(api, 'readings').mockResolvedValue([
    {
      fittingId: FittingId('a'),
      on: IsoDate('2026-05-30'),
      massKg: { lo: 9.6, hi: 9.8 },
      statureCm: { lo: 75, hi: 76 },
    },
    { fittingId: FittingId('b'), on: IsoDate('2026-11-21'), massKg: { lo: 10.3, hi: 10.5 } },
    { fittingId: FittingId('c'), on: IsoDate('2026-11-21'), massKg: { lo: 10.3, hi: 10.5 } },
  ])
  render(
    <>
      <EarlierReadings familyChildren={[{ id: 'tamsin', name: 'Tamsin' }]} />
    </>,
  )
  const rows = within(await screen.findByRole('table'))
    .getAllByRole('row')
    .slice(1)
  expect(rows).toHaveLength(2)
  expect(rows[0]).toHaveTextContent('10.4 ± 0.1 kgnot measured')
  expect(rows[1]).toHaveTextContent('9.7 ± 0.1 kg75.5 ± 0.5 cm')
})
