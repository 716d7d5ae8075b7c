// Makes the front end's types from the core's JSON Schemas. With --check: says whether they are up to date.
import { readFileSync, writeFileSync, existsSync } from 'node:fs'
import { compile } from 'json-schema-to-typescript'

const FOLDER = 'core/lib/dust_ladder/plan_file/schemas'
const banner = "// Made by script/types.mjs from the core's JSON Schema. Do not edit.\n"
let stale = false

for (const [name, version] of [
  ['plan', 2],
  ['ladder', 1],
]) {
  const schema = JSON.parse(readFileSync(`${FOLDER}/${name}-${version}.json`, 'utf8'))
  const made = await compile(schema, schema.title, {
    bannerComment: banner,
    cwd: `${FOLDER}/`,
    additionalProperties: false,
    ignoreMinAndMaxItems: true,
    strictIndexSignatures: true,
  })
  const path = `app/frontend/api/${name}.generated.ts`
  if (process.argv.includes('--check')) {
    if (existsSync(path) && readFileSync(path, 'utf8') === made) continue
    console.error(`${path} does not match the schema: run npm run types`)
    stale = true
  } else {
    writeFileSync(path, made)
  }
}
process.exit(stale ? 1 : 0)
