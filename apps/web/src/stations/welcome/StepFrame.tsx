import { ArrowLeft, ArrowRight } from 'lucide-react'
import type { ReactNode } from 'react'
import { FormProvider, type UseFormReturn } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import type { Raws } from '../../ui/form/row-form.js'

/** One step of the guided minute: its fields, the way back and the way on. */
export const StepFrame = <Input,>({
  form,
  label,
  onDone,
  onBack,
  nextText,
  busy = false,
  children,
}: {
  readonly form: UseFormReturn<Raws>
  readonly label: string
  readonly onDone: (input: Input) => void
  readonly onBack?: (() => void) | undefined
  readonly nextText?: string
  readonly busy?: boolean
  readonly children: ReactNode
}) => {
  const { t } = useTranslation()
  return (
    <FormProvider {...form}>
      <form
        noValidate
        aria-label={label}
        onSubmit={(event) => void form.handleSubmit((input) => onDone(input as Input))(event)}
      >
        {children}
        <div className="mt-5 flex justify-between gap-3">
          {onBack ? (
            <Button look="quiet" icon={<ArrowLeft aria-hidden size={18} />} onClick={onBack}>
              {t('welcome.back')}
            </Button>
          ) : (
            <span />
          )}
          <Button type="submit" look="next" disabled={busy}>
            {nextText ?? t('welcome.next')}
            <ArrowRight aria-hidden size={18} />
          </Button>
        </div>
      </form>
    </FormProvider>
  )
}
