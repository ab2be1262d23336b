import { IsoDate, ModelId, UnitId } from '../../src/ground/index.ts'
import {
  arrangeRequestSchema,
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  measured,
  type ArrangeRequest,
  type Mode,
  type Route,
  type SeatingPosition,
} from '../../src/index.ts'
import { BELT_ROUTE, BOOSTER, buildChild, buildModel, buildPosition, buildStatedMode, buildUnit, FORWARD, stateMode, TODAY } from '../build.ts' // prettier-ignore

/** Families that are so plain that anybody sees the answer; each test changes one thing. */

export const half = (mm: number): NonNullable<Mode['halfWidths']> => {
  const at = { leftMm: mm, rightMm: mm }
  return { hipBack: at, hipFront: at, shoulderBack: at, shoulderFront: at, headBack: at, headFront: at }
}
/** Sitting height is measured, so that nothing of the child is open. */
export const toddler = (id: string) => buildChild({ id, name: id, bornAtWeeks: 40, sittingHeightMm: measured(460, 4) })
export const schoolchild = (id: string) =>
  buildChild({
    id,
    name: id,
    dateOfBirth: IsoDate('2019-11-02'),
    massKg: measured(24, 0.1),
    statureCm: measured(124, 0.5),
    seatedShoulderHeightMm: measured(420, 4),
    sittingHeightMm: measured(660, 4),
  })

/** A belt route whose lengths are stated, so that nothing of it is left to a look. */
export const BELTED: Route = {
  ...BELT_ROUTE,
  belt: { ...BELT_ROUTE.belt!, requiredLengthMm: 2000, pathEdgeAboveBightMm: 120 },
}
export const forward = (over: Partial<Mode> = {}): Mode =>
  buildStatedMode({ ...FORWARD, halfWidths: half(200), shellEdgeMm: 700, routes: [BELTED], ...over })
export const booster = (over: Partial<Mode> = {}): Mode =>
  stateMode({ ...buildStatedMode(), ...BOOSTER, halfWidths: half(200), ...over, without: undefined } as Mode)

export const place = (side: 'left' | 'centre' | 'right', over: Partial<SeatingPosition> = {}): SeatingPosition =>
  buildPosition({
    id: side,
    label: `Rear ${side}`,
    side,
    row: 2,
    lateralCentreMm: { left: -450, centre: 0, right: 450 }[side],
    frontAirbag: 'none',
    belt: {
      kind: 'three-point',
      retractor: 'emergency-locking',
      usableLengthMm: measured(2400, 10),
      buckleTopMm: measured(60, 3),
    },
    ...over,
  })
export const ROW = [place('left'), place('centre'), place('right')]

export const question = (
  over: Partial<ArrangeRequest> & { places?: readonly SeatingPosition[]; modes?: readonly Mode[]; copies?: number },
): ArrangeRequest => {
  const { places = ROW, modes = [forward()], copies = 3, ...more } = over
  const models = modes.map((mode, i) => buildModel([mode], { id: ModelId(`model-${i}`), name: `Model ${i}` }))
  const asked = {
    format: 'nimble-anchor/arrange' as const,
    version: 1 as const,
    today: TODAY,
    children: [toddler('ash'), toddler('bay')],
    vehicles: [{ id: 'car', maker: 'Corran', model: 'Plover', driverSide: 'left' as const, positions: [...places] }],
    restraints: models,
    units: models.flatMap((m) =>
      Array.from({ length: copies }, (_, i) =>
        buildUnit({ id: UnitId(`${m.id}-${i}`), serial: `S-${i}`, modelId: m.id }),
      ),
    ),
    practice: DEFAULT_PRACTICE,
    localRule: DEFAULT_LOCAL_RULE,
    ...more,
  }
  const parsed = arrangeRequestSchema.safeParse(asked)
  if (!parsed.success) throw new Error(JSON.stringify(parsed.error.issues))
  return parsed.data
}
