import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import type { Mode } from '@nimble-anchor/core/restraint'
import { useMemo } from 'react'
import { stockOf, useCatalogue } from '../../session/catalogue.ts'

/** The least distance between two strap slots of a mode, mm; none where its straps run without steps. */
function slotStepMm(mode: Mode): number | undefined {
  const adjuster = mode.strap?.adjuster
  if (adjuster?.kind !== 'slots' || adjuster.heightsMm.length < 2) return undefined
  const heights = adjuster.heightsMm.toSorted((a, b) => a - b)
  return Math.min(...heights.slice(1).map((mm, i) => mm - (heights[i] as number)))
}

/** How finely the straps can be set: in the chosen mode; before that, the finest on the shelf. */
export function useSlotStep(current: Case): number | undefined {
  const { catalogue } = useCatalogue()
  const { mode } = chosenIn(current)
  return useMemo(() => {
    if (mode) return slotStepMm(mode)
    const modes = catalogue ? stockOf(catalogue).flatMap((s) => (s.unit ? s.model.modes : [])) : []
    const steps = modes.flatMap((m) => slotStepMm(m) ?? [])
    return steps.length === 0 ? undefined : Math.min(...steps)
  }, [mode, catalogue])
}
