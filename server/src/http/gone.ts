import { createParamDecorator, type ExecutionContext } from '@nestjs/common'

interface Answering {
  readonly writableFinished: boolean
  once(event: 'close', heard: () => void): void
}

/** A signal that is given when whoever asked has hung up before the answer. */
export const Gone = createParamDecorator((_: unknown, context: ExecutionContext): AbortSignal => {
  const gone = new AbortController()
  const answer = context.switchToHttp().getResponse<Answering>()
  answer.once('close', () => answer.writableFinished || gone.abort())
  return gone.signal
})
