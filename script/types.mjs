// Makes the front end's types from the JSON Schemas of the core and the app. With --check: says whether they are up
// to date.
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { basename } from 'node:path'
import { compile } from 'json-schema-to-typescript'

const CORE = 'core/lib/dust_ladder/plan_file/schemas'
const banner = '// Made by script/types.mjs from a JSON Schema. Do not edit.\n'
let stale = false

const pascal = (name) => name.replace(/(?:^|_)(\w)/g, (_, letter) => letter.toUpperCase())

// What an answer has of the core's schemas is imported, not made again. used: { file of types => Set of names }.
const borrowed = (node, used) => {
  if (Array.isArray(node)) return node.map((item) => borrowed(item, used))
  if (!node || typeof node !== 'object') return node
  const [, file, inside] = /^\.\.\/.*schemas\/([^#]+)(?:#.*\/(\w+))?$/.exec(node.$ref ?? '') ?? []
  if (!file)
    return Object.fromEntries(Object.entries(node).map(([key, value]) => [key, borrowed(value, used)]))
  const from = file.startsWith('ladder') ? 'ladder' : 'plan'
  const name = pascal(inside ?? basename(file, '.json').replace(/-\d+$/, ''))
  used[from] = (used[from] ?? new Set()).add(name)
  return { tsType: name }
}

const make = async (path, file, schema, cwd, more = {}, imports = '') => {
  const made = await compile(schema, schema.title, {
    bannerComment: banner + imports,
    cwd,
    additionalProperties: false,
    ignoreMinAndMaxItems: true,
    strictIndexSignatures: true,
    ...more,
  })
  if (!process.argv.includes('--check')) return writeFileSync(path, made)
  if (existsSync(path) && readFileSync(path, 'utf8') === made) return
  console.error(`${path} does not match ${file}: run npm run types`)
  stale = true
}
const read = (file) => JSON.parse(readFileSync(file, 'utf8'))

for (const name of ['plan-2', 'ladder-1']) {
  const file = `${CORE}/${name}.json`
  await make(`app/frontend/api/${name.replace(/-\d/, '')}.generated.ts`, file, read(file), `${CORE}/`)
}
const used = {}
const answers = borrowed(read('app/schemas/answers.json'), used)
const imports = Object.entries(used).map(
  ([from, names]) => `import type { ${[...names].sort().join(', ')} } from './${from}.generated'\n`,
)
const loose = { ignoreMinAndMaxItems: false, strictIndexSignatures: false }
const file = 'app/schemas/answers.json'
await make('app/frontend/api/answers.generated.ts', file, answers, 'app/schemas/', loose, imports.join(''))
process.exit(stale ? 1 : 0)
