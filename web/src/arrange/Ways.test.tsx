import { ModelId, VehicleId } from '@nimble-anchor/core/ground'
import type { Arrangement } from '@nimble-anchor/core/arrange'
import { otherwiseText, seatsText } from './Ways.tsx'
import { NAMES as names } from '../../test/names.ts'

const seat = (childId: string, positionId: string, modelId: ModelId | undefined, secondPositionId?: string) => ({
  childId,
  positionId,
  modelId,
  secondPositionId,
  rearwardMonths: 0,
  harnessMonths: 0,
  rearwardMonthsLost: 0,
  harnessMonthsLost: 0,
})
const levels = { facts: 0, advice: 0, rearwardMonthsLost: 0, harnessMonthsLost: 0, notOwned: 0, wishesBroken: 0, youngest: 0, steps: 10, endsSoon: 0 } // prettier-ignore
const arranged = (seats: Arrangement['seats'], adults: Arrangement['adults'] = [], vehicleId = 'fulmar'): Arrangement => ({ vehicleId: VehicleId(vehicleId), seats, adults, levels, facts: [], rows: [], installing: [], loading: [] }) // prettier-ignore

const BEST = arranged(
  [seat('Ada', 'left', ModelId('reef')), seat('Col', 'right', ModelId('reef'))],
  [{ adultId: 'Adult', positionId: 'front' }],
)

test.each<[string, Arrangement, string]>([
  [
    'two change places',
    arranged([seat('Ada', 'right', ModelId('reef')), seat('Col', 'left', ModelId('reef'))], BEST.adults),
    'Ada right, reef · Col left, reef',
  ],
  [
    'one has another restraint',
    arranged([seat('Ada', 'left', ModelId('reef')), seat('Col', 'right', ModelId('bowline'))], BEST.adults),
    'Col in bowline',
  ],
  [
    'one has none',
    arranged([seat('Ada', 'left', ModelId('reef')), seat('Col', 'right', undefined)], BEST.adults),
    'Col in the belt alone',
  ],
  ['an adult sits elsewhere', arranged(BEST.seats, [{ adultId: 'Adult', positionId: 'middle' }]), 'Adult middle'],
  [
    'one lies across other places',
    arranged([seat('Ada', 'left', ModelId('reef'), 'middle'), seat('Col', 'right', ModelId('reef'))], BEST.adults),
    'Ada left and middle, reef',
  ],
  ['another car: everybody', arranged(BEST.seats, BEST.adults, 'dunlin'), 'Ada left, reef · Col right, reef'],
])('%s: an arrangement says whom it seats otherwise than the best', (_, other, text) => {
  expect(otherwiseText(other, BEST, names)).toBe(text)
})
test('what differs in nothing that is told says all of it', () => {
  expect(otherwiseText(BEST, BEST, names)).toBe(seatsText(BEST, names))
})
