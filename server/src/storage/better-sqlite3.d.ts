/** The little of the driver that is used past the ORM. */
declare module 'better-sqlite3' {
  interface Statement {
    all(...values: readonly unknown[]): unknown[]
    get(...values: readonly unknown[]): unknown
    run(...values: readonly unknown[]): { readonly changes: number }
    pluck(): Statement
  }
  export default class SQLite {
    constructor(
      file: string,
      options?: { readonly readonly?: boolean; readonly timeout?: number; readonly fileMustExist?: boolean },
    )
    readonly inTransaction: boolean
    pragma(text: string, options?: { readonly simple?: boolean }): unknown
    exec(sql: string): void
    prepare(sql: string): Statement
    /** Copies a database that may be in use, page by page. */
    backup(to: string): Promise<unknown>
    close(): void
  }
}
