import type { ComparedBlock } from '@bold-heron/core'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { sayChance } from '../../text/say-cut.js'
import { sayPieces } from '../../text/say-difference.js'

/** A block in a row of a table: its height, what it asks of the stack, how surely it works. */
export const BlockRow = ({
  block: { name, found },
  children,
}: {
  readonly block: ComparedBlock
  /** More cells of the row. */
  readonly children?: ReactNode
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  return (
    <tr className="border-b border-line align-top last:border-b-0">
      <th scope="row" className="py-1 text-left font-bold">
        {name}
        {found && <span className="block font-normal">{lengths.thickness(found.heightMm)}</span>}
      </th>
      {found ? (
        <td className="px-2 py-1">
          {found.change.out.length > 0 && <p>{t('place.blocks.leaves', { pieces: sayPieces(t, found.change.out) })}</p>}
          {found.change.into.length > 0 && (
            <p>{t('place.blocks.fills', { pieces: sayPieces(t, found.change.into) })}</p>
          )}
          <p>
            {t('place.blocks.comesOut', { count: found.passes, chance: sayChance(t, found.chance) })}{' '}
            {t('place.press.dent', { chance: sayChance(t, found.dentChance) })}
          </p>
        </td>
      ) : (
        <td className="px-2 py-1">{t('place.blocks.none')}</td>
      )}
      {children}
    </tr>
  )
}
