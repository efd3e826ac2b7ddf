import { expect, it } from 'vitest'
import { setOut, withDemo } from '../fixtures/journey.js'
import { css, xpath } from '../fixtures/spot.js'

const { application, browser } = await setOut(withDemo)

it('a plate typed in inches is kept as typed and shown in both units', async () => {
  await browser.go('/shelf/plates')
  await browser.follow('Add a plate or shim')
  await browser.type('Name', 'Tin sheet')
  await browser.choose('Kind', 'shim')
  await browser.type('Thickness of one', '1/64 in')
  await browser.says('= 0.40 mm = 0.016 in')
  await browser.type('Width, across the throat', '6"')
  await browser.type('Width at full thickness', '6"')
  await browser.press('Save')
  await browser.says('Tin sheet is saved.')
  await browser.untilPath(/^\/shelf\/plates\/[0-9a-f-]{36}$/)
  const { items } = (await (await fetch(`${application.address}/api/plates?q=Tin sheet`)).json()) as { items: object[] }
  expect(items[0]).toMatchObject({ thicknessMm: 25.4 / 64, widthMm: 152.4 })
})

it.each([
  ['-3', 'A length cannot be below zero.'],
  ['<script>alert(1)</script>', 'This cannot be read as a length.'],
  ['70 mm', 'This must be at most 60.00 mm.'],
])('a thickness of "%s" is refused beside its field, and what was typed stays', async (typed, said) => {
  await browser.type('Thickness of one', typed)
  await browser.press('Save')
  await browser.says(said)
  await browser.holds('Thickness of one', typed)
})

it('every fault shows at once', async () => {
  await browser.type('Name', '')
  await browser.type('Pieces alike', 'many')
  await browser.press('Save')
  await browser.says('This must not be empty.')
  await browser.says('This cannot be read as a whole number.')
})

it('leaving with unsaved typing asks first', async () => {
  await browser.follow('Dies')
  await browser.heading('Leave without saving?')
  await browser.press('Stay here')
  await browser.untilPath(/^\/shelf\/plates\//)
  await browser.follow('Dies')
  await browser.press('Leave, drop it')
  await browser.untilPath(/^\/shelf\/dies/)
})

it('a die is duplicated, put aside, taken back, deleted and had back', async () => {
  await browser.go('/shelf/dies')
  await browser.follow('Gull trio')
  await browser.press('Duplicate')
  await browser.heading('New die')
  await browser.press('Save')
  await browser.says('Gull trio (copy) is saved.')
  await browser.untilPath(/^\/shelf\/dies\/[0-9a-f-]{36}$/)

  await browser.press('Put aside')
  await browser.says('is put aside')
  await browser.press('Take back into use')
  await browser.says('is back in use')

  await browser.press('Delete')
  await browser.says('Gull trio (copy) is deleted.')
  await browser.until(async () => !(await browser.text(css('table'))).includes('(copy)'))
  await browser.click(xpath(`//li[contains(., 'is deleted')]//button[normalize-space(.)='Undo']`))
  await browser.link('Gull trio (copy)')
})

it('two windows do not overwrite each other unnoticed', async () => {
  await browser.go('/shelf/sheets')
  await browser.follow('Kraft card 280')
  await browser.press('Edit')
  await browser.type('Note', 'from this window')
  const { items } = (await (await fetch(`${application.address}/api/sheets?q=Kraft`)).json()) as {
    items: { id: string; version: number }[]
  }
  const { id, version, ...row } = items[0]!
  const other = await fetch(`${application.address}/api/sheets/${id}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', 'If-Match': `"${version}"` },
    body: JSON.stringify({ ...row, note: 'from the other window' }),
  })
  expect(other.status).toBe(200)
  await browser.press('Save')
  await browser.heading('Somebody saved this in the meantime')
  await browser.says('theirs: from the other window; yours: from this window')
  await browser.press('Save mine over it')
  await browser.says('Kraft card 280 is saved.')
  const saved = (await (await fetch(`${application.address}/api/sheets/${id}`)).json()) as { note: string }
  expect(saved.note).toBe('from this window')
})

it('units switch everywhere', async () => {
  await browser.go('/shelf/dies')
  await browser.words('96 × 74 mm')
  await browser.press('Inches')
  await browser.words('3 3/4 × 2 15/16 in')
  await browser.press('Millimetres')
  await browser.words('96 × 74 mm')
})

it('an unknown address and an unknown id say so', async () => {
  await browser.go('/shelf/anvils')
  await browser.heading('There is nothing at this address')
  await browser.go('/shelf/dies/00000000-0000-4000-8000-000000000000')
  await browser.says('There is no such die.')
})
