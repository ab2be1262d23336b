import { FileUp, Plus } from 'lucide-react'
import { useEffect, useState, type ReactNode } from 'react'
import { useNavigate } from 'react-router'
import { useCommands } from '../commands/commands.ts'
import { ExportLinks } from '../form/ExportLinks.tsx'
import { loadCatalogue } from '../session/catalogue.ts'
import { useMay } from '../session/who.ts'
import { Button } from '../ui/Button.tsx'
import { Page } from '../ui/Page.tsx'
import { Panel } from '../ui/Panel.tsx'
import { ImportDialog } from './ImportDialog.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly title: string
  readonly windowTitle: string
  /** Where a new one is entered, and what that is called on the button and among the commands. */
  readonly add: { readonly path: string; readonly button: string; readonly command: string }
  readonly search?: ReactNode
  readonly files: readonly { readonly file: string; readonly label: string }[]
  readonly isFailed: boolean
  readonly children: ReactNode
}

/** What the list of restraints and the list of cars have in common: who leads enters and imports, everybody exports. */
export function CatalogueFrame({ title, windowTitle, add, search, files, isFailed, children }: Props) {
  const navigate = useNavigate()
  const register = useCommands((s) => s.register)
  const [isImporting, setImporting] = useState(false)
  const isLead = useMay('lead')
  const { path, command } = add
  useEffect(() => {
    document.title = windowTitle
  }, [windowTitle])
  useEffect(
    () =>
      register([
        { id: `new ${path}`, label: command, group: msg.doWord, key: 'n', run: () => void navigate(path) },
        { id: 'import', label: msg.importACatalogue, group: msg.doWord, key: 'i', run: () => setImporting(true) },
      ]),
    [register, navigate, path, command],
  )
  return (
    <Page width="middle">
      <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-3xl font-bold tracking-tight">{title}</h1>
        {search}
        <div className="flex flex-wrap gap-2">
          {isLead && (
            <>
              <Button onClick={() => setImporting(true)}>
                <FileUp size={18} aria-hidden="true" />
                {msg.importWord2}
              </Button>
              <Button look="main" onClick={() => void navigate(path)}>
                <Plus size={18} aria-hidden="true" />
                {add.button}
              </Button>
            </>
          )}
        </div>
      </div>
      {isFailed && (
        <Panel title={msg.theServerDoesNotAnswer}>
          <Button onClick={() => void loadCatalogue()}>{msg.tryAgain}</Button>
        </Panel>
      )}
      {children}
      <ExportLinks files={files} />
      <ImportDialog open={isImporting} onOpenChange={setImporting} />
    </Page>
  )
}
