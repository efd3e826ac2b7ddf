import { Plus, X } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { Button, IconButton } from '../../../ui/Button.js'
import { Field } from '../../../ui/Field.js'

const MOST = 6

/** Some sheets, one picker each; `least` of them cannot be taken away. */
export const SheetList = ({
  label,
  more,
  ids,
  least,
  onChange,
}: {
  readonly label: string
  readonly more: string
  readonly ids: readonly string[]
  readonly least: number
  readonly onChange: (ids: readonly string[]) => void
}) => {
  const { t } = useTranslation()
  return (
    <div className="space-y-2">
      {ids.map((id, at) => (
        <div key={at} className="flex items-end gap-2">
          <Field className="min-w-0 flex-1" label={label}>
            {(fieldIds) => (
              <RowPicker
                kind="sheets"
                label={label}
                ids={fieldIds}
                value={id}
                onPick={(picked) => onChange(ids.map((each, index) => (index === at ? picked : each)))}
              />
            )}
          </Field>
          {at >= least && (
            <IconButton
              className="size-11"
              label={t('jobs.pair.without')}
              onClick={() => onChange(ids.filter((_, index) => index !== at))}
            >
              <X aria-hidden size={18} />
            </IconButton>
          )}
        </div>
      ))}
      {ids.length < MOST && (
        <Button look="quiet" icon={<Plus aria-hidden size={18} />} onClick={() => onChange([...ids, ''])}>
          {more}
        </Button>
      )}
    </div>
  )
}
