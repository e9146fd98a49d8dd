// @vitest-environment happy-dom
import { fireEvent, screen, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { JOBS, jobOf } from '../../testing/server'

const ID = JOBS['half-cut']
const open = () => openPage(`/jobs/${ID}/paper`, 'jointer')
const linkOf = async (name: string) => (await screen.findByRole('link', { name: `${name}, PDF` })).getAttribute('href')

it('asks for each paper as it is wanted', async () => {
  open()
  expect(await linkOf('Mark-out card')).toBe(`/api/jobs/${ID}/card.pdf?unit=mm&paper=a4&from=cable-end`)
  expect(await linkOf('Strip at true size')).toBe(`/api/jobs/${ID}/template.pdf?unit=mm&paper=a4&plain=160`)
  fireEvent.click(screen.getByLabelText('Letter'))
  fireEvent.click(screen.getByLabelText('End B'))
  fireEvent.click(within(screen.getByRole('group', { name: 'Measured from' })).getByLabelText(/centre/))
  fireEvent.click(screen.getByLabelText('All of it'))
  expect(await linkOf('Mark-out card')).toBe(`/api/jobs/${ID}/card.pdf?unit=mm&paper=letter&end=B&from=joint-centre`)
  expect(await linkOf('Strip at true size')).toBe(`/api/jobs/${ID}/template.pdf?unit=mm&paper=letter&end=B&plain=0`)
  expect(await linkOf('Record')).toBe(`/api/jobs/${ID}/record.pdf?unit=mm&paper=letter`)
})

it('keeps a number that is none as it was typed, says so, and asks for the last good one', async () => {
  open()
  fireEvent.change(await screen.findByLabelText('First free place'), { target: { value: '5' } })
  fireEvent.change(screen.getByLabelText('First free place'), { target: { value: '99' } })
  expect(screen.getByText('A whole number from 1 to 24. Until then it is 5.')).toBeTruthy()
  expect(screen.getByLabelText('First free place')).toHaveProperty('value', '99')
  expect(await linkOf('Labels')).toBe(`/api/jobs/${ID}/labels.pdf?unit=mm&paper=a4&first=5&copies=1`)
})

it('says what stands in the way, for it stands on the paper too', async () => {
  openPage(`/jobs/${JOBS['no-fit']}/paper`, 'jointer')
  expect(await screen.findByText('They are marked “do not cut by this”')).toBeTruthy()
  expect(jobOf('no-fit').obstacles.length).toBeGreaterThan(0)
})
