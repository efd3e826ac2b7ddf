import type { ReactNode } from 'react'
import { FormProvider, type UseFormReturn } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { useBlocker } from 'react-router'
import { AwayError, ProblemError } from '../../data/client.js'
import { sayTrouble } from '../../text/say-trouble.js'
import { Button } from '../Button.js'
import { Confirm } from '../Confirm.js'
import type { Raws } from './row-form.js'

/** Asks before what was typed is left behind. */
const LeaveGuard = ({ dirty }: { readonly dirty: boolean }) => {
  const { t } = useTranslation()
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => dirty && currentLocation.pathname !== nextLocation.pathname,
  )
  return (
    <Confirm
      open={blocker.state === 'blocked'}
      title={t('common.leaveTitle')}
      yes={t('common.leaveYes')}
      no={t('common.leaveNo')}
      onYes={() => blocker.proceed?.()}
      onNo={() => blocker.reset?.()}
      danger
    >
      {t('common.leaveText')}
    </Confirm>
  )
}

/** What went wrong with saving as a whole; what was typed is still there. */
const SaveTrouble = ({ error }: { readonly error: unknown }) => {
  const { t } = useTranslation()
  if (!error) return null
  return (
    <p role="alert" className="rounded-md border border-danger/50 bg-danger-wash p-3 text-danger">
      {error instanceof AwayError
        ? `${t('common.awayTitle')}. ${t('common.awayText')}`
        : error instanceof ProblemError
          ? sayTrouble(t, error)
          : t('common.failedText')}
    </p>
  )
}

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
      <LeaveGuard dirty={isDirty && !isSubmitting} />
    </FormProvider>
  )
}
