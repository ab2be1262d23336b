import { CARER_TRIED_TEXT, settingsToRemember } from '@nimble-anchor/core/handover'
import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import { toInterval } from '@nimble-anchor/core/quantities'
import { modelName } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { decidedText, VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { Download, FileText, Printer } from 'lucide-react'
import { useEffect } from 'react'
import { useParams } from 'react-router'
import { useCommands } from '../../commands/commands.ts'
import { childSummary } from '../../ui/childSummary.ts'
import { DrawingView } from '../../drawings/DrawingView.tsx'
import { Button } from '../../ui/Button.tsx'
import { FileButton } from '../../ui/FileButton.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { Signature } from '../../ui/SignaturePad.tsx'
import { saveFile } from '../../ui/saveFile.ts'
import { StateMark, VERDICT_MARK } from '../../ui/StateMark.tsx'
import { Tabs } from '../../ui/Tabs.tsx'
import type { StageProps } from '../stages.ts'
import { Ledger } from '../../findings/Ledger.tsx'
import { AfterPanel } from './AfterPanel.tsx'
import { CaseCode } from './CaseCode.tsx'
import { ReviseButton, RevisionPanel } from './Revision.tsx'
import { RoadAhead, useAhead } from '../../ahead/RoadAhead.tsx'
import { SignPanel } from './SignPanel.tsx'
import { remedyOf } from '../../findings/remedy.ts'

const stamp = new Intl.DateTimeFormat(undefined, {
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
})

export default function HandOverStage({ current, assessment, isSigned, goTo }: StageProps) {
  const { child, vehicle, handover } = current
  const { model, unit, mode, position } = chosenIn(current)
  const rows = settingsToRemember(current)
  const { id: fittingId = '' } = useParams()
  const register = useCommands((s) => s.register)
  useEffect(
    () =>
      register([
        { id: 'case-file', label: 'Save the case file', group: 'Do', key: 'c', run: () => download(current) },
        { id: 'print', label: 'Print', group: 'Do', key: 'p', run: () => window.print() },
      ]),
    [register, current],
  )
  const { verdict, headline, caution } = assessment
  const decided = decidedText(assessment)
  const remedy = remedyOf(assessment)
  const known = useAhead()
  const tabs = [
    {
      id: 'fitting',
      label: 'This fitting',
      content: (
        <div className="flex flex-col gap-3">
          <Panel title="This fitting">
            <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1">
              <dt className="text-ink-soft">Child</dt>
              <dd>
                <b>{[child.name, child.familyName].filter(Boolean).join(' ')}</b>, {childSummary(child, current.today)}
                {child.seatedShoulderHeightMm && `, shoulder ${shoulderCm(current)} cm`}
              </dd>
              <dt className="text-ink-soft">Place</dt>
              <dd>
                <b>{vehicle ? vehicleName(vehicle) : 'no car yet'}</b>
                {vehicle?.plate && ` (${vehicle.plate})`}, {position?.label ?? 'no place yet'}
              </dd>
              <dt className="text-ink-soft">Restraint</dt>
              <dd>
                <b>{model ? modelName(model) : 'none yet'}</b>
                {mode && `, ${mode.label}`}
                {unit && `, unit ${unit.serial}`}
              </dd>
            </dl>
            {rows.length > 0 && (
              <>
                <h3 className="mt-4 mb-1 font-bold">Settings to remember</h3>
                <dl className="grid gap-x-6 gap-y-1 sm:grid-cols-2">
                  {rows.map((r) => (
                    <div key={r.name} className="flex items-center gap-3 border-b border-hair py-1">
                      <dt className="flex min-h-11 flex-1 items-center gap-3 text-ink-soft">
                        {r.drawing && <DrawingView isSaid drawing={r.drawing} className="h-14 w-20 shrink-0" />}
                        {r.name}
                      </dt>
                      <dd className="text-right font-bold">{r.value}</dd>
                    </div>
                  ))}
                </dl>
              </>
            )}
          </Panel>
          <RevisionPanel current={current} />
        </div>
      ),
    },
    {
      id: 'ahead',
      label: 'What changes next',
      content: <RoadAhead fittingId={fittingId} today={current.today} known={known} />,
    },
    { id: 'code', label: 'For the phone', content: <CaseCode current={current} ahead={known.ahead?.items ?? []} /> },
    {
      id: 'after',
      label: 'Afterwards',
      content: <AfterPanel fittingId={fittingId} current={current} isSigned={isSigned} />,
    },
    { id: 'findings', label: 'All findings', content: <Ledger assessment={assessment} goTo={goTo} showsAll /> },
  ]
  return (
    <div className="grid gap-3 lg:grid-cols-[26rem_minmax(0,1fr)] tall:lg:min-h-0 tall:lg:flex-1 tall:lg:grid-rows-[minmax(0,1fr)] print:block">
      <div className="relative flex min-h-0 flex-col gap-3 lg:overflow-y-auto print:overflow-visible">
        <Panel title="Verdict">
          <p className="hidden text-2xl print:block">
            <StateMark state={VERDICT_MARK[verdict]} word={VERDICT_TEXT[verdict]} size={28} />
          </p>
          <p className="mt-1 text-lg">{headline}</p>
          {remedy !== undefined && <p className="text-lg font-semibold">{remedy}</p>}
          {decided !== undefined && <p className="text-ink-soft">{decided}</p>}
          <p className="mt-2 border-t border-line pt-2 text-sm">{caution}</p>
        </Panel>
        {handover ? (
          <Panel title={handover.againstAdvice ? 'Left against advice' : 'Signed'}>
            <p className="text-lg">
              {[handover.fitterName, handover.secondName].filter(Boolean).join(', with ')} and {handover.carerName}
            </p>
            {handover.againstAdvice && (
              <dl className="my-2 grid grid-cols-[auto_1fr] gap-x-5 gap-y-1">
                <dt className="text-ink-soft">Their reason</dt>
                <dd>{handover.againstAdvice.reason}</dd>
                <dt className="text-ink-soft">They were told</dt>
                <dd>{handover.againstAdvice.said}</dd>
              </dl>
            )}
            {handover.carerTried && <p>{CARER_TRIED_TEXT[handover.carerTried]}</p>}
            <div className="flex flex-wrap gap-6">
              {handover.fitterStrokes && (
                <Signature strokes={handover.fitterStrokes} label={`Signature of ${handover.fitterName}`} />
              )}
              {handover.carerStrokes && (
                <Signature strokes={handover.carerStrokes} label={`Signature of ${handover.carerName}`} />
              )}
            </div>
            <p className="text-ink-soft">{stamp.format(new Date(handover.signedAt))}. This fitting is closed.</p>
            <ReviseButton fittingId={fittingId} />
          </Panel>
        ) : (
          <SignPanel current={current} assessment={assessment} isSigned={isSigned} goTo={goTo} />
        )}
        <div className="no-print flex flex-wrap gap-2">
          <Button onClick={() => download(current)}>
            <Download size={18} aria-hidden="true" /> Case file
          </Button>
          <FileButton path={`/api/fittings/${fittingId}/sheet.pdf`} name="handover.pdf">
            <FileText size={18} aria-hidden="true" /> Sheet, PDF
          </FileButton>
          <Button onClick={() => window.print()}>
            <Printer size={18} aria-hidden="true" /> Print
          </Button>
        </div>
      </div>
      <div className="flex min-h-0 min-w-0 flex-col print:mt-3">
        <Tabs label="What goes with it" tabs={tabs} />
      </div>
    </div>
  )
}

function shoulderCm(c: Case): string {
  const mm = toInterval(c.child.seatedShoulderHeightMm)
  return mm ? ((mm.lo + mm.hi) / 20).toFixed(1) : ''
}

/** The file that opens the same fitting elsewhere. */
const download = (c: Case): void =>
  saveFile(`${c.child.id}-${c.today}.case.json`, `${JSON.stringify(c, null, 2)}\n`, 'application/json')
