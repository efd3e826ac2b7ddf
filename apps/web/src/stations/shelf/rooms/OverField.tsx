import { hasBlades } from '@bold-heron/core'
import type { DieRow } from '@bold-heron/schema'
import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { Button } from '../../../ui/Button.js'
import { Field } from '../../../ui/Field.js'

/** The die that it lies over, where it belongs to one. */
export const OverField = ({ row }: { readonly row?: DieRow | undefined }) => {
  const { t } = useTranslation()
  const { setValue } = useFormContext()
  const value = useWatch({ name: 'overDieId' }) as string | null
  return (
    <Field label={t('shelf.field.overDieId')} hint={t('shelf.hint.overDieId')}>
      {(ids) => (
        <div className="flex items-center gap-2">
          <RowPicker
            kind="dies"
            label={t('shelf.field.overDieId')}
            ids={ids}
            value={value ?? ''}
            among={(die) => die.id !== row?.id && hasBlades([die])}
            onPick={(id) => setValue('overDieId', id, { shouldDirty: true })}
          />
          {value && (
            <Button look="quiet" onClick={() => setValue('overDieId', null, { shouldDirty: true })}>
              {t('shelf.field.noOverDie')}
            </Button>
          )}
        </div>
      )}
    </Field>
  )
}
