import type { Drawing, DrawnWords, Shape } from './drawing.ts'
import type { SceneData, SceneKind, SceneOf, SceneTexts } from './kinds.ts'
import { booster } from './scenes/booster.ts'
import { buckle, exit, handle, label, lamp, lock, turn, twist } from './scenes/close.ts'
import { connectors } from './scenes/connectors.ts'
import { foot } from './scenes/foot.ts'
import { harness } from './scenes/harness.ts'
import { plan } from './scenes/plan.ts'
import { side } from './scenes/side.ts'
import { tether } from './scenes/tether.ts'
import { SCENES_EN } from './scenes.en.ts'

const DRAW: { readonly [K in SceneKind]: (data: SceneData[K], words: DrawnWords) => readonly Shape[] } = {
  side,
  connectors,
  foot,
  tether,
  plan,
  harness,
  booster,
  lock,
  buckle,
  exit,
  twist,
  label,
  lamp,
  turn,
  handle,
}

/** The drawing of one scene, and its words. */
export function drawScene<K extends SceneKind>(scene: SceneOf<K>, texts: SceneTexts = SCENES_EN): Drawing {
  return { shapes: DRAW[scene.kind](scene, texts.inside), says: texts.says[scene.kind](scene) }
}
