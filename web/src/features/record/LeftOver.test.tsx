// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import type { Job } from '../../api/types'
import { UnitProvider } from '../../ui/UnitContext'
import { LeftOver } from './LeftOver'

const says = (template: string) => ({ template, values: {} })
const springs = { key: 'spring', name: 'Spring', missed: [{ over: 2, says: says('1 spring more than there should be.') }] }
const wound = { key: 'tape', name: 'Tape', missed: [] }
const job = { connectorFitted: { batch: 'B1' }, materials: [springs, wound] } as unknown as Job

const show = (shown: Job) =>
  render(
    <UnitProvider name="test" initial="mm">
      <LeftOver job={shown} />
    </UnitProvider>,
  )

afterEach(cleanup)

it('names what was left out where more is over than should be', () => {
  show(job)
  expect(screen.getByText('1 should be over')).toBeTruthy()
  fireEvent.change(screen.getByLabelText(/Spring/), { target: { value: '1' } })
  expect(screen.queryByText('1 spring more than there should be.')).toBeNull()
  fireEvent.change(screen.getByLabelText(/Spring/), { target: { value: '2' } })
  expect(screen.getByText('1 spring more than there should be.')).toBeTruthy()
  expect(screen.queryByLabelText(/Tape/)).toBeNull()
})

it('is not asked before the connector is on', () => {
  show({ ...job, connectorFitted: null })
  expect(screen.queryByText(/Count what is over/)).toBeNull()
})
