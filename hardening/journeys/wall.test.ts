import { type ChartRow, type Page } from '@bold-heron/schema'
import { it } from 'vitest'
import { setOut, withDemo } from '../../e2e/fixtures/journey.js'
import { en } from '../../e2e/fixtures/words.js'
import { workshopAt } from '../../e2e/fixtures/workshop-at.js'

const { application, browser } = await setOut(withDemo)
const { ask, send, firstId: idOf } = workshopAt(() => application.address)
const { wall } = en

it('a print of a chart goes stale when a plate is measured anew', async () => {
  const { id } = await send<ChartRow>('/api/charts', {
    name: 'One by one',
    pressId: await idOf('presses', 'Library'),
    rows: { by: 'dies', dieIds: [await idOf('dies', 'Gull')] },
    columns: { by: 'sheets', sheetIds: [await idOf('sheets', 'Ivory')] },
    perBase: 1,
  })
  await browser.go(`/wall/charts/${id}`)
  await browser.press(wall.print.pdf)
  await browser.says(wall.printedFresh.split('{{day}}')[1]!)
  const paper = await ask<Page<{ id: string; version: number } & Record<string, unknown>>>(
    '/api/plates?q=Clear%20pad%2C%20small',
  )
  const [pad] = paper.items
  const { id: padId, version, createdAt: _, updatedAt: __, retiredAt: ___, ...input } = pad!
  await ask(`/api/plates/${padId}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'If-Match': `"${version}"` },
    body: JSON.stringify({ ...input, thicknessMm: 3.11 }),
  })
  await browser.go(`/wall/charts/${id}`)
  await browser.says(wall.printedStale.split('{{day}}')[1]!.split('{{parts}}')[0]!)
  await browser.says(wall.part.plates)
})
