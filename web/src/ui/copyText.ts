import { toast } from 'sonner'
import * as msg from './messages.en.ts'

/** Copies words, and says so; a page that is not encrypted has no clipboard. */
export function copyText(text: string, said = msg.copied): void {
  const clipboard = navigator.clipboard as Clipboard | undefined
  const copied = clipboard ? clipboard.writeText(text) : Promise.reject(new Error('none'))
  copied.then(
    () => toast(said),
    () => toast.error(msg.theBrowserDidNotLet),
  )
}
