import { expect, it } from 'vitest'
import type { Job, Written } from '../api/types'
import { withChanges } from './changes'

const job = { stamp: 'a', next: { title: 'cut' }, marks: [{ at: 1 }, { at: 2 }], left: { as: 'it is' } } as unknown as Job
const written = (before: string, stamp: string, changes: Written['changes']) => ({ before, stamp, changes }) as unknown as Written

it('sets each change in its place and leaves the rest as it is', () => {
  const after = withChanges(
    job,
    written('a', 'b', [
      { at: ['stamp'], value: 'b' },
      { at: ['marks', 1, 'at'], value: 3 },
      { at: ['next'], value: { title: 'park' } },
    ]),
  )
  expect(after).toEqual({ stamp: 'b', next: { title: 'park' }, marks: [{ at: 1 }, { at: 3 }], left: { as: 'it is' } })
  expect(after && 'left' in after && after.left).toBe((job as unknown as { left: unknown }).left)
  expect((job as unknown as { marks: unknown }).marks).toEqual([{ at: 1 }, { at: 2 }])
})

it('does not set changes into a job that they do not stand on', () => {
  expect(withChanges(job, written('x', 'b', []))).toBeNull()
})

it('has nothing to do where the job is known already', () => {
  expect(withChanges(job, written('x', 'a', [{ at: ['next'], value: null }]))).toBe(job)
})
