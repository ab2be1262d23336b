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
import { ApiBody, ApiConsumes, ApiHeader, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger'
import { CASE_VERSION } from '@nimble-anchor/core/casefile'
import { CATALOGUE_FORMAT, type Catalogue, type ImportRow } from '@nimble-anchor/core/formats'
import { IsBooleanString, IsOptional, IsString, MaxLength } from 'class-validator'
import { CatalogueService } from './catalogue.service'
import { itemsOfCsv, toCsv } from './csv'

class ImportQuery {
  /** `true` says what would happen and stores nothing. */
  @IsOptional()
  @IsBooleanString()
  preview?: string

  /** Ids of units, with commas between: of these the file is believed where the shelf knows something graver. */
  @IsOptional()
  @IsString()
  @MaxLength(20_000)
  overrule?: string
}

const KINDS = { models: 'models', units: 'units', vehicles: 'vehicles' } as const
type Kind = keyof typeof KINDS

/** Put into the API's description by `app.ts`. */
const SCHEMA = { $ref: '#/components/schemas/Catalogue' }

@ApiTags('catalogue')
@Controller('api/catalogue')
export class CatalogueController {
  constructor(private readonly catalogue: CatalogueService) {}

  @Get()
  @ApiOperation({ summary: 'Cars, restraints, units and children, in the format that is imported' })
  all(): Promise<Catalogue> {
    return this.catalogue.all()
  }

  @Get('restraints.json')
  @Header('Content-Disposition', 'attachment; filename="restraints.json"')
  @ApiOperation({ summary: 'Models and units alone, as a file; nothing about children' })
  async restraints(): Promise<object> {
    return {
      format: CATALOGUE_FORMAT,
      version: CASE_VERSION,
      models: await this.catalogue.bodies('models'),
      units: await this.catalogue.bodies('units'),
    }
  }

  @Get('restraints.csv')
  @Header('Content-Disposition', 'attachment; filename="restraints.csv"')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @ApiProduces('text/csv')
  @ApiOperation({ summary: 'Models as a spreadsheet, one line a route' })
  async restraintsCsv(): Promise<string> {
    return toCsv('restraints', await this.catalogue.bodies('models'))
  }

  @Get('units.csv')
  @Header('Content-Disposition', 'attachment; filename="units.csv"')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @ApiProduces('text/csv')
  @ApiOperation({ summary: 'Units on the shelf as a spreadsheet' })
  async unitsCsv(): Promise<string> {
    return toCsv('units', await this.catalogue.bodies('units'))
  }

  @Get('vehicles.json')
  @Header('Content-Disposition', 'attachment; filename="vehicles.json"')
  @ApiOperation({ summary: 'Cars alone, as a file' })
  async vehicles(): Promise<object> {
    return { format: CATALOGUE_FORMAT, version: CASE_VERSION, vehicles: await this.catalogue.bodies('vehicles') }
  }

  @Get('vehicles.csv')
  @Header('Content-Disposition', 'attachment; filename="vehicles.csv"')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @ApiProduces('text/csv')
  @ApiOperation({ summary: 'Cars as a spreadsheet, one line a seating position' })
  async vehiclesCsv(): Promise<string> {
    return toCsv('vehicles', await this.catalogue.bodies('vehicles'))
  }

  @Post('import')
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
    @Headers('if-match') seen?: string,
  ): Promise<readonly ImportRow[]> {
    const isPreview = query.preview === 'true'
    const overruled = new Set((query.overrule ?? '').split(',').filter(Boolean))
    if (typeof body === 'string') return this.catalogue.store(itemsOfCsv(body), isPreview, overruled, seen)
    if (body === undefined) throw new BadRequestException('Needs a body of application/json or text/csv.')
    return this.catalogue.import(body, isPreview, overruled, seen)
  }

  @Delete(':kind/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a model, a unit or a vehicle away; fittings keep their own copy' })
  delete(@Param('kind', new ParseEnumPipe(KINDS)) kind: Kind, @Param('id') id: string): Promise<void> {
    return this.catalogue.delete(kind, id)
  }
}
