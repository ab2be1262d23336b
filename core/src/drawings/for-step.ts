import type { Step } from '../procedure/index.ts'
import { isIntegral, type UsualStepId } from '../restraint/index.ts'
import { makerStepsIn, notedAs, type FittedSubject } from '../rules/index.ts'
import { doorSideOf } from '../vehicle/index.ts'
import type { Drawing } from './drawing.ts'
import { sceneOfCheck } from './for-check.ts'
import type { Scene } from './kinds.ts'
import { drawScene } from './scene.ts'
import {
  beltScene,
  boosterScene,
  connectorsScene,
  harnessScene,
  heldScene,
  lockScene,
  notchFigure,
  reclineScene,
  sideScene,
  tetherScene,
} from './values.ts'

/** What the hands do in each usual step. Complete: a new step does not compile without its drawing. */
const SHOWS: Readonly<Record<UsualStepId, (s: FittedSubject) => Scene>> = {
  before: (s) => sceneOfCheck('label-serial', s),
  airbag: (s) => sceneOfCheck('airbag-lamp', s),
  'front-place': (s) => sideScene(s, 'seat-slide'),
  prepare: (s) => (s.mode.reclines?.length ? reclineScene(s) : sideScene(s, 'whole')),
  connect: (s) => connectorsScene(s, 'push', 'both'),
  'push-home': (s) => sideScene(s, 'push-home'),
  'base-gap': (s) => sideScene(s, 'gap-behind'),
  'thread-belt': beltScene,
  'lock-belt': lockScene,
  leg: (s) => sideScene(s, 'leg', notchFigure(s)),
  tether: (s) => tetherScene(s, 'path'),
  'lower-tethers': (s) => sideScene(s, 'lower-tethers', undefined, s.route.lowerTethers?.lead),
  'set-on-seat': (s) => sideScene(s, 'set-down'),
  shell: (s) => sideScene(s, 'set-down'),
  'lie-across': ({ mode, position }) => ({ kind: 'plan', focus: 'head-end', direction: mode.direction, doorSide: doorSideOf(position) }),
  'front-seat': (s) => sceneOfCheck('front-seat', s),
  proof: (s) => sideScene(s, isIntegral(s.mode) ? 'movement' : 'clear'),
  sit: (s) => (isIntegral(s.mode) ? harnessScene(s, 'seated') : sideScene(s, 'sit')),
  buckle: heldScene,
  'coat-test': (s) => harnessScene(s, 'coat'),
  head: (s) => sceneOfCheck('head', s),
  'belt-child': (s) => boosterScene(s, 'whole'),
  knees: (s) => sideScene(s, 'knees'),
  'turn-and-lock': (s) => sceneOfCheck('turn-lock', s),
} // prettier-ignore

const isUsual = (id: string): id is UsualStepId => Object.hasOwn(SHOWS, id)

/** A maker's own step by what shows that it is done, or by what it is about; his words stand beside it. */
function sceneOfMakersStep(id: string, s: FittedSubject): Scene {
  const step = makerStepsIn(s).find((m) => notedAs(m) === id)
  if (step?.whileInsert !== undefined) return harnessScene(s, 'padding')
  const side = step?.proof?.side
  switch (step?.proof?.kind) {
    case 'window':
    case 'click':
    case 'loud-last-click':
    case 'button-springs-back':
      if (s.route.isofix && (side === 'left' || side === 'right')) return connectorsScene(s, 'window', side)
      return sideScene(s, 'whole', undefined, step.text)
    case 'gate-shut':
      return isIntegral(s.mode) ? lockScene(s) : boosterScene(s, 'gate')
    case 'gauge':
    case 'line-in-sight':
      return sideScene(s, 'level-line', undefined, step.text)
    default:
      return sideScene(s, 'whole', undefined, step?.text)
  }
}

/** The scene of one step of one fitting. */
const sceneOfStep = ({ id }: Pick<Step, 'id'>, s: FittedSubject): Scene =>
  isUsual(id) ? SHOWS[id](s) : sceneOfMakersStep(id, s)

export const drawingOfStep = (step: Pick<Step, 'id'>, s: FittedSubject): Drawing => drawScene(sceneOfStep(step, s))
