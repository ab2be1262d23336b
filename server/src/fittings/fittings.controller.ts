import { FittingId } from '@nimble-anchor/core/ground'
import {
  Body,
  Controller,
  ForbiddenException,
  Get,
  Headers,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Query,
  Res,
} from '@nestjs/common'
import { ApiBody, ApiConflictResponse, ApiHeader, ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger'
import type { Case } from '@nimble-anchor/core/casefile'
import type { FittingSummary, FittingView, HistoryEntry, Stored } from '@nimble-anchor/core/formats'
import { Asker, signedBy, type Caller } from '../people/caller'
import { PeopleRead } from '../people/people-read'
import { ProveSecond } from '../people/prove-second'
import { CreateFittingDto, EntryDto, IdsDto, PassDto, SignDto, UndoDto } from './dto'
import { FaultsException } from '../http/faults'
import { BeginFitting } from './commands/begin'
import { BringInFitting } from './commands/bring-in'
import { EnterFitting } from './commands/enter'
import { PassFitting } from './commands/pass'
import { ReviseFitting } from './commands/revise'
import { SignFitting } from './commands/sign'
import { UndoEntry } from './commands/undo'
import { FittingsRead } from './fittings-read'
import { prefersShort } from './since'

const CHILD_OF_FILE = ['known', 'new'] as const

/** Put into the API's description by `app.ts`. */
const CASE_SCHEMA = { $ref: '#/components/schemas/Case' }

@ApiTags('fittings')
@Controller('api/fittings')
export class FittingsController {
  constructor(
    private readonly fittings: FittingsRead,
    private readonly beginning: BeginFitting,
    private readonly bringingIn: BringInFitting,
    private readonly entering: EnterFitting,
    private readonly undoing: UndoEntry,
    private readonly signing: SignFitting,
    private readonly revising: ReviseFitting,
    private readonly passing: PassFitting,
    private readonly people: PeopleRead,
    private readonly proving: ProveSecond,
  ) {}

  @Get()
  @ApiOperation({ summary: 'The newest 200 fittings' })
  list(): Promise<readonly FittingSummary[]> {
    return this.fittings.list()
  }

  @Post()
  @ApiOperation({ summary: 'Begin a fitting for a child, with a car if known' })
  create(@Body() body: CreateFittingDto): Promise<FittingView> {
    return this.beginning.run(body)
  }

  @Post('import')
  @ApiOperation({ summary: 'Begin a fitting from a case file' })
  @ApiBody({ schema: CASE_SCHEMA })
  @ApiQuery({
    name: 'child',
    required: false,
    enum: CHILD_OF_FILE,
    description: 'Where the id is known under another name: the known child, or a new one',
  })
  @ApiConflictResponse({ description: 'The id belongs to a child of another name: say which it is' })
  import(@Body() body: unknown, @Query('child') child?: string): Promise<FittingView> {
    const said = CHILD_OF_FILE.find((x) => x === child)
    if (child !== undefined && said === undefined)
      throw new FaultsException('No fitting was created.', [{ path: 'child', message: 'must be "known" or "new"' }])
    return this.bringingIn.run(body, said)
  }

  @Post('erased')
  @HttpCode(200)
  @ApiOperation({ summary: 'Which of these fittings were erased: whoever still holds something of one lets it go' })
  erased(@Body() body: IdsDto): Promise<readonly string[]> {
    return this.fittings.erased(body.ids)
  }

  @Get(':id')
  @ApiOperation({ summary: 'One fitting' })
  get(@Param('id', ParseUUIDPipe) id: string): Promise<FittingView> {
    return this.fittings.get(FittingId(id))
  }

  @Get(':id/case')
  @ApiOperation({ summary: 'Its case file' })
  async case(@Param('id', ParseUUIDPipe) id: string): Promise<Case> {
    return (await this.fittings.get(FittingId(id))).case
  }

  @Get(':id/history')
  @ApiOperation({ summary: 'Who entered what, when, from what' })
  history(@Param('id', ParseUUIDPipe) id: string): Promise<readonly HistoryEntry[]> {
    return this.fittings.history(FittingId(id))
  }

  @Post(':id/entries')
  @HttpCode(200)
  @ApiOperation({
    summary: 'Put values: all of them or none',
    description:
      'The answer is the whole fitting. With "Prefer: return=minimal" it is where the fitting stands, and what was stored since baseSequence.',
  })
  @ApiHeader({
    name: 'prefer',
    required: false,
    description: 'return=minimal: only what was stored since baseSequence',
  })
  @ApiConflictResponse({ description: 'The same field was changed meanwhile, or the fitting is signed' })
  async enter(
    @Asker() caller: Caller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { personId, ...entry }: EntryDto,
    @Headers('prefer') prefer: string | undefined,
    @Res({ passthrough: true }) response: { setHeader(name: string, value: string): unknown },
  ): Promise<FittingView | Stored> {
    refuseOthersEntry(caller, personId)
    const { who, personId: by } = signedBy(caller, entry.who)
    if (!prefersShort(prefer)) return this.entering.run(FittingId(id), { ...entry, who }, by)
    const stored = await this.entering.shortly(FittingId(id), { ...entry, who }, by)
    response.setHeader('preference-applied', 'return=minimal')
    return stored
  }

  @Post(':id/undo')
  @HttpCode(200)
  @ApiOperation({ summary: 'Take the newest entry back' })
  undo(@Asker() caller: Caller, @Param('id', ParseUUIDPipe) id: string, @Body() body: UndoDto): Promise<FittingView> {
    const { who, personId } = signedBy(caller, body.who)
    return this.undoing.run(FittingId(id), { ...body, who }, personId)
  }

  @Post(':id/revise')
  @ApiOperation({ summary: 'Begin a correction of a signed fitting; both are kept' })
  @ApiConflictResponse({ description: 'The fitting is not signed' })
  revise(@Param('id', ParseUUIDPipe) id: string): Promise<FittingView> {
    return this.revising.run(FittingId(id))
  }

  @Post(':id/sign')
  @HttpCode(200)
  @ApiOperation({ summary: 'Sign and close a fitting that is ready to travel' })
  async sign(
    @Asker() caller: Caller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { second, ...body }: SignDto,
  ): Promise<FittingView> {
    const { who, personId } = signedBy(caller, body.who)
    const secondName = await this.secondOf(caller, second)
    return this.signing.run(FittingId(id), { ...body, who }, 'now', {
      personId,
      ...(secondName !== undefined && { secondName }),
    })
  }

  /** A trainee's fitting is signed by two: the other shows who they are on the same device. */
  private async secondOf(caller: Caller, second: SignDto['second']): Promise<string | undefined> {
    if (caller.person?.role !== 'trainee') {
      if (second === undefined) return undefined
      throw new FaultsException('Nothing was signed.', [{ path: '$.second', message: 'is asked of a trainee only' }])
    }
    if (second === undefined)
      throw new FaultsException('Nothing was signed.', [{ path: '$.second', message: 'a trainee’s fitting is signed by two: a fitter or a lead signs with you' }]) // prettier-ignore
    const { id, name, role } = await this.proving.run(second.personId, second.secret)
    if (id === caller.person.id || (role !== 'fitter' && role !== 'lead'))
      throw new FaultsException('Nothing was signed.', [{ path: '$.second.personId', message: 'must be a fitter or a lead' }]) // prettier-ignore
    return name
  }

  @Post(':id/pass')
  @HttpCode(200)
  @ApiOperation({ summary: 'Pass an open fitting to a colleague' })
  pass(@Param('id', ParseUUIDPipe) id: string, @Body() { personId }: PassDto): Promise<FittingView> {
    const to = this.people.colleagues().find((p) => p.id === personId && p.role !== 'reader')
    if (!to) throw new FaultsException('Nothing was passed on.', [{ path: '$.personId', message: 'must be a colleague who fits' }]) // prettier-ignore
    return this.passing.run(FittingId(id), to.id)
  }
}

/** What one person entered on a shared device is never sent in the name of another. */
function refuseOthersEntry({ person }: Caller, madeBy: string | undefined): void {
  if (person && madeBy !== undefined && madeBy !== person.id)
    throw new ForbiddenException({
      statusCode: 403,
      message: 'Somebody else made this entry on this device: they sign in to send it.',
      asks: 'author',
    })
}
