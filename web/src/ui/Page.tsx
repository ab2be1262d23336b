import { CAUTION } from '@nimble-anchor/core/verdict'
import type { ReactNode } from 'react'

const WIDTH = { narrow: 'max-w-5xl', middle: 'max-w-6xl', wide: 'max-w-[88rem]' } as const

/**
 * The frame of a page that is one view: on a wide screen as high as the window (38 rem at least) under the header, its
 * panes scroll; on a narrow one it flows.
 */
export const pageFrame = (width: keyof typeof WIDTH = 'wide'): string =>
  `mx-auto flex ${WIDTH[width]} flex-col p-3 sm:px-5 sm:py-3 lg:h-[max(calc(100dvh-3.1rem),38rem)]`

interface Props {
  readonly children: ReactNode
  readonly width?: keyof typeof WIDTH
  /** It shows verdicts: the caution stands with them. */
  readonly hasVerdicts?: boolean
}

export function Page({ children, width = 'wide', hasVerdicts = false }: Props) {
  return (
    <div className={pageFrame(width)}>
      {children}
      {hasVerdicts && <p className="mt-2 shrink-0 text-xs text-ink-soft">{CAUTION}</p>}
    </div>
  )
}
