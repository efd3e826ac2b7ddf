import { type ReactNode, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { ProblemError } from '../../data/client.js'
import { type InputOf, type Kind, type RowOf, useSaveRow } from '../../data/rows.js'
import { Button } from '../Button.js'
import { Modal } from '../Modal.js'

const told = (value: unknown): string =>
  typeof value === 'string' ? value : typeof value === 'number' || typeof value === 'boolean' ? String(value) : '…'

/** Names the fields that differ and lets the user choose whose to keep. */
const ConflictModal = <K extends Kind>({
  mine,
  theirs,
  labelOf,
  onMine,
  onTheirs,
  onClose,
}: {
  readonly mine: InputOf<K>
  readonly theirs: RowOf<K>
  readonly labelOf: (field: string) => string
  readonly onMine: () => void
  readonly onTheirs: () => void
  readonly onClose: () => void
}) => {
  const { t } = useTranslation()
  const other = theirs as unknown as Record<string, unknown>
  const differing = Object.entries(mine).filter(
    ([name, value]) => JSON.stringify(value) !== JSON.stringify(other[name]),
  )
  return (
    <Modal open onClose={onClose} title={t('common.conflictTitle')} description={t('common.conflictText')}>
      <ul className="mb-4 space-y-1">
        {differing.map(([name, value]) => (
          <li key={name}>
            <strong>{labelOf(name)}</strong>: {t('common.conflictTheirsIs', { value: told(other[name]) })};{' '}
            {t('common.conflictMineIs', { value: told(value) })}
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        <Button look="next" onClick={onMine}>
          {t('common.conflictMine')}
        </Button>
        <Button onClick={onTheirs}>{t('common.conflictTheirs')}</Button>
      </div>
    </Modal>
  )
}

/**
 * Saves a row, and asks whose work to keep where somebody else saved it in between. `save` resolves to the saved row, or to
 * undefined where nothing was saved.
 */
export const useRowSaving = <K extends Kind>(
  kind: K,
  row: RowOf<K>,
  { labelOf, onTheirs }: { readonly labelOf: (field: string) => string; readonly onTheirs: (row: RowOf<K>) => void },
): {
  readonly save: (input: InputOf<K>) => Promise<RowOf<K> | undefined>
  readonly error: unknown
  readonly dialog: ReactNode
} => {
  const saving = useSaveRow(kind)
  const [conflict, setConflict] = useState<{
    readonly mine: InputOf<K>
    readonly theirs: RowOf<K>
    readonly settle: (row: RowOf<K> | undefined) => void
  }>()

  const save = async (input: InputOf<K>, version: number = row.version): Promise<RowOf<K> | undefined> => {
    try {
      return await saving.mutateAsync({ id: row.id, version, input })
    } catch (error) {
      if (!(error instanceof ProblemError) || error.problem.status !== 412) return undefined
      const theirs = error.problem.current as RowOf<K>
      return new Promise((settle) => setConflict({ mine: input, theirs, settle }))
    }
  }
  const close = (saved: RowOf<K> | undefined) => {
    conflict?.settle(saved)
    setConflict(undefined)
  }
  const stale = saving.error instanceof ProblemError && saving.error.problem.status === 412
  return {
    save,
    error: stale ? undefined : saving.error,
    dialog: conflict && (
      <ConflictModal<K>
        mine={conflict.mine}
        theirs={conflict.theirs}
        labelOf={labelOf}
        onMine={() => void save(conflict.mine, conflict.theirs.version).then(close)}
        onTheirs={() => {
          onTheirs(conflict.theirs)
          close(undefined)
        }}
        onClose={() => close(undefined)}
      />
    ),
  }
}
