import { describe, expect, it } from 'vitest'
import { faultAt, faultsOutside, faultsWithin } from './faults'

const problems = [
  { path: 'sizes[1].insulation.min', message: 'is not a length.' },
  { path: 'sizes[10].label', message: 'is missing.' },
  { path: 'sizesOfOld', message: 'is not a field known here.' },
  { path: '', message: 'is no sheet.' },
]

describe('what is wrong', () => {
  it('stands at its own place', () => {
    expect(faultAt(problems, ['sizes', 1, 'insulation', 'min'])).toBe('is not a length.')
    expect(faultAt(problems, ['sizes', 1, 'insulation'])).toBeUndefined()
  })
  it('is counted in everything that holds its place, and in nothing that only begins alike', () => {
    expect(faultsWithin(problems, ['sizes'])).toBe(2)
    expect(faultsWithin(problems, ['sizes', 1])).toBe(1)
  })
  it('is not lost where no section has it', () => {
    expect(faultsOutside(problems, ['sizes']).map((one) => one.path)).toEqual(['sizesOfOld', ''])
  })
})
