import { type PracticeBook } from '@nimble-anchor/core/formats'
import {
  CONTACT_MOST,
  CONTACT_TEXT,
  CONTACTS,
  SCHOOL_TEXT,
  SCHOOLS,
  type Contact,
  type PracticeProfile,
  type SchoolQuestion,
} from '@nimble-anchor/core/practice'
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
import { useFields, type Wrong } from '../form/useFields.ts'
import { useUnsaved } from '../form/unsaved.ts'
import { NamedList } from './NamedList.tsx'
import * as msg from './messages.en.ts'

/** A profile with one contact set, or let go where nothing is left of it. */
function withContact(profile: PracticeProfile, of: Contact, text: string): PracticeProfile {
  const { contacts = {}, ...rest } = profile
  const { [of]: _old, ...others } = contacts
  const kept = text.trim() === '' ? others : { ...others, [of]: text }
  return Object.keys(kept).length === 0 ? rest : { ...rest, contacts: kept }
}

const QUESTIONS = Object.keys(SCHOOLS) as SchoolQuestion[]

/** A profile as it is typed; nothing while one is only looked at. */
interface Draft {
  readonly draft: PracticeProfile | undefined
}
const wrongIn = ({ draft }: Draft): Wrong<Draft> => ({ draft: draft?.name.trim() === '' ? msg.needsAName : undefined })

interface Props {
  readonly book: PracticeBook
  readonly onDefault: (id: string) => void
}

export function Profiles({ book, onDefault }: Props) {
  const isLead = useMay('lead')
  const [selectedId, setSelectedId] = useState(book.profileId)
  const kept = book.profiles.find((p) => p.id === selectedId) ?? book.profiles[0]
  const { values, set, faultOf, send, isBusy } = useFields<Draft, 'draft'>({ draft: undefined }, [], wrongIn)
  const { draft } = values
  const setDraft = set('draft')
  const shown = draft ?? kept
  useUnsaved(
    msg.practiceProfile(shown?.name ?? ''),
    draft !== undefined && JSON.stringify(draft) !== JSON.stringify(kept),
  )
  if (!shown || !kept) return null
  const isNew = !book.profiles.some((p) => p.id === shown.id)
  const isChanged = JSON.stringify(shown) !== JSON.stringify(kept)
  const open = (profile: PracticeProfile | undefined): void => {
    setDraft(undefined)
    if (profile) setSelectedId(profile.id)
  }
  const keep = (): Promise<void> =>
    changePractice(() =>
      keepSeen(`“${shown.name}”`, shown, isNew ? undefined : kept, (seen) => api.keepProfile(shown, seen)),
    ).then(() => open(shown), leftOr)
  const leftOr = (error: unknown): void => {
    sayRefusal(error)
    // Theirs is taken up with the whole book.
    if (error instanceof LeftTheirs) void loadPractice().then(() => open(shown))
  }
  const remove = (): void =>
    void changePractice(() => api.removeProfile(kept.id)).then(
      () => open(book.profiles.find((p) => p.id === book.profileId)),
      sayRefusal,
    )

  return (
    <Panel title={msg.whereSchoolsDiffer} id="profiles">
      <div className="grid gap-4 md:grid-cols-[17rem_minmax(0,1fr)]">
        <div>
          <NamedList
            legend={msg.practiceProfiles}
            items={book.profiles}
            selectedId={isNew ? undefined : shown.id}
            defaultId={book.profileId}
            onSelect={(id) => open(book.profiles.find((p) => p.id === id))}
            onDefault={onDefault}
            isLocked={!isLead}
          />
          {isLead && (
            <Button
              className="mt-2"
              onClick={() => {
                const name = msg.copy(kept.name)
                setDraft({
                  ...kept,
                  id: idFrom(
                    name,
                    book.profiles.map((p) => p.id),
                  ),
                  name,
                })
              }}
            >
              {msg.newFromThisOne}
            </Button>
          )}
        </div>
        <form onSubmit={send(keep)}>
          <Locked when={!isLead}>
            <TextField
              label={msg.nameOfTheProfile}
              value={shown.name}
              maxLength={120}
              fault={faultOf('draft') ?? wrongIn(values).draft}
              onChange={(name) => setDraft({ ...shown, name })}
            />
            <div className="mt-3 grid gap-x-4 gap-y-3 sm:grid-cols-2 xl:grid-cols-3">
              {QUESTIONS.map((q) => (
                <SelectField
                  key={q}
                  label={SCHOOL_TEXT[q].question}
                  value={shown[q] ?? SCHOOLS[q][0]}
                  options={SCHOOLS[q].map((id) => ({ id, label: SCHOOL_TEXT[q].schools[id] ?? id }))}
                  onChange={(school) => setDraft({ ...shown, [q]: school } as PracticeProfile)}
                />
              ))}
            </div>
            <fieldset className="mt-4 border-t border-hair pt-3">
              <legend className="pr-2 font-bold">{msg.whomYouSendPeopleTo}</legend>
              <p className="text-sm text-ink-soft">{msg.standsOnTheSheetTake}</p>
              <div className="mt-2 grid gap-x-4 gap-y-3 lg:grid-cols-2">
                {CONTACTS.map((of) => (
                  <TextField
                    key={of}
                    label={CONTACT_TEXT[of]}
                    value={shown.contacts?.[of] ?? ''}
                    maxLength={CONTACT_MOST}
                    autoComplete="off"
                    onChange={(text) => setDraft(withContact(shown, of, text))}
                  />
                ))}
              </div>
            </fieldset>
          </Locked>
          {isLead && (
            <div className="mt-4 flex flex-wrap gap-2">
              <Button type="submit" look="main" disabled={isBusy || !isChanged || shown.name.trim() === ''}>
                {msg.saveThisProfile}
              </Button>
              {isChanged && <Button onClick={() => open(undefined)}>{msg.discardChanges}</Button>}
              {!isNew && kept.id !== book.profileId && (
                <Button look="quiet" onClick={remove}>
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
