// Whether a mutant compiles, asked of the file it stands in: what a file exports states its type here, so that a fault of
// types shows where it was made. The types of the schemas take a second to work out for each program; so one program
// holds a mutant of every statement of every file, and an error belongs to the one in whose statement it stands.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { ROOT } from './run.mjs'

class OwnFileChecker {
  #changed = new Map()
  #versions = new Map()
  #service

  init() {
    const config = join(ROOT, 'core/tsconfig.build.json')
    const { options, fileNames } = ts.getParsedCommandLineOfConfigFile(
      config,
      // A mutant that leaves something unused is a mutant all the same.
      {
        noEmit: true,
        declaration: false,
        noUnusedLocals: false,
        noUnusedParameters: false,
        allowUnreachableCode: true,
      },
      { ...ts.sys, onUnRecoverableConfigFileDiagnostic: (d) => { throw new Error(String(d.messageText)) } }, // prettier-ignore
    )
    this.#service = ts.createLanguageService({
      getCompilationSettings: () => options,
      getScriptFileNames: () => fileNames,
      getScriptVersion: (file) => String(this.#versions.get(file) ?? 0),
      getScriptSnapshot: (file) => {
        const text = this.#changed.get(file) ?? ts.sys.readFile(file)
        return text === undefined ? undefined : ts.ScriptSnapshot.fromString(text)
      },
      getCurrentDirectory: () => ROOT,
      getDefaultLibFileName: ts.getDefaultLibFilePath,
      fileExists: ts.sys.fileExists,
      readFile: ts.sys.readFile,
      directoryExists: ts.sys.directoryExists,
      getDirectories: ts.sys.getDirectories,
    })
  }

  /** As many at once as can be told apart: one of each statement of each file. */
  group(mutants) {
    const groups = []
    const seen = new Map()
    for (const mutant of mutants) {
      const key = `${mutant.fileName} ${this.#statementOf(mutant)}`
      const nth = seen.get(key) ?? 0
      seen.set(key, nth + 1)
      groups[nth] = [...(groups[nth] ?? []), mutant.id]
    }
    return groups
  }

  check(mutants) {
    const files = new Map()
    for (const m of mutants) files.set(m.fileName, [...(files.get(m.fileName) ?? []), m])
    for (const [file, own] of files) this.#set(file, textWith(file, own).text)
    const found = new Map()
    const unclear = []
    for (const [file, own] of files) {
      const { ends } = textWith(file, own)
      for (const fault of this.#faultsOf(file)) {
        const statement = ends.findIndex((end) => (fault.start ?? 0) < end)
        const mutant = own.find((m) => this.#statementOf(m) === statement)
        if (mutant !== undefined) found.set(mutant.id, fault)
        else if (own.length > 1) unclear.push(...own)
        else found.set(own[0].id, fault)
      }
    }
    for (const file of files.keys()) this.#set(file, undefined)
    for (const mutant of new Set(unclear)) {
      this.#set(mutant.fileName, textWith(mutant.fileName, [mutant]).text)
      const [fault] = this.#faultsOf(mutant.fileName)
      if (fault === undefined) found.delete(mutant.id)
      else found.set(mutant.id, fault)
      this.#set(mutant.fileName, undefined)
    }
    return Object.fromEntries(mutants.map(({ id }) => [id, told(found.get(id))]))
  }

  #statementOf({ fileName, location }) {
    const { ends, starts } = sourceOf(fileName)
    const at = starts[location.start.line] + location.start.column
    return ends.findIndex((end) => at < end)
  }

  #faultsOf(file) {
    return [...this.#service.getSyntacticDiagnostics(file), ...this.#service.getSemanticDiagnostics(file)]
  }

  #set(file, text) {
    if (text === undefined) this.#changed.delete(file)
    else this.#changed.set(file, text)
    this.#versions.set(file, (this.#versions.get(file) ?? 0) + 1)
  }
}

/** A file as it stands, where its lines begin and where each of its outermost statements ends. */
const sources = new Map()
function sourceOf(file) {
  if (!sources.has(file)) {
    const text = readFileSync(file, 'utf8')
    const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest)
    sources.set(file, { text, starts: source.getLineStarts(), ends: source.statements.map((s) => s.end) })
  }
  return sources.get(file)
}

/** The file with these mutants in it, and where its statements end then. */
function textWith(file, mutants) {
  const { text, starts, ends } = sourceOf(file)
  const at = ({ line, column }) => starts[line] + column
  const changes = mutants
    .map((m) => ({ from: at(m.location.start), to: at(m.location.end), by: m.replacement }))
    .sort((a, b) => a.from - b.from)
  let done = 0
  let changed = ''
  for (const { from, to, by } of changes) {
    changed += text.slice(done, from) + by
    done = to
  }
  const longer = (end) => changes.reduce((sum, c) => sum + (c.to <= end ? c.by.length - (c.to - c.from) : 0), 0)
  return { text: changed + text.slice(done), ends: ends.map((end) => end + longer(end)) }
}

const told = (fault) =>
  fault === undefined
    ? { status: 'passed' }
    : { status: 'compileError', reason: ts.flattenDiagnosticMessageText(fault.messageText, '\n') }

/** What Stryker asks a plugin for. */
export const strykerPlugins = [{ kind: 'Checker', name: 'own-file', injectableClass: OwnFileChecker }]
