import { Injectable, type CallHandler, type ExecutionContext, type NestInterceptor } from '@nestjs/common'
import { from, mergeMap, type Observable } from 'rxjs'
import { accessOf, requestOf } from '../people/asked'
import { Audit } from '../people/audit.service'
import { NOBODY } from '../people/caller'
import { Live } from './live.service'

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
