import { type Case } from '@nimble-anchor/core/casefile'
import { handoverSheet, type SheetBlock } from '@nimble-anchor/core/handover'
import { type Assessment } from '@nimble-anchor/core/verdict'
import { useMemo } from 'react'
import type { KnownAhead } from '../../ahead/RoadAhead.tsx'
import { DrawingView } from '../../drawings/DrawingView.tsx'
import { CodePicture } from '../../ui/CodePicture.tsx'
import { useLater } from '../../ui/useLater.ts'
import { useSeen } from '../../ui/useSeen.ts'
import { usePrinting } from '../../ui/usePrinting.ts'
import { Signature } from '../../ui/SignaturePad.tsx'
import { StateMark, VERDICT_MARK } from '../../ui/StateMark.tsx'
import * as msg from './messages.en.ts'

type Of<K extends SheetBlock['kind']> = Extract<SheetBlock, { kind: K }>

const NAME = 'text-ink-soft'

function Pairs({ rows }: { readonly rows: Of<'rows'>['rows'] }) {
  return (
    <dl className="divide-y divide-hair border-y border-hair">
      {rows.map(({ name, value }) => (
        <div key={name} className="grid gap-x-4 py-1 sm:grid-cols-[11rem_minmax(0,1fr)]">
          <dt className={NAME}>{name}</dt>
          <dd className="font-bold">{value}</dd>
        </div>
      ))}
    </dl>
  )
}

function Hand({ role, name, strokes }: Of<'signing'>['hands'][number]) {
  return (
    <div className="min-h-16 flex-1 border-b border-line">
      <p className={`text-sm ${NAME}`}>{role}</p>
      <p className="font-bold">{name}</p>
      {strokes !== undefined && <Signature strokes={strokes} label={msg.signatureOf(name)} />}
    </div>
  )
}

/** Working the code out takes as long as all the rest: it is drawn when one comes near it, or prints. Its room is kept. */
function Code({ words, label }: { readonly words: string; readonly label: string }) {
  const { ref, isSeen } = useSeen<HTMLDivElement>()
  const isPrinting = usePrinting()
  return (
    <div ref={ref} className="size-44">
      {(isSeen || isPrinting) && <CodePicture text={words} label={label} className="size-44" />}
    </div>
  )
}

function Block({ block }: { readonly block: SheetBlock }) {
  switch (block.kind) {
    case 'rows':
      return (
        <>
          <Pairs rows={block.rows} />
          {block.note !== undefined && <p className={`mt-1 text-sm ${NAME}`}>{block.note}</p>}
        </>
      )
    case 'settings':
      return (
        <dl className="grid gap-x-6 sm:grid-cols-2">
          {block.rows.map(({ name, value, drawing }) => (
            <div key={name} className="grid grid-cols-[5rem_minmax(0,1fr)] content-center gap-x-3 border-b border-hair py-2">
              <dt className={`relative col-start-2 self-end text-sm ${NAME}`}>{name}</dt>
              <dd className="relative col-start-2 min-h-7 font-bold">
                {value}
                {drawing && <DrawingView isSaid drawing={drawing} className="absolute -top-6 -left-23 h-14 w-20" />}
              </dd>
            </div>
          ))}
        </dl>
      ) // prettier-ignore
    case 'list':
      return (
        <ul className="ml-5 list-disc">
          {block.lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )
    case 'held':
      return <p className={NAME}>{block.text}</p>
    case 'looks':
      return (
        <ul className="divide-y divide-hair border-y border-hair">
          {block.looks.map(({ ask, then, drawing }) => (
            <li key={ask} className="grid grid-cols-[4rem_minmax(0,1fr)] items-center gap-x-4 py-1 sm:grid-cols-[4rem_15rem_minmax(0,1fr)]">
              {drawing ? <DrawingView isSaid drawing={drawing} className="w-16" /> : <span />}
              <span className="font-bold">{ask}</span>
              <span className="max-sm:col-start-2">{then}</span>
            </li>
          ))}
        </ul>
      ) // prettier-ignore
    case 'signing':
      return (
        <>
          {block.rows.length > 0 && <Pairs rows={block.rows} />}
          {block.lines.map((line) => (
            <p key={line}>{line}</p>
          ))}
          <div className="mt-2 flex flex-wrap items-start gap-6">
            {block.hands.map((hand) => (
              <Hand key={hand.role} {...hand} />
            ))}
            <figure>
              <Code words={block.words} label={block.wordsTitle} />
              <figcaption className={`text-xs ${NAME}`}>{block.wordsTitle}</figcaption>
            </figure>
          </div>
        </>
      )
  }
}

interface Props {
  readonly current: Case
  readonly assessment: Assessment
  readonly known: KnownAhead
}

/**
 * The sheet that the family takes home, as it will be printed: by the same blocks as the PDF.
 * It is drawn once, when what changes next is known, so that nothing on it moves; without
 * reception it stands without that, and says so.
 */
export function SheetPreview({ current, assessment, known: { ahead, failed, isSaved } }: Props) {
  // The stage stands first: the sheet is drawn in the breath after it, or at once where it is printed.
  const isLater = useLater()
  const isPrinting = usePrinting()
  // Of what is not saved yet nothing ahead is known, and what was said of an earlier state is not said of this one.
  const items = isSaved && ahead !== null ? ahead.items : undefined
  const isDue = isPrinting || (isLater && (items !== undefined || failed || !isSaved))
  const sheet = useMemo(
    () => (isDue ? handoverSheet(current, assessment, items ?? [], navigator.language) : undefined),
    [current, assessment, items, isDue],
  )
  return (
    <article
      aria-label={msg.theSheetAsItWill}
      aria-busy={sheet === undefined}
      className="min-h-full rounded-[3px] border border-line bg-sheet px-5 py-4 print:border-0 print:p-0"
    >
      {sheet === undefined ? (
        <p className={NAME}>{msg.workingOutWhatChangesNext}</p>
      ) : (
        <>
          <h2 className="text-xl leading-tight font-bold">{sheet.heading}</h2>
          <p className={NAME}>{sheet.judgedFor}</p>
          <p className="mt-2 text-lg font-bold">
            <StateMark state={VERDICT_MARK[sheet.verdict]} word={sheet.verdictText} size={18} />
          </p>
          <p>{sheet.headline}</p>
          {sheet.decided !== undefined && <p className={NAME}>{sheet.decided}</p>}
          {items === undefined && (
            <p className="mt-2 border-l-4 border-buff pl-3">
              {isSaved ? msg.whatChangesNextCouldNot : msg.whatChangesNextOnceSaved}
            </p>
          )}
          {sheet.blocks.map((block) => (
            <section key={block.title} className="mt-4 break-inside-avoid">
              <h3 className="mb-1 font-bold">{block.title}</h3>
              <Block block={block} />
            </section>
          ))}
          <p className={`mt-4 border-t border-line pt-2 text-sm ${NAME}`}>{sheet.caution}</p>
        </>
      )}
    </article>
  )
}
