import type { ReactNode } from 'react'
import { FormProvider, type UseFormReturn } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { Button } from '../Button.js'
import { LeaveGuard } from './LeaveGuard.js'
import type { Raws } from './row-form.js'
import { SaveTrouble } from './SaveTrouble.js'

/** A form around the fields of one row, with its save button and what stands in the way of saving. */
export const RowFormFrame = <Input,>({
  form,
  label,
  onSave,
  error,
  saveText,
  more,
  children,
}: {
  readonly form: UseFormReturn<Raws>
  readonly label: string
  /** Gets the input as the form's resolver read it. */
  readonly onSave: (input: Input) => Promise<unknown>
  readonly error: unknown
  readonly saveText?: string
  /** Further actions beside saving. */
  readonly more?: ReactNode
  readonly children: ReactNode
}) => {
  const { t } = useTranslation()
  const { isSubmitting, isDirty } = form.formState
  return (
    <FormProvider {...form}>
      <form
        noValidate
        aria-label={label}
        className="flex flex-col gap-4"
        onSubmit={(event) => void form.handleSubmit((input) => onSave(input as Input))(event)}
      >
        {children}
        <SaveTrouble error={error} />
        <div className="flex flex-wrap items-center gap-2">
          <Button type="submit" look="next" disabled={isSubmitting}>
            {isSubmitting ? t('common.saving') : (saveText ?? t('common.save'))}
          </Button>
          {more}
        </div>
      </form>
      <LeaveGuard isDirty={() => isDirty && !isSubmitting} />
    </FormProvider>
  )
}
