import { type FittingId } from '@nimble-anchor/core/ground'
import { dateText } from '@nimble-anchor/core/quantities'
import type { CarerLink } from '@nimble-anchor/core/formats'
import { Copy, Link2 } from 'lucide-react'
import { useState } from 'react'
import { api } from '../../session/api.ts'
import { Button } from '../../ui/Button.tsx'
import { copyText } from '../../ui/copyText.ts'
import { CodePicture } from '../../ui/CodePicture.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import { sayRefusal } from '../../ui/refusal.ts'
import * as msg from './messages.en.ts'

/** The carer's own link to the second look. */
export function CarerLinkButton({ fittingId }: { readonly fittingId: FittingId }) {
  const [link, setLink] = useState<CarerLink>()
  return (
    <>
      <Button className="ml-2" onClick={() => void api.carerLink(fittingId).then(setLink, sayRefusal)}>
        <Link2 size={18} aria-hidden="true" />
        {msg.linkForTheCarer}
      </Button>
      <Dialog open={link !== undefined} onOpenChange={() => setLink(undefined)} title={msg.forTheCarersSecondLook}>
        {link && (
          <div className="grid gap-4 sm:grid-cols-[auto_minmax(0,1fr)]">
            <CodePicture text={link.url} label={msg.codeWithTheCarersLink} className="size-64" />
            <div className="min-w-0">
              <p>{msg.itOpensTheQuestionsOf(dateText(link.endsAt, 'long-day-of-year'))}</p>
              <p className="mt-2 text-ink-soft">{msg.itWorksWhereThisServer}</p>
              <p className="my-2 text-sm break-all text-ink-soft">{link.url}</p>
              <Button onClick={() => copyText(link.url, msg.copiedPasteItIntoA)}>
                <Copy size={18} aria-hidden="true" />
                {msg.copyIt}
              </Button>
            </div>
          </div>
        )}
      </Dialog>
    </>
  )
}
