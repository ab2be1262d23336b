import { DECISION_RANK } from '../../quantities/index.ts'
import { liesAcross } from '../../restraint/index.ts'
import { neighboursOf } from '../../vehicle/index.ts'
import { worstOf } from '../several.ts'
import { defineRule, type Outcome, type PlaceSubject } from '../rule.ts'
import airbag from './place-airbag.ts'
import airbagForward from './place-airbag-forward.ts'
import approval from './place-approval.ts'
import belt from './place-belt-kind.ts'
import beltLength from './place-belt-length.ts'
import driver from './place-driver.ts'
import facing from './place-facing.ts'
import { sayer } from '../say.ts'
import type en from './place-two-adjacent.en.ts'

const say = sayer<typeof en>()

/** What the second place has to meet as well as the first. */
const ASKED = [driver, facing, belt, airbag, airbagForward, approval]

/** The rules' word on the place beside, named by its label. */
function judgeSecond(s: PlaceSubject, second: PlaceSubject['position']): Outcome {
  const there: PlaceSubject = { ...s, position: second }
  // A belt that nobody measured is proved by the look that the first place asks for; one that was is judged by it.
  const asked = second.belt?.usableLengthMm === undefined || s.route.belt?.requiredLengthMm === undefined ? ASKED : [...ASKED, beltLength] // prettier-ignore
  const said = worstOf(asked.filter((rule) => rule.applies(there)).map((rule) => rule.evaluate(there)))
  return { ...said, says: say('second-place', { label: second.label, said: said.says }) }
}

/** The neighbour that serves best as the second place, with what is said of it. */
function secondPlaceOf(
  s: PlaceSubject,
): { readonly position: PlaceSubject['position']; readonly said: Outcome } | undefined {
  return neighboursOf(s.vehicle, s.position)
    .map((position) => ({ position, said: judgeSecond(s, position) }))
    .toSorted((a, b) => DECISION_RANK[b.said.kind] - DECISION_RANK[a.said.kind])[0]
}

export default defineRule({
  id: 'place-two-adjacent',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  applies: ({ mode, route }) => liesAcross(mode, route),
  evaluate: (s) => {
    const second = secondPlaceOf(s)
    if (!second) {
      return {
        kind: 'fail',
        says: say('fail'),
      }
    }
    const { position, said } = second
    return said.kind === 'pass'
      ? { kind: 'pass', source: said.source, says: say('pass', { label: s.position.label, positionLabel: position.label }) }
      : { ...said, severity: undefined }
  },
}) // prettier-ignore
