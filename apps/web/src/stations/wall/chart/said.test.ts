import type { ChartAnswer, ChartCellAnswer } from '@bold-heron/schema'
import i18next from 'i18next'
import { describe, expect, it } from 'vitest'
import '../../../testing/speaking.js'
import { lengthsIn } from '../../../text/lengths.js'
import { platesOfChart, sayCell, sayColumn, sayFeel, sayPasses, sayRow, sayShims } from './said.js'

const t = i18next.getFixedT(null, 'app')
const mm = lengthsIn({ unit: 'mm', denominator: 16 })
const inches = lengthsIn({ unit: 'in', denominator: 16 })

const chart = {
  plates: [
    { id: 'paper', name: 'Copy paper', thicknessMm: 0.1 },
    { id: 'card', name: 'Cereal card', thicknessMm: 0.31 },
  ],
} as unknown as ChartAnswer
const figures = { passes: 2, chance: 0.973, stops: 0, effort: 0.3, squeezeMm: 0.9, cautions: [] }
const cell = (more: Partial<ChartCellAnswer>): ChartCellAnswer =>
  ({ is: 'base', base: 1, shimIds: [], figures, ...more }) as ChartCellAnswer

describe('a cell of the wall chart', () => {
  it('adds its shims up as they are laid, in the unit of the house', () => {
    expect(sayShims(['paper', 'card'], chart, mm)).toBe('+0.10 +0.31')
    expect(sayShims(['paper'], chart, inches)).not.toContain('in')
    expect(sayShims([], chart, mm)).toBe('')
    expect(platesOfChart(chart).get('card')?.name).toBe('Cereal card')
  })

  const bare: ChartCellAnswer = { is: 'empty', shimIds: [], better: [] }

  it('has its passes and its feel in few signs', () => {
    expect(sayPasses(cell({}))).toBe('2×')
    expect(sayPasses(bare)).toBe('?×')
    expect(sayFeel(t, cell({}))).toMatch(/97 %$/)
    expect(sayFeel(t, bare)).toBe('')
  })

  it('is never surer than over 99', () => {
    expect(sayFeel(t, cell({ figures: { ...figures, chance: 1 } }))).toContain('>99 %')
  })

  it('is one sentence for whoever does not see the grid', () => {
    const onBase = sayCell(t, chart, cell({ shimIds: ['paper'] }), mm)
    expect(onBase).toContain('2')
    expect(onBase).toContain('+0.10')
    expect(sayCell(t, chart, cell({ is: 'own' }), mm)).not.toContain('+')
    const why = sayCell(t, chart, cell({ is: 'empty', why: 'too-thick' }), mm)
    expect(why).not.toBe(sayCell(t, chart, cell({ is: 'empty' }), mm))
    expect(sayCell(t, chart, cell({ is: 'empty' }), mm)).toBe(
      sayCell(t, chart, cell({ is: 'empty', why: 'not-sure' }), mm),
    )
  })
})

describe('the heads of the chart', () => {
  it('name a sheet by its name, plain card as such, both with their thickness', () => {
    const ivory = { id: 'a1', name: 'Ivory card 250', thicknessMm: 0.31 }
    expect(sayColumn(t, ivory, mm)).toEqual(['Ivory card 250', '0.31 mm'])
    const [plain] = sayColumn(t, { ...ivory, id: 'card 0.31' }, mm)
    expect(plain).not.toBe('Ivory card 250')
  })

  it('name a die by its name, a usual die by its class', () => {
    const die = { id: 'd', name: 'Gull trio', dieClass: 'thin-outline' } as ChartAnswer['rows'][number]
    expect(sayRow(t, die)).toBe('Gull trio')
    expect(sayRow(t, { ...die, id: 'usual thin-outline' })).toMatch(/outline/)
  })
})
