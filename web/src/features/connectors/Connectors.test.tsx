// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { Connector } from '../../api/types'
import { openPage } from '../../testing/page'
import { answerOf, problem, taken } from '../../testing/server'

const connectors = () => (answerOf('connectors') as { connectors: Connector[] }).connectors

it('shows a connector by both of its sides, in words', async () => {
  openPage('/connectors')
  fireEvent.click(await screen.findByRole('button', { name: /Bimetal crimp connector Al 240/ }))
  expect(await screen.findByText(/^One side for aluminium, 240 mm²: bore/)).toBeTruthy()
  expect(screen.getByText(/^One side for copper, 185 mm²: bore/)).toBeTruthy()
})

it('is changed by nobody who may not, and says who may', async () => {
  openPage('/connectors')
  expect(await screen.findByText(/An engineer adds connectors/)).toBeTruthy()
  expect(screen.queryByRole('button', { name: 'New connector' })).toBeNull()
  expect(screen.queryByRole('button', { name: 'Change it' })).toBeNull()
})

describe('a new connector', () => {
  const open = async () => fireEvent.click(await screen.findByRole('button', { name: 'New connector' }))
  const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } })

  it('is written field by field and kept as its open file', async () => {
    const server = openPage('/connectors', 'engineer', (server) =>
      server.answers('POST', '/api/connectors', () => taken(connectors()[0], 201)),
    )
    await open()
    type('Name', 'Al crimp connector 70')
    type('Maker', 'Brasswick Connectors')
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(server.stored[0]?.body).toMatchObject({ revision: 1, name: 'Al crimp connector 70', maker: 'Brasswick Connectors' })
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Keep it' })).toBeNull())
  })

  it('says at its fields what is wrong, and loses nothing, not even by a reload', async () => {
    openPage('/connectors', 'engineer', (server) =>
      server.answers('POST', '/api/connectors', () =>
        problem(422, 'It has faults.', { problems: [{ path: 'name', message: 'is missing.' }] }),
      ),
    )
    await open()
    type('Maker', 'Brasswick Connectors')
    fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
    await waitFor(() => expect(screen.getByLabelText('Name').getAttribute('aria-invalid')).toBe('true'))
    expect(screen.getByRole('alert').textContent).toContain('It has faults.')
    cleanup()
    openPage('/connectors', 'engineer')
    await open()
    expect(screen.getByLabelText<HTMLInputElement>('Maker').value).toBe('Brasswick Connectors')
    fireEvent.click(screen.getByRole('button', { name: 'Cancel' }))
    await open()
    expect(screen.getByLabelText<HTMLInputElement>('Maker').value).toBe('')
  })
})

it('is changed as its next revision', async () => {
  const [first] = connectors()
  const server = openPage('/connectors', 'engineer', (server) => {
    server.gives('GET', `/api/connectors/${first?.id}/${first?.revision}`, {
      id: first?.id,
      revision: first?.revision,
      name: first?.name,
      maker: 'x',
    })
    server.answers('POST', '/api/connectors', () => taken(first, 201))
  })
  fireEvent.click(await screen.findByRole('button', { name: 'Change it' }))
  fireEvent.click(await screen.findByRole('button', { name: 'Keep it as the next revision' }))
  await waitFor(() => expect(server.stored).toHaveLength(1))
  expect(server.stored[0]?.body).toEqual({ id: first?.id, revision: (first?.revision ?? 0) + 1, name: first?.name, maker: 'x' })
})

it('says that none is called so', async () => {
  openPage('/connectors', 'jointer', (server) =>
    server.gives('GET', '/api/connectors', { connectors: [], total: 0, page: 1, perPage: 20 }),
  )
  expect(await screen.findByText('None is called so.')).toBeTruthy()
})
