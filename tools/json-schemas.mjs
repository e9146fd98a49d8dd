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
const kept = (validate, file, document) => {
  if (validate(document)) return
  faults++
  for (const { instancePath, message } of validate.errors) console.error(`${file}${instancePath} ${message}`)
}
const first = ajv.compile(read('docs/formats/kit-sheet-1.schema.json'))
const second = ajv.compile(read('docs/formats/kit-sheet.schema.json'))
const connector = ajv.compile(read('docs/formats/connector.schema.json'))
for (const [folder, schemaOf] of [['demo/kits', (sheet) => (sheet.edition === 2 ? second : first)], ['demo/connectors', () => connector]]) {
  for (const name of readdirSync(new URL(`../${folder}`, import.meta.url))) {
    const document = read(`${folder}/${name}`)
    kept(schemaOf(document), `${folder}/${name}`, document)
  }
}
process.exit(faults === 0 ? 0 : 1)
