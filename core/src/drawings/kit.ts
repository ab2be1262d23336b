import { CHECKS, checkLabel, type CheckId } from '../checks/index.ts'
import { fittedSubject } from '../match/index.ts'
import { STEPS_EN, stepsFor, USUAL_STEPS } from '../procedure/index.ts'
import { SETTING_IDS, type Settings } from '../readings/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { assess, limitOf } from '../verdict/index.ts'
import type { Drawing } from './drawing.ts'
import { drawingOfCheck } from './for-check.ts'
import { drawingOfSetting } from './for-setting.ts'
import { drawingOfStep } from './for-step.ts'
import { SAMPLE_BOOSTER, SAMPLE_SHELL } from './sample.en.ts'

export interface DrawingKit {
  readonly steps: readonly { readonly id: string; readonly title: string; readonly drawing: Drawing }[]
  readonly checks: readonly { readonly id: CheckId; readonly title: string; readonly drawing: Drawing }[]
  readonly settings: readonly { readonly id: keyof Settings; readonly drawing: Drawing }[]
}

function subjectOf(sample: typeof SAMPLE_SHELL): FittedSubject {
  const subject = fittedSubject(sample)
  if (!subject) throw new Error('A sample fitting has everything chosen')
  return subject
}

/** The whole kit, drawn from two made-up fittings: every usual step, every check of the book, every setting. */
export function drawingKit(): DrawingKit {
  const shell = subjectOf(SAMPLE_SHELL)
  const booster = subjectOf(SAMPLE_BOOSTER)
  const [limits, boosterLimits] = [assess(SAMPLE_SHELL), assess(SAMPLE_BOOSTER)]
  const ofBooster = new Set(stepsFor(booster).flatMap((s) => [s.id, ...s.checks]))
  const ofShell = new Set(stepsFor(shell).flatMap((s) => [s.id, ...s.checks]))
  const isBoosters = (id: string): boolean => ofBooster.has(id) && !ofShell.has(id)
  return {
    steps: USUAL_STEPS.map(({ id }) => ({
      id,
      title: STEPS_EN[id].title,
      drawing: drawingOfStep({ id }, isBoosters(id) ? booster : shell),
    })),
    checks: (Object.keys(CHECKS) as CheckId[]).map((id) => ({
      id,
      title: checkLabel(id),
      drawing: isBoosters(id)
        ? drawingOfCheck(id, booster, limitOf(id, boosterLimits))
        : drawingOfCheck(id, shell, limitOf(id, limits)),
    })),
    settings: SETTING_IDS.map((id) => ({ id, drawing: drawingOfSetting(id, shell) })),
  }
}
