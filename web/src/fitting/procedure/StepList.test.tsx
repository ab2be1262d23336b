import { fittedSubject } from '@nimble-anchor/core/match'
import { stepsFor } from '@nimble-anchor/core/procedure'
import { BELT_ROUTE, buildCase, buildRoute } from '@nimble-anchor/core/testing'
import { render, screen, within } from '@testing-library/react'
import { StepList } from './StepList.tsx'

test.each([
  ['by ISOFIX', buildRoute()],
  ['by belt', BELT_ROUTE],
])('%s: the numbers of the steps leave none out, stage by stage', (_, route) => {
  const all = stepsFor(fittedSubject(buildCase({ route }))!)
  for (const stage of ['attach', 'child-in'] as const) {
    const steps = all.filter((s) => s.stage === stage)
    const { unmount } = render(
      <StepList steps={steps} atId={steps[1]!.id} marks={new Map()} done={new Map()} onOpen={() => undefined} />,
    )
    const items = within(screen.getByRole('list', { name: 'Steps' })).getAllByRole('listitem')
    expect(items.map((item) => item.querySelector('[aria-hidden]')?.textContent)).toEqual(
      steps.map((_step, i) => String(i + 1)),
    )
    // Each is there once, in the order of the hands.
    expect(items.map((item) => item.querySelector('[data-step]')?.getAttribute('data-step'))).toEqual(
      steps.map((s) => s.id),
    )
    unmount()
  }
})
