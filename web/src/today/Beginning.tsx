import { useState } from 'react'
import { Link } from 'react-router'
import { api } from '../session/api.ts'
import { useCatalogue } from '../session/catalogue.ts'
import { useToday } from '../session/today.ts'
import { Button } from '../ui/Button.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'

const STEP = 'inline-flex min-h-11 items-center font-bold underline decoration-line underline-offset-4'

/** A bay with nothing in it yet: what to do first, or the demo to look around in. */
export function Beginning({ onDemo }: { readonly onDemo: () => void }) {
  const [isBusy, setBusy] = useState(false)
  async function begin(): Promise<void> {
    setBusy(true)
    try {
      await api.beginDemo()
      const { queries } = await import('../session/queries.tsx')
      await queries.invalidateQueries()
      await Promise.all([useToday.getState().load(), useCatalogue.getState().load()])
      onDemo()
    } catch (error) {
      sayRefusal(error)
    } finally {
      setBusy(false)
    }
  }
  return (
    <Panel title="Nothing is here yet" className="mb-4">
      <div className="grid gap-6 md:grid-cols-2">
        <div>
          <h3 className="mb-1 font-bold">Your own bay</h3>
          <ol className="list-decimal pl-5">
            <li>
              <Link className={STEP} to="/restraints">
                Enter a restraint
              </Link>{' '}
              from its manual, or import a list.
            </li>
            <li>
              <Link className={STEP} to="/vehicles">
                Enter a car
              </Link>{' '}
              from its handbook: places, belts, ISOFIX, floor.
            </li>
            <li>Begin the first fitting; the child is added with it.</li>
          </ol>
        </div>
        <div>
          <h3 className="mb-1 font-bold">Look around first</h3>
          <p className="mb-3">
            A Saturday at a made-up bay in full swing, with a season behind it. It goes in one press.
          </p>
          <Button disabled={isBusy} onClick={() => void begin()}>
            {isBusy ? 'Loading the demo' : 'Load the demo'}
          </Button>
        </div>
      </div>
    </Panel>
  )
}
