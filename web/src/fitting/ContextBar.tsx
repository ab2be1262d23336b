import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import { modelName } from '@nimble-anchor/core/restraint'
import { vehicleName } from '@nimble-anchor/core/vehicle'
import { decidedText, VERDICT_TEXT, type Assessment, type Stage } from '@nimble-anchor/core/verdict'
import { PanelRightOpen } from 'lucide-react'
import { childSummary } from '../ui/childSummary.ts'
import { Button } from '../ui/Button.tsx'
import { StateMark, VERDICT_MARK } from '../ui/StateMark.tsx'
import { SaveLine } from './SaveLine.tsx'
import { leadsWithin, needOf, type GoTo } from '../findings/goTo.ts'
import { remedyOf } from '../findings/remedy.ts'
import { isSettingNext } from './setup/openSettings.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly current: Case
  readonly assessment: Assessment
  readonly isSigned: boolean
  readonly stage: Stage
  /** Where the verdict is spelt out on the stage itself, the bar only marks it. */
  readonly isBrief: boolean
  readonly goTo: GoTo
  readonly onLedger: () => void
  readonly onHistory: () => void
  /** Where people sign in, an open fitting is passed to a colleague. */
  readonly onPass?: () => void
  /** Where it is one of a ride: to the whole of it. */
  readonly onRide?: () => void
}

/** Who, where, what and how it stands, in one line above every stage; the next thing to do is its one loud button. */
export function ContextBar({
  current,
  assessment,
  stage,
  isSigned,
  isBrief,
  goTo,
  onLedger,
  onHistory,
  onPass,
  onRide,
}: Props) {
  const { model, unit, mode, position } = chosenIn(current)
  const { child, vehicle } = current
  return (
    <div className="border-b border-line bg-paper px-2 py-1 lg:px-5">
      <div className="flex flex-wrap items-stretch gap-x-2 gap-y-0.5 lg:flex-nowrap">
        <ul
          aria-label={msg.childPlaceRestraint}
          className="order-1 flex min-w-0 flex-1 divide-x divide-hair lg:flex-none lg:items-center"
        >
          <Part
            kind={msg.childKind}
            name={[child.name, child.familyName].filter(Boolean).join(' ')}
            detail={childSummary(child, current.today)}
            onOpen={() => goTo('measure')}
          />
          <Part
            kind={msg.placeKind}
            name={vehicle ? vehicleName(vehicle) : 'no car yet'}
            detail={position?.label ?? msg.noPlaceYet}
            onOpen={() => goTo('place')}
          />
          <Part
            kind={msg.restraintKind}
            name={model ? modelName(model) : 'none yet'}
            detail={mode ? [mode.label, unit?.serial].filter(Boolean).join(' · ') : msg.noModeYet}
            onOpen={() => goTo('choose')}
          />
          {current.ride && onRide && (
            <Part
              kind={msg.rideKind}
              name={`One of ${current.ride.others.filter((o) => o.kind === 'child').length + 1}`}
              detail={msg.theWholeRide}
              onOpen={onRide}
            />
          )}
        </ul>
        <Verdict
          current={current}
          stage={stage}
          assessment={assessment}
          isBrief={isBrief}
          goTo={goTo}
          onLedger={onLedger}
        />
        <SaveLine isSigned={isSigned} onHistory={onHistory} {...(onPass && { onPass })} />
      </div>
    </div>
  )
}

interface PartProps {
  readonly kind: string
  readonly name: string
  readonly detail: string
  readonly onOpen: () => void
}

function Part({ kind, name, detail, onOpen }: PartProps) {
  return (
    <li className="min-w-0 flex-1 lg:flex-none">
      <Button
        look="bare"
        onClick={onOpen}
        className="block min-h-11 w-full px-2 py-0.5 text-left leading-tight hover:bg-shoal lg:max-w-44"
      >
        <span className="sr-only">{kind}: </span>
        <span className="block truncate font-bold">{name}</span>
        <span className="block truncate text-sm text-ink-soft">{detail}</span>
      </Button>
    </li>
  )
}

function Verdict({
  current,
  stage,
  assessment,
  isBrief,
  goTo,
  onLedger,
}: Pick<Props, 'current' | 'stage' | 'assessment' | 'isBrief' | 'goTo' | 'onLedger'>) {
  const { verdict, headline, measureNext, caution } = assessment
  const remedy = remedyOf(assessment)
  const decided = decidedText(assessment)
  const worst = assessment.findings[0]
  const isNo = verdict === 'not-ready' || verdict === 'not-permitted'
  const next = verdict === 'undecided' ? measureNext[0] : undefined
  const isLed = leadsWithin(assessment, stage) || (stage === 'set-up' && isSettingNext(current, assessment))
  return (
    <section
      aria-label={msg.verdict}
      className="order-3 flex min-h-12 min-w-0 basis-full items-center gap-x-2 rounded-[3px] border border-ink bg-shoal pr-0.5 pl-2 lg:order-2 lg:flex-1 lg:basis-0 lg:gap-x-3"
    >
      <div role="status" aria-live="polite" className="min-w-28 flex-1 py-1 leading-tight">
        <p className="flex flex-wrap items-baseline gap-x-2">
          <span className="text-[1.05rem] font-bold whitespace-nowrap">
            <StateMark state={VERDICT_MARK[verdict]} word={VERDICT_TEXT[verdict]} size={18} />
          </span>
          {decided !== undefined && !isBrief && (
            <span className="hidden truncate text-xs text-ink-soft sm:inline">{decided}</span>
          )}
        </p>
        {!isBrief && (
          <p className="line-clamp-1 text-sm lg:line-clamp-2">
            {/* What is to do stands on the button. */}
            {next === undefined && headline}
            {remedy !== undefined && <b> {remedy}</b>}
          </p>
        )}
        <p className="sr-only">{caution}</p>
      </div>
      {next !== undefined && (
        <Button
          look={isLed ? 'plain' : 'main'}
          className="max-w-56 min-w-0 shrink leading-tight"
          onClick={() => goTo(next.stage, next.need)}
        >
          {next.ask}
        </Button>
      )}
      {isNo && worst !== undefined && (
        <Button look="main" className="shrink-0" onClick={() => goTo(worst.stage, needOf(worst))}>
          {msg.putItRight}
        </Button>
      )}
      {verdict === 'ready' && !isBrief && (
        <Button look="main" className="shrink-0" onClick={() => goTo('hand-over')}>
          {msg.handOver}
        </Button>
      )}
      <Button
        look="bare"
        aria-label={msg.allFindings}
        onClick={onLedger}
        className="grid size-11 shrink-0 place-items-center rounded-[3px] hover:bg-shoal-deep max-sm:w-9"
      >
        <PanelRightOpen size={20} aria-hidden="true" />
      </Button>
    </section>
  )
}
