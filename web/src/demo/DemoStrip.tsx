import { useState } from 'react'
import { toast } from 'sonner'
import { api } from '../session/api.ts'
import { queries } from '../session/queries.ts'
import { usePreferences } from '../session/preferences.ts'
import { Ask } from '../ui/Ask.tsx'
import { Button } from '../ui/Button.tsx'
import { ProgressBar } from '../ui/ProgressBar.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { Tour } from './Tour.tsx'
import { useDemoFilling } from './useDemo.ts'
import * as msg from './messages.en.ts'

/** Everything that is kept of the demo on this device is asked for anew. */
const afterwards = (): Promise<void> => queries.invalidateQueries()

/** Says that the demo is here, how far its season is, and takes it away. */
export default function DemoStrip() {
  const demo = useDemoFilling()
  const [isAsking, setAsking] = useState(false)
  const [isBusy, setBusy] = useState(false)
  const hasSeenTour = usePreferences((s) => s.hasSeenTour)
  // The marks stand on what is on the page already, this strip among it.
  const [strip, setStrip] = useState<HTMLElement | null>(null)
  if (!demo || demo.state === 'none') return null

  async function remove(): Promise<void> {
    setAsking(false)
    setBusy(true)
    try {
      const { fittings, kept } = await api.removeDemo()
      toast(msg.theDemoIsGoneFittings(fittings), {
        description: kept.length === 0 ? undefined : msg.keptBecauseYouHaveChanged(kept.map((k) => k.name).join(', ')),
        duration: 20_000,
      })
      await afterwards()
    } catch (error) {
      sayRefusal(error)
    } finally {
      setBusy(false)
    }
  }
  return (
    <aside
      id="demo"
      ref={setStrip}
      aria-label={msg.demo}
      className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-1 rounded-[3px] border border-line bg-shoal px-3.5 py-1"
    >
      <p className="min-w-0 flex-1 basis-72 text-sm">
        <b>{msg.demo2}</b>
        {msg.slipwayBayAndEverybodyIn}
      </p>
      {demo.state === 'filling' && (
        <p className="flex items-center gap-2 text-sm" role="status">
          <span className="whitespace-nowrap">{msg.seasonOf(demo.stored, demo.total)}</span>
          <ProgressBar
            label={msg.theSeasonIsBeingFilled}
            share={demo.stored / demo.total}
            className="h-2.5 w-24 shrink-0"
          />
        </p>
      )}
      <Button look="quiet" disabled={isBusy} onClick={() => setAsking(true)}>
        {isBusy ? msg.removingTheDemo : msg.removeTheDemo}
      </Button>
      {isAsking && (
        <Ask
          open
          title={msg.removeTheDemo2}
          answers={[
            { label: msg.cancel, onTake: () => setAsking(false) },
            { label: msg.removeTheDemo, isMain: true, onTake: () => void remove() },
          ]}
        >
          <p>{msg.itsFamiliesFittingsVisitsAnd}</p>
          {demo.yours > 0 && (
            <p className="mt-2 font-semibold">
              {demo.yours === 1 ? msg.oneFitting : msg.fittings(demo.yours)}
              {msg.thatYouMadeForChildren} {demo.yours === 1 ? msg.goes : msg.go}
              {msg.too}
            </p>
          )}
          <p className="mt-2 text-sm text-ink-soft">{msg.yourOwnFamiliesAndFittings}</p>
        </Ask>
      )}
      {strip !== null && !hasSeenTour && <Tour />}
    </aside>
  )
}
