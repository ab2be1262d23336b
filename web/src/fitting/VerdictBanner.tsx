import { decidedText, VERDICT_TEXT, type Assessment, type Stage } from '@nimble-anchor/core/verdict'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { Button } from '../ui/Button.tsx'

/** What to do about a verdict that says no. */
export function remedyOf(assessment: Assessment): string | undefined {
  const isNo = assessment.verdict === 'not-ready' || assessment.verdict === 'not-permitted'
  return isNo ? assessment.findings[0]?.remedy : undefined
}

interface Props {
  readonly assessment: Assessment
  readonly goTo: (stage: Stage) => void
  readonly onLedger: () => void
}

export function VerdictBanner({ assessment, goTo, onLedger }: Props) {
  const { verdict, headline, measureNext, caution } = assessment
  const remedy = remedyOf(assessment)
  const decided = decidedText(assessment)
  const next = verdict === 'undecided' ? measureNext[0] : undefined
  return (
    <section aria-label="Verdict" className="mb-3 rounded-[3px] border-2 border-ink bg-shoal p-3">
      <div role="status" aria-live="polite">
        <p className="text-[1.3rem] leading-tight">
          <StateMark state={VERDICT_MARK[verdict]} word={VERDICT_TEXT[verdict]} size={22} />
        </p>
        <p className="mt-1">{headline}</p>
        {remedy !== undefined && <p className="mt-1 font-semibold">{remedy}</p>}
        {decided !== undefined && <p className="text-sm text-ink-soft">{decided}</p>}
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        {next !== undefined && (
          <Button
            look="bare"
            onClick={() => goTo(next.stage)}
            className="min-h-11 rounded-[3px] bg-magenta px-3 font-semibold text-on-magenta hover:brightness-110"
          >
            {next.ask}
          </Button>
        )}
        {verdict === 'ready' && (
          <Button
            look="bare"
            onClick={() => goTo('hand-over')}
            className="min-h-11 rounded-[3px] bg-magenta px-3 font-semibold text-on-magenta hover:brightness-110"
          >
            Hand over
          </Button>
        )}
        <Button
          look="bare"
          onClick={onLedger}
          className="min-h-11 rounded-[3px] border border-ink bg-sheet px-3 font-semibold lg:hidden"
        >
          All findings
        </Button>
      </div>
      <p className="mt-2 border-t border-line pt-1.5 text-[0.8rem] leading-snug text-ink-soft">{caution}</p>
    </section>
  )
}
