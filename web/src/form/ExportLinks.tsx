import { Download } from 'lucide-react'
import * as msg from './messages.en.ts'

/** Files that the server makes of the catalogue. */
export function ExportLinks({
  files,
}: {
  readonly files: readonly { readonly file: string; readonly label: string }[]
}) {
  return (
    <p className="mt-3 flex flex-wrap items-center gap-x-4 text-sm">
      <span className="inline-flex items-center gap-1.5 text-ink-soft">
        <Download size={16} aria-hidden="true" />
        {msg.exportWord}
      </span>
      {files.map(({ file, label }) => (
        <a
          key={file}
          href={`/api/catalogue/${file}`}
          download={file}
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          {label}
        </a>
      ))}
    </p>
  )
}
