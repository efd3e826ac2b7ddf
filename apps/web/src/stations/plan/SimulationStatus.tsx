import type { Plan } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import type { PlanProgress } from '../../data/plan.js'

/** How far the simulation is, with a way to stop it; or that only rules of thumb have spoken. */
export const SimulationStatus = ({ plan, progress }: { readonly plan: Plan; readonly progress: PlanProgress }) => {
  const { t } = useTranslation()
  if (plan.simulated && !progress.isRunning) return null
  return (
    <span role="status" className="flex items-center gap-2 text-sm text-ink-soft">
      {progress.isRunning ? (
        <>
          <progress className="w-20 accent-ink" value={progress.share} aria-label={t('plan.simulation.running')} />
          {t('plan.simulation.running')}
          <button type="button" className="min-h-8 font-bold text-ink underline" onClick={progress.stop}>
            {t('plan.simulation.stop')}
          </button>
        </>
      ) : (
        <>
          {t('plan.simulation.thumb')}
          <button type="button" className="min-h-8 font-bold text-ink underline" onClick={progress.start}>
            {t('plan.simulation.start')}
          </button>
        </>
      )}
    </span>
  )
}
