import type { DieRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { useRow, useRowsById } from '../../../data/rows.js'
import { useStoredOutline } from '../../../data/outlines.js'
import { OutlineDrawing } from '../../../drawing/outline/OutlineDrawing.js'
import { Parting } from '../../../drawing/outline/Parting.js'
import { useLengths } from '../../../text/lengths.js'
import { Panel } from '../../../ui/Panel.js'
import { GuidePanel } from './GuidePanel.js'
import { JobsWith } from './JobsWith.js'

/** Room that the drawing leaves round the lines, as a share of the longer side on either side. */
const MARGIN = 0.05

/** What a shape is glued up of, and the die that it lies over or that lies over it. */
const MadeOf = ({ row: { id, madeOf, overDieId } }: { readonly row: DieRow }) => {
  const { t } = useTranslation()
  const dies = useRowsById('dies')
  const sheet = useRow('sheets', madeOf?.sheetId).data
  const under = overDieId && dies.get(overDieId)
  const over = [...dies.values()].filter((die) => die.overDieId === id)
  const linked = (die: DieRow) => <Link to={`/shelf/dies/${die.id}`}>{die.name}</Link>
  const cutBy = madeOf && dies.get(madeOf.dieId)
  return (
    <>
      {madeOf && cutBy && (
        <span className="block">
          {t('shelf.about.madeOf', {
            count: madeOf.layers,
            sheet: sheet?.name ?? '',
            join: t(`words.layerJoin.${madeOf.join}`),
          })}{' '}
          {linked(cutBy)}
        </span>
      )}
      {under && (
        <span className="block">
          {t('shelf.about.liesOver')} {linked(under)}
        </span>
      )}
      {over.map((die) => (
        <span key={die.id} className="block">
          {t('shelf.about.liesUnder')} {linked(die)}
        </span>
      ))}
    </>
  )
}

/** A die by sight, as large as it is by what the screen calls a millimetre. */
const InTrueSize = ({ row }: { readonly row: DieRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const view = useStoredOutline(row).data?.view
  const widthMm = view && view.box.width + 2 * MARGIN * Math.max(view.box.width, view.box.height)
  return (
    <Panel title={row.name}>
      <div className="flex flex-wrap items-end gap-4">
        {view && widthMm !== undefined && (
          <span className="block max-w-full" style={{ width: `${widthMm}mm` }}>
            <OutlineDrawing view={view} spoken={t('shelf.about.drawn', { name: row.name })} className="block w-full" />
          </span>
        )}
        <p className="text-ink-soft">
          {t(`words.dieClass.${row.dieClass}`)}
          <br />
          {lengths.area(row.lengthMm, row.widthMm)}
          {row.pieces > 1 && (
            <>
              <br />
              {t('shelf.about.pieces', { count: row.pieces })}
            </>
          )}
          <MadeOf row={row} />
        </p>
      </div>
      <Parting row={row} />
    </Panel>
  )
}

/** What there is to tell of a die, before anybody wants to change it. */
export const DieAbout = ({ row }: { readonly row: DieRow }) => (
  <>
    <InTrueSize row={row} />
    <GuidePanel key={row.id} row={row} />
    <JobsWith of="die" id={row.id} />
  </>
)
