// @vitest-environment happy-dom
import { openedOn } from '../../drawing/section/opened'
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { JOBS, jobOf } from '../../testing/server'
import { svgOf, titleOf } from './saved'
import { bracketOf, keyOfRule, nameOfRule, rulesOf, type Section } from './rules'
import { touchedAt, TouchedFacts, type Found } from './TouchedFacts'
import { UnitProvider } from '../../ui/UnitContext'

const sectionOf = (name: keyof typeof JOBS): Section => {
  const { section } = jobOf(name)
  if (!section) throw new Error('it is planned')
  return section
}

describe('the section of a job', () => {
  it('names the least to spare first, and every rule with what it asks', async () => {
    openPage(`/jobs/${JOBS.staged}/section`)
    const rules = rulesOf(sectionOf('staged'))
    expect(await screen.findByText('The least to spare')).toBeTruthy()
    const list = within(screen.getByRole('region', { name: 'Rules' }))
    expect(list.getAllByRole('listitem')).toHaveLength(rules.length)
    expect(list.getAllByRole('button')[0]?.getAttribute('aria-pressed')).toBe('true')
  })

  it('shows the rule that is chosen, and what takes of it', async () => {
    openPage(`/jobs/${JOBS.staged}/section`)
    const rows = within(await screen.findByRole('region', { name: 'Rules' })).getAllByRole('button')
    fireEvent.click(rows[1] ?? document.body)
    await waitFor(() => expect(screen.getByText('Chosen')).toBeTruthy())
  })

  it('tells the same facts in a table', async () => {
    openPage(`/jobs/${JOBS.staged}/section`)
    const table = await screen.findByRole('table', { name: /What lies where/ })
    const { layers, items } = sectionOf('staged')
    expect(within(table).getAllByRole('row')).toHaveLength(1 + layers.length + items.length)
  })

  it('steps through the stages with the arrow keys, and stops at the ends', async () => {
    openPage(`/jobs/${JOBS.staged}/section`)
    expect(await screen.findByText('as finished')).toBeTruthy()
    const stages = jobOf('staged').stages ?? []
    fireEvent.keyDown(window, { key: 'ArrowRight' })
    expect(screen.getByText('as finished')).toBeTruthy()
    fireEvent.keyDown(window, { key: 'ArrowLeft' })
    expect(await screen.findByText(`after “${stages.at(-2)?.title}”`)).toBeTruthy()
  })

  it('is reached from the marks, and leads back to them', async () => {
    openPage(`/jobs/${JOBS.staged}/mark-out`)
    expect((await screen.findByRole('link', { name: 'Section' })).getAttribute('href')).toBe(`/jobs/${JOBS.staged}/section`)
  })
})

describe('rules', () => {
  it('are sorted by how sure they are and then by what is left', () => {
    const order = { fails: 0, 'not-likely': 1, likely: 2, proved: 3 }
    const keys = rulesOf(sectionOf('staged')).map((rule) => [order[rule.proof], rule.worstMm])
    expect(keys).toEqual([...keys].sort((a, b) => (a[0] ?? 0) - (b[0] ?? 0) || (a[1] ?? 0) - (b[1] ?? 0)))
  })

  it('are told apart, named shortly, and bracketed where they speak of a stretch', () => {
    const section = sectionOf('staged')
    const rules = rulesOf(section)
    expect(new Set(rules.map(keyOfRule)).size).toBe(rules.length)
    const lap = rules.find((rule) => rule.rule === 'laps' && rule.of !== null)
    if (!lap) throw new Error('it has laps')
    expect(nameOfRule(lap, section, 'mm')).toMatch(/ onto the .*, end [AB], core 2$/)
    const bracket = bracketOf(openedOn(section, lap.core ?? 1), lap)
    expect((bracket?.toMm ?? 0) - (bracket?.fromMm ?? 0)).toBeCloseTo(Math.abs(lap.valueMm), 0)
  })
})

describe('a touch', () => {
  it('finds what lies there, with its diameters, and nothing beside it', () => {
    const section = sectionOf('staged')
    const layer = section.layers.find((one) => one.key === 'insulation' && one.end === 'A')
    if (!layer) throw new Error('it has insulation')
    const lane = 'core' as const
    const found = touchedAt({ ...section, items: [] }, null, {
      mm: (layer.fromMm + layer.toMm) / 2,
      radiusMm: layer.radiusMm - 0.2,
      lane,
    })
    expect([found?.key, found?.outsideMm]).toEqual(['insulation', layer.radiusMm])
    expect(touchedAt(section, null, { mm: 0, radiusMm: 500, lane })).toBeNull()
  })

  it('tells the field in the insulation only where its own screen lies on it', () => {
    const section = { ...sectionOf('staged'), items: [] }
    const layer = section.layers.find((one) => one.key === 'insulation' && one.end === 'A')
    const field = layer?.field
    if (!layer || !field) throw new Error('its diameters are known')
    const fieldAt = (mm: number) => touchedAt(section, null, { mm, radiusMm: layer.radiusMm - 0.2, lane: 'core' })?.field ?? null
    expect(fieldAt((field.fromMm + field.toMm) / 2)).toEqual(field)
    expect(fieldAt((layer.fromMm + layer.toMm) / 2)).toBeNull()
  })

  it('tells where an item was to lie, where it lies otherwise', () => {
    const section = sectionOf('staged')
    const item = section.items.find((one) => one.outline.length > 0 && one.offStage === null)
    const on = item?.outline[0]
    if (!item || !on) throw new Error('it has items')
    const moved = { ...item, planned: { fromMm: item.fromMm + 3, toMm: item.toMm + 3 } }
    const touched = { mm: (on.fromMm + on.toMm) / 2, radiusMm: (on.insideMm + on.outsideMm) / 2, lane: 'core' as const }
    const at = (one: typeof item) => touchedAt({ ...section, items: [one] }, null, touched)
    expect(at(moved)?.planned).toEqual(moved.planned)
    expect(at({ ...item, planned: null })?.planned).toBeNull()
    render(
      <UnitProvider name="section" initial="mm">
        <TouchedFacts found={at(moved) as Found} known={section} onClose={() => undefined} />
      </UnitProvider>,
    )
    expect(screen.getByRole('status').textContent).toContain('planned ')
  })
})

describe('the file', () => {
  it('has a title block, and no colour that only this page knows', () => {
    const drawn = document.createElementNS('http://www.w3.org/2000/svg', 'svg')
    drawn.setAttribute('width', '300')
    drawn.setAttribute('height', '100')
    drawn.innerHTML = '<rect fill="var(--color-ink)"/>'
    document.documentElement.style.setProperty('--color-ink', '#123456')
    const job = jobOf('staged')
    const text = svgOf(drawn, titleOf(job, sectionOf('staged'), 'mm'))
    expect(text).toContain(job.name)
    expect(text).toContain('as found, mm')
    expect(text).toContain('viewBox="0 0 300 166"')
    expect(text).not.toContain('var(')
  })
})
