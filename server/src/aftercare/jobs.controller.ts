import { Body, Controller, Get, HttpCode, Param, ParseUUIDPipe, Post, Query } from '@nestjs/common'
import { ApiConflictResponse, ApiOperation, ApiProperty, ApiPropertyOptional, ApiTags } from '@nestjs/swagger'
import { JOB_KINDS, type JobKind } from '@nimble-anchor/core/aftercare'
import { type JobView } from '@nimble-anchor/core/formats'
import { IsBoolean, IsIn, IsUUID } from 'class-validator'
import { FittingId, idSchema, nameSchema } from '@nimble-anchor/core/ground'
import { Fits } from '../http/fits'
import { Optional } from '../http/optional'
import { Asker, signedBy, type Caller } from '../people/caller'
import { AnswerJobCheck } from './commands/answer-job-check'
import { BeginJob } from './commands/begin-job'
import { DoJobStep } from './commands/do-job-step'
import { JobsRead } from './jobs-read'

class JobsDto {
  @ApiPropertyOptional({ description: 'All jobs of this unit; without it, every open job.' })
  @Optional()
  @Fits(idSchema)
  unitId?: string
}
class WhoDto {
  @ApiProperty({ example: 'Jory Quill' })
  @Fits(nameSchema)
  who: string
}
class BeginJobDto extends WhoDto {
  @ApiProperty({ example: 'u-carrick-1' })
  @Fits(idSchema)
  unitId: string

  @ApiProperty({ enum: JOB_KINDS })
  @IsIn(JOB_KINDS)
  kind: JobKind

  @ApiProperty({ required: false })
  @Optional()
  @IsUUID()
  fittingId?: string

  @ApiProperty({ required: false })
  @Optional()
  @Fits(idSchema)
  fromModeId?: string

  @ApiProperty({ required: false })
  @Optional()
  @Fits(idSchema)
  toModeId?: string
}
class JobStepDto extends WhoDto {
  @ApiProperty()
  @Fits(idSchema)
  stepId: string

  @ApiProperty()
  @IsBoolean()
  isDone: boolean
}
class JobAnswerDto extends WhoDto {
  @ApiProperty()
  @Fits(idSchema)
  checkId: string

  @ApiProperty()
  @Fits(idSchema)
  optionId: string
}

@ApiTags('jobs')
@Controller('api/jobs')
export class JobsController {
  constructor(
    private readonly jobs: JobsRead,
    private readonly beginning: BeginJob,
    private readonly stepping: DoJobStep,
    private readonly answering: AnswerJobCheck,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Open jobs, or all jobs of one unit' })
  list(@Query() { unitId }: JobsDto): Promise<readonly JobView[]> {
    return this.jobs.list(unitId)
  }

  @Post()
  @ApiOperation({ summary: 'Begin a job on a unit: its steps are generated' })
  @ApiConflictResponse({ description: 'The same job is open on the unit' })
  begin(@Asker() caller: Caller, @Body() { who, fittingId, ...asked }: BeginJobDto): Promise<JobView> {
    return this.beginning.run({
      ...asked,
      fittingId: fittingId === undefined ? undefined : FittingId(fittingId),
      by: signedBy(caller, who),
    })
  }

  @Get(':id')
  @ApiOperation({ summary: 'One job' })
  get(@Param('id', ParseUUIDPipe) id: string): Promise<JobView> {
    return this.jobs.get(id)
  }

  @Post(':id/steps')
  @HttpCode(200)
  @ApiOperation({ summary: 'Note a step as done, or take it back' })
  step(
    @Asker() caller: Caller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { who, ...step }: JobStepDto,
  ): Promise<JobView> {
    return this.stepping.run(id, signedBy(caller, who), step)
  }

  @Post(':id/answers')
  @HttpCode(200)
  @ApiOperation({ summary: 'Answer a check at the end' })
  @ApiConflictResponse({ description: 'A step is still open' })
  answer(
    @Asker() caller: Caller,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() { who, ...answer }: JobAnswerDto,
  ): Promise<JobView> {
    return this.answering.run(id, signedBy(caller, who), answer)
  }
}
