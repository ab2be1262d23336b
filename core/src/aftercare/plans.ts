import type { MakerStep, Mode } from '../restraint/index.ts'
import { isIntegral, keepsDirection, stepPairs } from '../restraint/index.ts'
import type { JobContext } from './context.ts'
import type { JobCheck, JobKind, JobPlan, JobStep } from './job.ts'
import { spokenSteps, type JobCheckId, type JobLine, type JobTexts } from './job-text.ts'
import { JOBS_EN } from './jobs.en.ts'
import takeOut from './jobs/take-out.ts'
import convert from './jobs/convert.ts'
import insertOut from './jobs/insert-out.ts'
import wash from './jobs/wash.ts'
import twistedStrap from './jobs/twisted-strap.ts'
import stickyBuckle from './jobs/sticky-buckle.ts'
import afterCrash from './jobs/after-crash.ts'
import emptyBooster from './jobs/empty-booster.ts'
import handBack from './jobs/hand-back.ts'

const STEPS: Readonly<Record<JobKind, (context: JobContext) => readonly JobLine[]>> = {
  'take-out': takeOut,
  convert: convert,
  'insert-out': insertOut,
  wash: wash,
  'twisted-strap': twistedStrap,
  'sticky-buckle': stickyBuckle,
  'after-crash': afterCrash,
  'empty-booster': emptyBooster,
  'hand-back': handBack,
}

const isHarnessed = (mode: Mode | undefined): boolean => mode?.heldBy === 'harness'

/** The checks that a job ends in. */
const ENDS: Readonly<Record<JobKind, (context: JobContext) => readonly JobCheckId[]>> = {
  'take-out': () => ['car-as-found'],
  convert: ({ mode, toMode }) => [
    ...(mode?.direction === toMode?.direction ? [] : (['direction-set'] as const)),
    ...(isHarnessed(toMode)
      ? (['rethreaded', 'buckle-holds', 'adjuster-holds'] as const)
      : (['harness-away'] as const)),
    'all-parts-back',
  ],
  'insert-out': ({ mode }) => ['insert-stored', ...(isHarnessed(mode) ? (['rethreaded'] as const) : [])],
  wash: () => ['rethreaded', 'buckle-holds', 'adjuster-holds', 'all-parts-back'],
  'twisted-strap': () => ['strap-flat'],
  'sticky-buckle': () => ['buckle-holds'],
  'after-crash': () => ['marked-unfit'],
  'empty-booster': () => ['empty-held'],
  'hand-back': () => ['clean', 'sound', 'parts-counted'],
}

/** Jobs that leave the restraint as fit for use as it was. */
const LEAVES_IT_FIT: ReadonlySet<JobKind> = new Set<JobKind>(['take-out', 'empty-booster'])

function checkOf(id: JobCheckId, { checks, unsure }: JobTexts): JobCheck {
  const { label, how, good, bad, remedy } = checks[id]
  return {
    id,
    label,
    how,
    options: [
      { id: 'good', label: good, means: 'pass' },
      { id: 'bad', label: bad, means: 'fail' },
      { id: 'unsure', label: unsure, means: 'undecided' },
    ],
    remedy,
  }
}

const fromMaker = (steps: readonly MakerStep[]): readonly JobStep[] => {
  const pairs = stepPairs(steps)
  return steps.map((s): JobStep => {
    const first = pairs.find((p) => p.second.id === s.id)?.first
    return { id: s.id, text: s.text, ...(s.proof && { proof: s.proof.what }), ...(first && { pairedWith: first.id }) }
  })
}

/** The maker's own steps between two modes, where the catalogue has them. */
const makersConversion = ({ model, mode, toMode }: JobContext): readonly JobStep[] | undefined => {
  const own = model.conversions?.find((c) => c.from === mode?.id && c.to === toMode?.id)
  return own && fromMaker(own.steps)
}

/** How the unit stands once a conversion has passed, where that changes. */
function leavesOf({ model, mode, toMode }: JobContext): Pick<JobPlan, 'leavesHarness' | 'leavesDirection'> {
  const changes = mode !== undefined && toMode !== undefined && isIntegral(mode) !== isIntegral(toMode)
  return {
    ...(changes && { leavesHarness: isIntegral(toMode) ? ('in' as const) : ('stowed' as const) }),
    ...(toMode &&
      mode?.direction !== toMode.direction &&
      keepsDirection(model) !== 'no' && { leavesDirection: toMode.direction }),
  }
}

/** The job for one restraint: its steps in order, and the checks that it ends in. */
export function planJob(kind: JobKind, context: JobContext, texts: JobTexts = JOBS_EN): JobPlan {
  const makers = kind === 'convert' ? makersConversion(context) : undefined
  return {
    kind,
    title:
      kind === 'convert'
        ? texts.conversion({ from: context.mode?.label, to: context.toMode?.label })
        : texts.titles[kind],
    byMaker: makers !== undefined,
    holdsUnit: !LEAVES_IT_FIT.has(kind),
    steps: makers ?? spokenSteps(texts.jobs[kind], STEPS[kind](context)),
    checks: ENDS[kind](context).map((id) => checkOf(id, texts)),
    ...(kind === 'convert' && leavesOf(context)),
  }
}

/** Which jobs make sense for a restraint, in the order that they are usually needed. */
export function jobsFor({ model, mode, route }: JobContext): readonly JobKind[] {
  const harnessed = model.modes.some((m) => m.heldBy === 'harness')
  const hasInserts = model.modes.some((m) => (m.inserts ?? []).length > 0)
  const isBooster = model.modes.some((m) => m.heldBy === 'vehicle-belt')
  return [
    ...(mode && route ? (['take-out'] as const) : []),
    ...(model.modes.length > 1 ? (['convert'] as const) : []),
    ...(hasInserts ? (['insert-out'] as const) : []),
    ...(harnessed ? (['wash', 'twisted-strap', 'sticky-buckle'] as const) : []),
    ...(isBooster ? (['empty-booster'] as const) : []),
    'hand-back',
    'after-crash',
  ]
}
