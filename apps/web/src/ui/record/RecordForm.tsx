import { Save } from 'lucide-react'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { Button } from '../Button.js'
import { LeaveGuard } from '../form/LeaveGuard.js'
import { SaveTrouble } from '../form/SaveTrouble.js'
import { Fault } from '../Notice.js'
import type { Draft } from './draft.js'

/** A form around a record being written down, with what saves it, and what stands in the way of that. */
export const RecordForm = <Input,>({
  draft,
  onSave,
  error,
  guarded = false,
  more,
  children,
}: {
  readonly draft: Draft<Input>
  readonly onSave: (input: Input) => void
  readonly error: unknown
  /** Whether to ask before what was typed is left behind: on a page, not in a dialog. */
  readonly guarded?: boolean
  /** Further actions beside saving. */
  readonly more?: ReactNode
  readonly children: ReactNode
}) => {
  const { t } = useTranslation()
  return (
    <form
      className="space-y-4"
      onSubmit={(event) => {
        event.preventDefault()
        draft.take(onSave)
      }}
    >
      {children}
      <SaveTrouble error={error} />
      <div className="flex flex-wrap gap-2">
        <Button look="next" type="submit" icon={<Save aria-hidden size={18} />}>
          {t('common.save')}
        </Button>
        {more}
      </div>
      {guarded && <LeaveGuard isDirty={draft.isDirty} />}
    </form>
  )
}

/** A part of a form under its own heading, with what is wrong with the whole of it. */
export const FormPart = ({
  legend,
  fault,
  className,
  children,
}: {
  readonly legend: ReactNode
  readonly fault?: string | undefined
  readonly className?: string
  readonly children: ReactNode
}) => (
  <fieldset className={className}>
    <legend className="font-bold">{legend}</legend>
    {children}
    {fault !== undefined && <Fault>{fault}</Fault>}
  </fieldset>
)
