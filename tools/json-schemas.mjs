// node tools/json-schemas.mjs: the published schemas compile in strict mode in a second validator, and it takes every file of the demo.
import { createRequire } from 'node:module'
import { readdirSync, readFileSync } from 'node:fs'

const require = createRequire(new URL('../web/package.json', import.meta.url))
const Ajv = require('ajv/dist/2020').default
const addFormats = require('ajv-formats').default
const read = (path) => JSON.parse(readFileSync(new URL(`../${path}`, import.meta.url), 'utf8'))

const ajv = new Ajv({ strict: true, strictRequired: true, allowUnionTypes: true, allErrors: true })
addFormats(ajv)
let faults = 0
for (const [schema, folder] of [['docs/formats/kit-sheet.schema.json', 'demo/kits'], ['docs/formats/connector.schema.json', 'demo/connectors']]) {
  const validate = ajv.compile(read(schema))
  for (const name of readdirSync(new URL(`../${folder}`, import.meta.url))) {
    if (validate(read(`${folder}/${name}`))) continue
    faults++
    for (const { instancePath, message } of validate.errors) console.error(`${folder}/${name}${instancePath} ${message}`)
  }
}
process.exit(faults === 0 ? 0 : 1)
