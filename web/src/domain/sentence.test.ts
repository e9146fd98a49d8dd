import { expect, it } from 'vitest'
import cases from '../../../cases/sentences.json'
import type { Unit } from './length'
import { say } from './sentence'

it.each(cases)('$name', ({ template, values, unit, says }) => {
  expect(say({ template, values }, unit as Unit)).toBe(says)
})
