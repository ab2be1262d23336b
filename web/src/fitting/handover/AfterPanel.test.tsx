import type { RecheckView } from '@nimble-anchor/core/formats'
import { FittingId } from '@nimble-anchor/core/ground'
import { buildCase, withEverythingGood } from '@nimble-anchor/core/testing'
import { cleanup, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { api } from '../../session/api.ts'
import { AfterPanel } from './AfterPanel.tsx'

const rechecks = jest.spyOn(api, 'rechecks')
const show = () =>
  render(
    <MemoryRouter>
      <AfterPanel fittingId={FittingId('f1')} current={withEverythingGood(buildCase())} isSigned />
    </MemoryRouter>,
  )

test('what was looked at again a moment ago stands in the list when one comes back to it', async () => {
  rechecks.mockResolvedValue([])
  show()
  await screen.findByRole('link', { name: 'Look again, in ten taps at most' })
  cleanup()
  rechecks.mockResolvedValue([
    { id: 'r1', who: 'Maren', answeredAt: '2026-11-25T10:00:00Z', kind: 'pass', items: [], answers: {} } as unknown as RecheckView,
  ]) // prettier-ignore
  show()
  expect(await screen.findByText('all as handed over')).toBeInTheDocument()
  expect(screen.getByText(/^Maren, /)).toBeInTheDocument()
})
