import { applyDecorators, Inject, Injectable, UseGuards, type ExecutionContext } from '@nestjs/common'
import { Reflector } from '@nestjs/core'
import { Throttle, ThrottlerGuard, ThrottlerStorage, type ThrottlerModuleOptions } from '@nestjs/throttler'
import type { Transport } from '../net/transport'
import { TRANSPORT } from './sessions.service'

const MINUTE_MS = 60_000
/** From one address in a minute. A bay full of people signs in; a machine that guesses does not. */
const SIGN_INS = 30
/** Sheets, forecasts, imports, exports: far more than a hand asks for. */
const HEAVY = 240

export const THROTTLER: ThrottlerModuleOptions = {
  throttlers: [{ limit: HEAVY, ttl: MINUTE_MS }],
  errorMessage: 'Too many of these at once from here. Wait a minute, then try again.',
}

/** At this machine alone nobody else can keep others waiting. */
@Injectable()
class BeyondGuard extends ThrottlerGuard {
  constructor(
    @Inject('THROTTLER:MODULE_OPTIONS') options: ThrottlerModuleOptions,
    storage: ThrottlerStorage,
    reflector: Reflector,
    @Inject(TRANSPORT) private readonly transport: Transport,
  ) {
    super(options, storage, reflector)
  }
  protected override shouldSkip(_context: ExecutionContext): Promise<boolean> {
    return Promise.resolve(!this.transport.isBeyond)
  }
}

export const FewSignIns = () =>
  applyDecorators(Throttle({ default: { limit: SIGN_INS, ttl: MINUTE_MS } }), UseGuards(ThrottlerGuard))
export const Heavy = () => UseGuards(BeyondGuard)
