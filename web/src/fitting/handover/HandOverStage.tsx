import { FittingId } from '@nimble-anchor/core/ground'
import { dateText } from '@nimble-anchor/core/quantities'
import { type Case } from '@nimble-anchor/core/casefile'
import { decidedText } from '@nimble-anchor/core/verdict'
import { Download, FileText, Printer } from 'lucide-react'
import { useEffect } from 'react'
import { useParams } from 'react-router'
import { useCommands } from '../../commands/commands.ts'
import { Button } from '../../ui/Button.tsx'
import { FileButton } from '../../ui/FileButton.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { saveFile } from '../../ui/saveFile.ts'
import { Tabs } from '../../ui/Tabs.tsx'
import type { StageProps } from '../stages.ts'
import { Ledger } from '../../findings/Ledger.tsx'
import { AfterPanel } from './AfterPanel.tsx'
import { CaseCode } from './CaseCode.tsx'
import { ReviseButton, RevisionPanel } from './Revision.tsx'
import { RoadAhead, useAhead } from '../../ahead/RoadAhead.tsx'
import { SheetPreview } from './SheetPreview.tsx'
import { SignPanel } from './SignPanel.tsx'
import { remedyOf } from '../../findings/remedy.ts'
import * as msg from './messages.en.ts'

export default function HandOverStage({ current, assessment, isSigned, goTo }: StageProps) {
  const { handover } = current
  const { id: fittingId = '' } = useParams()
  const register = useCommands((s) => s.register)
  useEffect(
    () =>
      register([
        { id: 'case-file', label: msg.saveTheCaseFile, group: msg.doWord, key: 'c', run: () => download(current) },
        { id: 'print', label: msg.print, group: msg.doWord, key: 'p', run: () => window.print() },
      ]),
    [register, current],
  )
  const { headline, caution } = assessment
  const decided = decidedText(assessment)
  const remedy = remedyOf(assessment)
  const known = useAhead()
  const tabs = [
    {
      id: 'sheet',
      label: msg.theSheet,
      content: (
        <div className="flex min-h-full flex-col gap-3">
          <SheetPreview current={current} assessment={assessment} known={known} />
          <RevisionPanel current={current} />
        </div>
      ),
    },
    {
      id: 'ahead',
      label: msg.whatChangesNext,
      content: <RoadAhead fittingId={FittingId(fittingId)} today={current.today} known={known} />,
    },
    { id: 'code', label: msg.forThePhone, content: <CaseCode current={current} ahead={known.ahead?.items ?? []} /> },
    {
      id: 'after',
      label: msg.afterwards,
      content: <AfterPanel fittingId={FittingId(fittingId)} current={current} isSigned={isSigned} />,
    },
    { id: 'findings', label: msg.allFindings, content: <Ledger assessment={assessment} goTo={goTo} showsAll /> },
  ]
  return (
    <div className="grid gap-3 lg:grid-cols-[26rem_minmax(0,1fr)] tall:lg:min-h-0 tall:lg:flex-1 tall:lg:grid-rows-[minmax(0,1fr)] print:block">
      <div className="relative no-print flex min-h-0 flex-col gap-3 lg:overflow-y-auto">
        <Panel title={msg.verdict}>
          <p className="mt-1 text-lg">{headline}</p>
          {remedy !== undefined && <p className="text-lg font-semibold">{remedy}</p>}
          {decided !== undefined && <p className="text-ink-soft">{decided}</p>}
          <p className="mt-2 border-t border-line pt-2 text-sm">{caution}</p>
        </Panel>
        {handover ? (
          <Panel title={handover.againstAdvice ? msg.leftAgainstAdvice : msg.signed}>
            <p className="mb-2">{msg.thisFittingIsClosed(dateText(handover.signedAt, 'long-day-and-time'))}</p>
            <ReviseButton fittingId={FittingId(fittingId)} />
          </Panel>
        ) : (
          <SignPanel current={current} assessment={assessment} isSigned={isSigned} goTo={goTo} />
        )}
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => download(current)}>
            <Download size={18} aria-hidden="true" />
            {msg.caseFile}
          </Button>
          <FileButton path={`/api/fittings/${fittingId}/sheet.pdf`} name="handover.pdf">
            <FileText size={18} aria-hidden="true" />
            {msg.sheetPdf}
          </FileButton>
          <Button onClick={() => window.print()}>
            <Printer size={18} aria-hidden="true" />
            {msg.print2}
          </Button>
        </div>
      </div>
      <div className="flex min-h-0 min-w-0 flex-col">
        <Tabs label={msg.whatGoesWithIt} tabs={tabs} prints="first" />
      </div>
    </div>
  )
}

/** The file that opens the same fitting elsewhere. */
const download = (c: Case): void =>
  saveFile(`${c.child.id}-${c.today}.case.json`, `${JSON.stringify(c, null, 2)}\n`, 'application/json')
