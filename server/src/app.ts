import { existsSync } from 'node:fs'
import type { Server } from 'node:http'
import type { IsoDate } from '@nimble-anchor/core/ground'
import { Module, ValidationPipe, type DynamicModule } from '@nestjs/common'
import { APP_GUARD, APP_INTERCEPTOR, NestFactory } from '@nestjs/core'
import type { NestExpressApplication } from '@nestjs/platform-express'
import { ServeStaticModule } from '@nestjs/serve-static'
import { ThrottlerModule } from '@nestjs/throttler'
import helmet from 'helmet'
import { JobsController } from './aftercare/jobs.controller'
import { JOBS } from './aftercare/index'
import { ArrangeController } from './assess/arrange.controller'
import { AssessController } from './assess/assess.controller'
import { CatalogueController } from './catalogue/catalogue.controller'
import { CATALOGUE } from './catalogue/index'
import { DailyCopies } from './copies/daily'
import { ChildrenController } from './fittings/children.controller'
import { FittingsController } from './fittings/fittings.controller'
import { HandoverController } from './handover/handover.controller'
import { HandoverService } from './handover/handover.service'
import { FITTING_COMMANDS } from './fittings/commands/index'
import { FittingsRead } from './fittings/fittings-read'
import { Ledger } from './fittings/ledger'
import { FamiliesController } from './families/families.controller'
import { ChangeFamily } from './families/commands/change-family'
import { EraseFamily } from './families/commands/erase-family'
import { MoveChild } from './families/commands/move-child'
import { FamiliesRead } from './families/families-read'
import { DemoController } from './demo/demo.controller'
import { SeedFiles } from './demo/commands/seed-files'
import { DemoService, SEASON_SIZE } from './demo/demo.service'
import { SEASON_FITTINGS } from './work/season/season'
import { AddRecheck } from './handover/commands/add-recheck'
import { RechecksRead } from './handover/rechecks-read'
import { Clock } from './http/clock'
import { notKept, onlyByOwnName, onlyFromOwnPages, onlyPlainBodies } from './http/door'
import { offerDescription } from './http/description'
import { Failures } from './http/failures'
import { FaultsException, toFaults } from './http/faults'
import { FingerprintController, HealthController } from './http/health.controller'
import { SecondLookController } from './handover/second-look.controller'
import { SecondLook } from './handover/second-look'
import { LiveController } from './live/live.controller'
import { Live } from './live/live.service'
import { Telling } from './live/telling'
import { AUTHORITY, TrustController, type TrustView } from './net/trust.controller'
import { LOOPBACK, type Transport } from './net/transport'
import { Audit } from './people/audit.service'
import { Entrance } from './people/entrance'
import { AccessGuard } from './people/guard'
import { identify } from './people/identify'
import { THROTTLER } from './people/limits'
import { Pairings } from './people/pairing.service'
import { Passkeys } from './people/passkeys.service'
import { PeopleController } from './people/people.controller'
import { PEOPLE } from './people/index'
import { COST, SCRYPT_COST } from './people/secrets'
import { SessionController } from './people/session.controller'
import { Sessions, TRANSPORT } from './people/sessions.service'
import { SlowDown } from './people/slow-down'
import { PracticeController } from './practice/practice.controller'
import { PRACTICE } from './practice/index'
import { DayController } from './records/day.controller'
import { RECORDS } from './records/index'
import { LogbookController } from './records/logbook.controller'
import { RIDES } from './rides/index'
import { RidesController } from './rides/rides.controller'
import { RulesController } from './rules/rules.controller'
import { Database } from './storage/database'
import { Threads } from './work/threads'
import { WorkController } from './work/work.controller'
import { Workshop } from './work/workshop'

/** Largest body accepted: a catalogue of a few thousand models fits. */
const BODY_LIMIT = '8mb'

export interface AppOptions {
  readonly dataDir: string
  /** Folder of the built interface; without it only the API is served. */
  readonly webDir?: string | undefined
  /** Fixes the day, for demonstrations and tests. */
  readonly today?: IsoDate | undefined
  /** How many fittings of the demo's season are made; all, where nothing is said. */
  readonly season?: number | undefined
  /** How it is reached; by this machine alone, where nothing is said. */
  readonly transport?: Transport | undefined
  /** Certificate and key, as PEM, of whoever listens encrypted. */
  readonly tls?: { readonly cert: string; readonly key: string } | undefined
  /** Of an authority of this bay's own: what a phone is told to trust. */
  readonly authority?: TrustView | undefined
  /** What one guess of a password costs, as a power of two; less in tests. */
  readonly scryptCost?: number | undefined
  /** For long work, where several applications stand in one process; of its own, where nothing is said. */
  readonly threads?: Threads | undefined
}

@Module({})
class AppModule {
  static with(
    database: Database,
    clock: Clock,
    webDir: string | undefined,
    {
      season = SEASON_FITTINGS,
      transport = LOOPBACK,
      scryptCost = SCRYPT_COST,
      authority,
      threads = new Threads(),
    }: AppOptions,
  ): DynamicModule {
    return {
      module: AppModule,
      imports: [
        ThrottlerModule.forRoot(THROTTLER),
        ...(webDir
          ? [
              ServeStaticModule.forRoot({
                rootPath: webDir,
                // A missing API route or asset is a 404, never the start page.
                exclude: ['/api/{*splat}', '/assets/{*splat}'],
                serveStaticOptions: { immutable: true, maxAge: '1y', setHeaders: noStoreForPages },
              }),
            ]
          : []),
      ],
      controllers: [
        HealthController,
        FingerprintController,
        CatalogueController,
        FittingsController,
        HandoverController,
        ChildrenController,
        AssessController,
        ArrangeController,
        PracticeController,
        RulesController,
        WorkController,
        FamiliesController,
        RidesController,
        JobsController,
        DayController,
        DemoController,
        LogbookController,
        SessionController,
        PeopleController,
        LiveController,
        TrustController,
        SecondLookController,
      ],
      providers: [
        { provide: APP_GUARD, useClass: AccessGuard },
        { provide: APP_INTERCEPTOR, useClass: Telling },
        { provide: TRANSPORT, useValue: transport },
        { provide: COST, useValue: scryptCost },
        { provide: AUTHORITY, useValue: authority },
        Sessions,
        SlowDown,
        Entrance,
        Audit,
        ...PEOPLE,
        Passkeys,
        Pairings,
        Live,
        DailyCopies,
        SecondLook,
        { provide: Database, useValue: database },
        { provide: Clock, useValue: clock },
        { provide: SEASON_SIZE, useValue: season },
        { provide: Threads, useValue: threads },
        Workshop,
        ...CATALOGUE,
        ...PRACTICE,
        Ledger,
        FittingsRead,
        ...FITTING_COMMANDS,
        HandoverService,
        RechecksRead,
        AddRecheck,
        FamiliesRead,
        ChangeFamily,
        MoveChild,
        EraseFamily,
        ...RIDES,
        ...JOBS,
        ...RECORDS,
        SeedFiles,
        DemoService,
      ],
    }
  }
}

function noStoreForPages(res: { setHeader(name: string, value: string): void }, path: string): void {
  if (path.endsWith('.html')) res.setHeader('Cache-Control', 'no-cache')
}

/** No script but our own files, no frame around us, nothing from elsewhere. */
const headers = ({ scheme }: Transport) =>
  helmet({
    contentSecurityPolicy: {
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
        upgradeInsecureRequests: null,
      },
    },
    frameguard: { action: 'deny' },
    // An address of a bay's own network is asked for by name and by number: only encryption is held to itself.
    strictTransportSecurity: scheme === 'https' ? { maxAge: 30 * 24 * 3600, includeSubDomains: false } : false,
  })

/** What a browser can do and this program does not ask of it; camera and movement are for our own pages. */
function onlyWhatIsUsed(
  req: { readonly headers: { readonly host?: string | undefined } },
  res: { setHeader(name: string, value: string): void; removeHeader(name: string): void },
  next: () => void,
): void {
  // Held to encryption, this machine’s own name would be so for every other program on it.
  if (/^localhost(:|$)/i.test(req.headers.host ?? '')) res.removeHeader('Strict-Transport-Security')
  const ours = ['camera', 'accelerometer', 'gyroscope', 'fullscreen', 'publickey-credentials-get', 'publickey-credentials-create'] // prettier-ignore
  const nobodys = ['geolocation', 'microphone', 'payment', 'usb', 'display-capture', 'browsing-topics']
  res.setHeader('Permissions-Policy', [...ours.map((f) => `${f}=(self)`), ...nobodys.map((f) => `${f}=()`)].join(', '))
  next()
}

/** Builds the whole application on its own database; the caller listens and closes. */
export async function createApp(options: AppOptions): Promise<NestExpressApplication> {
  const database = await Database.open(options.dataDir, options.today)
  const transport = options.transport ?? LOOPBACK
  const webDir = options.webDir && existsSync(options.webDir) ? options.webDir : undefined
  const app = await NestFactory.create<NestExpressApplication>(
    AppModule.with(database, new Clock(options.today), webDir, options),
    {
      logger: ['error', 'warn'],
      bodyParser: false,
      // A page that looks again every few seconds would hold up the end for ever.
      forceCloseConnections: true,
      ...(options.tls && { httpsOptions: { ...options.tls } }),
    },
  )
  // Whoever sends slowly, or never ends, holds nothing open: our own figures, far above what a phone in a car park needs.
  const http = app.getHttpServer() as Server
  http.headersTimeout = 20_000
  http.requestTimeout = 60_000
  // Answers change with every entry: hashing each of them for a cache that never hits is wasted.
  app.set('etag', false)
  app.disable('x-powered-by')
  // One hop, and no further: what stands before the proxy may say what it likes.
  if (transport.isBehindProxy) app.set('trust proxy', 1)
  app.use(onlyByOwnName(transport))
  app.use(onlyFromOwnPages(transport))
  app.use('/api', identify(app.get(Sessions), transport))
  app.use('/api', notKept)
  app.useBodyParser('json', { limit: BODY_LIMIT })
  app.useBodyParser('text', { type: 'text/csv', limit: BODY_LIMIT })
  app.use(onlyPlainBodies)
  app.use(headers(transport))
  app.use(onlyWhatIsUsed)
  app.useGlobalFilters(new Failures(app.getHttpAdapter()))
  app.useGlobalPipes(
    new ValidationPipe({
      whitelist: true,
      forbidNonWhitelisted: true,
      transform: true,
      exceptionFactory: (errors) => new FaultsException('Nothing was saved.', toFaults(errors)),
    }),
  )
  offerDescription(app)
  app.enableShutdownHooks()
  return app
}
