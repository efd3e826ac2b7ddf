import { type Want } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { WantPicture } from '../../drawing/WantPicture.js'

/** What should come of it, each as a little picture. */
export const WantChoice = ({
  wants,
  want,
  onWant,
}: {
  readonly wants: readonly Want[]
  readonly want: Want
  readonly onWant: (want: Want) => void
}) => {
  const { t } = useTranslation()
  return (
    <fieldset className="mb-4">
      <legend className="mb-1 font-bold">{t('jobs.wantTitle')}</legend>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {wants.map((each) => (
          <label
            key={each.id}
            className="flex min-h-14 cursor-pointer items-center gap-2 rounded-lg border border-ink/40 bg-leaf p-2 hover:bg-sunk has-checked:border-2 has-checked:border-accent has-checked:bg-sunk has-focus-visible:outline-2 has-focus-visible:outline-accent"
          >
            <input
              type="radio"
              name="want"
              className="sr-only"
              checked={each.id === want.id}
              onChange={() => onWant(each)}
            />
            <span className="shrink-0">
              <WantPicture of={each.id} />
            </span>
            {t([`jobs.want.${each.id}`, `words.technique.${each.technique}`] as never)}
          </label>
        ))}
      </div>
    </fieldset>
  )
}
