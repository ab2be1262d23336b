import {
  BadRequestException,
  Body,
  Controller,
  Delete,
  Get,
  Header,
  Headers,
  HttpCode,
  Param,
  ParseEnumPipe,
  Post,
  Query,
} from '@nestjs/common'
import { Heavy } from '../people/limits'
import { ApiBody, ApiConsumes, ApiHeader, ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger'
import { type ImportRow } from '@nimble-anchor/core/formats'
import { IsBooleanString, IsString, MaxLength } from 'class-validator'
import { Optional } from '../http/optional'
import { CatalogueRead } from './catalogue-read'
import { ImportCatalogue } from './commands/import-catalogue'
import { TakeAway } from './commands/take-away'
import { Waits, type Waiter } from '../work/waiter'

class ImportQuery {
  /** `true` says what would happen and stores nothing. */
  @Optional()
  @IsBooleanString()
  preview?: string

  /** Ids of units, with commas between: of these the file is believed where the shelf knows something graver. */
  @Optional()
  @IsString()
  @MaxLength(20_000)
  overrule?: string
}

const KINDS = { models: 'models', units: 'units', vehicles: 'vehicles' } as const
type Kind = keyof typeof KINDS

/** Put into the API's description by `app.ts`. */
const JSON_TYPE = 'application/json; charset=utf-8'
const SCHEMA = { $ref: '#/components/schemas/Catalogue' }

@ApiTags('catalogue')
@Controller('api/catalogue')
export class CatalogueController {
  constructor(
    private readonly catalogue: CatalogueRead,
    private readonly importing: ImportCatalogue,
    private readonly takingAway: TakeAway,
  ) {}

  @Get()
  @Header('Content-Type', JSON_TYPE)
  @ApiOperation({ summary: 'Cars, restraints, units and children, in the format that is imported' })
  @ApiOkResponse({ schema: SCHEMA })
  all(): Promise<string> {
    return this.catalogue.file(['vehicles', 'models', 'units', 'children'])
  }

  @Get('restraints.json')
  @Header('Content-Type', JSON_TYPE)
  @Header('Content-Disposition', 'attachment; filename="restraints.json"')
  @ApiOperation({ summary: 'Models and units alone, as a file; nothing about children' })
  restraints(): Promise<string> {
    return this.catalogue.file(['models', 'units'])
  }

  @Get('restraints.csv')
  @Header('Content-Disposition', 'attachment; filename="restraints.csv"')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @ApiProduces('text/csv')
  @ApiOperation({ summary: 'Models as a spreadsheet, one line a route' })
  restraintsCsv(@Waits() waiter: Waiter): Promise<string> {
    return this.catalogue.table('restraints', waiter)
  }

  @Get('units.csv')
  @Header('Content-Disposition', 'attachment; filename="units.csv"')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @ApiProduces('text/csv')
  @ApiOperation({ summary: 'Units on the shelf as a spreadsheet' })
  unitsCsv(@Waits() waiter: Waiter): Promise<string> {
    return this.catalogue.table('units', waiter)
  }

  @Get('vehicles.json')
  @Header('Content-Type', JSON_TYPE)
  @Header('Content-Disposition', 'attachment; filename="vehicles.json"')
  @ApiOperation({ summary: 'Cars alone, as a file' })
  vehicles(): Promise<string> {
    return this.catalogue.file(['vehicles'])
  }

  @Get('vehicles.csv')
  @Header('Content-Disposition', 'attachment; filename="vehicles.csv"')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @ApiProduces('text/csv')
  @ApiOperation({ summary: 'Cars as a spreadsheet, one line a seating position' })
  vehiclesCsv(@Waits() waiter: Waiter): Promise<string> {
    return this.catalogue.table('vehicles', waiter)
  }

  @Post('import')
  @Heavy()
  @HttpCode(200)
  @ApiOperation({ summary: 'Import a catalogue, JSON or CSV: all of it or nothing' })
  @ApiConsumes('application/json', 'text/csv')
  @ApiBody({ schema: SCHEMA })
  @ApiHeader({
    name: 'If-Match',
    description: 'With one entry: the fingerprint of it as it was seen, or * where there was none',
  })
  import(
    @Body() body: unknown,
    @Query() query: ImportQuery,
    @Waits() waiter: Waiter,
    @Headers('if-match') seen?: string,
  ): Promise<readonly ImportRow[]> {
    const isPreview = query.preview === 'true'
    const overruled = new Set((query.overrule ?? '').split(',').filter(Boolean))
    if (body === undefined) throw new BadRequestException('Needs a body of application/json or text/csv.')
    return this.importing.run(body, { isPreview, overruled, seen, waiter })
  }

  @Delete(':kind/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a model, a unit or a vehicle away; fittings keep their own copy' })
  delete(@Param('kind', new ParseEnumPipe(KINDS)) kind: Kind, @Param('id') id: string): Promise<void> {
    return this.takingAway.run(kind, id)
  }
}
