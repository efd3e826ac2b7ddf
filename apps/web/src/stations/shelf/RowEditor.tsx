import { Archive, ArchiveRestore, ArrowLeft, Copy, Pencil } from 'lucide-react'
import { type ReactNode, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useLocation, useNavigate } from 'react-router'
import { type InputOf, type RowOf, useAddRow, useMarkRow, useRow } from '../../data/rows.js'
import { useMay } from '../../data/who.js'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { RowFormFrame } from '../../ui/form/RowFormFrame.js'
import { useRowForm } from '../../ui/form/row-form.js'
import { useFormSaving } from '../../ui/form/form-saving.js'
import { classes } from '../../ui/classes.js'
import { Panel } from '../../ui/Panel.js'
import { RemoveButton } from '../../ui/record/RemoveButton.js'
import { Loaded } from '../../ui/states.js'
import { useSay } from '../../ui/toasts.js'
import type { Room, ShelfKind } from './rooms/room.js'

const NewRow = <K extends ShelfKind>({ room, start }: { readonly room: Room<K>; readonly start: InputOf<K> }) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const say = useSay()
  const add = useAddRow(room.kind)
  const form = useRowForm(room.form, start)
  const title = t(`shelf.newTitle.${room.kind}`)
  const save = async (input: InputOf<K>) => {
    const row = await add.mutateAsync(input).catch(() => undefined)
    if (!row) return
    say(t('shelf.savedSaid', { name: row.name }))
    await navigate(`/shelf/${room.kind}/${row.id}`)
  }
  return (
    <Panel title={title}>
      <RowFormFrame<InputOf<K>> form={form} label={title} onSave={save} error={add.error}>
        <room.Fields />
      </RowFormFrame>
    </Panel>
  )
}

/** What can be done with a thing besides changing it. */
const Actions = <K extends ShelfKind>({ room, row }: { readonly room: Room<K>; readonly row: RowOf<K> }) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const say = useSay()
  const mark = useMarkRow(room.kind)
  const { id, name, retiredAt } = row
  const retire = async () => {
    await mark.mutateAsync({ id, mark: retiredAt ? 'return' : 'retire' })
    say(t(retiredAt ? 'shelf.returnedSaid' : 'shelf.retiredSaid', { name }), {
      undo: () => mark.mutate({ id, mark: retiredAt ? 'retire' : 'return' }),
    })
  }
  const duplicate = async () => {
    const copied = room.copyOf ? await room.copyOf(row) : room.inputOf(row)
    await navigate(`/shelf/${room.kind}/new`, { state: { copied } })
  }
  return (
    <>
      <Button look="quiet" icon={<Copy aria-hidden size={18} />} onClick={() => void duplicate()}>
        {t('shelf.duplicate')}
      </Button>
      <Button
        look="quiet"
        icon={retiredAt ? <ArchiveRestore aria-hidden size={18} /> : <Archive aria-hidden size={18} />}
        onClick={() => void retire()}
      >
        {retiredAt ? t('shelf.return') : t('shelf.retire')}
      </Button>
      <RemoveButton kind={room.kind} id={id} said={t('shelf.deleted', { name })} to={`/shelf/${room.kind}`} />
    </>
  )
}

const EditRow = <K extends ShelfKind>({ room, row }: { readonly room: Room<K>; readonly row: RowOf<K> }) => {
  const { t } = useTranslation()
  const { style } = useLengths()
  const say = useSay()
  const form = useRowForm(room.form, room.inputOf(row))
  const show = (shown: RowOf<K>) => form.reset(room.form.write(room.inputOf(shown), style))
  const saving = useFormSaving(room.kind, row, show)
  const save = async (input: InputOf<K>) => {
    const saved = await saving.save(input)
    if (!saved) return
    show(saved)
    say(t('shelf.savedSaid', { name: saved.name }))
  }
  return (
    <Panel title={row.name}>
      <RowFormFrame<InputOf<K>>
        form={form}
        label={row.name}
        onSave={save}
        error={saving.error}
        more={<Actions room={room} row={row} />}
      >
        <room.Fields row={row} />
      </RowFormFrame>
    </Panel>
  )
}

/** The form of a thing that is known for more than its fields. */
const FoldedForm = ({ actions, children }: { readonly actions: ReactNode; readonly children: ReactNode }) => {
  const { t } = useTranslation()
  const [isOpen, setOpen] = useState(false)
  const may = useMay('helper')
  if (!may) return null
  return isOpen ? (
    children
  ) : (
    <div className="flex flex-wrap items-center gap-2">
      <Button icon={<Pencil aria-hidden size={18} />} onClick={() => setOpen(true)}>
        {t('shelf.about.edit')}
      </Button>
      {actions}
    </div>
  )
}

const ExistingRow = <K extends ShelfKind>({ room, rowId }: { readonly room: Room<K>; readonly rowId: string }) => {
  const { t } = useTranslation()
  const query = useRow(room.kind, rowId)
  return (
    <Loaded query={query} what={t('shelf.loading')}>
      {(row) => (
        <div
          className={classes(
            'grid grid-cols-1 items-start gap-4',
            room.Beside && 'xl:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]',
          )}
        >
          {room.About ? (
            <div className="flex flex-col gap-4">
              <room.About row={row} />
              <FoldedForm actions={<Actions room={room} row={row} />}>
                <EditRow room={room} row={row} />
              </FoldedForm>
            </div>
          ) : (
            <EditRow room={room} row={row} />
          )}
          {room.Beside && <room.Beside row={row} />}
        </div>
      )}
    </Loaded>
  )
}

/** The open thing of a room: a new one, a copy, or one on the shelf. */
export const RowEditor = <K extends ShelfKind>({ room, rowId }: { readonly room: Room<K>; readonly rowId: string }) => {
  const { t } = useTranslation()
  const { state } = useLocation() as { state: { copied?: InputOf<K> } | null }
  const copied = state?.copied
  const start: InputOf<K> = copied
    ? { ...copied, name: t('shelf.copyName', { name: copied.name }).slice(0, 120) }
    : room.blank
  return (
    <div>
      <Link to={`/shelf/${room.kind}`} className="mb-2 inline-flex min-h-11 items-center gap-1">
        <ArrowLeft aria-hidden size={18} />
        {t(`shelf.rooms.${room.kind}`)}
      </Link>
      {rowId === 'new' ? <NewRow room={room} start={start} /> : <ExistingRow room={room} rowId={rowId} />}
    </div>
  )
}
