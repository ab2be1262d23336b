/** What is used of the driver beside the ORM. */
declare module 'better-sqlite3' {
  export default class SQLite {
    constructor(file: string, options?: { readonly readonly?: boolean; readonly timeout?: number })
    /** Whether a transaction is open on this connection: SQLite ends one by itself when the disk is full. */
    readonly inTransaction: boolean
    exec(sql: string): this
    pragma(text: string): unknown
    prepare(sql: string): { all(...values: readonly unknown[]): unknown[]; pluck(): { all(): unknown[] } }
    close(): this
  }
}
