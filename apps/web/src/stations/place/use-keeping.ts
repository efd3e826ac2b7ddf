import type { Placement } from '@bold-heron/core'
import { inputOfJob, type JobRow, placementOf, withPlacement } from '@bold-heron/schema'
import { useEffect, useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useSaveRow } from '../../data/rows.js'
import { useSay } from '../../ui/toasts.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'

/** Keeping a placement with its job, or taking it off; whoever leaves with changes that are not kept is asked first. */
export const useKeeping = (job: JobRow, placement: Placement, onTaken: () => void) => {
  const { t } = useTranslation()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const saving = useSaveRow('jobs')
  const [kept, setKept] = useState<Placement | null>(() => placementOf(job))
  const isKept = useMemo(() => JSON.stringify(kept) === JSON.stringify(placement), [kept, placement])

  useEffect(() => {
    if (isKept) return
    const warn = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [isKept])

  const save = (next: Placement | null) =>
    saving.mutate(
      { id: job.id, version: job.version, input: withPlacement(inputOfJob(job), next) },
      {
        onSuccess: () => {
          setKept(next)
          say(t(next ? 'place.tools.kept' : 'place.tools.removed', { name: job.name }))
          if (!next) onTaken()
        },
        onError: sayTrouble,
      },
    )
  return { isKept, isSaving: saving.isPending, keep: () => save(placement), remove: () => save(null) }
}
