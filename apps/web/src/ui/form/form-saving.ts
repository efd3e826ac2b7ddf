import { type InputOf, type Kind, type RowOf, useSaveRow } from '../../data/rows.js'
import { NotSaved } from '../../data/whose-work.js'

/**
 * Saves the row of a form. `save` resolves to the saved row, or to undefined where nothing was saved; where somebody else's work is kept,
 * `showTheirs` puts that in the form.
 */
export const useFormSaving = <K extends Kind>(
  kind: K,
  row: RowOf<K>,
  showTheirs: (row: RowOf<K>) => void,
): { readonly save: (input: InputOf<K>) => Promise<RowOf<K> | undefined>; readonly error: unknown } => {
  const saving = useSaveRow(kind)
  const save = async (input: InputOf<K>): Promise<RowOf<K> | undefined> => {
    try {
      return await saving.mutateAsync({ id: row.id, version: row.version, input })
    } catch (error) {
      if (error instanceof NotSaved && error.theirs) showTheirs(error.theirs as RowOf<K>)
      return undefined
    }
  }
  return { save, error: saving.error instanceof NotSaved ? undefined : saving.error }
}
