import { useState } from 'react'
import { type InputOf, type Kind, type RowOf, useSaveRow } from '../../data/rows.js'
import { NotSaved } from '../../data/whose-work.js'

/**
 * Saves the row of a form. `save` resolves to the saved row, or to undefined where nothing was saved; where somebody else's work is kept,
 * `showTheirs` puts that in the form. What is saved was typed on the row as the form showed it, even where a newer one was fetched meanwhile.
 */
export const useFormSaving = <K extends Kind>(
  kind: K,
  row: RowOf<K>,
  showTheirs: (row: RowOf<K>) => void,
): { readonly save: (input: InputOf<K>) => Promise<RowOf<K> | undefined>; readonly error: unknown } => {
  const saving = useSaveRow(kind)
  const [version, setVersion] = useState(row.version)
  const save = async (input: InputOf<K>): Promise<RowOf<K> | undefined> => {
    try {
      const saved = await saving.mutateAsync({ id: row.id, version, input })
      setVersion(saved.version)
      return saved
    } catch (error) {
      if (error instanceof NotSaved && error.theirs) {
        const theirs = error.theirs as RowOf<K>
        setVersion(theirs.version)
        showTheirs(theirs)
      }
      return undefined
    }
  }
  return { save, error: saving.error instanceof NotSaved ? undefined : saving.error }
}
