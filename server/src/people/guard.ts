import {
  ForbiddenException,
  HttpException,
  Inject,
  Injectable,
  UnauthorizedException,
  type CallHandler,
  type CanActivate,
  type ExecutionContext,
  type NestInterceptor,
} from '@nestjs/common'
import { from, mergeMap, type Observable } from 'rxjs'
import { Live } from '../live/live.service'
import type { Transport } from '../net/transport'
import { ACCESS, type Access } from './access'
import { Audit } from './audit.service'
import { NOBODY, type Asking } from './caller'
import { tokenIn } from './cookie'
import { Sessions, TRANSPORT } from './sessions.service'

interface Request extends Asking {
  readonly method: string
  readonly route?: { readonly path?: string }
  readonly query?: { readonly preview?: unknown }
  readonly headers: { readonly cookie?: string | undefined }
  readonly socket: { readonly localPort?: number | undefined; readonly remoteAddress?: string | undefined }
}

const requestOf = (context: ExecutionContext): Request => context.switchToHttp().getRequest<Request>()
const accessOf = ({ method, route }: Request): Access | undefined =>
  ACCESS[`${method === 'HEAD' ? 'GET' : method} ${(route?.path ?? '').replace(/\/$/, '')}`]

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

/** What was done goes into the audit and to other devices, where the table says so: once it was done. */
@Injectable()
export class Telling implements NestInterceptor {
  constructor(
    private readonly audit: Audit,
    private readonly live: Live,
  ) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const request = requestOf(context)
    const { audit: what, tells } = accessOf(request) ?? {}
    // What is only previewed changes nothing.
    if ((what === undefined && tells === undefined) || request.query?.preview === 'true') return next.handle()
    const caller = request.caller ?? NOBODY
    const tell = async (answer: unknown): Promise<unknown> => {
      if (what !== undefined) await this.audit.note(caller, what)
      if (tells !== undefined) this.live.tell({ kind: tells })
      return answer
    }
    return next.handle().pipe(mergeMap((answer: unknown) => from(tell(answer))))
  }
}
