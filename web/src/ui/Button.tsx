import { cva, type VariantProps } from 'class-variance-authority'
import type { ComponentProps } from 'react'

const look = cva('', {
  variants: {
    look: {
      /** The next thing: one of it on a screen. */
      main: 'border-magenta bg-magenta text-on-magenta hover:brightness-110',
      plain: 'border-ink bg-sheet text-ink hover:bg-shoal',
      quiet: 'border-transparent bg-transparent text-ink underline decoration-line underline-offset-4 hover:bg-shoal',
      /** A row, a picture or a word that can be pressed: looks as whoever uses it says. */
      bare: '',
    },
  },
  compoundVariants: [
    {
      look: ['main', 'plain', 'quiet'],
      className:
        'inline-flex min-h-11 items-center justify-center gap-2 rounded-[3px] border px-3.5 text-[0.95rem] font-semibold disabled:cursor-not-allowed disabled:border-hair disabled:bg-transparent disabled:text-ink-soft',
    },
  ],
  defaultVariants: { look: 'plain' },
})

type Props = ComponentProps<'button'> & VariantProps<typeof look>

/** 44 px high at least: gloves, one hand, the open car door. */
export function Button({ look: asked, className, type = 'button', ...rest }: Props) {
  return <button type={type} className={look({ look: asked, className })} {...rest} />
}
