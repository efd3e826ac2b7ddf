import { boxAround, type Die, heightOfBox, type Placement, startPlacement, widthOf } from '@bold-heron/core'
import { describe, expect, it } from 'vitest'
import { among, dieOfLines, letters } from '../../../../../packages/core/src/testing/placed.js'
import { wordsOf } from '../../testing/rendered.js'
import { RunSteps } from './RunSteps.js'

const sized = (die: Die): Die => {
  const box = boxAround(die.outline.lines)!
  return { ...die, lengthMm: widthOf(box), widthMm: heightOfBox(box) }
}
const half = sized(dieOfLines('half', [[0, 0, 20, 10, 0, 30]]))
const frame = sized(dieOfLines('frame', [[0, 0, 60, 0, 60, 40, 0, 40, 0, 0]]))
const disc = sized(dieOfLines('disc', [[0, 0, 30, 0, 30, 30, 0, 30, 0, 0]]))
const [bar, box] = [sized(letters.bar), sized(letters.box)]
const dieOf = among([half, frame, disc, bar, box])
const begun = (kind: Parameters<typeof startPlacement>[0], ...dies: Die[]) =>
  startPlacement(kind, { dies, nameOf: (count) => `Run ${count}`, overlapMm: 2 })
const said = (placement: Placement, at = 0, held: 'magnet' | 'tape' = 'tape', units: 'mm' | 'in' = 'mm') =>
  wordsOf(<RunSteps placement={placement} at={at} blade="down" held={held} dieOf={dieOf} />, units)

describe('the steps of a run that is laid out', () => {
  it('tell a level line by a mark on either side, in the house’s unit', () => {
    const word = begun('word-on-fold', bar, box)
    expect(said(word)).toContain('Pencil two marks, 76 mm down the left edge and 76 mm down the right edge')
    expect(said(word, 0, 'tape', 'in')).toContain(
      'Pencil two marks, 3 in down the left edge and 3 in down the right edge',
    )
    expect(said(word)).toMatch(/pinch their edges with finger and thumb/)
  })

  it('tell an upright line from the left, along the top and the bottom', () => {
    const word = begun('word-on-fold', bar)
    const [run] = word.runs
    const upright = {
      ...word,
      runs: [{ ...run!, line: { xMm: 69.85, yMm: 0, angleDeg: 90, presses: 'above' as const } }],
    }
    const words = said(upright)
    expect(words).toContain('70 mm from the left along the top edge and 70 mm from the left along the bottom edge')
    expect(words).not.toMatch(/slant|90°/)
  })

  it('draw no line for a window’s plate, whose edge lies above the word’s', () => {
    const placement = begun('window', frame, bar)
    expect(said(placement, 0)).toContain('Pencil two marks')
    const window = said(placement, 1)
    expect(window).not.toContain('Pencil two marks')
    expect(window).toContain('1.5 mm above the pencil line')
  })

  it('measure halves on the front as it lies shut, the fold first, taped in four places', () => {
    const words = said(begun('half-on-fold', half))
    expect(words).toContain('Fold the card shut')
    expect(words).toContain('left edge 12 mm, top edge 0.5 mm from the edges of the front as it lies shut')
    expect(words).toContain('Lay the fold so that it stays in sight')
    expect(words).toContain('Tape each in four places')
    expect(words).toContain('Send the fold in first')
    expect(said(begun('half-on-fold', disc))).toContain('Let each die reach over the fold')
  })

  it('pencil the place of a letter that comes again, and lay it there by its mark', () => {
    const placement = begun('word-on-fold', bar, box, bar)
    const [first, second] = [said(placement, 0), said(placement, 1)]
    expect(first).toMatch(/bar comes again in press run 2: hold it with its left edge [\d.]+ mm, top edge 60 mm/)
    expect(second).not.toContain('comes again')
    expect(second).toContain('Its left side is on the pencil mark.')
  })

  it('ask for no tape where a magnet holds', () => {
    const placement = begun('frame-round', disc, frame)
    expect(said(placement, 1, 'magnet')).not.toMatch(/Tape it/)
    expect(said(placement, 1, 'magnet')).toContain('no tape')
    expect(said(placement, 1, 'tape')).toContain('Tape it')
  })
})
