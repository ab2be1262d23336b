import type { ButtonHTMLAttributes } from 'react'

type Look = 'main' | 'plain' | 'quiet'
const LOOK: Record<Look, string> = {
  main: 'bg-magenta text-on-magenta border-magenta hover:brightness-110',
  plain: 'bg-sheet text-ink border-ink hover:bg-shoal',
  quiet: 'bg-transparent text-ink border-transparent underline underline-offset-4 decoration-line hover:bg-shoal',
}

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly look?: Look
}

/** 44 px high at least: gloves, one hand, the open car door. */
export function Button({ look = 'plain', className = '', type = 'button', ...rest }: Props) {
  return (
    <button
      type={type}
      className={`inline-flex min-h-11 items-center justify-center gap-2 rounded-[3px] border px-3.5 text-[0.95rem] font-semibold disabled:cursor-not-allowed disabled:border-hair disabled:bg-transparent disabled:text-ink-soft ${LOOK[look]} ${className}`}
      {...rest}
    />
  )
}
