import { Keyboard, Menu, Moon, Search, Sun, UserRound } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { lazy, Suspense, useEffect, useState } from 'react'
import { Link, NavLink, useNavigate } from 'react-router'
import { usePreferences } from '../session/preferences.ts'
import { useWho } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { useLater } from '../ui/useLater.ts'
import { useCommands } from '../commands/commands.ts'
import { PAGES } from './pages.ts'
import * as msg from './messages.en.ts'

const FitterDialog = lazy(() => import('./FitterDialog.tsx'))
const PersonMenu = lazy(() => import('../people/PersonMenu.tsx'))

const ICON = 'grid size-11 place-items-center rounded-[3px] hover:bg-shoal'

export function Header() {
  const { setPaletteOpen, setHelpOpen, register } = useCommands()
  const { scheme, setScheme, fitterName } = usePreferences()
  const [isNaming, setNaming] = useState(false)
  const isLater = useLater()
  const hasPeople = useWho((s) => s.session?.hasPeople === true)
  useEffect(() => {
    if (hasPeople) return
    return register([{ id: 'fitter', label: msg.fitter, group: msg.doWord, key: 'f', run: () => setNaming(true) }])
  }, [register, hasPeople])
  const isDark = scheme === 'dark' || (scheme === 'as-device' && document.documentElement.dataset.scheme === 'dark')
  return (
    <header className="no-print flex items-center justify-between gap-2 border-b border-line bg-paper px-3 sm:px-5">
      <Link to="/" className="flex min-h-12 items-center gap-2.5 font-bold">
        <svg
          width="24"
          height="24"
          viewBox="0 0 32 32"
          fill="none"
          stroke="currentColor"
          strokeWidth="2.6"
          strokeLinecap="round"
          aria-hidden="true"
        >
          <circle cx="16" cy="6.500" r="3.400" />
          <path d="M16 10v17M9 14.500h14" />
          <path d="M5 19c1 5.500 5.500 8.500 11 8.500s10-3 11-8.500" />
        </svg>
        <span className="text-[1.1rem] tracking-tight">{msg.nimbleAnchor}</span>
      </Link>
      <nav aria-label={msg.pages} className="mr-auto ml-4 hidden items-center lg:flex">
        {PAGES.slice(1).map(({ path, label }) => (
          <NavLink
            key={path}
            to={path}
            className={({ isActive }) =>
              `inline-flex min-h-12 items-center px-2 text-[0.95rem] whitespace-nowrap hover:bg-shoal xl:px-3 ${isActive ? 'font-bold shadow-[inset_0_-3px_var(--magenta)]' : ''}`
            }
          >
            {label}
          </NavLink>
        ))}
      </nav>
      <div className="flex items-center">
        <PageMenu />
        <Button
          look="bare"
          className={`${ICON} sm:flex sm:w-auto sm:gap-2 sm:px-3`}
          data-tour="go-to"
          onClick={() => setPaletteOpen(true)}
        >
          <Search size={18} aria-hidden="true" />
          <span className="sr-only whitespace-nowrap sm:not-sr-only sm:text-sm">{msg.goTo}</span>
        </Button>
        <Button
          look="bare"
          className={`${ICON} hidden sm:grid`}
          aria-label={msg.keys}
          onClick={() => setHelpOpen(true)}
        >
          <Keyboard size={18} aria-hidden="true" />
        </Button>
        <Button
          look="bare"
          className={ICON}
          aria-label={isDark ? msg.useTheLightScheme : msg.useTheDarkScheme}
          onClick={() => setScheme(isDark ? 'light' : 'dark')}
        >
          {isDark ? <Sun size={18} aria-hidden="true" /> : <Moon size={18} aria-hidden="true" />}
        </Button>
        {hasPeople ? (
          <Suspense fallback={null}>
            <PersonMenu />
          </Suspense>
        ) : (
          <Button look="bare" className={`${ICON} sm:flex sm:w-auto sm:gap-2 sm:px-3`} onClick={() => setNaming(true)}>
            <UserRound size={18} aria-hidden="true" />
            <span className="sr-only sm:not-sr-only sm:max-w-40 sm:truncate lg:max-w-20 xl:max-w-40 sm:text-sm">
              {fitterName || msg.fitter2}
            </span>
          </Button>
        )}
      </div>
      {(isNaming || isLater) && (
        <Suspense fallback={null}>
          <FitterDialog key={String(isNaming)} open={isNaming} onOpenChange={setNaming} />
        </Suspense>
      )}
    </header>
  )
}

/** The pages on a narrow screen, behind one button. */
function PageMenu() {
  const navigate = useNavigate()
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger aria-label={msg.pages} className={`${ICON} lg:hidden`}>
        <Menu size={20} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-48 rounded-[3px] border-2 border-ink bg-sheet p-1 text-ink shadow-lg"
        >
          {PAGES.map(({ path, label }) => (
            <DropdownMenu.Item
              key={path}
              onSelect={() => void navigate(path)}
              className="flex min-h-11 items-center rounded-[3px] px-3 outline-none data-highlighted:bg-shoal-deep"
            >
              {label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
