// node tools/npm-pins.mjs LOCK INSTALLED: every package that was installed is the one that the committed lock names.
// npm adds or drops optional packages of other platforms with what the registry happens to hold, so the lock as a whole cannot be compared.
import { readFileSync } from 'node:fs'

const packages = (file) => JSON.parse(readFileSync(file, 'utf8')).packages
const [lock, installed] = process.argv.slice(2).map(packages)
const strays = Object.entries(installed).filter(
  ([path, { version, integrity, optional }]) =>
    lock[path] ? lock[path].version !== version || lock[path].integrity !== integrity : !optional,
)
for (const [path, { version }] of strays) console.error(`${path} ${version} is not what the lock names (${lock[path]?.version ?? 'nothing'})`)
process.exit(strays.length === 0 ? 0 : 1)
