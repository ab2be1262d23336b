import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'shell-angle-deg',
  stage: 'attach',
  kind: 'number',
  unit: '°',
  min: 0,
  max: 90,
  defaultPlusMinus: 1,
  instrument: 'inclinometer',
  isOptional: true,
  of: ['angle'],
  puttingRight: ['angle', 'latches', 'leg', 'tether-run', 'head-position', 'belt-held', 'steadiness', 'front-seat'],
})
