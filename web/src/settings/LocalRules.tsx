import { parseWith } from '@nimble-anchor/core/ground'
import { type PracticeBook } from '@nimble-anchor/core/formats'
import { localRuleSchema, type LocalRule } from '@nimble-anchor/core/law'
import { useState } from 'react'
import { api } from '../session/api.ts'
import { keepSeen, LeftTheirs } from '../session/meanwhile.ts'
import { changePractice, loadPractice } from '../session/practice.ts'
import { useMay } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { idFrom } from '../ui/ids.ts'
import { Locked } from '../ui/Locked.tsx'
import { Panel } from '../ui/Panel.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { SelectField } from '../ui/SelectField.tsx'
import { TextField } from '../ui/TextField.tsx'
import { useFields } from '../form/useFields.ts'
import { useUnsaved } from '../form/unsaved.ts'
import { NamedList } from './NamedList.tsx'
import * as msg from './messages.en.ts'

type Limit = 'untilStatureCm' | 'untilAgeYears' | 'untilMassKg'
const LIMITS: readonly { readonly key: Limit; readonly label: string; readonly unit: string }[] = [
  { key: 'untilStatureCm', label: msg.untilAStatureOf, unit: 'cm' },
  { key: 'untilAgeYears', label: msg.untilAnAgeOf, unit: 'years' },
  { key: 'untilMassKg', label: msg.untilAMassOf, unit: 'kg' },
]

/** What is typed, before it is a rule. */
interface Draft {
  readonly id: string
  readonly name: string
  readonly typed: Readonly<Record<Limit, string>>
  /** Use of UN R44: not known, allowed, or to a day. */
  readonly r44: '' | 'allowed' | 'not-after'
  readonly r44Day: string
}

const draftOf = (rule: LocalRule): Draft => ({
  id: rule.id,
  name: rule.name,
  typed: {
    untilStatureCm: String(rule.untilStatureCm ?? ''),
    untilAgeYears: String(rule.untilAgeYears ?? ''),
    untilMassKg: String(rule.untilMassKg ?? ''),
  },
  r44: rule.r44Use === undefined ? '' : rule.r44Use === 'allowed' ? 'allowed' : 'not-after',
  r44Day: typeof rule.r44Use === 'object' ? rule.r44Use.notAfter : '',
})

function ruleOf({ id, name, typed, r44, r44Day }: Draft): unknown {
  const limits = LIMITS.filter(({ key }) => typed[key].trim() !== '').map(({ key }) => [
    key,
    Number(typed[key].trim().replace(',', '.')),
  ])
  return {
    id,
    name,
    ...Object.fromEntries(limits),
    ...(r44 !== '' && { r44Use: r44 === 'allowed' ? r44 : { notAfter: r44Day } }),
  }
}

interface Props {
  readonly book: PracticeBook
  readonly onDefault: (id: string) => void
}

export function LocalRules({ book, onDefault }: Props) {
  const isLead = useMay('lead')
  const [selectedId, setSelectedId] = useState(book.localRuleId)
  const kept = book.localRules.find((r) => r.id === selectedId) ?? book.localRules[0]
  const { values, set, send, isBusy } = useFields<{ readonly draft: Draft | undefined }>({ draft: undefined })
  const { draft } = values
  const setDraft = set('draft')
  useUnsaved(
    msg.localRule(draft?.name ?? ''),
    draft !== undefined && (!kept || JSON.stringify(draft) !== JSON.stringify(draftOf(kept))),
  )
  if (!kept) return null
  const shown = draft ?? draftOf(kept)
  const parsed = parseWith(localRuleSchema, ruleOf(shown))
  const faults = parsed.ok ? [] : parsed.error
  const faultOf = (key: string): string | undefined => faults.find((f) => f.path === `$.${key}`)?.message
  const isNew = !book.localRules.some((r) => r.id === shown.id)
  const standing = isNew ? undefined : kept
  const leftOr = (error: unknown): void => {
    sayRefusal(error)
    // Theirs is taken up with the whole book.
    if (error instanceof LeftTheirs) void loadPractice().then(() => open(shown.id))
  }
  const isChanged = isNew || JSON.stringify(shown) !== JSON.stringify(draftOf(kept))
  const open = (id: string): void => {
    setDraft(undefined)
    setSelectedId(id)
  }
  return (
    <Panel title={msg.untilWhenAChildMust} id="local-rules">
      <div className="grid gap-4 md:grid-cols-[17rem_minmax(0,1fr)]">
        <div>
          <NamedList
            legend={msg.localRules}
            items={book.localRules}
            selectedId={isNew ? undefined : shown.id}
            defaultId={book.localRuleId}
            onSelect={open}
            onDefault={onDefault}
            isLocked={!isLead}
          />
          {isLead && (
            <Button
              className="mt-2"
              onClick={() => {
                const name = msg.copy(kept.name)
                setDraft({
                  ...draftOf(kept),
                  id: idFrom(
                    name,
                    book.localRules.map((r) => r.id),
                  ),
                  name,
                })
              }}
            >
              {msg.newFromThisOne}
            </Button>
          )}
        </div>
        <form
          onSubmit={send(() => {
            if (!parsed.ok) return
            const rule = parsed.value
            return changePractice(() =>
              keepSeen(`“${rule.name}”`, rule, standing, (seen) => api.keepLocalRule(rule, seen)),
            ).then(() => open(rule.id), leftOr)
          })}
        >
          <Locked when={!isLead}>
            <TextField
              label={msg.nameOfTheRule}
              value={shown.name}
              maxLength={120}
              fault={faultOf('name')}
              onChange={(name) => setDraft({ ...shown, name })}
            />
            <div className="mt-3 grid gap-3 sm:grid-cols-3">
              {LIMITS.map(({ key, label, unit }) => (
                <TextField
                  key={key}
                  label={label}
                  unit={unit}
                  inputMode="decimal"
                  value={shown.typed[key]}
                  fault={faultOf(key)}
                  onChange={(text) => setDraft({ ...shown, typed: { ...shown.typed, [key]: text } })}
                />
              ))}
            </div>
            <div className="mt-3 grid gap-3 sm:grid-cols-3">
              <SelectField
                label={msg.useOfUnR44Restraints}
                value={shown.r44}
                options={[
                  { id: '', label: msg.notKnown },
                  { id: 'allowed', label: msg.allowed },
                  { id: 'not-after', label: msg.notAfterADay },
                ]}
                onChange={(id) => setDraft({ ...shown, r44: id as Draft['r44'] })}
              />
              {shown.r44 === 'not-after' && (
                <TextField
                  label={msg.lastDayOfUseYear}
                  value={shown.r44Day}
                  fault={shown.r44Day === '' ? undefined : (faultOf('r44Use.notAfter') ?? faultOf('r44Use'))}
                  onChange={(r44Day) => setDraft({ ...shown, r44Day: r44Day.trim() })}
                />
              )}
            </div>
            <p className="mt-2 text-sm text-ink-soft">{msg.whicheverIsReachedFirstEnds}</p>
          </Locked>
          {isLead && (
            <div className="mt-4 flex flex-wrap gap-2">
              <Button type="submit" look="main" disabled={isBusy || !isChanged || !parsed.ok}>
                {msg.saveThisRule}
              </Button>
              {isChanged && <Button onClick={() => setDraft(undefined)}>{msg.discardChanges}</Button>}
              {!isNew && kept.id !== book.localRuleId && (
                <Button
                  look="quiet"
                  onClick={() =>
                    void changePractice(() => api.removeLocalRule(kept.id)).then(
                      () => open(book.localRuleId),
                      sayRefusal,
                    )
                  }
                >
                  {msg.deleteWord(kept.name)}
                </Button>
              )}
            </div>
          )}
        </form>
      </div>
    </Panel>
  )
}
