import { UNIT_FACT_TEXT } from '@nimble-anchor/core/aftercare'
import { type Fault } from '@nimble-anchor/core/ground'
import { type ImportRow } from '@nimble-anchor/core/formats'
import { Check, FileUp } from 'lucide-react'
import { Checkbox } from 'radix-ui'
import { useRef, useState } from 'react'
import { toast } from 'sonner'
import { api, CsvText, Refused, type Work } from '../session/api.ts'
import { loadCatalogue } from '../session/catalogue.ts'
import { useWork } from '../session/useWork.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { sayRefusal } from '../ui/refusal.ts'
import { StateMark, type MarkState } from '../ui/StateMark.tsx'
import { WorkProgress } from '../ui/WorkProgress.tsx'
import { FileInput } from '../ui/TextInput.tsx'
import * as msg from './messages.en.ts'

const STATE_MARK: Record<ImportRow['state'], MarkState> = {
  new: 'pass',
  changed: 'pass',
  same: 'not-started',
  rejected: 'fail',
}
const KIND_WORD: Record<ImportRow['kind'], string> = {
  vehicles: 'car',
  models: 'restraint',
  units: 'unit',
  children: 'child',
}

interface Read {
  readonly name: string
  readonly body: unknown
  readonly rows: readonly ImportRow[]
  /** The file as a whole could not be read. */
  readonly faults: readonly Fault[]
  readonly message?: string
}

async function read(file: File, work: Work): Promise<Read> {
  const text = await file.text()
  const isCsv = /\.csv$/i.test(file.name) || file.type === 'text/csv'
  let body: unknown
  try {
    body = isCsv ? new CsvText(text) : JSON.parse(text)
  } catch (error) {
    const message = error instanceof Error ? error.message : String(error)
    return { name: file.name, body: undefined, rows: [], faults: [], message: msg.isNotJson(file.name, message) }
  }
  try {
    return { name: file.name, body, rows: await api.importCatalogue(body, { isPreview: true, work }), faults: [] }
  } catch (error) {
    const faults = error instanceof Refused ? error.faults : []
    return {
      name: file.name,
      body: undefined,
      rows: [],
      faults,
      message: error instanceof Error ? error.message : msg.notRead,
    }
  }
}

/** The rows that need a look come first; of more than this, those that are only stored are counted. */
const MOST_SHOWN = 400

/** A file is looked at row by row before anything of it is stored; with one bad row nothing is. */
export function ImportDialog({
  open,
  onOpenChange,
}: {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}) {
  const input = useRef<HTMLInputElement>(null)
  const [file, setFile] = useState<Read>()
  const [reading, setReading] = useState<string>()
  const looking = useWork()
  const storing = useWork()
  const isBusy = storing.share !== undefined
  const [overruled, setOverruled] = useState<ReadonlySet<string>>(new Set())
  const rejected = file?.rows.filter((r) => r.state === 'rejected').length ?? 0
  const fresh = file?.rows.filter((r) => r.state === 'new' || r.state === 'changed').length ?? 0
  const close = (isOpen: boolean): void => {
    if (!isOpen) setFile(undefined)
    if (!isOpen) looking.stop()
    setOverruled(new Set())
    onOpenChange(isOpen)
  }
  async function look(chosen: File): Promise<void> {
    setFile(undefined)
    setReading(chosen.name)
    const found = await looking.run((work) => read(chosen, work))
    if (found) setFile(found)
  }
  async function store(): Promise<void> {
    try {
      const rows = await storing.run((work) => api.importCatalogue(file?.body, { overrule: [...overruled], work }))
      // Left meanwhile: nobody is here to be told.
      if (rows === undefined) return
      await loadCatalogue()
      toast(msg.importedFrom(fresh, fresh === 1 ? msg.entry : msg.entries, file?.name ?? msg.theFile))
      close(false)
    } catch (error) {
      sayRefusal(error)
    }
  }
  return (
    <Dialog open={open} onOpenChange={close} title={msg.importACatalogue} isWide>
      <p className="mb-3 text-sm text-ink-soft">{msg.jsonInThePublishedFormat}</p>
      <FileInput
        ref={input}
        accept=".json,.csv,application/json,text/csv"
        aria-label={msg.catalogueFile}
        onChange={(e) => {
          const chosen = e.target.files?.[0]
          if (chosen) void look(chosen)
          e.target.value = ''
        }}
      />
      <div>
        <Button onClick={() => input.current?.click()}>
          <FileUp size={18} aria-hidden="true" /> {file ? msg.anotherFile : msg.chooseAFile}
        </Button>
      </div>
      {looking.share !== undefined && (
        <WorkProgress what={`Reading ${reading}, row by row`} share={looking.share} onStop={looking.stop} />
      )}
      {file?.message !== undefined && (
        <div role="alert" className="mt-3 border-l-4 border-fail pl-3">
          <p className="font-semibold text-fail">{file.message}</p>
          <FaultList faults={file.faults} />
        </div>
      )}
      {file && file.rows.length > 0 && (
        <>
          <p className="mt-3 font-semibold" role="status">
            {file.name}: {file.rows.length === 1 ? msg.n1Row : msg.rows(file.rows.length)}
            {msg.toStore(fresh)}
            {rejected > 0 ? msg.rejectedNothingCanBeImported(rejected) : ''}
          </p>
          <ul
            className="mt-2 max-h-[45vh] divide-y divide-hair overflow-y-auto border-y border-line"
            tabIndex={0}
            aria-label={msg.rowsOfTheFile}
          >
            {file.rows
              .toSorted((a, b) => weight(b) - weight(a))
              .slice(0, MOST_SHOWN)
              .map((row, i) => (
                <li key={`${row.kind}/${row.id}/${i}`} className="px-1 py-1.5">
                  <span className="inline-block w-28">
                    <StateMark state={STATE_MARK[row.state]} word={row.state} size={14} />
                  </span>
                  <span className="text-ink-soft">{KIND_WORD[row.kind]}</span> {row.id}
                  <FaultList faults={row.faults ?? []} />
                  {row.kept && (
                    <KeptFacts
                      id={row.id}
                      kept={row.kept}
                      isOverruled={overruled.has(row.id)}
                      onChange={(isIn) =>
                        setOverruled((ids) => new Set(isIn ? [...ids, row.id] : [...ids].filter((x) => x !== row.id)))
                      }
                    />
                  )}
                  {row.lints?.map((lint) => (
                    <span key={lint} className="block pl-28 text-sm">
                      <StateMark state="undecided" size={12} />
                      {msg.contradictsItsRegulation(lint)}
                    </span>
                  ))}
                </li>
              ))}
          </ul>
          {file.rows.length > MOST_SHOWN && (
            <p className="mt-1 text-sm text-ink-soft">{msg.andMore(file.rows.length - MOST_SHOWN)}</p>
          )}
          <div className="mt-3 flex gap-2">
            <Button look="main" disabled={rejected > 0 || fresh === 0 || isBusy} onClick={() => void store()}>
              {isBusy ? msg.importing : msg.importWord(fresh)}
            </Button>
            <Button disabled={isBusy} onClick={() => close(false)}>
              {msg.leaveEverythingAsItIs}
            </Button>
          </div>
          {storing.share !== undefined && (
            <WorkProgress what={msg.importingAllOfItOr} share={storing.share} onStop={storing.halt} />
          )}
        </>
      )}
    </Dialog>
  )
}

/** What must be looked at comes first. */
const weight = (row: ImportRow): number => (row.state === 'rejected' ? 2 : row.kept ? 1 : 0)

interface KeptProps {
  readonly id: string
  readonly kept: NonNullable<ImportRow['kept']>
  readonly isOverruled: boolean
  readonly onChange: (isOverruled: boolean) => void
}

/** The shelf knows something graver than the file: it stays so, unless somebody says that the file is right. */
function KeptFacts({ id, kept, isOverruled, onChange }: KeptProps) {
  const what = kept.map((fact) => UNIT_FACT_TEXT[fact]).join('; ')
  return (
    <span className="mt-1 block pl-28 text-sm">
      <StateMark state="stale" size={12} />
      {msg.theShelfKnowsOfIt(what)}
      <label className="flex min-h-11 items-center gap-2 font-semibold">
        <Checkbox.Root
          checked={isOverruled}
          onCheckedChange={(is) => onChange(is === true)}
          aria-label={msg.believeTheFileAbout(id)}
          className="grid size-6 shrink-0 place-items-center rounded-[2px] border border-ink bg-sheet"
        >
          <Checkbox.Indicator>
            <Check size={18} aria-hidden="true" />
          </Checkbox.Indicator>
        </Checkbox.Root>
        {msg.believeTheFileThisIs}
      </label>
    </span>
  )
}

function FaultList({ faults }: { readonly faults: readonly Fault[] }) {
  return faults.map((f) => (
    <span key={`${f.path}${f.message}`} className="block pl-28 text-sm text-fail">
      {f.path} {f.message}
    </span>
  ))
}
