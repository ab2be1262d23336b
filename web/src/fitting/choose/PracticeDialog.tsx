import {
  DEFAULT_PRACTICE,
  matchModes,
  modelName,
  SCHOOL_TEXT,
  SCHOOLS,
  type Case,
  type PracticeProfile,
  type SchoolQuestion,
  type StockItem,
} from '@nimble-anchor/core'
import { useMemo, useState } from 'react'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { groupModes } from './groupModes.ts'
import { whatMoved } from './whatMoved.ts'

const QUESTIONS = Object.keys(SCHOOLS) as SchoolQuestion[]

interface Props {
  readonly current: Case
  readonly stock: readonly StockItem[]
  readonly isSigned: boolean
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

/** The order of the modes under a profile, as names. */
function orderUnder(current: Case, practice: PracticeProfile, stock: readonly StockItem[]): readonly string[] {
  return groupModes(matchModes({ ...current, practice }, stock))
    .filter((g) => g.best.decision !== 'fail')
    .map(
      ({ best }) => `${modelName(best.model)}, ${best.mode.label}${best.isAdvisedAgainst ? ' (advised against)' : ''}`,
    )
}

/** One choice per question on which good practitioners differ; the order of the modes follows at once. */
export function PracticeDialog(props: Props) {
  return (
    <Dialog open={props.open} onOpenChange={props.onOpenChange} title="Practice in this fitting">
      <PracticeForm {...props} />
    </Dialog>
  )
}

function PracticeForm({ current, stock, isSigned }: Props) {
  const put = useFitting((s) => s.put)
  const { practice } = current
  // What it was when the dialog was opened: the form is made anew each time.
  const [before] = useState(() => orderUnder(current, practice, stock))
  const moved = useMemo(
    () => whatMoved(before, orderUnder(current, practice, stock)),
    [before, current, practice, stock],
  )
  const keep = (next: PracticeProfile): void => void put([{ path: ['practice'], value: next }])
  const isDefault = QUESTIONS.every((q) => practice[q] === DEFAULT_PRACTICE[q])

  function choose(question: SchoolQuestion, school: string): void {
    const next = { ...practice, [question]: school }
    const isUsual = QUESTIONS.every((q) => next[q] === DEFAULT_PRACTICE[q])
    keep(
      isUsual ? DEFAULT_PRACTICE : { ...next, id: 'own', name: practice.id === 'own' ? practice.name : 'Own choice' },
    )
  }

  return (
    <>
      <p className="mb-3 text-sm text-ink-soft">
        A maker’s instruction beats the profile; law beats both. The verdict says which of the three decided.
      </p>
      <div className="grid gap-x-4 gap-y-3 sm:grid-cols-2">
        {QUESTIONS.map((q) => (
          <SelectField
            key={q}
            label={SCHOOL_TEXT[q].question}
            value={practice[q]}
            disabled={isSigned}
            options={SCHOOLS[q].map((id) => ({ id, label: SCHOOL_TEXT[q].schools[id] ?? id }))}
            onChange={(school) => choose(q, school)}
          />
        ))}
      </div>
      <div className="mt-4 border-t-3 border-double border-line pt-3" role="status">
        <p className="flex flex-wrap items-center justify-between gap-2 font-bold">
          Profile “{practice.name}”
          {!isSigned && !isDefault && (
            <Button onClick={() => keep(DEFAULT_PRACTICE)}>Back to “{DEFAULT_PRACTICE.name}”</Button>
          )}
        </p>
        {moved.length === 0 && <p className="text-ink-soft">The order of the modes is as it was.</p>}
        <ul>
          {moved.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      </div>
    </>
  )
}
