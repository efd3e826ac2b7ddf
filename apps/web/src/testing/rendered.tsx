import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { MemoryRouter } from 'react-router'
import './speaking.js'
import { Toasts } from '../ui/toasts.js'

type LengthUnit = 'mm' | 'in'

const ENTITIES: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', quot: '"', '#x27': "'" }

/** The markup of something that a page shows, as it stands before anything is touched; what it asks the server for is not there yet. */
const markupOf = (shown: ReactNode, units: LengthUnit): string => {
  const client = new QueryClient()
  client.setQueryData(['house-rules'], { units, fractionDenominator: 16 })
  return renderToStaticMarkup(
    <QueryClientProvider client={client}>
      <MemoryRouter>
        <Toasts>{shown}</Toasts>
      </MemoryRouter>
    </QueryClientProvider>,
  )
}

/** The words of it in a house of such units, with a blank wherever one element ends. */
export const wordsOf = (shown: ReactNode, units: LengthUnit = 'mm'): string =>
  markupOf(shown, units)
    .replaceAll(/<[^>]*>/g, ' ')
    .replaceAll(/&(#x27|\w+);/g, (whole, name: string) => ENTITIES[name] ?? whole)
    .replaceAll(/\s+/g, ' ')
    .trim()
