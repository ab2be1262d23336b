import { useState } from 'react'
import { Link } from 'react-router'
import { api } from '../session/api.ts'
import { queries } from '../session/queries.ts'
import { Button } from '../ui/Button.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import * as msg from './messages.en.ts'

const STEP = 'inline-flex min-h-11 items-center font-bold underline decoration-line underline-offset-4'

/** A bay with nothing in it yet: what to do first, or the demo to look around in. */
export function Beginning() {
  const [isBusy, setBusy] = useState(false)
  async function begin(): Promise<void> {
    setBusy(true)
    try {
      await api.beginDemo()
      await queries.invalidateQueries()
    } catch (error) {
      sayRefusal(error)
    } finally {
      setBusy(false)
    }
  }
  return (
    <Panel title={msg.nothingIsHereYet} className="mb-4">
      <div className="grid gap-6 md:grid-cols-2">
        <div>
          <h3 className="mb-1 font-bold">{msg.yourOwnBay}</h3>
          <ol className="list-decimal pl-5">
            <li>
              <Link className={STEP} to="/restraints">
                {msg.enterARestraint}
              </Link>{' '}
              {msg.fromItsManualOrImport}
            </li>
            <li>
              <Link className={STEP} to="/vehicles">
                {msg.enterACar}
              </Link>{' '}
              {msg.fromItsHandbookPlacesBelts}
            </li>
            <li>{msg.beginTheFirstFittingThe}</li>
          </ol>
        </div>
        <div>
          <h3 className="mb-1 font-bold">{msg.lookAroundFirst}</h3>
          <p className="mb-3">{msg.aSaturdayAtAMade}</p>
          <Button disabled={isBusy} onClick={() => void begin()}>
            {isBusy ? msg.loadingTheDemo : msg.loadTheDemo}
          </Button>
        </div>
      </div>
    </Panel>
  )
}
