import { render } from '@testing-library/react'
import { Told } from './Told.tsx'

test.each([
  ['plain', 'plain'],
  ['for **25 Nov**, and no more', 'for <b>25 Nov</b>, and no more'],
  ['**One** and **two**', '<b>One</b> and <b>two</b>'],
])('%s', (text, html) => {
  const { container } = render(<Told text={text} />)
  expect(container.innerHTML).toBe(html)
})
