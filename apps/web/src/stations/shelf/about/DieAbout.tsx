import type { DieRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useStoredOutline } from '../../../data/outlines.js'
import { OutlineDrawing } from '../../../drawing/outline/OutlineDrawing.js'
import { useLengths } from '../../../text/lengths.js'
import { Panel } from '../../../ui/Panel.js'
import { JobsWith } from './JobsWith.js'

/** Room that the drawing leaves round the lines, as a share of the longer side on either side. */
const MARGIN = 0.05

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
        </p>
      </div>
    </Panel>
  )
}

/** What there is to tell of a die, before anybody wants to change it. */
export const DieAbout = ({ row }: { readonly row: DieRow }) => (
  <>
    <InTrueSize row={row} />
    <JobsWith of="die" id={row.id} />
  </>
)
