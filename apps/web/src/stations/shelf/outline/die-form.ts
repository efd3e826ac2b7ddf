import { type DieClass } from '@bold-heron/core'
import { type DieEntry, dieEntry, type DieInput } from '@bold-heron/schema'
import { asItIs, choice, flag, length, optionalLength, text } from '../../../ui/form/codec.js'
import { type RowForm, rowForm } from '../../../ui/form/row-form.js'

/**
 * The lines a form is going to save: new ones, none any more (null), or those that are stored already (undefined). Wrapped, so
 * that the form passes many thousand points on without copying or judging them at every keystroke; the server judges them.
 */
export class OutlineChoice {
  constructor(readonly outline: DieInput['outline']) {}
}

const thickness = length('thickness')

const entryForm = rowForm<DieEntry>({
  schema: dieEntry,
  codecs: {
    name: text,
    dieClass: choice<DieClass>(),
    lengthMm: length('size'),
    widthMm: length('size'),
    heightMm: thickness,
    heightMeasuredBy: choice(),
    bladeHeightMm: thickness,
    bodyStripMm: optionalLength('thickness'),
    laciness: asItIs(),
    fitForFoam: flag,
    note: text,
  },
})

export const dieForm: RowForm<DieInput> = {
  write: ({ outline, ...entry }, style) => ({
    ...entryForm.write(entry, style),
    outline: new OutlineChoice(outline),
  }),
  read: (raws, style) => {
    const read = entryForm.read(raws, style)
    if (!read.ok) return read
    const { outline } = raws['outline'] as OutlineChoice
    return { ok: true, input: outline === undefined ? read.input : { ...read.input, outline } }
  },
}
