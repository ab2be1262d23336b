import type { ComponentProps, ReactNode } from 'react'
import { FormProvider } from 'react-hook-form'
import { Link } from 'react-router'
import { pageFrame } from '../ui/Page.tsx'
import { EntryActions } from './EntryParts.tsx'
import { Faults } from './fields.tsx'
import { Sections } from './Sections.tsx'
import type { Entry } from './useEntry.ts'

interface Props {
  readonly entry: Pick<Entry<unknown>, 'title' | 'keep' | 'isChanged' | 'leave' | 'remove'>
  /** What is said beside its name. */
  readonly mark?: ReactNode
  readonly isNew: boolean
  readonly keepLabel: string
  readonly form: Omit<ComponentProps<typeof FormProvider>, 'children'>
  readonly faults: ComponentProps<typeof Faults>['value']
  /** Where one gets to without entering anything. */
  readonly back: { readonly to: string; readonly label: string }
  readonly sections: ComponentProps<typeof Sections>
  /** What is shown of it meanwhile, and what that is called. */
  readonly aside: ReactNode
  readonly asideLabel: string
}

/** The page on which one thing of the catalogue is entered: its parts, what it comes to beside them, and Save. */
export function EntryFrame({ form, faults, entry, mark, isNew, keepLabel, back, sections, aside, asideLabel }: Props) {
  return (
    <FormProvider {...form}>
      <Faults value={faults}>
        <form
          noValidate
          onSubmit={(e) => {
            e.preventDefault()
            void entry.keep()
          }}
          className={pageFrame()}
        >
          <div className="mb-3 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
            <div className="flex flex-wrap items-center gap-x-4">
              <Link to={back.to} className="inline-flex min-h-11 items-center underline underline-offset-4">
                {back.label}
              </Link>
              <h1 className="text-3xl font-bold tracking-tight">{entry.title}</h1>
              {mark}
            </div>
            <EntryActions entry={entry} isNew={isNew} keepLabel={keepLabel} />
          </div>
          <div className="grid min-h-0 grid-cols-[minmax(0,1fr)] gap-3 lg:flex-1 lg:grid-cols-[minmax(0,1fr)_20rem] lg:grid-rows-[minmax(0,1fr)]">
            <Sections {...sections} />
            <aside className="flex min-h-0 flex-col gap-3 lg:overflow-y-auto" aria-label={asideLabel}>
              {aside}
            </aside>
          </div>
        </form>
      </Faults>
    </FormProvider>
  )
}
