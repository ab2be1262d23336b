import { useMeanwhile } from '../session/meanwhile.ts'
import { Ask } from './Ask.tsx'
import * as msg from './messages.en.ts'

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
      title={msg.wasChangedMeanwhile(title)}
      answers={[
        { label: msg.backToWhatITyped, onTake: () => answer('neither') },
        { label: msg.leaveTheirs, onTake: () => answer('theirs') },
        { label: msg.keepMine, isMain: true, onTake: () => answer('mine') },
      ]}
    >
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-line text-sm text-ink-soft">
            <th className="py-1 pr-3 font-semibold">{msg.field}</th>
            <th className="py-1 pr-3 font-semibold">{msg.theirsKeptByNow}</th>
            <th className="py-1 font-semibold">{msg.yours}</th>
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
      {more > 0 && <p className="mt-1 text-sm text-ink-soft">{msg.andMore(more)}</p>}
    </Ask>
  )
}
