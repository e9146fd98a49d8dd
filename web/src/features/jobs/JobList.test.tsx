// @vitest-environment happy-dom
import { screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'

it('says of each job the next step', async () => {
  openPage('/')
  expect(await screen.findByRole('link', { name: /Hollin Cross 2/ })).toBeTruthy()
})
