import type { Fault } from '@nimble-anchor/core/ground'
import type { InstrumentKind } from '@nimble-anchor/core/instruments'
import type { Quantity } from '@nimble-anchor/core/quantities'
import { INSTRUMENTS } from '@nimble-anchor/core/instruments'
import { Radio } from 'lucide-react'
import { lazy, Suspense, useState } from 'react'
import type { Against } from './drivers.ts'
import { Button } from '../ui/Button.tsx'
import * as msg from './messages.en.ts'

const InstrumentDialog = lazy(() => import('./InstrumentDialog.tsx'))

interface Props {
  readonly kind: InstrumentKind
  /** The field that the reading lands in. */
  readonly field: string
  /** What the field holds now, in the instrument's unit. */
  readonly value: number | undefined
  readonly against?: Against
  readonly onTake: (quantity: Quantity) => readonly Fault[]
}

/** Beside a field: reads it from an instrument instead of typing it. */
export function InstrumentButton({ kind, field, value, against, onTake }: Props) {
  const [open, setOpen] = useState(false)
  const { label } = INSTRUMENTS[kind]
  return (
    <>
      <Button
        look="bare"
        aria-label={msg.readFromThe(field, label.toLowerCase())}
        onClick={() => setOpen(true)}
        className="inline-flex min-h-11 items-center gap-1.5 rounded-[3px] border border-line bg-sheet px-2.5 text-sm font-semibold hover:bg-shoal"
      >
        <Radio size={16} aria-hidden="true" />
        {label}
      </Button>
      {open && (
        <Suspense fallback={null}>
          <InstrumentDialog
            kind={kind}
            field={field}
            value={value}
            against={against}
            onTake={onTake}
            onClose={() => setOpen(false)}
          />
        </Suspense>
      )}
    </>
  )
}
