import before from './attach/before.en.ts'
import airbag from './attach/airbag.en.ts'
import frontPlace from './attach/front-place.en.ts'
import prepare from './attach/prepare.en.ts'
import connect from './attach/connect.en.ts'
import pushHome from './attach/push-home.en.ts'
import baseGap from './attach/base-gap.en.ts'
import threadBelt from './attach/thread-belt.en.ts'
import lockBelt from './attach/lock-belt.en.ts'
import leg from './attach/leg.en.ts'
import tether from './attach/tether.en.ts'
import lowerTethers from './attach/lower-tethers.en.ts'
import setOnSeat from './attach/set-on-seat.en.ts'
import shell from './attach/shell.en.ts'
import lieAcross from './attach/lie-across.en.ts'
import frontSeat from './attach/front-seat.en.ts'
import proof from './attach/proof.en.ts'
import sit from './child-in/sit.en.ts'
import buckle from './child-in/buckle.en.ts'
import coatTest from './child-in/coat-test.en.ts'
import head from './child-in/head.en.ts'
import beltChild from './child-in/belt-child.en.ts'
import knees from './child-in/knees.en.ts'
import turnAndLock from './child-in/turn-and-lock.en.ts'
import type { UsualStepId } from '../restraint/index.ts'
import type { StepText } from './usual-step.ts'

export const STEPS_EN: Readonly<Record<UsualStepId, StepText>> = {
  before: before,
  airbag: airbag,
  'front-place': frontPlace,
  prepare: prepare,
  connect: connect,
  'push-home': pushHome,
  'base-gap': baseGap,
  'thread-belt': threadBelt,
  'lock-belt': lockBelt,
  leg: leg,
  tether: tether,
  'lower-tethers': lowerTethers,
  'set-on-seat': setOnSeat,
  shell: shell,
  'lie-across': lieAcross,
  'front-seat': frontSeat,
  proof: proof,
  sit: sit,
  buckle: buckle,
  'coat-test': coatTest,
  head: head,
  'belt-child': beltChild,
  knees: knees,
  'turn-and-lock': turnAndLock,
}

/** The title of a step that only the maker has. */
export const MAKERS_STEP = 'Maker’s step'
