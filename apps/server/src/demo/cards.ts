import type { BuildInput, BuildLayerInput, OffcutInput } from '@bold-heron/schema'
import { closed } from './outlines/draw.js'
import type { DemoSheet } from './shelf/sheets.js'

type DemoOffcut = Omit<OffcutInput, 'sheetId'> & { readonly sheet: DemoSheet }

/** A leftover with one torn edge: along x from `wide` to nothing in `steps`, rough by a little. */
const torn = (lengthMm: number, widthMm: number, steps: number): OffcutInput['loops'] => {
  const edge = Array.from({ length: steps + 1 }, (_, at): readonly [number, number] => {
    const share = at / steps
    const rough = 2.5 * Math.sin(5.3 * at) + 1.5 * Math.sin(11.7 * at)
    return [
      lengthMm * (1 - share),
      widthMm * (0.72 + 0.2 * Math.sin(2.4 * share + 0.6)) + (at % steps === 0 ? 0 : rough),
    ]
  })
  return [closed([[0, 0], [lengthMm, 0], ...edge])]
}

const offcut = (line: Pick<DemoOffcut, 'name' | 'sheet' | 'loops' | 'source'> & Partial<DemoOffcut>): DemoOffcut => ({
  caliperMm: null,
  fromRunId: null,
  note: '',
  ...line,
})

/** Leftovers of the Harbour Kite Weekend. */
export const demoOffcuts = {
  filmLong: offcut({
    name: 'Film, the long piece',
    sheet: 'film',
    source: 'traced',
    caliperMm: 0.2,
    loops: torn(168, 74, 24),
  }),
  filmCorner: offcut({
    name: 'Film, a corner',
    sheet: 'film',
    source: 'typed',
    loops: [
      closed([
        [0, 0],
        [96, 0],
        [96, 38],
        [52, 38],
        [52, 88],
        [0, 88],
      ]),
    ],
  }),
  slateFrame: offcut({
    name: 'Slate, out of a frame',
    sheet: 'slate',
    source: 'left-over',
    loops: [
      closed([
        [0, 0],
        [148, 0],
        [148, 105],
        [0, 105],
      ]),
      closed([
        [60, 30],
        [60, 75],
        [118, 75],
        [118, 30],
      ]),
    ],
  }),
} satisfies Record<string, DemoOffcut>

type DemoLayer = Omit<BuildLayerInput, 'sheetId' | 'jobId'> & { readonly sheet: DemoSheet; readonly job?: string }

const layer = (line: Pick<DemoLayer, 'id' | 'name' | 'sheet'> & Partial<DemoLayer>): DemoLayer => ({
  each: 1,
  sheets: 1,
  join: 'wet-glue',
  joinMm: null,
  lies: 'on',
  ...line,
})

type DemoBuild = Omit<BuildInput, 'layers'> & { readonly layers: readonly DemoLayer[] }

/** A lantern of one colour, and the rose that lies over it. */
const lantern = (colour: string, sheet: DemoSheet): DemoBuild => ({
  name: `Lantern with a rose, ${colour}`,
  wanted: 4,
  base: 'panel',
  frontWidthMm: 128,
  frontHeightMm: 90,
  mostHighMm: null,
  layers: [
    layer({ id: 'base', name: 'Lantern', sheet, job: `Lanterns with a rose, ${colour}` }),
    layer({ id: 'over', name: 'Rose', sheet: 'film', job: 'Roses over the lanterns', join: 'middle-only' }),
  ],
  note: '',
})

/** What is built of several layers for the Harbour Kite Weekend. */
export const demoBuilds: Readonly<Record<string, DemoBuild>> = {
  kiteCard: {
    name: 'The kite card',
    wanted: 24,
    base: 'side-fold',
    frontWidthMm: 105,
    frontHeightMm: 148,
    mostHighMm: 5,
    layers: [
      layer({ id: 'base', name: 'Folded base', sheet: 'ivory' }),
      layer({ id: 'mat', name: 'Mat', sheet: 'sand', join: 'adhesive-sheet' }),
      layer({ id: 'kite', name: 'Box kite', sheet: 'slate', job: 'Kites for the kite card', join: 'foam-pad' }),
      layer({ id: 'gulls', name: 'Gulls', sheet: 'film', job: 'Gulls for the kite card', join: 'tape' }),
    ],
    note: 'Thank you for the volunteers.',
  },
  lighthouseCard: {
    name: 'The lighthouse window',
    wanted: 12,
    base: 'side-fold',
    frontWidthMm: 108,
    frontHeightMm: 140,
    mostHighMm: 5,
    layers: [
      layer({ id: 'base', name: 'Folded base', sheet: 'ivory' }),
      layer({ id: 'front', name: 'Window front', sheet: 'slate', job: 'Window with the lighthouse', join: 'tape' }),
      layer({ id: 'pane', name: 'Pane of film', sheet: 'film', join: 'tape', lies: 'behind' }),
      layer({ id: 'flap', name: 'Night sky flap', sheet: 'sand', join: 'hinge', lies: 'behind' }),
    ],
    note: 'Lift the flap, and the sky goes dark.',
  },
  lanternIvory: lantern('ivory', 'ivory'),
  lanternSlate: lantern('slate', 'slate'),
  lanternSand: lantern('sand', 'sand'),
}
