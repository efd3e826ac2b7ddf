import type { ChartAnswer } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../../text/lengths.js'
import { classes } from '../../../ui/classes.js'

const MOST_SHOWN = 6

/** What to buy or cut next: the plate or shim that fills most of the cells that stand empty. */
export const WishList = ({
  chart,
  chosen,
  onChoose,
}: {
  readonly chart: ChartAnswer
  readonly chosen: number | undefined
  readonly onChoose: (at: number | undefined) => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const empty = chart.cells.flat().filter(({ is }) => is !== 'base').length
  return (
    <section className="space-y-2">
      <h3 className="text-xl">{t('wall.wishes')}</h3>
      {chart.wishes.length === 0 ? (
        <p className="text-ink-soft">{t(empty === 0 ? 'wall.wishNone' : 'wall.wishNothing', { count: empty })}</p>
      ) : (
        <ul className="flex flex-wrap gap-2">
          {chart.wishes.slice(0, MOST_SHOWN).map((wish, at) => (
            <li key={at}>
              <button
                type="button"
                aria-pressed={chosen === at}
                className={classes(
                  'min-h-11 rounded border border-ink/40 px-3 py-1 text-left hover:bg-sunk',
                  chosen === at && 'outline-3 outline-accent-deep',
                )}
                onClick={() => onChoose(chosen === at ? undefined : at)}
              >
                {t(`wall.wish.${wish.kind}`, {
                  count: wish.cells.length,
                  thickness: lengths.thickness(wish.thicknessMm),
                })}
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
