import { useTranslation } from 'react-i18next'
import type { ShownFinishing } from './finishing.js'

/** Finishing that is told in words. */
export type SaidFinishingId = 'bring-out' | 'fill-relief' | 'push-out' | 'mats' | 'glue-over' | 'cool-down'

/** Finishing told in a title and a few words. */
export const saidFinishing = (id: SaidFinishingId): ShownFinishing => {
  const Shown: ShownFinishing = () => {
    const { t } = useTranslation()
    return (
      <div>
        <h3 className="font-bold">{t(`bench.finishSaid.${id}.title`)}</h3>
        <p>{t(`bench.finishSaid.${id}.text`)}</p>
      </div>
    )
  }
  return Shown
}
