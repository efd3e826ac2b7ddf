import { keyOfStack, type Stack } from '@bold-heron/core'
import type { JobRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import type { StackEditing } from '../../pressing/stack/use-stack-editing.js'
import { Badge } from '../../ui/Badge.js'
import { Button } from '../../ui/Button.js'
import { useKeepStack } from './use-keep-stack.js'

/** Which stack is shown, and keeping it or going back to the best. */
export const StackStatus = ({
  job,
  stack,
  best,
  kept,
  editing,
}: {
  readonly job: JobRow
  readonly stack: Stack
  readonly best: Stack | undefined
  readonly kept: Stack | undefined
  readonly editing: StackEditing
}) => {
  const { t } = useTranslation()
  const keep = useKeepStack(job)
  const isBest = best !== undefined && keyOfStack(stack) === keyOfStack(best)
  const isKept = kept !== undefined && keyOfStack(stack) === keyOfStack(kept)
  return (
    <>
      {isBest ? (
        <Badge tone="clean">{t('plan.stack.best')}</Badge>
      ) : (
        !isKept && <Badge tone="accent">{t('plan.stack.byHand')}</Badge>
      )}
      {isKept ? (
        <Badge>{t('plan.stack.kept')}</Badge>
      ) : (
        <Button className="min-h-9! px-2.5! py-1!" disabled={keep.isPending} onClick={() => keep.mutate(stack)}>
          {t('plan.stack.keep')}
        </Button>
      )}
      {best && !isBest && (
        <Button look="quiet" className="min-h-9! px-2.5! py-1!" onClick={() => editing.change(best)}>
          {t('plan.stack.back')}
        </Button>
      )}
    </>
  )
}
