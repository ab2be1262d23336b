import { type ModeForecast } from '@nimble-anchor/core/forecast'
import { whyAbove, type RankBasis } from '@nimble-anchor/core/match'
import { formatRange } from '@nimble-anchor/core/quantities'
import { type Mode, modelName, type RestraintModel } from '@nimble-anchor/core/restraint'
import { toFinding } from '@nimble-anchor/core/rules'
import { ConvertFirst } from '../../jobs/ConvertFirst.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { FindingRow } from '../Ledger.tsx'
import type { StageProps } from '../stages.ts'
import { forecastText } from './forecastText.ts'
import type { ModeGroup } from './groupModes.ts'
import { SECTIONS } from './view.ts'

interface Props {
  readonly group: ModeGroup
  /** The next in the order, and the one before. */
  readonly below: ModeGroup | undefined
  readonly above: ModeGroup | undefined
  readonly basis: RankBasis
  readonly forecast: ModeForecast | undefined
  readonly goTo: StageProps['goTo']
}

const nameOf = ({ best }: ModeGroup): string => `${modelName(best.model)}, ${best.mode.label}`

/** What is printed beside the approval and binds nobody. */
function printedBeside(model: RestraintModel, mode: Mode): readonly string[] {
  const { from, to } = mode.aboutAgeMonths ?? {}
  const isAbout = from !== undefined || to !== undefined
  return [
    ...(isAbout ? [`Printed beside the range: about ${formatRange('months', from, to)}`] : []),
    ...(model.tags?.length ? [`Badges: ${model.tags.map((t) => t.replaceAll('-', ' ')).join(', ')}`] : []),
  ]
}

/** Everything that was said about one mode: its place in the order, its time left, and every rule, worst first. */
export function ModeDetail({ group, below, above, basis, forecast, goTo }: Props) {
  const { best } = group
  const section = SECTIONS.find((s) => s.standing === best.standing)
  const findings = best.findings.map((raw) => toFinding(raw))
  const beside = printedBeside(best.model, best.mode)
  const ahead = forecastText(forecast, best.standing)
  const ease = best.decision === 'fail' ? undefined : basis.ease?.(best)
  return (
    <section aria-label="The mode selected" className="mb-3 rounded-[3px] border-2 border-line bg-sheet">
      <div className="border-b-3 border-double border-line px-3 py-2">
        <h2 className="font-bold">{nameOf(group)}</h2>
        <p className="mt-0.5 text-sm">
          <StateMark state={section?.mark ?? 'undecided'} word={section?.title.split(':')[0]} size={14} />
        </p>
        {best.standing === 'convert-first' && best.unit && (
          <ConvertFirst model={best.model} unit={best.unit} to={best.mode} />
        )}
        {beside.length > 0 && <p className="mt-1 text-sm text-ink-soft">{beside.join('; ')}. This decides nothing.</p>}
        {ahead !== undefined && <p className="mt-1 text-sm">{ahead}.</p>}
        {basis.ease && best.decision !== 'fail' && (
          <p className="mt-1 text-sm">
            In this car:{' '}
            {ease
              ? `${ease.text}${ease.decision === 'undecided' ? ', something there is still open' : ''}`
              : 'fits nowhere'}
            .
          </p>
        )}
        {above && (
          <p className="mt-1 text-sm text-ink-soft">
            Below {nameOf(above)}: that one stands higher because {whyAbove(above.best, best, basis)}.
          </p>
        )}
        {below && (
          <p className="mt-1 text-sm text-ink-soft">
            Above {nameOf(below)}, because {whyAbove(best, below.best, basis)}.
          </p>
        )}
      </div>
      <ul className="divide-y divide-hair">
        {findings.map((f) => (
          <FindingRow key={f.ruleId} finding={f} goTo={goTo} />
        ))}
      </ul>
    </section>
  )
}
