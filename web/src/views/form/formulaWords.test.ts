import { describe, expect, it } from 'vitest'
import { offers, wordAt } from './formulaWords'

const name = (one: string) => ({ name: one, meaning: '', now: '' })
const NAMES = ['cut_oversheath', 'cut_insulation', 'mouth', 'marker_near', 'body_near', 'body'].map(name)
const offered = (typed: string) => offers(typed, NAMES).map((one) => one.name)

describe('the name that is typed', () => {
  it('is the one before the caret, to its own end', () => {
    expect(wordAt('cut_over + 5 mm', 5)).toEqual({ text: 'cut_o', from: 0, to: 8 })
    expect(wordAt('bore_depth + mar', 16)).toEqual({ text: 'mar', from: 13, to: 16 })
  })

  it('is not the unit of a number', () => {
    for (const text of ['5 m', '5mm', '1 1/4 i', '45 N·m', '20 mm ± 5 m']) expect(wordAt(text, text.length)).toBeNull()
  })

  it('is none after a sign or at the beginning', () => {
    expect(wordAt('', 0)).toBeNull()
    expect(wordAt('mouth + ', 8)).toBeNull()
  })
})

describe('what is offered', () => {
  it('begins so, and then has a word that does', () => {
    expect(offered('cut')).toEqual(['cut_oversheath', 'cut_insulation'])
    expect(offered('ne')).toEqual(['marker_near', 'body_near'])
    expect(offered('m')).toEqual(['mouth', 'marker_near'])
  })

  it('is nothing where the name is whole, though a longer one begins so', () => {
    expect(offered('body')).toEqual([])
  })
})
