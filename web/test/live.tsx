import { FittingId } from '@nimble-anchor/core/ground'
import 'fake-indexeddb/auto'
import type { Case, Put } from '@nimble-anchor/core/casefile'
import { act, render } from '@testing-library/react'
import type { ReactNode } from 'react'
import { useFitting } from '../src/session/fitting.ts'
import { serve } from './served.ts'

let opened = 0

/**
 * Part of the page over the real store and a server in memory: what is entered
 * is applied by core, kept, sent, stored and shown.
 */
export async function live(c: Case, show: (current: Case) => ReactNode) {
  // Each its own: what a device keeps of one is not of the next.
  const id = `f${(opened += 1)}`
  const { server, line } = serve({ [id]: c })
  await useFitting.getState().open(FittingId(id))
  const Shown = (): ReactNode => {
    const current = useFitting((s) => s.case)
    return current && show(current)
  }
  const rendered = render(<Shown />)
  /** Until nothing is on its way and nothing has moved for some breaths. */
  const settled = (): Promise<void> =>
    act(async () => {
      for (let quiet = 0; quiet < 5;) {
        await new Promise((r) => setTimeout(r, 5))
        quiet = line.inFlight === 0 && useFitting.getState().saving !== 'saving' ? quiet + 1 : 0
      }
    })
  /** What the server was given, entry by entry. */
  const stored = async (): Promise<readonly (readonly Put[])[]> => {
    await settled()
    return server.log.map((e) => e.puts)
  }
  const storedCase = (): Case => server.views[id]?.case ?? c
  return { ...rendered, server, line, settled, stored, storedCase }
}
