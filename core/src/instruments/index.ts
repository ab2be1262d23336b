export {
  type InstrumentDriver,
  type InstrumentKind,
  type InstrumentListener,
  INSTRUMENTS,
  type InstrumentSpec,
  type Sample,
} from './instrument.ts'
export { Settler, type SettleState, settleText } from './settle.ts'
export { type Behaviour, BEHAVIOURS, standIn } from './stand-in.ts'
