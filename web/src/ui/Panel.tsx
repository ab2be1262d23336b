import type { ReactNode } from 'react'

interface Props {
  readonly title?: ReactNode
  readonly aside?: ReactNode
  readonly children: ReactNode
  readonly className?: string
  readonly id?: string
  /** On a wide screen it takes the height that it is given, and what is longer scrolls inside. */
  readonly fills?: boolean
}

/** A sheet on the paper, with a double rule over its title as on a chart's border. */
export function Panel({ title, aside, children, className = '', id, fills = false }: Props) {
  return (
    <section
      id={id}
      className={`rounded-[3px] border border-line bg-sheet ${fills ? 'lg:flex lg:min-h-0 lg:flex-col' : ''} ${className}`}
    >
      {title !== undefined && (
        <header className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-b-3 border-double border-line px-3.5 py-2">
          <h2 className="text-[1.02rem] font-bold">{title}</h2>
          {aside}
        </header>
      )}
      <div className={`p-3.5 ${fills ? 'lg:min-h-0 lg:flex-1 lg:overflow-y-auto' : ''}`}>{children}</div>
    </section>
  )
}
