export { type Catalogue, CATALOGUE_FORMAT, catalogueSchema } from './catalogue.ts'
export { jsonSchemas, openApiSchemas } from './json-schema.ts'
export {
  type AheadView,
  type FittingSummary,
  type FittingView,
  type GrowthReading,
  type HistoryEntry,
  type ImportRow,
  type PracticeBook,
  type RuleCount,
  type Stored,
} from './api.ts'
export {
  type DayView,
  type DemoRemoved,
  type DemoView,
  type DueView,
  type FamilySummary,
  type FamilyView,
  type JobView,
  type LogbookCharts,
  type LogbookPage,
  type LogbookRow,
  type RecheckView,
  type RideView,
  type Share,
  VISIT_STATES,
  type VisitState,
  type VisitView,
} from './records.ts'
export {
  type AuditRow,
  type CarerLink,
  type Colleague,
  type DeviceView,
  type HereSaid,
  type HereView,
  type LiveEvent,
  type Pairing,
  type PasskeyView,
  type PersonView,
  type Role,
  ROLES,
  type SecondLookView,
  type SessionView,
} from './people.ts'
export {
  columnsOfTable,
  fromTable,
  TABLE_KIND,
  TABLE_NAMES,
  type TableName,
  tableOfHeader,
  toFault,
  toTable,
} from './spreadsheet.ts'
export { type CatalogueKind, readCatalogue, type ReadItem, readTable } from './reading.ts'
