import type { PracticeBook, SessionView } from '@nimble-anchor/core/formats'
import { LOCAL_RULES } from '@nimble-anchor/core/law'
import { DEFAULT_PRACTICE } from '@nimble-anchor/core/practice'
import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { api } from '../session/api.ts'
import { useWho } from '../session/who.ts'
import { LocalRules } from './LocalRules.tsx'
import { Profiles } from './Profiles.tsx'

const PROFILES = [DEFAULT_PRACTICE, { ...DEFAULT_PRACTICE, id: 'other', name: 'Another school' }]
const book: PracticeBook = { profiles: PROFILES, profileId: PROFILES[0]!.id, localRules: LOCAL_RULES, localRuleId: LOCAL_RULES[0]!.id } // prettier-ignore
const as = (role: 'lead' | 'fitter' | 'trainee' | 'reader' | null): void =>
  useWho.getState().take({
    hasPeople: role !== null,
    person: role && { id: 'p', name: 'Merryn Vos', role, hasPin: false },
    isLocked: false,
    onDevice: [],
    deviceId: null,
    idleMs: 900_000,
    isInsecure: false,
    canPasskey: false,
  } satisfies SessionView)

test('whom a practice sends people to is typed, kept with its profile, and let go again', async () => {
  as('lead')
  const keep = jest.spyOn(api, 'keepProfile').mockResolvedValue(book)
  const withOne = { ...PROFILES[0]!, contacts: { maker: 'the help line' } }
  render(<Profiles book={{ ...book, profiles: [withOne, PROFILES[1]!] }} onDefault={() => undefined} />)
  const field = (name: string) => screen.getByRole('textbox', { name })
  expect(field('About the restraint')).toHaveValue('the help line')
  await userEvent.type(field('A trained fitter'), 'the hut')
  await userEvent.clear(field('About the restraint'))
  await userEvent.click(screen.getByRole('button', { name: 'Save this profile' }))
  expect(keep.mock.calls[0]?.[0]).toEqual({ ...PROFILES[0]!, contacts: { practice: 'the hut' } })
  keep.mockRestore()
})

test('a profile without any contact says nothing of contacts', async () => {
  as('lead')
  const keep = jest.spyOn(api, 'keepProfile').mockResolvedValue(book)
  const withOne = { ...PROFILES[0]!, contacts: { maker: 'the help line' } }
  render(<Profiles book={{ ...book, profiles: [withOne, PROFILES[1]!] }} onDefault={() => undefined} />)
  await userEvent.clear(screen.getByRole('textbox', { name: 'About the restraint' }))
  await userEvent.click(screen.getByRole('button', { name: 'Save this profile' }))
  expect(keep.mock.calls[0]?.[0]).toEqual(PROFILES[0])
  keep.mockRestore()
})

test.each([
  [null, true],
  ['lead', true],
  ['fitter', false],
  ['trainee', false],
  ['reader', false],
] as const)('signed in as %s, what new fittings begin with can be changed: %s', (role, may) => {
  as(role)
  render(
    <>
      <Profiles book={book} onDefault={() => undefined} />
      <LocalRules book={book} onDefault={() => undefined} />
    </>,
  )
  for (const field of [...screen.getAllByRole('combobox'), ...screen.getAllByRole('textbox')])
    expect(field.matches(':disabled')).toBe(!may)
  for (const dot of screen.getAllByRole('radio')) expect((dot as HTMLButtonElement).disabled).toBe(!may)
  for (const name of [/^Save this/, /^New, from this one/]) expect(screen.queryAllByRole('button', { name })).toHaveLength(may ? 2 : 0) // prettier-ignore
  // What is there is looked at by everybody.
  for (const { name } of [...PROFILES, ...LOCAL_RULES])
    expect(screen.getByRole('button', { name, pressed: name === PROFILES[0]!.name || name === LOCAL_RULES[0]!.name })).toBeEnabled() // prettier-ignore
})
