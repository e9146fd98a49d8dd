// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import { LastHeard } from './LastHeard'

type Member = { name: string; shownAs: string; heardAt: string | null; alongAt: string | null }
let people: Member[] = []
vi.mock('@tanstack/react-query', () => ({
  useQuery: ({ queryKey: [what] }: { queryKey: string[] }) => ({
    data: what === 'session' ? { person: { name: 'jointer' } } : { people },
  }),
}))
vi.mock('../api/people', () => ({ peopleQueries: { crew: () => ({ queryKey: ['crew'] }) } }))
vi.mock('../api/session', () => ({ sessionQuery: { queryKey: ['session'] } }))
afterEach(cleanup)

const ago = (seconds: number) => new Date(Date.now() - 1000 * seconds).toISOString()

it('tells of whoever has the job along and is silent, and of nobody else', () => {
  people = [
    { name: 'jointer', shownAs: 'Wren', heardAt: ago(3600), alongAt: ago(7200) },
    { name: 'mate', shownAs: 'Orrin', heardAt: ago(3600), alongAt: ago(7200) },
    { name: 'near', shownAs: 'Cy', heardAt: ago(60), alongAt: ago(7200) },
    { name: 'desk', shownAs: 'Ida', heardAt: ago(3600), alongAt: null },
    { name: 'never', shownAs: 'Bo', heardAt: null, alongAt: null },
  ]
  render(<LastHeard jobId="job" />)
  expect(screen.getAllByRole('status').map((one) => one.textContent)).toEqual([
    expect.stringMatching(/^Orrin has this job along, and was last heard from at .*\d\d:\d\d\./),
  ])
})
