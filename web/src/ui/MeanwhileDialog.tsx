import { useMeanwhile } from '../session/meanwhile.ts'
import { Ask } from './Ask.tsx'

const MOST_SHOWN = 12
const MOST_LETTERS = 80

function worded(value: unknown): string {
  if (value === undefined || value === null || value === '') return 'nothing'
  const text = typeof value === 'string' ? value : JSON.stringify(value)
  return text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)}…` : text
}

/** Somebody kept the same thing meanwhile: both are shown, and one word decides. */
export function MeanwhileDialog() {
  const question = useMeanwhile((s) => s.question)
  if (!question) return null
  const { title, differences, answer } = question
  const more = differences.length - MOST_SHOWN
  return (
    <Ask
      open
      title={`${title} was changed meanwhile`}
      answers={[
        { label: 'Back to what I typed', onTake: () => answer('neither') },
        { label: 'Leave theirs', onTake: () => answer('theirs') },
        { label: 'Keep mine', isMain: true, onTake: () => answer('mine') },
      ]}
    >
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-line text-sm text-ink-soft">
            <th className="py-1 pr-3 font-semibold">Field</th>
            <th className="py-1 pr-3 font-semibold">Theirs, kept by now</th>
            <th className="py-1 font-semibold">Yours</th>
          </tr>
        </thead>
        <tbody>
          {differences.slice(0, MOST_SHOWN).map(({ path, theirs, mine }) => (
            <tr key={path} className="border-b border-hair align-top">
              <th className="py-1 pr-3 font-normal text-ink-soft">{path}</th>
              <td className="py-1 pr-3 break-words">{worded(theirs)}</td>
              <td className="py-1 font-semibold break-words">{worded(mine)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {more > 0 && <p className="mt-1 text-sm text-ink-soft">and {more} more</p>}
    </Ask>
  )
}
