import { modelName } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { lazy, Suspense, useEffect, type ReactNode } from 'react'
import { Link, Route, Routes, useLocation, useNavigate } from 'react-router'
import { toast, Toaster } from 'sonner'
import { familiesAsked } from '../session/families.ts'
import { useAnswer } from '../session/queries.ts'
import { TodayPage } from '../today/TodayPage.tsx'
import { api } from '../session/api.ts'
import { useListed } from '../session/catalogue.ts'
import { useFittings } from '../session/today.ts'
import { usePreferences } from '../session/preferences.ts'
import { LeaveGuard } from '../form/LeaveGuard.tsx'
import { Gate } from '../people/Gate.tsx'
import { fetchAsk } from '../ui/Ask.tsx'
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx'
import { useLater } from '../ui/useLater.ts'
import { useTopOfPage } from '../ui/useTopOfPage.ts'
import { MeanwhileDialog } from '../ui/MeanwhileDialog.tsx'
import { useCommands, useGlobalKeys } from '../commands/commands.ts'
import { Header } from './Header.tsx'
import { PAGES } from './pages.ts'
import * as msg from './messages.en.ts'

const FittingPage = lazy(() => import('../fitting/FittingPage.tsx'))
const GrowthPage = lazy(() => import('../growth/GrowthPage.tsx'))
const RestraintsPage = lazy(() => import('../restraints/RestraintsPage.tsx'))
const ModelPage = lazy(() => import('../restraints/ModelPage.tsx'))
const ModelEditPage = lazy(() => import('../restraints/ModelEditPage.tsx'))
const UnitPage = lazy(() => import('../restraints/UnitPage.tsx'))
const VehiclesPage = lazy(() => import('../vehicles/VehiclesPage.tsx'))
const VehiclePage = lazy(() => import('../vehicles/VehiclePage.tsx'))
const RuleBookPage = lazy(() => import('../rulebook/RuleBookPage.tsx'))
const DrawingsPage = lazy(() => import('../rulebook/DrawingsPage.tsx'))
const FamiliesPage = lazy(() => import('../families/FamiliesPage.tsx'))
const FamilyPage = lazy(() => import('../families/FamilyPage.tsx'))
const ArrangePage = lazy(() => import('../arrange/ArrangePage.tsx'))
const RidePage = lazy(() => import('../rides/RidePage.tsx'))
const LogbookPage = lazy(() => import('../logbook/LogbookPage.tsx'))
const JobPage = lazy(() => import('../jobs/JobPage.tsx'))
const RecheckPage = lazy(() => import('../recheck/RecheckPage.tsx'))
/** Every control in its states: while developing only. */
const Gallery = import.meta.env.DEV ? lazy(() => import('../ui/Gallery.tsx')) : undefined
const CommandPalette = lazy(() => import('../commands/CommandPalette.tsx'))
const KeyHelp = lazy(() => import('../commands/KeyHelp.tsx'))
const PeoplePage = lazy(() => import('../people/PeoplePage.tsx'))
const PairPage = lazy(() => import('../people/PairPage.tsx'))
const TrustPage = lazy(() => import('../people/TrustPage.tsx'))
const SecondLookPage = lazy(() => import('../recheck/SecondLookPage.tsx'))
const SettingsPage = lazy(() => import('../settings/SettingsPage.tsx'))

/** Pages for who is not signed in stand alone; all others behind the gate, with the program around them. */
export function App() {
  return (
    <Gate>
      <Routes>
        <Route path="pair" element={<Alone page={<PairPage />} />} />
        <Route path="trust" element={<Alone page={<TrustPage />} />} />
        <Route path="second-look" element={<Alone page={<SecondLookPage />} />} />
        <Route path="*" element={<Program />} />
      </Routes>
    </Gate>
  )
}
const Alone = ({ page }: { readonly page: ReactNode }) => <Suspense fallback={null}>{page}</Suspense>

function Program() {
  const { pathname } = useLocation()
  const navigate = useNavigate()
  const register = useCommands((s) => s.register)
  const isLater = useLater()
  useGlobalKeys()
  useTopOfPage(pathname)
  usePlacesToGo()
  useEffect(() => {
    if (!isLater) return
    fetchAsk()
    void import('../session/live.ts').then((live) => live.listenLive())
  }, [isLater])
  useEffect(
    () =>
      register([
        {
          id: 'scheme',
          label: msg.lightOrDarkScheme,
          group: msg.doWord,
          key: 'd',
          run: () =>
            usePreferences.getState().setScheme(document.documentElement.dataset.scheme === 'dark' ? 'light' : 'dark'),
        },
        ...PAGES.map(({ path, label, key }) => ({
          id: `page-${path}`,
          label,
          group: msg.goTo,
          key,
          run: () => void navigate(path),
        })),
      ]),
    [register, navigate],
  )
  return (
    <>
      <a
        href="#main"
        className="absolute top-0 left-0 z-50 -translate-y-full bg-magenta px-4 py-2 text-on-magenta focus:translate-y-0"
      >
        {msg.skipToTheWork}
      </a>
      <Header />
      <main id="main" tabIndex={-1} className="outline-none">
        <ErrorBoundary resetKey={pathname}>
          <Suspense fallback={<p className="p-8 text-ink-soft">{msg.loading}</p>}>
            <Routes>
              <Route index element={<TodayPage />} />
              <Route path="fittings/:id/growth" element={<GrowthPage />} />
              <Route path="fittings/:id/recheck" element={<RecheckPage />} />
              <Route path="families" element={<FamiliesPage />} />
              <Route path="families/:id" element={<FamilyPage />} />
              <Route path="arrange" element={<ArrangePage />} />
              <Route path="rides/:id" element={<RidePage />} />
              <Route path="logbook" element={<LogbookPage />} />
              <Route path="jobs/:id" element={<JobPage />} />
              <Route path="restraints" element={<RestraintsPage />} />
              <Route path="restraints/new" element={<ModelEditPage />} />
              <Route path="restraints/:id" element={<ModelPage />} />
              <Route path="restraints/:id/edit" element={<ModelEditPage />} />
              <Route path="units/:id" element={<UnitPage />} />
              <Route path="vehicles" element={<VehiclesPage />} />
              <Route path="vehicles/:id" element={<VehiclePage />} />
              <Route path="rules" element={<RuleBookPage />} />
              <Route path="rules/drawings" element={<DrawingsPage />} />
              <Route path="people" element={<PeoplePage />} />
              <Route path="settings" element={<SettingsPage />} />
              {Gallery && <Route path="ui" element={<Gallery />} />}
              <Route path="fittings/:id/:stage?" element={<FittingPage />} />
              <Route path="*" element={<NotFound />} />
            </Routes>
          </Suspense>
        </ErrorBoundary>
        <MeanwhileDialog />
      </main>
      <LeaveGuard />
      {isLater && (
        <Suspense fallback={null}>
          <CommandPalette />
          <KeyHelp />
        </Suspense>
      )}
      <Toaster
        containerAriaLabel={msg.notifications}
        position="bottom-center"
        // Above the bar that leads on, which a thumb is about to press.
        mobileOffset={{ bottom: '5.5rem' }}
        className="na-toasts"
        toastOptions={{ duration: 8000 }}
      />
    </>
  )
}

/** Fittings and children in the palette, from anywhere. */
function usePlacesToGo(): void {
  const navigate = useNavigate()
  const register = useCommands((s) => s.register)
  const fittings = useFittings()
  const children = useListed((c) => c.children)
  const vehicles = useListed((c) => c.vehicles)
  const models = useListed((c) => c.models)
  const units = useListed((c) => c.units)
  useEffect(
    () =>
      register([
        ...fittings.map((f) => ({
          id: `fitting-${f.id}`,
          label: `${f.childName}, ${f.vehicleName ?? msg.noCarYet}`,
          group: msg.fittings,
          run: () => void navigate(`/fittings/${f.id}`),
        })),
        ...(vehicles ?? []).map((v) => ({
          id: `vehicle-${v.id}`,
          label: vehicleName(v),
          group: msg.vehicles,
          run: () => void navigate(`/vehicles/${v.id}`),
        })),
        ...(models ?? []).map((m) => ({
          id: `model-${m.id}`,
          label: modelName(m),
          group: msg.restraints,
          run: () => void navigate(`/restraints/${m.id}`),
        })),
        ...(units ?? []).map((u) => ({
          id: `unit-${u.id}`,
          label: msg.unit(u.serial),
          group: msg.units,
          run: () => void navigate(`/units/${u.id}`),
        })),
        ...(children ?? []).map((c) => ({
          id: `child-${c.id}`,
          label: msg.newFittingFor([c.name, c.familyName].filter(Boolean).join(' ')),
          group: msg.children,
          run: () =>
            void api.create(c.id).then(
              (view) => navigate(`/fittings/${view.id}/measure`),
              (error: unknown) => toast.error(error instanceof Error ? error.message : msg.theFittingWasNotCreated),
            ),
        })),
      ]),
    [register, navigate, fittings, children, models, units, vehicles],
  )
  // Families are many, and asked for only by whoever looks for something.
  const isPaletteOpen = useCommands((s) => s.isPaletteOpen)
  // Without the server the palette goes without them.
  const { data: families } = useAnswer({ ...familiesAsked, enabled: isPaletteOpen })
  useEffect(() => {
    if (!isPaletteOpen || !families) return
    return register(
      families.map((f) => ({
        id: `family-${f.id}`,
        label: [`Family ${f.name}`, ...f.children.map((c) => c.name)].join(', '),
        group: msg.families,
        run: () => void navigate(`/families/${f.id}`),
      })),
    )
  }, [isPaletteOpen, families, register, navigate])
  // The rules are much of the program; the palette takes their titles once they are there.
  useEffect(() => {
    let leave: (() => void) | undefined
    let isGone = false
    // Without the server the palette goes without them.
    const titles = import('../commands/ruleTitles.ts').catch(() => ({ RULE_TITLES: [] }))
    void titles.then(({ RULE_TITLES }) => {
      if (isGone) return
      leave = register(
        RULE_TITLES.map(({ id, title }) => ({
          id: `book-${id}`,
          label: `${title} (${id})`,
          group: msg.ruleBook,
          run: () => void navigate(`/rules#${id}`),
        })),
      )
    })
    return () => {
      isGone = true
      leave?.()
    }
  }, [register, navigate])
}

function NotFound() {
  return (
    <div className="mx-auto max-w-xl p-8">
      <h1 className="text-2xl font-bold">{msg.thereIsNoSuchPage}</h1>
      <p className="mt-2">
        <Link to="/" className="font-semibold text-magenta underline">
          {msg.goToToday}
        </Link>
      </p>
    </div>
  )
}
