import { type ModeForecast } from '@nimble-anchor/core/forecast'
import { type ModeMatch, type RankBasis } from '@nimble-anchor/core/match'
import { formatNumber } from '@nimble-anchor/core/quantities'
import { DIRECTION_WORD, modelName } from '@nimble-anchor/core/restraint'
import { SOURCE_WORD, reasonOf, severityOf } from '@nimble-anchor/core/rules'
import type { ReactNode } from 'react'
import type { ForecastAnswer } from '../../forecast/protocol.ts'
import { Button } from '../../ui/Button.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import { StateMark } from '../../ui/StateMark.tsx'
import { forecastText } from './forecastText.ts'
import type { ModeGroup } from './groupModes.ts'
import { ModeBars, type ChildOnBars } from './ModeBars.tsx'
import { groupKey, SECTIONS, useChooseView } from './view.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly groups: readonly ModeGroup[]
  readonly child: ChildOnBars
  readonly basis: RankBasis
  readonly answer: ForecastAnswer | null
  readonly forecastOf: (match: ModeMatch) => ModeForecast | undefined
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

const HELD_WORD = { harness: msg.itsOwnHarness, shield: msg.aShield, 'vehicle-belt': msg.theCarsBelt } as const

/** Up to three modes side by side, the same question in every row. */
export function CompareDialog({ groups, child, basis, answer, forecastOf, open, onOpenChange }: Props) {
  const toggle = useChooseView((s) => s.toggleCompared)
  const matches = groups.map((g) => g.best)
  const rows: readonly (readonly [string, (m: ModeMatch) => ReactNode])[] = [
    [
      msg.verdict,
      (m) => {
        const section = SECTIONS.find((s) => s.standing === m.standing)
        return <StateMark state={section?.mark ?? 'undecided'} word={section?.title.split(':')[0]} size={14} />
      },
    ],
    [
      msg.whatDecided,
      (m) =>
        m.deciding
          ? `${reasonOf(m.deciding.outcome)} (${SOURCE_WORD[m.deciding.outcome.source ?? m.deciding.rule.source]})`
          : 'nothing',
    ],
    [
      msg.advisedAgainst,
      (m) =>
        m.findings
          .filter((f) => severityOf(f) === 'advise' && f.outcome.kind === 'fail')
          .map((f) => reasonOf(f.outcome))
          .join(' ') || 'no',
    ],
    [msg.approvedTo, (m) => msg.unSeries(m.mode.approval.regulation, m.mode.approval.series)],
    [msg.direction, (m) => DIRECTION_WORD[m.mode.direction]],
    [msg.heldBy, (m) => HELD_WORD[m.mode.heldBy]],
    [msg.ranges, (m) => <ModeBars mode={m.mode} child={child} answer={answer} forecast={forecastOf(m)} />],
    [msg.timeLeft, (m) => forecastText(forecastOf(m), m.standing) ?? msg.noneOrNotForecast],
    [msg.routes, (m) => m.routes.map((r) => `${r.route.label} (${r.decision})`).join(', ')],
    ...(basis.ease
      ? [
          [
            msg.inThisCar,
            (m: ModeMatch) =>
              m.decision === 'fail' ? msg.notForThisChild : (basis.ease?.(m)?.text ?? msg.fitsNowhere),
          ] as const,
        ]
      : []),
    [msg.massOfTheRestraint, (m) => `${formatNumber(m.model.massKg)} kg`],
    [msg.reclinePositions, (m) => m.mode.reclines?.length ?? msg.noneStated],
  ]
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title={msg.sideBySide} isWide>
      {matches.length === 0 ? (
        <p>{msg.markUpToThreeModes}</p>
      ) : (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={msg.comparison}>
          <table className="w-full min-w-[40rem] table-fixed border-collapse text-[0.95rem]">
            <thead>
              <tr>
                <th className="w-32 text-left align-bottom text-sm font-semibold text-ink-soft">{msg.mode}</th>
                {groups.map((g) => (
                  <th key={groupKey(g)} scope="col" className="px-2 pb-1 text-left align-bottom">
                    <span className="font-bold">{modelName(g.best.model)}</span>
                    <span className="block font-normal">{g.best.mode.label}</span>
                    <Button
                      look="quiet"
                      className="-ml-3.5"
                      aria-label={msg.remove2(modelName(g.best.model), g.best.mode.label)}
                      onClick={() => toggle(groupKey(g))}
                    >
                      {msg.remove}
                    </Button>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(([label, say]) => (
                <tr key={label} className="border-t border-hair align-top">
                  <th scope="row" className="py-1.5 pr-2 text-left text-sm font-semibold text-ink-soft">
                    {label}
                  </th>
                  {matches.map((m) => (
                    <td key={`${m.model.id}/${m.mode.id}`} className="px-2 py-1.5">
                      {say(m)}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </Dialog>
  )
}
