import { existsSync } from 'node:fs'
import { fingerprint } from '@nimble-anchor/core/ground'
import { Body, Controller, Get, HttpCode, Module, Post, ValidationPipe, type DynamicModule } from '@nestjs/common'
import { NestFactory } from '@nestjs/core'
import type { NestExpressApplication } from '@nestjs/platform-express'
import { ServeStaticModule } from '@nestjs/serve-static'
import { ApiOperation, ApiTags, DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger'
import { openApiSchemas } from '@nimble-anchor/core/formats'
import helmet from 'helmet'
import { JobsController } from './aftercare/jobs.controller'
import { JobsService } from './aftercare/jobs.service'
import { AssessController } from './assess/assess.controller'
import { CatalogueController } from './catalogue/catalogue.controller'
import { CatalogueService } from './catalogue/catalogue.service'
import { ChildrenController } from './fittings/children.controller'
import { FittingsController } from './fittings/fittings.controller'
import { HandoverController } from './handover/handover.controller'
import { HandoverService } from './handover/handover.service'
import { FittingsService } from './fittings/fittings.service'
import { FamiliesController } from './families/families.controller'
import { FamiliesService } from './families/families.service'
import { DemoController } from './demo/demo.controller'
import { DemoService, SEASON_SIZE } from './demo/demo.service'
import { SEASON_FITTINGS } from './demo/season'
import { RecheckService } from './handover/recheck.service'
import { Clock } from './http/clock'
import { notKept, onlyForThisMachine, onlyFromOwnPages, onlyPlainBodies } from './http/door'
import { Failures } from './http/failures'
import { FaultsException, toFaults } from './http/faults'
import { PracticeController } from './practice/practice.controller'
import { PracticeService } from './practice/practice.service'
import { DayController } from './records/day.controller'
import { DayService } from './records/day.service'
import { DueService } from './records/due.service'
import { LogbookController } from './records/logbook.controller'
import { LogbookService } from './records/logbook.service'
import { RulesController } from './rules/rules.controller'
import { Database } from './storage/database'
import { WorkController } from './work/work.controller'
import { Workshop } from './work/workshop'

/** Largest body accepted: a catalogue of a few thousand models fits. */
const BODY_LIMIT = '8mb'

export interface AppOptions {
  readonly dataDir: string
  /** Folder of the built interface; without it only the API is served. */
  readonly webDir?: string | undefined
  /** Fixes the day, for demonstrations and tests. */
  readonly today?: string | undefined
  /** How many fittings of the demo's season are made; all, where nothing is said. */
  readonly season?: number | undefined
}

@ApiTags('health')
@Controller('api/health')
class HealthController {
  constructor(private readonly clock: Clock) {}

  @Get()
  @ApiOperation({ summary: 'Up, and which day it counts' })
  health(): { readonly status: 'up'; readonly today: string } {
    return { status: 'up', today: this.clock.today() }
  }
}

@ApiTags('health')
@Controller('api/fingerprint')
class FingerprintController {
  @Post()
  @HttpCode(200)
  @ApiOperation({ summary: 'The fingerprint of a document, by which a change says which state it saw (If-Match)' })
  of(@Body() document: unknown): { readonly fingerprint: string } {
    return { fingerprint: fingerprint(document) }
  }
}

@Module({})
class AppModule {
  static with(database: Database, clock: Clock, webDir: string | undefined, season: number): DynamicModule {
    return {
      module: AppModule,
      imports: webDir
        ? [
            ServeStaticModule.forRoot({
              rootPath: webDir,
              // A missing API route or asset is a 404, never the start page.
              exclude: ['/api/{*splat}', '/assets/{*splat}'],
              serveStaticOptions: { immutable: true, maxAge: '1y', setHeaders: noStoreForPages },
            }),
          ]
        : [],
      controllers: [
        HealthController,
        FingerprintController,
        CatalogueController,
        FittingsController,
        HandoverController,
        ChildrenController,
        AssessController,
        PracticeController,
        RulesController,
        WorkController,
        FamiliesController,
        JobsController,
        DayController,
        DemoController,
        LogbookController,
      ],
      providers: [
        { provide: Database, useValue: database },
        { provide: Clock, useValue: clock },
        { provide: SEASON_SIZE, useValue: season },
        Workshop,
        CatalogueService,
        PracticeService,
        FittingsService,
        HandoverService,
        RecheckService,
        FamiliesService,
        JobsService,
        DayService,
        DueService,
        DemoService,
        LogbookService,
      ],
    }
  }
}

function noStoreForPages(res: { setHeader(name: string, value: string): void }, path: string): void {
  if (path.endsWith('.html')) res.setHeader('Cache-Control', 'no-cache')
}

type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>

/** Builds the whole application on its own database; the caller listens and closes. */
export async function createApp(options: AppOptions): Promise<NestExpressApplication> {
  const database = await Database.open(options.dataDir)
  const webDir = options.webDir && existsSync(options.webDir) ? options.webDir : undefined
  const app = await NestFactory.create<NestExpressApplication>(
    AppModule.with(database, new Clock(options.today), webDir, options.season ?? SEASON_FITTINGS),
    {
      logger: ['error', 'warn'],
      bodyParser: false,
      // A page that looks again every few seconds would hold up the end for ever.
      forceCloseConnections: true,
    },
  )
  // Answers change with every entry: hashing each of them for a cache that never hits is wasted.
  app.set('etag', false)
  app.disable('x-powered-by')
  app.use(onlyForThisMachine)
  app.use(onlyFromOwnPages)
  app.use('/api', notKept)
  app.useBodyParser('json', { limit: BODY_LIMIT })
  app.useBodyParser('text', { type: 'text/csv', limit: BODY_LIMIT })
  app.use(onlyPlainBodies)
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  )
  app.useGlobalFilters(new Failures(app.getHttpAdapter()))
  app.useGlobalPipes(
    new ValidationPipe({
      whitelist: true,
      forbidNonWhitelisted: true,
      transform: true,
      exceptionFactory: (errors) => new FaultsException('Nothing was saved.', toFaults(errors)),
    }),
  )
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder().setTitle('Nimble Anchor').setVersion('1').setOpenAPIVersion('3.1.0').build(),
  )
  document.components = {
    ...document.components,
    schemas: { ...document.components?.schemas, ...(openApiSchemas() as Schemas) },
  }
  SwaggerModule.setup('api/docs', app, document, {
    jsonDocumentUrl: 'api/docs-json',
    customSiteTitle: 'Nimble Anchor: the API',
    customfavIcon: '/icon.svg',
    customCss: '.swagger-ui .topbar { display: none }',
  })
  app.enableShutdownHooks()
  return app
}
