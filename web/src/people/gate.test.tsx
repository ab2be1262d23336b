import type { SessionView } from '@nimble-anchor/core/formats'
import { act, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { fitterName, signedInAs } from '../session/preferences.ts'
import { useMay, useWho } from '../session/who.ts'
import { Gate } from './Gate.tsx'

const OPEN: SessionView = { hasPeople: false, person: null, isLocked: false, onDevice: [], deviceId: null, idleMs: 900_000, isInsecure: false, canPasskey: true } // prettier-ignore
const PERSON = { id: 'p', name: 'Jory Quill', role: 'fitter', hasPin: true } as const

/** The page of signing in is fetched first. */
const SLOW = { timeout: 30_000 }

function May() {
  return (
    <p>
      {useMay('lead') ? 'may keep' : 'may not keep'}, {useMay('lead', 'fitter') ? 'may fit' : 'may not fit'}
    </p>
  )
}
const show = (session: SessionView, path = '/') => {
  act(() => useWho.setState({ session, status: 'ready' }))
  return render(
    <MemoryRouter initialEntries={[path]}>
      <Gate>
        <May />
      </Gate>
    </MemoryRouter>,
  )
}

test.each<[string, Partial<SessionView>, string]>([
  ['nobody signs in yet', {}, 'may keep, may fit'],
  ['a fitter', { hasPeople: true, person: PERSON }, 'may not keep, may fit'],
  ['a reader', { hasPeople: true, person: { ...PERSON, role: 'reader' } }, 'may not keep, may not fit'],
  ['a lead', { hasPeople: true, person: { ...PERSON, role: 'lead' } }, 'may keep, may fit'],
])('%s', (_, over, words) => {
  show({ ...OPEN, ...over })
  expect(screen.getByText(words)).toBeVisible()
})

test('who has not signed in sees nothing of the program; under a lock it is kept, and covered', async () => {
  show({ ...OPEN, hasPeople: true })
  expect(screen.queryByText(/may/)).not.toBeInTheDocument()
  expect(await screen.findByRole('heading', { name: 'Sign in' }, SLOW)).toBeVisible()
  act(() => useWho.setState({ session: { ...OPEN, hasPeople: true, isLocked: true, onDevice: [PERSON] } }))
  expect(await screen.findByRole('heading', { name: 'Locked' }, SLOW)).toBeVisible()
  const kept = screen.getByText(/may/)
  expect([kept.closest('[inert]') !== null, kept.closest('.hidden') !== null]).toEqual([true, true])
})

test('what is entered under a lock is of whoever was there, and never of who comes next', () => {
  const take = (over: Partial<SessionView>): void => useWho.getState().take({ ...OPEN, ...over })
  take({ hasPeople: true, person: PERSON })
  take({ hasPeople: true, isLocked: true })
  expect([signedInAs(), fitterName()]).toEqual([{ personId: 'p' }, 'Jory Quill'])
  take({ hasPeople: true, person: { ...PERSON, id: 'q', name: 'Tilde Orr' } })
  expect([signedInAs(), fitterName()]).toEqual([{ personId: 'q' }, 'Tilde Orr'])
  take({})
  expect(signedInAs()).toEqual({})
})

test('without encryption beyond the machine every page says what is missing', () => {
  show({ ...OPEN, isInsecure: true, hasPeople: true, person: PERSON })
  const said = screen.getByRole('alert').textContent
  for (const word of ['Not encrypted', 'Passkeys', 'camera', 'tilt sensor', 'several tabs', 'without the server'])
    expect(said).toContain(word)
})

test('a carer’s link, a phone that is paired and the trust of a certificate need no sign-in', () => {
  for (const path of ['/second-look', '/pair', '/trust']) {
    const { unmount } = show({ ...OPEN, hasPeople: true }, path)
    expect(screen.getByText(/may/)).toBeVisible()
    unmount()
  }
})
