// @vitest-environment happy-dom
import { act, screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import { notHeard } from '../../engine/signal'
import { openPage } from '../../testing/page'

it('says since when there is no signal, and that nothing was taken along', async () => {
  const server = openPage('/')
  await screen.findByRole('list', { name: 'Jobs' })
  server.goesOffline()
  act(() => notHeard())
  expect((await screen.findByText(/^No signal since \d\d:\d\d\.$/)).textContent).toBeTruthy()
  expect(screen.getByText(/No job was taken along to this device/)).toBeTruthy()
  server.comesBack()
  window.dispatchEvent(new Event('online'))
  await waitFor(() => expect(screen.getByRole('list', { name: 'Jobs' })).toBeTruthy())
})

it('opens without signal for whoever signed in here last', async () => {
  openPage('/')
  await screen.findByRole('list', { name: 'Jobs' })
  await waitFor(() => expect(localStorage.getItem('berm.person')).toBe('jointer'))
})
