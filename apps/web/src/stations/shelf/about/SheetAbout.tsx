import { type SheetRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { SheetSwatch } from '../../../drawing/SheetSwatch.js'
import { useLengths } from '../../../text/lengths.js'
import { Panel } from '../../../ui/Panel.js'
import { JobsWith } from './JobsWith.js'

/** What there is to tell of a sheet, before anybody wants to change it. */
export const SheetAbout = ({ row }: { readonly row: SheetRow }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <>
      <Panel title={row.name}>
        <div className="flex items-center gap-4">
          <SheetSwatch sheet={row} />
          <p>
            {t(`words.sheetKind.${row.kind}`)} · {lengths.thickness(row.caliperMm)} ·{' '}
            {lengths.area(row.lengthMm, row.widthMm)}
            <br />
            <strong>{t('shelf.about.stock', { count: row.stock })}</strong>
          </p>
        </div>
      </Panel>
      <JobsWith of="sheet" id={row.id} />
    </>
  )
}
