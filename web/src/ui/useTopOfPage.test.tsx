import { act, render } from '@testing-library/react'
import { useEffect } from 'react'
import { MemoryRouter, useLocation, useNavigate, type NavigateFunction } from 'react-router'
import { useTopOfPage } from './useTopOfPage.ts'

function Page({ tell }: { readonly tell: (go: NavigateFunction, at: string) => void }) {
  const { pathname } = useLocation()
  const go = useNavigate()
  useTopOfPage(pathname)
  useEffect(() => tell(go, pathname))
  return null
}

test('another page begins at its top; a filter, and whoever goes back, stay where they are', () => {
  const scrolled = jest.spyOn(window, 'scrollTo').mockImplementation(() => undefined)
  let go: NavigateFunction = () => undefined
  let at = ''
  render(
    <MemoryRouter initialEntries={['/families']}>
      <Page
        tell={(now, where) => {
          go = now
          at = where
        }}
      />
    </MemoryRouter>,
  )
  const times = (then: () => void): number => {
    scrolled.mockClear()
    act(then)
    return scrolled.mock.calls.length
  }
  expect(scrolled).not.toHaveBeenCalled()
  expect(times(() => void go('/families/hale'))).toBe(1)
  expect(scrolled).toHaveBeenCalledWith(0, 0)
  expect(times(() => void go('/families/hale?tab=rides'))).toBe(0)
  expect(times(() => void go(-2))).toBe(0)
  expect(at).toBe('/families')
  expect(times(() => void go('/families?find=a'))).toBe(0)
  expect(times(() => void go('/logbook', { replace: true }))).toBe(1)
  scrolled.mockRestore()
})
