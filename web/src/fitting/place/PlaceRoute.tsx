import { type PlaceRouteMatch } from '@nimble-anchor/core/match'
import { titleOf, toFinding } from '@nimble-anchor/core/rules'
import { Button } from '../../ui/Button.tsx'
import { Fold } from '../../ui/Fold.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { lowerFirst } from '../../ui/words.ts'
import { FindingRow } from '../../findings/Ledger.tsx'
import type { StageProps } from '../stages.ts'
import * as msg from './messages.en.ts'

interface UseProps {
  readonly match: PlaceRouteMatch
  readonly placeLabel: string
  readonly isChosen: boolean
  readonly isSigned: boolean
  readonly onUse: () => void
  readonly onOnward: () => void
}

/** The one thing to press on this stage, always in view; a place that is refused has none. */
export function UseBar({ match, placeLabel, isChosen, isSigned, onUse, onOnward }: UseProps) {
  if (isSigned || (match.decision === 'fail' && !isChosen)) return null
  return (
    <div className="no-print sticky bottom-0 flex items-center justify-end gap-3 border-t border-line bg-sheet p-2">
      {isChosen ? (
        <>
          <StateMark state="pass" word={msg.chosen} />
          <Button onClick={onOnward}>{msg.goOnToSetUp}</Button>
        </>
      ) : (
        <Button
          look={match.decision === 'pass' ? 'main' : 'plain'}
          aria-label={msg.useThisPlace2(placeLabel, match.route.label)}
          onClick={onUse}
        >
          {msg.useThisPlace}
        </Button>
      )}
    </div>
  )
}

interface RouteProps {
  readonly match: PlaceRouteMatch
  /** Its name stands nowhere else. */
  readonly isNamed: boolean
  /** How much this restraint will ask here; nothing where it is refused. */
  readonly budget: string | undefined
  readonly goTo: StageProps['goTo']
}

/** What the rules say of one route at one place: what does not hold, then what does, folded. */
export function RouteFindings({ match, isNamed, budget, goTo }: RouteProps) {
  const open = match.findings.filter((f) => f.outcome.kind !== 'pass')
  const held = match.findings.filter((f) => f.outcome.kind === 'pass')
  return (
    <section aria-label={match.route.label}>
      {isNamed && (
        <h3 className="flex items-center gap-2 px-3 pt-2 font-bold">
          <StateMark state={match.decision} /> {match.route.label}
        </h3>
      )}
      {budget !== undefined && <p className="px-3 text-sm text-ink-soft">{budget}</p>}
      <ul className="divide-y divide-hair">
        {open.map((f) => (
          <FindingRow key={f.rule.id} finding={toFinding(f)} goTo={goTo} />
        ))}
        {held.length > 0 && (
          <li>
            <Fold
              isRow
              triggerClassName="px-3 py-2 text-sm text-ink-soft hover:bg-shoal"
              summary={`${held.length} ${held.length === 1 ? msg.ruleHolds : msg.rulesHold}: ${held.map((f) => lowerFirst(titleOf(f.rule))).join(', ')}.`}
            >
              <ul className="divide-y divide-hair border-t border-hair">
                {held.map((f) => (
                  <FindingRow key={f.rule.id} finding={toFinding(f)} goTo={goTo} />
                ))}
              </ul>
            </Fold>
          </li>
        )}
      </ul>
    </section>
  )
}
