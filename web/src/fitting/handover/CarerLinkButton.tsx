import type { CarerLink } from '@nimble-anchor/core/formats'
import { Copy, Link2 } from 'lucide-react'
import { useState } from 'react'
import { api } from '../../session/api.ts'
import { Button } from '../../ui/Button.tsx'
import { copyText } from '../../ui/copyText.ts'
import { CodePicture } from '../../ui/CodePicture.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import { sayRefusal } from '../../ui/refusal.ts'

const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'long' })

/** The carer's own link to the second look. */
export function CarerLinkButton({ fittingId }: { readonly fittingId: string }) {
  const [link, setLink] = useState<CarerLink>()
  return (
    <>
      <Button className="ml-2" onClick={() => void api.carerLink(fittingId).then(setLink, sayRefusal)}>
        <Link2 size={18} aria-hidden="true" /> Link for the carer
      </Button>
      <Dialog open={link !== undefined} onOpenChange={() => setLink(undefined)} title="For the carer’s second look">
        {link && (
          <div className="grid gap-4 sm:grid-cols-[auto_minmax(0,1fr)]">
            <CodePicture text={link.url} label="Code with the carer’s link" className="size-64" />
            <div className="min-w-0">
              <p>
                It opens the questions of this fitting, and nothing else: no name, no measure. It ends on{' '}
                {day.format(new Date(link.endsAt))}.
              </p>
              <p className="mt-2 text-ink-soft">
                It works where this server is reached: on the bay’s own network, or beyond it if your server is.
              </p>
              <p className="my-2 text-sm break-all text-ink-soft">{link.url}</p>
              <Button onClick={() => copyText(link.url, 'Copied: paste it into a message.')}>
                <Copy size={18} aria-hidden="true" /> Copy it
              </Button>
            </div>
          </div>
        )}
      </Dialog>
    </>
  )
}
