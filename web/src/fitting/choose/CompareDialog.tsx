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

interface Props {
  readonly groups: readonly ModeGroup[]
  readonly child: ChildOnBars
  readonly basis: RankBasis
  readonly answer: ForecastAnswer | null
  readonly forecastOf: (match: ModeMatch) => ModeForecast | undefined
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

const HELD_WORD = { harness: 'its own harness', shield: 'a shield', 'vehicle-belt': 'the car’s belt' } as const

/** Up to three modes side by side, the same question in every row. */
export function CompareDialog({ groups, child, basis, answer, forecastOf, open, onOpenChange }: Props) {
  const toggle = useChooseView((s) => s.toggleCompared)
  const matches = groups.map((g) => g.best)
  const rows: readonly (readonly [string, (m: ModeMatch) => ReactNode])[] = [
    [
      'Verdict',
      (m) => {
        const section = SECTIONS.find((s) => s.standing === m.standing)
        return <StateMark state={section?.mark ?? 'undecided'} word={section?.title.split(':')[0]} size={14} />
      },
    ],
    [
      'What decided',
      (m) =>
        m.deciding
          ? `${reasonOf(m.deciding.outcome)} (${SOURCE_WORD[m.deciding.outcome.source ?? m.deciding.rule.source]})`
          : 'nothing',
    ],
    [
      'Advised against',
      (m) =>
        m.findings
          .filter((f) => severityOf(f) === 'advise' && f.outcome.kind === 'fail')
          .map((f) => reasonOf(f.outcome))
          .join(' ') || 'no',
    ],
    ['Approved to', (m) => `UN ${m.mode.approval.regulation}, series ${m.mode.approval.series}`],
    ['Direction', (m) => DIRECTION_WORD[m.mode.direction]],
    ['Held by', (m) => HELD_WORD[m.mode.heldBy]],
    ['Ranges', (m) => <ModeBars mode={m.mode} child={child} answer={answer} forecast={forecastOf(m)} />],
    ['Time left', (m) => forecastText(forecastOf(m), m.standing) ?? 'none, or not forecast'],
    ['Routes', (m) => m.routes.map((r) => `${r.route.label} (${r.decision})`).join(', ')],
    ...(basis.ease
      ? [
          [
            'In this car',
            (m: ModeMatch) =>
              m.decision === 'fail' ? 'not for this child' : (basis.ease?.(m)?.text ?? 'fits nowhere'),
          ] as const,
        ]
      : []),
    ['Mass of the restraint', (m) => `${formatNumber(m.model.massKg)} kg`],
    ['Recline positions', (m) => m.mode.reclines?.length ?? 'none stated'],
  ]
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Side by side" isWide>
      {matches.length === 0 ? (
        <p>Mark up to three modes with “Compare”, then open this again.</p>
      ) : (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Comparison">
          <table className="w-full min-w-[40rem] table-fixed border-collapse text-[0.95rem]">
            <thead>
              <tr>
                <th className="w-32 text-left align-bottom text-sm font-semibold text-ink-soft">Mode</th>
                {groups.map((g) => (
                  <th key={groupKey(g)} scope="col" className="px-2 pb-1 text-left align-bottom">
                    <span className="font-bold">{modelName(g.best.model)}</span>
                    <span className="block font-normal">{g.best.mode.label}</span>
                    <Button
                      look="quiet"
                      className="-ml-3.5"
                      aria-label={`Remove ${modelName(g.best.model)}, ${g.best.mode.label}`}
                      onClick={() => toggle(groupKey(g))}
                    >
                      Remove
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
