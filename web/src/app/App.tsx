import { useEffect } from 'react'
import { Link, Route, Routes, useNavigate } from 'react-router'
import { Toaster } from 'sonner'
import { FittingPage } from '../fitting/FittingPage.tsx'
import { TodayPage } from '../today/TodayPage.tsx'
import { usePreferences } from '../session/preferences.ts'
import { CommandPalette } from './CommandPalette.tsx'
import { useCommands, useGlobalKeys } from './commands.ts'
import { Header } from './Header.tsx'
import { KeyHelp } from './KeyHelp.tsx'

export function App() {
  const navigate = useNavigate()
  const register = useCommands((s) => s.register)
  useGlobalKeys()
  useEffect(
    () =>
      register([
        {
          id: 'scheme',
          label: 'Light or dark scheme',
          group: 'Do',
          key: 'd',
          run: () =>
            usePreferences.getState().setScheme(document.documentElement.dataset.scheme === 'dark' ? 'light' : 'dark'),
        },
        { id: 'today', label: 'Today', group: 'Go to', key: 't', run: () => void navigate('/') },
      ]),
    [register, navigate],
  )
  return (
    <>
      <a
        href="#main"
        className="absolute top-0 left-0 z-50 -translate-y-full bg-magenta px-4 py-2 text-on-magenta focus:translate-y-0"
      >
        Skip to the work
      </a>
      <Header />
      <main id="main" tabIndex={-1} className="outline-none">
        <Routes>
          <Route index element={<TodayPage />} />
          <Route path="fittings/:id/:stage?" element={<FittingPage />} />
          <Route path="*" element={<NotFound />} />
        </Routes>
      </main>
      <CommandPalette />
      <KeyHelp />
      <Toaster position="bottom-center" toastOptions={{ className: 'na-toast', duration: 8000 }} />
    </>
  )
}

function NotFound() {
  return (
    <div className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-bold">There is no such page</h1>
      <p className="mt-2">
        <Link to="/" className="font-semibold text-magenta underline">
          Go to Today
        </Link>
      </p>
    </div>
  )
}
