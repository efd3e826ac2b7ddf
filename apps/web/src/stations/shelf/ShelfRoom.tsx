import { Plus } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { Component as NotThere } from '../../ui/NotThere.js'
import { pictureOf } from '../../drawing/picture-of.js'
import { useRowsPage } from '../../data/rows.js'
import { useLengths } from '../../text/lengths.js'
import { Badge } from '../../ui/Badge.js'
import { ButtonLink } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { classes } from '../../ui/classes.js'
import { DataTable } from '../../ui/DataTable.js'
import { boxClass } from '../../ui/Field.js'
import { Pager } from '../../ui/Pager.js'
import { Empty, Loaded } from '../../ui/states.js'
import { roomNamed } from './rooms/list.js'
import type { Room, ShelfKind } from './rooms/room.js'
import { RowEditor } from './RowEditor.js'

type Shown = 'no' | 'yes' | 'all'

const PAGE_SIZE = 50

const ShelfTable = <K extends ShelfKind>({ room }: { readonly room: Room<K> }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const [search, setSearch] = useState('')
  const [retired, setRetired] = useState<Shown>('no')
  const [sort, setSort] = useState<'usual' | 'used'>('usual')
  const [page, setPage] = useState(1)
  const { kind } = room
  const query = useRowsPage<K>(kind, {
    retired,
    page,
    pageSize: PAGE_SIZE,
    ...(sort === 'used' ? { sort } : {}),
    ...(search.trim() === '' ? {} : { q: search.trim().slice(0, 120) }),
  })
  const narrowed = search.trim() !== '' || retired !== 'no'
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <input
          type="search"
          aria-label={t('shelf.search')}
          placeholder={t('shelf.search')}
          value={search}
          onChange={(event) => {
            setSearch(event.target.value)
            setPage(1)
          }}
          className={classes(boxClass, 'max-w-56')}
        />
        <Choice<Shown>
          label={t('shelf.show')}
          value={retired}
          onChange={setRetired}
          options={[
            { value: 'no', text: t('shelf.showUsed') },
            { value: 'yes', text: t('shelf.showRetired') },
            { value: 'all', text: t('shelf.showAll') },
          ]}
        />
        <Choice<'usual' | 'used'>
          label={t('shelf.sort')}
          value={sort}
          onChange={(order) => {
            setSort(order)
            setPage(1)
          }}
          options={[
            { value: 'usual', text: t(`shelf.sortUsual.${kind}`) },
            { value: 'used', text: t('shelf.sortUsed') },
          ]}
        />
        <ButtonLink className="ml-auto" look="next" to={`/shelf/${kind}/new`} icon={<Plus aria-hidden size={18} />}>
          {t(`shelf.add.${kind}`)}
        </ButtonLink>
      </div>
      <Loaded query={query} what={t('shelf.loading')}>
        {({ items, total }) =>
          items.length > 0 ? (
            <>
              <DataTable
                caption={t(`shelf.rooms.${kind}`)}
                rows={items}
                columns={[
                  {
                    id: 'name',
                    header: t('shelf.columns.name'),
                    accessorFn: (row) => row.name,
                    cell: ({ row: { original } }) => (
                      <span className="flex flex-wrap items-center gap-2">
                        {pictureOf[kind](original as never)}
                        <Link to={`/shelf/${kind}/${original.id}`} className="font-bold">
                          {original.name}
                        </Link>
                        {original.retiredAt && <Badge>{t('shelf.retired')}</Badge>}
                      </span>
                    ),
                  },
                  ...room.columns(t, lengths),
                ]}
              />
              <Pager page={page} pageSize={PAGE_SIZE} total={total} onTurn={setPage} />
            </>
          ) : narrowed ? (
            <p className="py-8 text-center text-ink-soft">{t('shelf.noneFound')}</p>
          ) : (
            <Empty title={t(`shelf.emptyTitle.${kind}`)}>{t(`shelf.emptyText.${kind}`)}</Empty>
          )
        }
      </Loaded>
    </>
  )
}

/** One part of the shelf: its table, or the thing that is open, which has the room to itself. */
export const Component = () => {
  const { room: name, rowId } = useParams()
  const room = roomNamed(name)
  if (!room) return <NotThere />
  return (
    <section className="rounded-lg rounded-tl-none border border-line bg-leaf p-4">
      {rowId ? (
        <RowEditor key={`${room.kind} ${rowId}`} room={room} rowId={rowId} />
      ) : (
        <ShelfTable key={room.kind} room={room} />
      )}
    </section>
  )
}
