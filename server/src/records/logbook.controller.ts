import { Readable } from 'node:stream'
import { Controller, Get, Query, StreamableFile } from '@nestjs/common'
import { ApiOkResponse, ApiOperation, ApiPropertyOptional, ApiTags } from '@nestjs/swagger'
import { type LogbookCharts, type LogbookPage, type LogbookRow } from '@nimble-anchor/core/formats'
import { ROUTE_KINDS } from '@nimble-anchor/core/restraint'
import { VERDICT_TEXT } from '@nimble-anchor/core/verdict'
import { Transform, Type } from 'class-transformer'
import { IsBoolean, IsIn, IsInt, IsString, Matches, Max, MaxLength, Min } from 'class-validator'
import { Optional } from '../http/optional'
import { stringify } from 'csv-stringify'
import { guardCell } from '../http/cells'
import { IsDay } from '../http/day'
import { Asker, type Caller } from '../people/caller'
import { Heavy } from '../people/limits'
import { LogbookService } from './logbook.service'

const COLUMNS = ['number', 'createdAt', 'updatedAt', 'status', 'verdict', 'stage', 'childName', 'vehicleName', 'restraintName', 'routeKind', 'fitter', 'arrivedInstalled', 'elsewhere', 'faults', 'headline', 'id'] as const // prettier-ignore

class LogbookDto {
  @ApiPropertyOptional({ description: 'Words; the last may be only begun.' })
  @Optional()
  @IsString()
  @MaxLength(200)
  q?: string

  @ApiPropertyOptional({ enum: ['open', 'signed'] })
  @Optional()
  @IsIn(['open', 'signed'])
  status?: string

  @ApiPropertyOptional({ enum: Object.keys(VERDICT_TEXT) })
  @Optional()
  @IsIn(Object.keys(VERDICT_TEXT))
  verdict?: string

  @ApiPropertyOptional({ enum: Object.keys(ROUTE_KINDS) })
  @Optional()
  @IsIn(Object.keys(ROUTE_KINDS))
  route?: string

  @ApiPropertyOptional()
  @Optional()
  @IsString()
  @MaxLength(64)
  modelId?: string

  @ApiPropertyOptional()
  @Optional()
  @IsString()
  @MaxLength(64)
  vehicleId?: string

  @ApiPropertyOptional({ description: 'One piece on the shelf, as shell or as base: who was handed it.' })
  @Optional()
  @IsString()
  @MaxLength(64)
  unitId?: string

  @ApiPropertyOptional()
  @Optional()
  @IsDay()
  from?: string

  @ApiPropertyOptional()
  @Optional()
  @IsDay()
  to?: string

  @ApiPropertyOptional()
  @Optional()
  @Transform(({ value }) => (value === 'true' ? true : value === 'false' ? false : value))
  @IsBoolean()
  withFaults?: boolean

  @ApiPropertyOptional({ description: 'A rule, by its id, that refused the fitting on the way.' })
  @Optional()
  @IsString()
  @MaxLength(64)
  fault?: string
}
class LogbookCsvDto extends LogbookDto {
  @ApiPropertyOptional({
    description: 'Columns of the table, by name and with commas between; all where none is named.',
  })
  @Optional()
  @IsString()
  @MaxLength(400)
  @Matches(new RegExp(`^(${COLUMNS.join('|')})(,(${COLUMNS.join('|')}))*$`), {
    message: `must be of ${COLUMNS.join(', ')}`,
  })
  columns?: string
}
class LogbookPageDto extends LogbookDto {
  @ApiPropertyOptional()
  @Optional()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  @Max(10_000_000)
  offset?: number

  @ApiPropertyOptional()
  @Optional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(200)
  limit?: number
}

const cell = (value: unknown): string => {
  const text = Array.isArray(value) ? value.join(' ') : value === null || value === undefined ? '' : String(value as string) // prettier-ignore
  return guardCell(text)
}

@ApiTags('logbook')
@Controller('api')
export class LogbookController {
  constructor(private readonly logbook: LogbookService) {}

  @Get('logbook')
  @ApiOperation({ summary: 'Fittings found by words and filters, the newest first' })
  page(@Query() { offset, limit, ...query }: LogbookPageDto): Promise<LogbookPage> {
    return this.logbook.page(query, offset ?? 0, limit ?? 100)
  }

  @Get('logbook/charts')
  @ApiOperation({ summary: 'Summary of these fittings' })
  charts(@Query() query: LogbookDto): Promise<LogbookCharts> {
    return this.logbook.charts(query)
  }

  @Get('logbook.csv')
  @Heavy()
  @ApiOperation({ summary: 'The found fittings as a table' })
  @ApiOkResponse({ content: { 'text/csv': {} } })
  csv(@Asker() caller: Caller, @Query() { columns, ...query }: LogbookCsvDto): StreamableFile {
    const rows = Readable.from(forExport(caller, this.logbook.all(query)))
    const table = stringify({ header: true, columns: columns?.split(',') ?? [...COLUMNS], cast: { string: cell, object: cell, boolean: (b) => (b ? 'yes' : 'no') } }) // prettier-ignore
    return new StreamableFile(rows.pipe(table), {
      type: 'text/csv; charset=utf-8',
      disposition: 'attachment; filename="logbook.csv"',
    })
  }

  @Get('logbook.json')
  @Heavy()
  @ApiOperation({ summary: 'The found fittings as JSON' })
  @ApiOkResponse({ content: { 'application/json': {} } })
  json(@Asker() caller: Caller, @Query() query: LogbookDto): StreamableFile {
    return new StreamableFile(Readable.from(asJson(forExport(caller, this.logbook.all(query)))), {
      type: 'application/json; charset=utf-8',
      disposition: 'attachment; filename="logbook.json"',
    })
  }
}

/** Whoever only looks takes no names away. */
async function* forExport({ person }: Caller, rows: AsyncIterable<LogbookRow>): AsyncGenerator<LogbookRow> {
  for await (const row of rows) yield person?.role === 'reader' ? { ...row, childName: '', fitter: null } : row
}

async function* asJson(rows: AsyncIterable<LogbookRow>): AsyncGenerator<string> {
  yield '{"format":"nimble-anchor/logbook","version":1,"fittings":['
  let isFirst = true
  for await (const row of rows) {
    yield `${isFirst ? '' : ','}\n${JSON.stringify(row)}`
    isFirst = false
  }
  yield '\n]}\n'
}
