import { type Case } from '@nimble-anchor/core/casefile'
import { matchModes, type StockItem } from '@nimble-anchor/core/match'
import {
  DEFAULT_PRACTICE,
  SCHOOL_TEXT,
  SCHOOLS,
  type PracticeProfile,
  type SchoolQuestion,
} from '@nimble-anchor/core/practice'
import { modelName } from '@nimble-anchor/core/restraint'
import { useMemo, useState } from 'react'
import { ON_OPENING } from '../../session/queries.ts'
import { usePractice } from '../../session/practice.ts'
import { useFitting } from '../../session/fitting.ts'
import { Button } from '../../ui/Button.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { groupModes } from './groupModes.ts'
import { whatMoved } from './whatMoved.ts'
import * as msg from './messages.en.ts'

/** The id of a profile that is nobody's but this fitting's. */
const OWN = 'own'
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
    <Dialog open={props.open} onOpenChange={props.onOpenChange} title={msg.practiceInThisFitting}>
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
  const { book } = usePractice(ON_OPENING)
  const profiles = book?.profiles ?? [DEFAULT_PRACTICE]
  const named = profiles.find((p) => QUESTIONS.every((q) => p[q] === practice[q]))
  // The fitting's own copy stands in the list even when the kept rule has gone or changed.
  const localRules = [current.localRule, ...(book?.localRules ?? []).filter((r) => r.id !== current.localRule.id)]
  const isDefault = QUESTIONS.every((q) => practice[q] === DEFAULT_PRACTICE[q])

  function choose(question: SchoolQuestion, school: string): void {
    const next = { ...practice, [question]: school }
    const known = profiles.find((p) => QUESTIONS.every((q) => p[q] === next[q]))
    keep(known ?? { ...next, id: OWN, name: practice.id === OWN ? practice.name : msg.ownChoice })
  }

  return (
    <>
      <p className="mb-3 text-sm text-ink-soft">{msg.aMakersInstructionBeatsThe}</p>
      <div className="mb-3 grid gap-x-4 gap-y-3 border-b border-hair pb-3 sm:grid-cols-2">
        <SelectField
          label={msg.profile}
          value={named?.id ?? OWN}
          disabled={isSigned}
          options={[
            ...(named ? [] : [{ id: OWN, label: practice.name }]),
            ...profiles.map((p) => ({ id: p.id, label: p.name })),
          ]}
          onChange={(id) => {
            const profile = profiles.find((p) => p.id === id)
            if (profile) keep(profile)
          }}
        />
        <SelectField
          label={msg.localRule}
          value={current.localRule.id}
          disabled={isSigned}
          options={localRules.map((r) => ({ id: r.id, label: r.name }))}
          onChange={(id) => {
            const rule = localRules.find((r) => r.id === id)
            if (rule) put([{ path: ['localRule'], value: rule }])
          }}
        />
      </div>
      <div className="grid gap-x-4 gap-y-3 sm:grid-cols-2">
        {QUESTIONS.map((q) => (
          <SelectField
            key={q}
            label={SCHOOL_TEXT[q].question}
            value={practice[q] ?? SCHOOLS[q][0]}
            disabled={isSigned}
            options={SCHOOLS[q].map((id) => ({ id, label: SCHOOL_TEXT[q].schools[id] ?? id }))}
            onChange={(school) => choose(q, school)}
          />
        ))}
      </div>
      <div className="mt-4 border-t-3 border-double border-line pt-3" role="status">
        <p className="flex flex-wrap items-center justify-between gap-2 font-bold">
          {msg.profile2(practice.name)}
          {!isSigned && !isDefault && (
            <Button onClick={() => keep(DEFAULT_PRACTICE)}>{msg.backTo(DEFAULT_PRACTICE.name)}</Button>
          )}
        </p>
        {moved.length === 0 && <p className="text-ink-soft">{msg.theOrderOfTheModes}</p>}
        <ul>
          {moved.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      </div>
    </>
  )
}
