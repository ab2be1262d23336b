import { type FittingId } from '@nimble-anchor/core/ground'
import { Camera, Trash2 } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { toast } from 'sonner'
import { Dialog } from '../ui/Dialog.tsx'
import { dropPhoto, keepPhoto, photoOf, shrink } from '../session/photoStore.ts'
import { FileInput } from '../ui/TextInput.tsx'
import { Button } from '../ui/Button.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly photoKey: string
  readonly fittingId: FittingId
  /** What the photo shows: the check's label. */
  readonly label: string
  readonly isSigned: boolean
}

/** A photo of what was seen, if somebody wants one: kept on this device, shrunk, without what the camera noted. */
export function PhotoButton({ photoKey, fittingId, label, isSigned }: Props) {
  const input = useRef<HTMLInputElement>(null)
  const [shown, setShown] = useState<{ readonly key: string; readonly url: string } | null>(null)
  const [isOpen, setOpen] = useState(false)
  const [version, setVersion] = useState(0)
  useEffect(() => {
    let url: string | undefined
    let isOver = false
    photoOf(photoKey).then(
      (photo) => {
        if (isOver) return
        url = photo && URL.createObjectURL(photo.picture)
        setShown(url === undefined ? null : { key: photoKey, url })
      },
      () => undefined,
    )
    return () => {
      isOver = true
      if (url !== undefined) URL.revokeObjectURL(url)
    }
  }, [photoKey, version])

  async function keep(file: File): Promise<void> {
    try {
      const picture = await shrink(file)
      await keepPhoto({ key: photoKey, fittingId, takenAt: new Date().toISOString(), picture })
      setVersion((v) => v + 1)
    } catch (error) {
      toast.error(error instanceof Error ? error.message : msg.thePhotoCouldNotBe)
    }
  }
  const photo = shown?.key === photoKey ? shown : null
  if (isSigned && !photo) return null
  return (
    <>
      {!isSigned && (
        <FileInput
          ref={input}
          accept="image/*"
          capture="environment"
          aria-label={msg.photoOf(label)}
          onChange={(e) => {
            const file = e.target.files?.[0]
            e.target.value = ''
            if (file) void keep(file)
          }}
        />
      )}
      <Button
        look="bare"
        aria-label={photo ? msg.seeThePhotoOf(label) : msg.takeAPhotoOf(label)}
        className="grid size-11 shrink-0 place-items-center overflow-hidden rounded-[3px] border border-hair text-ink-soft hover:bg-shoal"
        onClick={() => (photo ? setOpen(true) : input.current?.click())}
      >
        {photo ? (
          <img src={photo.url} alt="" className="size-full object-cover" />
        ) : (
          <Camera size={18} aria-hidden="true" />
        )}
      </Button>
      <Dialog open={isOpen && photo !== null} onOpenChange={setOpen} title={label}>
        {photo && <img src={photo.url} alt={msg.photoOf(label)} className="max-h-[65dvh] w-full object-contain" />}
        <p className="mt-2 text-sm text-ink-soft">{msg.keptOnThisDeviceOnly}</p>
        {!isSigned && (
          <div className="mt-3 flex gap-2">
            <Button
              look="bare"
              className="inline-flex min-h-11 items-center gap-2 rounded-[3px] border border-ink px-3.5 font-semibold hover:bg-shoal"
              onClick={() => input.current?.click()}
            >
              <Camera size={18} aria-hidden="true" />
              {msg.takeAnother}
            </Button>
            <Button
              look="bare"
              className="inline-flex min-h-11 items-center gap-2 px-3.5 font-semibold underline underline-offset-4 hover:bg-shoal"
              onClick={() => void dropPhoto(photoKey).then(() => setVersion((v) => v + 1))}
            >
              <Trash2 size={18} aria-hidden="true" />
              {msg.eraseIt}
            </Button>
          </div>
        )}
      </Dialog>
    </>
  )
}
