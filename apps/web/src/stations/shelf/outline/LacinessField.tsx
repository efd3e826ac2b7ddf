import { type DieClass, factsOfDieClass } from '@bold-heron/core'
import { useFormContext } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useStandIn } from '../../../data/outlines.js'
import { OutlineDrawing } from '../../../drawing/outline/OutlineDrawing.js'
import { classes } from '../../../ui/classes.js'
import { Slider } from '../../../ui/Slider.js'

/** Four places on the slider that have a picture. */
const pictured = [
  { name: 'bare', laciness: 0 },
  { name: 'few', laciness: 0.3 },
  { name: 'lacy', laciness: 0.6 },
  { name: 'dense', laciness: 1 },
] as const

/** mm. The size the pictures are drawn for; small enough for the openings to be seen. */
const PICTURE_MM = { lengthMm: 60, widthMm: 45 }

const Picture = ({
  dieClass,
  laciness,
  text,
  isNear,
  onPick,
}: {
  readonly dieClass: DieClass
  readonly laciness: number
  readonly text: string
  readonly isNear: boolean
  readonly onPick: () => void
}) => {
  const { data } = useStandIn({ dieClass, ...PICTURE_MM, laciness }, true)
  return (
    <button
      type="button"
      aria-pressed={isNear}
      className={classes(
        'rounded-md border-2 p-1 text-sm leading-tight',
        isNear ? 'border-ink bg-sunk font-bold' : 'border-line bg-field',
      )}
      onClick={onPick}
    >
      {data && <OutlineDrawing view={data} className="mx-auto block h-14 w-full" />}
      {text}
    </button>
  )
}

/** How lacy the stand-in is: a slider, and a picture at four places of it. */
export const LacinessField = ({ dieClass, laciness }: { readonly dieClass: DieClass; readonly laciness: number }) => {
  const { t } = useTranslation()
  const { setValue } = useFormContext()
  const set = (next: number) =>
    setValue('laciness', next === factsOfDieClass(dieClass).laciness ? null : next, { shouldDirty: true })
  const nearest = pictured.reduce((best, each) =>
    Math.abs(each.laciness - laciness) < Math.abs(best.laciness - laciness) ? each : best,
  )
  return (
    <div className="mt-2">
      <div className="mb-1 grid grid-cols-4 gap-2">
        {pictured.map((each) => (
          <Picture
            key={each.name}
            dieClass={dieClass}
            laciness={each.laciness}
            text={t(`shelf.outline.lacy.${each.name}`)}
            isNear={each === nearest}
            onPick={() => set(each.laciness)}
          />
        ))}
      </div>
      <Slider
        label={t('shelf.outline.laciness')}
        shown={t(`shelf.outline.lacy.${nearest.name}`)}
        value={laciness}
        least={0}
        most={1}
        step={0.05}
        onChange={set}
      />
      <p className="text-sm text-ink-soft">{t('shelf.outline.standIn')}</p>
    </div>
  )
}
