// Calls functions of the front end that draw nothing, for specs: one JSON request a line comes in, one JSON answer goes
// out. { "module": "plan/pointers.ts", "call": "merge", "args": [...] }; "then": names to call on the answer, with theirs.
import { createInterface } from 'node:readline'
import { fileURLToPath } from 'node:url'
import { createServer } from 'vite'

const vite = await createServer({
  configFile: false,
  root: fileURLToPath(import.meta.resolve('../app/frontend')),
  server: { middlewareMode: true, watch: null, hmr: false, ws: false },
  optimizeDeps: { noDiscovery: true },
  appType: 'custom',
  logLevel: 'silent',
})

const plain = (key, value) => (value instanceof Map ? Object.fromEntries(value) : value)
const answer = async ({ module, call, args = [], then = [] }) => {
  const found = (await vite.ssrLoadModule(`/${module}`))[call]
  let value = typeof found === 'function' ? found(...args) : found
  for (const [name, ...own] of then) {
    const part = value[name]
    value = typeof part === 'function' ? part.apply(value, own) : part
  }
  return { value: await value }
}

for await (const line of createInterface({ input: process.stdin })) {
  const said = await answer(JSON.parse(line)).catch((error) => ({ error: String(error?.stack ?? error) }))
  process.stdout.write(`${JSON.stringify(said, plain)}\n`)
}
await vite.close()
