import { Sequence } from '../ground/index.ts'
import { fittedSubject } from '../match/index.ts'
import type { Mode, RestraintModel } from '../restraint/index.ts'
import type { Drawing } from './drawing.ts'
import { drawingOfCheck } from './for-check.ts'
import { drawingOfSetting } from './for-setting.ts'
import { drawingOfStep } from './for-step.ts'
import { SAMPLE_BOOSTER, SAMPLE_SHELL } from './sample.en.ts'

/** A mode as it would stand on a made-up car's seat: from the side, and the way of its belt where it has one. */
export interface ModelDrawings {
  readonly side: Drawing
  readonly belt?: Drawing
}

/** How a mode looks by one of its routes, with a made-up child in a made-up car; nothing where it has no route yet. */
export function drawingsOfModel(model: RestraintModel, mode: Mode, routeId?: string): ModelDrawings | undefined {
  const route = mode.routes.find((r) => r.id === routeId) ?? mode.routes[0]
  if (route === undefined) return undefined
  const isBooster = mode.heldBy === 'vehicle-belt'
  const sample = isBooster ? SAMPLE_BOOSTER : SAMPLE_SHELL
  const [recline] = mode.reclines ?? []
  const subject = fittedSubject({
    ...sample,
    restraints: [model],
    units: [],
    choice: {
      modelId: model.id,
      modeId: mode.id,
      routeId: route.id,
      positionId: sample.choice.positionId,
      at: Sequence(1),
    },
    settings: recline === undefined ? {} : { recline: { value: recline.id, at: Sequence(2) } },
  })
  if (subject === undefined) return undefined
  return {
    side: isBooster ? drawingOfCheck('booster-path', subject) : drawingOfSetting('recline', subject),
    ...(route.belt && !isBooster && { belt: drawingOfStep({ id: 'thread-belt' }, subject) }),
  }
}
