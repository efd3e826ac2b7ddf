import { bareOf, type PlanRequest, platesHeightMm, type Stack } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { useKeepFelt } from '../../data/felt.js'
import { useRow } from '../../data/rows.js'
import { ThroatDrawing } from '../../drawing/throat/ThroatDrawing.js'
import { useLengths } from '../../text/lengths.js'
import { Button } from '../../ui/Button.js'
import { Loading } from '../../ui/states.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { BenchTitle } from './steps/BenchTitle.js'

/** Nothing was led in with paper; the paper's thickness says nothing then. */
const NO_PAPER = { plates: [], sheetMm: 0.1, sheetSpreadMm: 0.01, tries: [] } as const

/**
 * On a press that nothing is known of but its class, the bare plates of the stack go in before any die: whether the rollers take hold of
 * them is kept with the press, and everything is worked out anew.
 */
export const LeadBare = ({
  request,
  stack,
  onLed,
  onSkip,
}: {
  readonly request: PlanRequest
  readonly stack: Stack
  readonly onLed: () => void
  readonly onSkip: () => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const sayTrouble = useSayTrouble()
  const press = useRow('presses', request.cut.press.id).data
  const keeping = useKeepFelt()
  if (!press) return <Loading what={t('bench.loading')} />
  const plates = bareOf(stack)
  const tell = (grips: boolean) => {
    keeping.keep(press, { ...NO_PAPER, leads: [{ plates, grips }] }).then(onLed, sayTrouble)
  }
  const names = stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate.name] : []))
  return (
    <section className="mx-auto max-w-3xl space-y-4 rounded-xl border border-line bg-leaf p-5 text-xl">
      <BenchTitle>{t('bench.lead.title')}</BenchTitle>
      <p>{t('bench.lead.why', { press: press.name })}</p>
      <p className="font-bold">
        {t('bench.lead.lay', { plates: names.join(' + '), height: lengths.thickness(platesHeightMm(plates)) })}
      </p>
      <div className="mx-auto max-w-md">
        <ThroatDrawing felt={{ plates, sheetMm: NO_PAPER.sheetMm }} place={undefined} sheets={0} />
      </div>
      <p>{t('bench.lead.how')}</p>
      <div className="grid gap-3 sm:grid-cols-2">
        <Button look="next" autoFocus className="min-h-16" disabled={keeping.isPending} onClick={() => tell(false)}>
          {t('bench.lead.slips')}
        </Button>
        <Button look="next" className="min-h-16" disabled={keeping.isPending} onClick={() => tell(true)}>
          {t('bench.lead.grips')}
        </Button>
      </div>
      <Button look="quiet" disabled={keeping.isPending} onClick={onSkip}>
        {t('bench.lead.skip')}
      </Button>
    </section>
  )
}
