import { CARER_TRIED, type Case, type CarerTried } from '@nimble-anchor/core/casefile'
import { CARER_TRIED_TEXT } from '@nimble-anchor/core/handover'
import { VERDICT_TEXT, type Assessment } from '@nimble-anchor/core/verdict'
import { Collapsible } from 'radix-ui'
import { useFields } from '../../form/useFields.ts'
import type { Signing } from '../../session/api.ts'
import { NOT_ENTRIES, useDraft } from '../../session/drafts.ts'
import { useFitting } from '../../session/fitting.ts'
import { fitterName, usePreferences } from '../../session/preferences.ts'
import { useWho } from '../../session/who.ts'
import { Button } from '../../ui/Button.tsx'
import { Choices } from '../../ui/Choices.tsx'
import { Panel } from '../../ui/Panel.tsx'
import { Fold } from '../../ui/Fold.tsx'
import { SignaturePad } from '../../ui/SignaturePad.tsx'
import type { StageProps } from '../stages.ts'
import { PersonSheet } from './PersonSheet.tsx'
import { SecondSigner } from './SecondSigner.tsx'
import { TextArea, TextInput } from '../../ui/TextInput.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly assessment: Assessment
  readonly isSigned: boolean
  readonly goTo: StageProps['goTo']
}

/** Signing a fitting that is ready; of one that is not, what is open, and leaving all the same. */
export function SignPanel({ current, assessment, isSigned, goTo }: Props) {
  if (isSigned) return null
  if (assessment.verdict === 'ready')
    return (
      <Panel title={msg.signAndHandOver}>
        <SignForm submit={msg.signAndClose} />
        <p className="text-sm text-ink-soft">{msg.theCarerHasBeenShown}</p>
      </Panel>
    )
  const open = assessment.measureNext.slice(0, 8)
  return (
    <Panel title={msg.notReadyToSign}>
      <p>{msg.onlyAFittingThatIs}</p>
      {open.length > 0 && (
        <ul className="mt-2 flex flex-wrap gap-2">
          {open.map((n) => (
            <li key={n.need}>
              <Button onClick={() => goTo(n.stage)}>{n.ask}</Button>
            </li>
          ))}
        </ul>
      )}
      <PersonSheet current={current} />
      <Collapsible.Root className="mt-3 border-t border-hair pt-3">
        <Collapsible.Trigger asChild>
          <Button look="quiet">{msg.theyLeaveAllTheSame}</Button>
        </Collapsible.Trigger>
        <Collapsible.Content className="mt-2 flex flex-col gap-3">
          <p>
            <b>{VERDICT_TEXT[assessment.verdict]}.</b> {msg.itIsWrittenDownSo(assessment.headline)}
          </p>
          <SignForm submit={msg.signLeftAgainstAdvice} isAgainstAdvice />
        </Collapsible.Content>
      </Collapsible.Root>
    </Panel>
  )
}

const BOX = 'min-h-11 w-full rounded-[3px] border border-line bg-sheet px-2 text-base font-normal text-ink'
const LABEL = 'flex flex-col gap-1 text-sm font-semibold text-ink-soft'

/** Who signs, with whom, and how; what is typed of the carer is kept with the fitting’s drafts. */
interface Signed {
  readonly name: string
  readonly second: { readonly personId: string; readonly secret: string }
  readonly tried: CarerTried | undefined
  readonly fitterStrokes: string
  readonly carerStrokes: string
}

function SignForm({ submit, isAgainstAdvice = false }: { submit: string; isAgainstAdvice?: boolean }) {
  const sign = useFitting((s) => s.sign)
  const { fitterName: fitter, setFitterName } = usePreferences()
  const [carer = '', setCarer] = useDraft(`${NOT_ENTRIES}carerName`)
  const [reason = '', setReason] = useDraft(`${NOT_ENTRIES}reason`)
  const [said = '', setSaid] = useDraft(`${NOT_ENTRIES}said`)
  const person = useWho((s) => s.session?.person)
  const isTrainee = person?.role === 'trainee'
  const { values, set, send, say, fault, isBusy } = useFields<Signed>({
    name: person?.name ?? fitter,
    second: { personId: '', secret: '' },
    tried: undefined,
    fitterStrokes: '',
    carerStrokes: '',
  })
  const { name, second, tried, fitterStrokes, carerStrokes } = values

  async function submitted(): Promise<void> {
    if (name.trim() === '' || carer.trim() === '') return say(msg.bothNamesAreNeeded)
    if (isAgainstAdvice && (reason.trim() === '' || said.trim() === '')) return say(msg.theirReasonAndWhatThey)
    if (isTrainee && (second.personId === '' || second.secret === '')) return say(msg.aTraineesFittingIsSigned)
    if (!person) setFitterName(name)
    const signing: Signing = {
      carerName: carer.trim(),
      ...(fitterStrokes !== '' && { fitterStrokes }),
      ...(carerStrokes !== '' && { carerStrokes }),
      ...(tried !== undefined && { carerTried: tried }),
      ...(isTrainee && { second }),
      ...(isAgainstAdvice && { againstAdvice: { reason: reason.trim(), said: said.trim() } }),
    }
    set('second')({ ...second, secret: '' })
    await sign(signing)
  }
  return (
    <form className="flex flex-wrap items-end gap-3" onSubmit={send(submitted)}>
      {isAgainstAdvice ? (
        <div className="grid w-full gap-3 sm:grid-cols-2">
          <label className={LABEL}>
            {msg.theirReason}
            <TextArea
              value={reason}
              maxLength={500}
              rows={2}
              onChange={(e) => setReason(e.target.value)}
              className={BOX}
            />
          </label>
          <label className={LABEL}>
            {msg.whatTheyWereTold}
            <TextArea value={said} maxLength={500} rows={2} onChange={(e) => setSaid(e.target.value)} className={BOX} />
          </label>
        </div>
      ) : (
        <div className="w-full">
          <Choices
            legend={msg.theCarerDidItOnce}
            options={CARER_TRIED.map((id) => ({ id, label: CARER_TRIED_TEXT[id] }))}
            value={tried}
            onChoose={(id) => set('tried')(id as CarerTried)}
          />
        </div>
      )}
      <div className="grid w-full gap-3 sm:grid-cols-2">
        <label className={LABEL}>
          {msg.fitter}
          <TextInput
            value={name}
            maxLength={120}
            placeholder={fitter || fitterName()}
            onChange={(e) => set('name')(e.target.value)}
            className={BOX}
            // Whoever is signed in signs.
            readOnly={person != null}
          />
        </label>
        <label className={LABEL}>
          {msg.carer}
          <TextInput value={carer} maxLength={120} onChange={(e) => setCarer(e.target.value)} className={BOX} />
        </label>
      </div>
      {isTrainee && <SecondSigner value={second} onChange={set('second')} />}
      <Fold className="w-full" summary={msg.signByHandIfYou}>
        <div className="grid gap-3">
          <SignaturePad label={msg.fittersSignature} strokes={fitterStrokes} onChange={set('fitterStrokes')} />
          <SignaturePad label={msg.carersSignature} strokes={carerStrokes} onChange={set('carerStrokes')} />
        </div>
      </Fold>
      {/* In view however much stands above it. */}
      <div className="sticky bottom-0 -mb-3.5 w-full border-t border-hair bg-sheet py-2">
        <p role="alert" className="font-semibold text-fail">
          {fault}
        </p>
        <Button type="submit" look="main" className="w-full" disabled={isBusy}>
          {submit}
        </Button>
      </div>
    </form>
  )
}
