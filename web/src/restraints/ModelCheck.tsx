import { drawingsOfModel } from '@nimble-anchor/core/drawings'
import { formatNumber } from '@nimble-anchor/core/quantities'
import { lintModel } from '@nimble-anchor/core/readings'
import { stageGaps, type Mode, type RestraintModel } from '@nimble-anchor/core/restraint'
import { partAsked, unreadIn } from '@nimble-anchor/core/rules'
import { DrawingView } from '../drawings/DrawingView.tsx'
import { ModeBars } from '../fitting/choose/ModeBars.tsx'
import { BarGradients } from '../fitting/choose/RangeBar.tsx'
import { EntryCheck } from '../form/EntryParts.tsx'
import type { Entry } from '../form/useEntry.ts'
import { Panel } from '../ui/Panel.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import { RESTRAINT_LABELS } from './labels.ts'
import * as msg from './messages.en.ts'

const NOBODY = { massKg: undefined, statureCm: undefined, ageMonths: undefined }

interface CheckProps {
  readonly entry: Entry<RestraintModel>
  readonly parsedModel: RestraintModel | undefined
  /** Drawn as it is typed. */
  readonly mode: Mode | undefined
  readonly routeAt: number
}

/** How a restraint will stand: what is needed, what contradicts, what nobody has read, and how it looks. */
export function ModelCheck({ entry, parsedModel, mode, routeAt }: CheckProps) {
  const lints = parsedModel ? lintModel(parsedModel) : []
  const gaps = parsedModel ? stageGaps(parsedModel) : []
  const unread = parsedModel ? unreadIn(parsedModel) : []
  const drawn = parsedModel && mode && drawingsOfModel(parsedModel, mode, mode.routes[routeAt]?.id)
  return (
    <Panel title={msg.asItWillStand}>
      <BarGradients />
      <EntryCheck
        entry={entry}
        labels={RESTRAINT_LABELS}
        lints={lints.map((l) => l.message)}
        lintTitle={msg.contradictsItsRegulation3}
        lintAdvice={msg.compareWithTheLabelAnd}
        sound={msg.withinItsRegulation}
      />
      {drawn && (
        <figure className="mt-2">
          <DrawingView drawing={drawn.side} className="w-full border border-hair" />
          {drawn.belt && <DrawingView drawing={drawn.belt} className="mt-1 w-full border border-hair" />}
          <figcaption className="text-xs text-ink-soft">{msg.onAMadeUpSeat(mode?.label)}</figcaption>
        </figure>
      )}
      {unread.length > 0 && (
        <div role="status" className="mt-2">
          <StateMark state="undecided" word={msg.notReadYetAskedAt} size={14} />
          <ul className="mt-1 text-sm">
            {unread.map(({ where, needs }) => (
              <li key={where} className="mt-1">
                <span className="font-semibold">{where}</span> {needs.map(partAsked).join('; ')}
              </li>
            ))}
          </ul>
        </div>
      )}
      {gaps.length > 0 && (
        <p className="mt-2 text-sm">
          {msg.noModeOfItTakes(
            gaps
              .map((g) =>
                msg.betweenAnd(formatNumber(g.from), formatNumber(g.to), g.quantity === 'massKg' ? msg.kg : msg.cm),
              )
              .join(', nor '),
          )}
        </p>
      )}
      <ul className="mt-2 divide-y divide-hair">
        {(parsedModel?.modes ?? []).map((mode) => (
          <li key={mode.id} className="py-2">
            <p className="text-sm font-semibold">{mode.label}</p>
            <ModeBars mode={mode} child={NOBODY} answer={null} forecast={undefined} />
          </li>
        ))}
      </ul>
    </Panel>
  )
}
