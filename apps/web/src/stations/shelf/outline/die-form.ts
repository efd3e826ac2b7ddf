import { type DieClass, hasBlades } from '@bold-heron/core'
import { type DieEntry, dieEntry, type DieInput, dieTable } from '@bold-heron/schema'
import { asItIs } from '../../../ui/form/codec.js'
import { codecsOf } from '../../../ui/form/field-codecs.js'
import { type RowForm, rowForm } from '../../../ui/form/row-form.js'

/**
 * The lines a form is going to save: new ones, none any more (null), or those that are stored already (undefined). Wrapped, so
 * that the form passes many thousand points on without copying or judging them at every keystroke; the server judges them.
 */
export class OutlineChoice {
  constructor(readonly outline: DieInput['outline']) {}
}

const entryForm = rowForm<DieEntry>({
  schema: dieEntry,
  // How lacy it is has a slider of its own.
  codecs: { ...codecsOf(dieTable), laciness: asItIs() },
})

export const dieForm: RowForm<DieInput> = {
  write: ({ outline, ...entry }, style) => ({
    ...entryForm.write(entry, style),
    outline: new OutlineChoice(outline),
  }),
  read: (raws, style) => {
    // A shape and a folder are not asked for blades; what stands there for them is all of their height.
    const isBladed = hasBlades([{ dieClass: raws['dieClass'] as DieClass }])
    const read = entryForm.read(isBladed ? raws : { ...raws, bladeHeightMm: raws['heightMm'] }, style)
    if (!read.ok) return read
    const { outline } = raws['outline'] as OutlineChoice
    return { ok: true, input: outline === undefined ? read.input : { ...read.input, outline } }
  },
}
