import type { PressRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useSaveRow } from '../../../data/rows.js'
import { sayDay } from '../../../text/dates.js'
import { Button, ButtonLink } from '../../../ui/Button.js'

/** The gaps that were felt out on a press, and the way to feel it out anew. */
export const FeltLines = ({ row }: { readonly row: PressRow }) => {
  const { t } = useTranslation()
  const save = useSaveRow('presses')
  const leaveOut = (at: number) =>
    save.mutate({
      id: row.id,
      version: row.version,
      input: { ...row, felt: row.felt.filter((_, each) => each !== at) },
    })
  return (
    <div>
      <div className="flex flex-wrap items-center gap-3">
        <ButtonLink to={`/shelf/presses/${row.id}/feel`}>{t('shelf.feel.offer')}</ButtonLink>
        <p className="text-sm text-ink-soft">{t('shelf.feel.offerText')}</p>
      </div>
      <ul>
        {row.felt.map(({ at }, index) => (
          <li key={at} className="mt-2 flex items-center justify-between gap-3 border-t border-line pt-2">
            {t('shelf.feel.keptOn', { date: sayDay(at) })}
            <Button look="quiet" className="min-h-9!" onClick={() => leaveOut(index)}>
              {t('shelf.feel.remove')}
            </Button>
          </li>
        ))}
      </ul>
    </div>
  )
}
