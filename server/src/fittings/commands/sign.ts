import { type FittingId } from '@nimble-anchor/core/ground'
import { ConflictException, Injectable } from '@nestjs/common'
import { type AheadItem } from '@nimble-anchor/core/ahead'
import { type Case } from '@nimble-anchor/core/casefile'
import { type FittingView } from '@nimble-anchor/core/formats'
import { assess, type Assessment } from '@nimble-anchor/core/verdict'
import { Clock } from '../../http/clock'
import { FaultsException } from '../../http/faults'
import { Database } from '../../storage/database'
import { Workshop } from '../../work/workshop'
import { refuseUnseenEntries } from '../collisions'
import type { SignDto } from '../dto'
import { toView } from '../fitting-views'
import { Ledger } from '../ledger'
import { refuseUnfitUnit } from '../refusals'

interface Signer {
  /** Who was signed in; nobody, where the name was typed. */
  readonly personId: string | null
  /** Who signs with a trainee. */
  readonly secondName?: string
}

/** Signs a fitting that is ready to travel, or that leaves against advice, and closes it. */
@Injectable()
export class SignFitting {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly workshop: Workshop,
    private readonly ledger: Ledger,
  ) {}

  /** @param dueWhen `asked`: what is due after it is worked out when somebody first asks for it */
  async run(
    id: FittingId,
    signing: SignDto,
    dueWhen: 'now' | 'asked' = 'now',
    signer: Signer = { personId: null },
  ): Promise<FittingView> {
    const due = dueWhen === 'now' ? await this.dueAfter(id, signing.baseSequence) : dueWhen
    return this.db.write(async (manager) => {
      const row = await this.ledger.findOpen(manager, id)
      await refuseUnseenEntries(manager, row, signing, 'sign')
      const c = row.current as Case
      if (c.today !== this.clock.today())
        throw new ConflictException('This fitting was judged for another day; judge it for today first.')
      const assessment = assess(c)
      refuseUnready(assessment, signing)
      await refuseUnfitUnit(manager, c, assessment.verdict)
      const value = handoverOf(signing, signer, this.clock.now())
      const { who } = signing
      return this.ledger.append(manager, row, [{ path: ['handover'], value }], { who, personId: signer.personId, due })
    })
  }

  /** What is due after the very state that is signed: of any other, the signature is refused. */
  private async dueAfter(id: FittingId, baseSequence: number): Promise<readonly AheadItem[]> {
    const { sequence, case: seen } = toView(await this.ledger.find(this.db.read, id))
    return sequence === baseSequence ? this.workshop.run('due', [seen]) : []
  }
}

function refuseUnready({ verdict, headline }: Assessment, { againstAdvice }: SignDto): void {
  if (verdict === 'ready' && againstAdvice !== undefined)
    throw new FaultsException('Nothing was signed.', [
      { path: '$.againstAdvice', message: 'this fitting is ready: nobody leaves against advice' },
    ])
  if (verdict !== 'ready' && againstAdvice === undefined)
    throw new ConflictException(`Only a fitting that is ready to travel is signed. ${headline}`)
}

function handoverOf(
  { who, carerName, fitterStrokes, carerStrokes, carerTried, againstAdvice }: SignDto,
  { secondName }: Signer,
  signedAt: string,
): NonNullable<Case['handover']> {
  return {
    fitterName: who,
    carerName,
    ...(secondName !== undefined && { secondName }),
    ...(fitterStrokes !== undefined && { fitterStrokes }),
    ...(carerStrokes !== undefined && { carerStrokes }),
    ...(carerTried !== undefined && { carerTried }),
    ...(againstAdvice !== undefined && {
      againstAdvice: { reason: againstAdvice.reason.trim(), said: againstAdvice.said.trim() },
    }),
    signedAt,
  }
}
