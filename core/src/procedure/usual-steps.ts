/** The usual steps in the order of work; a maker's own words may stand instead of what one says. */
import before from './attach/before.ts'
import airbag from './attach/airbag.ts'
import frontPlace from './attach/front-place.ts'
import prepare from './attach/prepare.ts'
import connect from './attach/connect.ts'
import pushHome from './attach/push-home.ts'
import baseGap from './attach/base-gap.ts'
import threadBelt from './attach/thread-belt.ts'
import lockBelt from './attach/lock-belt.ts'
import leg from './attach/leg.ts'
import tether from './attach/tether.ts'
import lowerTethers from './attach/lower-tethers.ts'
import setOnSeat from './attach/set-on-seat.ts'
import shell from './attach/shell.ts'
import lieAcross from './attach/lie-across.ts'
import frontSeat from './attach/front-seat.ts'
import proof from './attach/proof.ts'
import sit from './child-in/sit.ts'
import buckle from './child-in/buckle.ts'
import coatTest from './child-in/coat-test.ts'
import head from './child-in/head.ts'
import beltChild from './child-in/belt-child.ts'
import knees from './child-in/knees.ts'
import turnAndLock from './child-in/turn-and-lock.ts'
import type { UsualStep } from './usual-step.ts'

export const USUAL_STEPS: readonly UsualStep[] = [
  before,
  airbag,
  frontPlace,
  prepare,
  lieAcross,
  connect,
  pushHome,
  baseGap,
  threadBelt,
  lockBelt,
  setOnSeat,
  leg,
  shell,
  tether,
  lowerTethers,
  frontSeat,
  proof,
  sit,
  buckle,
  coatTest,
  head,
  beltChild,
  knees,
  turnAndLock,
]
