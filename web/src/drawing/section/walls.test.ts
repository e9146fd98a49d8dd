import { expect, it } from 'vitest'
import { jobOf } from '../../testing/server'
import { withWalls } from './walls'

it('shows a part whose wall is not said, and leaves what is known as it is', () => {
  const { section } = jobOf('finished')
  if (!section) throw new Error('it is planned')
  const tube = section.items.find((one) => !one.wallSaid)
  expect(tube?.outline.every((one) => one.outsideMm === one.insideMm)).toBe(true)
  const drawn = withWalls(section).items.find((one) => one.key === tube?.key)
  expect(drawn?.outline.every((one) => one.outsideMm > one.insideMm)).toBe(true)
  expect(withWalls(section).layers).toBe(section.layers)
})

it('is the section itself where every wall is said', () => {
  const { section } = jobOf('finished')
  if (!section) throw new Error('it is planned')
  const said = { ...section, items: section.items.map((one) => ({ ...one, drawn: null })) }
  expect(withWalls(said)).toBe(said)
})
