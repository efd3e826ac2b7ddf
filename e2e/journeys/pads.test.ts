import type { PadWearRow } from '@bold-heron/schema'
import { expect, it } from 'vitest'
import { en } from '../fixtures/words.js'
import { setOut, withDemo } from '../fixtures/journey.js'
import { css, field } from '../fixtures/spot.js'

const { application, browser } = await setOut(withDemo)

const ask = async <Answer>(path: string): Promise<Answer> =>
  (await (await fetch(`${application.address}/api/${path}`)).json()) as Answer
const padNamed = async (name: string) => (await ask<PadWearRow[]>('pad-wear')).find((pad) => pad.name === name)!
const PAD = 'Clear pad, small'

it('a pad shows what each face has borne, and how long it will last', async () => {
  const { plateId, passesLeft } = await padNamed(PAD)
  await browser.go(`/shelf/plates/${plateId}`)
  await browser.says(en.shelf.wear.title)
  await browser.says(`About ${Math.round(passesLeft!)} more passes`)
  const [a, b] = await browser.attributes(css('figure svg[role=img]'), 'aria-label')
  expect(a).toMatch(/marked face: \d+ passes, \d+\.\d m of cut/)
  expect(b).toContain('plain face: 0 passes')
})

it('a pad is marked as kept for the hard plate, and only a pad can be', async () => {
  const { plateId } = await padNamed(PAD)
  await browser.go(`/shelf/plates/${plateId}`)
  const label = en.shelf.field.reservedForSteel
  await browser.click(field(label))
  await browser.press('Save')
  await browser.until(async () => (await ask<{ reservedForSteel: boolean }>(`plates/${plateId}`)).reservedForSteel)
  await browser.choose('Kind', 'shim')
  await browser.saysNoMore(label)
})

it('the log’s pictures say how long the pads will last', async () => {
  await browser.go('/log?view=pictures')
  await browser.says(en.log.pictures.pads)
  await browser.says(`${PAD}: about`)
  expect(await browser.complaints()).toEqual([])
})
