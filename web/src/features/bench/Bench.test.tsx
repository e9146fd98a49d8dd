// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { BenchTool } from '../../api/types'
import { openPage } from '../../testing/page'
import { answerOf, problem, type Server } from '../../testing/server'
import { PLACES } from './places'

const TOOLS = answerOf('bench') as { tools: BenchTool[] }

const open = (path: string, more: (server: Server) => void = () => undefined) =>
  openPage(path, 'jointer', (server) => {
    server.gives('GET', '/api/bench', TOOLS)
    server.gives('GET', '/api/bench/strip', answerOf('bench-strip'))
    server.gives('GET', '/api/bench/tape', answerOf('bench-tape'))
    more(server)
  })

it('has every tool on the drawing, and no other', async () => {
  open('/bench')
  await screen.findAllByText('Strip length')
  expect(PLACES.map(({ tool }) => tool).sort()).toEqual(TOOLS.tools.map(({ key }) => key).sort())
  const [first] = await screen.findAllByRole('link', { name: /Strip length/ })
  expect(first?.getAttribute('href')).toBe('/bench/strip')
})

it('says what it comes to, how, from where, and draws it', async () => {
  open('/bench/strip')
  expect((await screen.findAllByText('65 mm')).length).toBeGreaterThan(0)
  expect(screen.getByText('60 mm deep and 5 mm of gap: 65 mm.')).toBeTruthy()
  expect(screen.getByText(/^Source: geometry/)).toBeTruthy()
  expect(screen.getByRole('img', { name: /connector, before/ })).toBeTruthy()
})

it('opens filled in from its address, and writes what is typed into it', async () => {
  const server = open('/bench/strip?depth=42&unit=mm')
  expect(await screen.findByLabelText('Depth of the barrel, mm')).toHaveProperty('value', '42')
  fireEvent.change(screen.getByLabelText('Gap to the insulation before, mm'), { target: { value: '3,5' } })
  await waitFor(() => expect(server.sent.at(-1)?.search).toBe('?unit=mm&depth=42&gap=3%2C5'))
  fireEvent.click(screen.getByLabelText('in, °F'))
  expect(await screen.findByLabelText('Depth of the barrel, in')).toHaveProperty('value', '2 3/8')
})

it('names the field that cannot be taken, and keeps the rest as it was', async () => {
  open('/bench/strip?depth=9999&hat=1', (server) =>
    server.answers('GET', '/api/bench/strip', () =>
      problem(422, 'It cannot be worked out.', {
        problems: [
          { path: 'depth', message: 'must be from 5 mm to 400 mm.' },
          { path: 'hat', message: 'is not asked for by this tool: leave it out.' },
        ],
      }),
    ),
  )
  expect(await screen.findByText('Must be from 5 mm to 400 mm.')).toBeTruthy()
  expect(screen.getByText(/“hat” in the address is not asked for/)).toBeTruthy()
  expect(screen.getByLabelText('Depth of the barrel, mm')).toHaveProperty('value', '9999')
  expect(screen.getByLabelText('Gap to the insulation before, mm')).toHaveProperty('value', '5')
})

it('asks no server for a tool that there is not', async () => {
  open('/bench/hat')
  expect(await screen.findByText('There is no such tool: take one of them all.')).toBeTruthy()
})

it('copies the result with its working, its source and its address', async () => {
  const copied: string[] = []
  Object.defineProperty(navigator, 'clipboard', {
    value: { writeText: (text: string) => Promise.resolve(void copied.push(text)) },
    configurable: true,
  })
  open('/bench/tape')
  fireEvent.click(await screen.findByRole('button', { name: 'Copy the result' }))
  expect(await screen.findByText('Copied.')).toBeTruthy()
  expect(copied[0]).toMatch(/^Tape, mastic, mesh\nPasses: 2\nIt comes to: 34 mm\n[\s\S]*Source: textbook geometry/)
})

it('rings are drawn for what goes round', async () => {
  open('/bench/tape')
  expect(await screen.findByRole('img', { name: 'beneath, asked for, wound' })).toBeTruthy()
})
