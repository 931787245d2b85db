// Follows a page of the docs that says how something is added: its steps are made in a copy of the project, and the compiler reads it.
import { cpSync, mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import ts from 'typescript'

const ROOT = path.resolve(import.meta.dirname, '../..')

export interface Step {
  readonly file: string
  readonly code: string
  readonly isNew: boolean
}

/** The steps of a page, in their order: a heading with the file, and a block of code that is the file or changes it. */
export function stepsOf(page: string): readonly Step[] {
  const text = readFileSync(path.join(ROOT, 'docs', page), 'utf8')
  return [...text.matchAll(/^### \d+\. `([^`]+)`\n[\s\S]*?^```(ts|diff)\n([\s\S]*?)^```$/gm)].map(
    ([, file = '', kind, code = '']) => ({ file, code, isNew: kind === 'ts' }),
  )
}

/** A file with a step made: each hunk is found by the lines that stay or go, and must be there once. */
function changed(text: string, { code, file }: Step): string {
  return code.split('@@\n').reduce((now, hunk) => {
    const lines = hunk.replace(/\n$/, '').split('\n')
    const of = (...signs: string[]): string =>
      lines
        .filter((line) => signs.includes(line[0] ?? ' '))
        .map((line) => `${line.slice(1)}\n`)
        .join('')
    const before = of(' ', '-')
    const found = now.split(before).length - 1
    if (found !== 1) throw new Error(`${file} has ${found} places that read\n${before}`)
    return now.replace(before, () => of(' ', '+'))
  }, text)
}

/** A copy of core and the rows of its rules, with some steps made in it. */
export class Copy {
  readonly folder: string
  readonly #kept = new Map<string, string | undefined>()
  readonly #parsed = new Map<string, ts.SourceFile>()
  #program: ts.SemanticDiagnosticsBuilderProgram | undefined

  constructor() {
    mkdirSync(path.join(ROOT, '.cache'), { recursive: true })
    this.folder = mkdtempSync(path.join(ROOT, '.cache', 'walk-'))
    for (const part of ['src/lib/core', 'tests/cases', 'tests/support/plan.ts'])
      cpSync(path.join(ROOT, part), path.join(this.folder, part), { recursive: true })
  }

  make(step: Step): void {
    const at = path.join(this.folder, step.file)
    const before = step.isNew ? undefined : readFileSync(at, 'utf8')
    this.#kept.set(step.file, before)
    writeFileSync(at, before === undefined ? step.code : changed(before, step))
  }

  /** Leaves a step out again; what is new is emptied. */
  leaveOut({ file }: Step): void {
    const before = this.#kept.get(file)
    writeFileSync(path.join(this.folder, file), before ?? 'export {}\n')
  }

  /** What the compiler says of the copy, one line for each fault. It stops at the first file that has any, and reads first where it is told to. */
  faults(...first: readonly ((file: string) => boolean)[]): readonly string[] {
    const program = this.#read()
    const told = (faults: readonly ts.Diagnostic[]): readonly string[] =>
      faults.map(
        ({ file, messageText }) =>
          `${file === undefined ? '' : path.relative(this.folder, file.fileName)}: ${ts.flattenDiagnosticMessageText(messageText, ' ')}`,
      )
    const syntax = program.getSyntacticDiagnostics()
    if (syntax.length > 0) return told(syntax)
    for (const isFirst of first)
      for (const file of program.getSourceFiles()) {
        const found = isFirst(path.relative(this.folder, file.fileName)) ? program.getSemanticDiagnostics(file) : []
        if (found.length > 0) return told(found)
      }
    for (;;) {
      const next = program.getSemanticDiagnosticsOfNextAffectedFile()
      if (next === undefined) return told(program.getSemanticDiagnostics())
      if (next.result.length > 0) return told(next.result)
    }
  }

  /** Reads a file again only where it is another than before: most are not. */
  #host(options: ts.CompilerOptions): ts.CompilerHost {
    const host = ts.createIncrementalCompilerHost(options)
    const parse = host.getSourceFile.bind(host)
    host.getSourceFile = (name, ...more) => {
      const before = this.#parsed.get(name)
      if (before !== undefined && before.text === ts.sys.readFile(name)) return before
      const file = parse(name, ...more)
      if (file !== undefined) this.#parsed.set(name, file)
      return file
    }
    return host
  }

  /** The program as the files are now; only what has changed since is read again. */
  #read(): ts.SemanticDiagnosticsBuilderProgram {
    const { options } = ts.parseJsonConfigFileContent(
      {
        compilerOptions: {
          ...ts.readConfigFile(path.join(ROOT, 'src/lib/core/tsconfig.json'), ts.sys.readFile).config.compilerOptions,
          paths: { '$lib/*': [`${this.folder}/src/lib/*`] },
          types: [],
        },
        files: ['src/lib/core/text/index.ts', 'src/lib/core/draw/index.ts', 'tests/cases/index.ts'],
      },
      ts.sys,
      this.folder,
    )
    const roots = ['src/lib/core/text/index.ts', 'src/lib/core/draw/index.ts', 'tests/cases/index.ts']
    this.#program = ts.createSemanticDiagnosticsBuilderProgram(
      roots.map((file) => path.join(this.folder, file)),
      options,
      this.#host(options),
      this.#program,
    )
    return this.#program
  }
}
