import { Plus, Settings2 } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { useNavigate } from 'react-router'
import { type InputOf, type Kind, type RowOf, useAddRow, useSaveRow } from '../../data/rows.js'
import { NotSaved } from '../../data/whose-work.js'
import { Button } from '../Button.js'
import { Modal } from '../Modal.js'

/** Draws the form of a record: what takes it where it is saved, and what went wrong with that. */
type FormOf<K extends Kind> = (onSave: (input: InputOf<K>) => void, error: unknown) => ReactNode

/** A button that begins a record in a dialog, and leads to it once it is there. */
export const NewRecord = <K extends Kind>({
  kind,
  title,
  to,
  mayBegin = true,
  isBegun = false,
  children,
}: {
  readonly kind: K
  readonly title: string
  /** The address that its page is below. */
  readonly to: string
  /** Whether all is there that it begins with. */
  readonly mayBegin?: boolean
  /** Whether it is open from the start, as soon as it may begin. */
  readonly isBegun?: boolean
  readonly children: FormOf<K>
}) => {
  const navigate = useNavigate()
  const adding = useAddRow(kind)
  const [isOpen, setOpen] = useState(isBegun)
  return (
    <div className="mb-3 flex justify-end">
      {mayBegin && (
        <Button look="next" icon={<Plus aria-hidden size={18} />} onClick={() => setOpen(true)}>
          {title}
        </Button>
      )}
      <Modal open={isOpen && mayBegin} onClose={() => setOpen(false)} title={title} wide>
        {children(
          (input) => adding.mutate(input, { onSuccess: ({ id }) => void navigate(`${to}/${id}`) }),
          adding.error,
        )}
      </Modal>
    </div>
  )
}

/** A button that opens what a record says of itself in a dialog, which closes once it is saved. */
export const RecordSettings = <K extends Kind>({
  kind,
  row,
  title,
  children,
}: {
  readonly kind: K
  readonly row: RowOf<K>
  readonly title: string
  readonly children: FormOf<K>
}) => {
  const saving = useSaveRow(kind)
  const [isOpen, setOpen] = useState(false)
  return (
    <>
      <Button icon={<Settings2 aria-hidden size={18} />} onClick={() => setOpen(true)}>
        {title}
      </Button>
      <Modal open={isOpen} onClose={() => setOpen(false)} title={title} wide>
        {children(
          (input) =>
            saving.mutate(
              { id: row.id, version: row.version, input },
              {
                onSuccess: () => setOpen(false),
                // Theirs is kept, as the user chose: the page shows it, and what stood here is no longer what would be changed.
                onError: (error) => {
                  if (error instanceof NotSaved && error.theirs) setOpen(false)
                },
              },
            ),
          saving.error,
        )}
      </Modal>
    </>
  )
}
