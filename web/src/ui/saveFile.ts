import { toast } from 'sonner'
import * as msg from './messages.en.ts'

/** Hands a file to the browser's own saving. */
export function saveFile(name: string, content: BlobPart, type: string): void {
  const url = URL.createObjectURL(new Blob([content], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  // Some browsers read the file only after the click has returned.
  setTimeout(() => URL.revokeObjectURL(url), 1000)
}

/** Fetches a file that the server makes and saves it, or says that it could not be had. */
export async function saveFromServer(path: string, name: string): Promise<void> {
  try {
    const response = await fetch(path)
    if (!response.ok) throw new Error(String(response.status))
    saveFile(name, await response.arrayBuffer(), response.headers.get('content-type') ?? 'application/octet-stream')
  } catch {
    toast.error(msg.wasNotMadeTheServer(name))
  }
}
