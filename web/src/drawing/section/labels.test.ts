import { describe, expect, it } from 'vitest'
import { GAP, placeBeside, placeFlags, type Flag, type PlacedFlag } from './labels'

const measure = (text: string) => text.length * 8

/** Faults of a placing: a text over another's leader, or over another text. */
function faults(placed: PlacedFlag[]): string[] {
  const ends = (one: PlacedFlag) => one.x + GAP + one.width
  return placed.flatMap((one) =>
    placed.flatMap((other) => {
      if (one === other) return []
      const isOverLeader = other.x > one.x && other.x < ends(one) && other.row >= one.row
      const isOverText = one.row === other.row && one.x < ends(other) && other.x < ends(one)
      return isOverLeader || isOverText ? [`${one.text} meets ${other.text}`] : []
    }),
  )
}

/** Numbers that look like chance and are the same every time (a linear congruential generator, Numerical Recipes). */
function chance(seed: number): () => number {
  let state = seed
  return () => (state = (1664525 * state + 1013904223) % 2 ** 32) / 2 ** 32
}

describe('flags', () => {
  it('never meet, however many bodies lie wherever', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const random = chance(seed)
      const flags = Array.from({ length: 4 + Math.floor(random() * 22) }, (_, i): Flag => {
        const fromX = random() * 1150
        return {
          key: String(i),
          text: 'n'.repeat(4 + Math.floor(random() * 30)),
          fromX,
          toX: fromX + 2 + random() ** 2 * (1190 - fromX),
        }
      })
      const { placed, rest, rows } = placeFlags(flags, measure, 1200, 4)
      expect(faults(placed)).toEqual([])
      expect(placed.length + rest.length).toBe(flags.length)
      expect(rows).toBeLessThanOrEqual(4)
      for (const one of placed) {
        const flag = flags.find((each) => each.key === one.key)
        expect(one.x).toBeGreaterThanOrEqual(Math.min(flag?.fromX ?? 0, 1200 - one.width - GAP) - 0.01)
        expect(one.x).toBeLessThanOrEqual((flag?.toX ?? 0) + 0.01)
        expect(one.x + GAP + one.width).toBeLessThanOrEqual(1200.01)
      }
    }
  })

  it('stand in one row where there is room for it', () => {
    const flags = [0, 300, 600].map((x) => ({ key: String(x), text: 'mastic', fromX: x, toX: x + 100 }))
    expect(placeFlags(flags, measure, 1200, 4).rows).toBe(1)
  })

  it('go to the list where they find no place', () => {
    const flags = Array.from({ length: 9 }, (_, i) => ({ key: String(i), text: 'a long name of a tube', fromX: 100, toX: 110 }))
    const { placed, rest } = placeFlags(flags, measure, 1200, 4)
    expect([placed.length, rest.length]).toEqual([1, 8])
  })
})

describe('names beside the drawing', () => {
  it('keep their order and their distance, and stay within it', () => {
    const places = placeBeside([20, 21, 22, 90], 18, 10, 92)
    expect(places).toEqual([...places].sort((a, b) => a - b))
    for (const [i, y] of places.slice(1).entries()) expect(y - (places[i] ?? 0)).toBeGreaterThanOrEqual(17.99)
    expect(places.at(-1)).toBeLessThanOrEqual(92)
  })

  it('stand where they are wanted where nothing is in the way', () => {
    expect(placeBeside([20, 60, 90], 18, 10, 100)).toEqual([20, 60, 90])
  })
})
