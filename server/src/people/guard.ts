import {
  ForbiddenException,
  HttpException,
  Inject,
  Injectable,
  UnauthorizedException,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common'
import type { Transport } from '../net/transport'
import { accessOf, requestOf } from './asked'
import { NOBODY } from './caller'
import { tokenIn } from './cookie'
import { Sessions, TRANSPORT } from './sessions.service'

/** Holds every route to the table of who may what. */
@Injectable()
export class AccessGuard implements CanActivate {
  constructor(
    private readonly sessions: Sessions,
    @Inject(TRANSPORT) private readonly transport: Transport,
  ) {}

  canActivate(context: ExecutionContext): boolean {
    const request = requestOf(context)
    const access = accessOf(request)
    // A route that nobody has thought about is answered to nobody.
    if (!access) throw new ForbiddenException('Nobody may do this.')
    const { hasPeople, person, isLocked } = request.caller ?? NOBODY
    if (access.who === 'open') return true
    if (!hasPeople) {
      // Everybody at this machine may do everything; beyond it nothing is served without people.
      if (this.transport.isBeyond) throw new UnauthorizedException('Nobody has been made to sign in yet.')
      if (access.needsPerson)
        throw new ForbiddenException('This needs people who sign in: make the first person first.')
      return true
    }
    if (!person) {
      const message = isLocked ? 'Locked: give your PIN or password.' : 'Sign in first.'
      throw new HttpException({ statusCode: 401, message, asks: isLocked ? 'unlock' : 'sign-in' }, 401)
    }
    if (!access.who.includes(person.role))
      throw new ForbiddenException(
        `A ${person.role} may not do this; ${access.who.map((r) => `a ${r}`).join(' or ')} may.`,
      )
    if (access.again) this.sessions.useConfirmation(tokenIn(request, this.transport))
    return true
  }
}
