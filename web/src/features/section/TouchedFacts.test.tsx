// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, expect, it } from 'vitest'
import { jobOf } from '../../testing/server'
import { UnitProvider } from '../../ui/UnitContext'
import { TouchedFacts, type Found } from './TouchedFacts'

afterEach(cleanup)

const { section } = jobOf('staged')

/** The calculations that are offered where such a part was touched, with what they are filled in with. */
function offeredAt(nature: Found['nature']): string[] {
  if (!section) throw new Error('it is planned')
  const found: Found = {
    ...{ key: 'touched', name: 'A part', madeOf: '', reason: null, planned: null, field: null },
    ...{ isLayer: false, nature, fromMm: 500, toMm: 530, insideMm: 7, outsideMm: 12 },
  }
  render(
    <MemoryRouter>
      <UnitProvider name="touched" initial="mm">
        <TouchedFacts found={found} known={section} onClose={() => undefined} />
      </UnitProvider>
    </MemoryRouter>,
  )
  return screen.queryAllByRole('link').map((link) => decodeURIComponent(link.getAttribute('href') ?? '').replaceAll('+', ' '))
}

it('offers what is reckoned of such a part, filled in', () => {
  expect(offeredAt('wrap')).toEqual([
    '/bench/tape?unit=mm&beneath=14 mm&to=24 mm&along=30 mm',
    '/bench/fill?unit=mm&inner=14 mm&outer=24 mm&long=30 mm',
  ])
})

it('offers the wall of a tube, and the stretch of rubber', () => {
  expect(offeredAt('tube')).toEqual(['/bench/shrink?unit=mm&beneath=14 mm'])
})

it('offers the stretch of a body', () => {
  expect(offeredAt('pushed')).toEqual(['/bench/stretch?unit=mm&beneath=14 mm'])
})

it('offers nothing of what has no wall of its own', () => {
  expect(offeredAt('zone')).toEqual([])
})
