import { type RecipeNaming, recipeNaming, type RunRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { useKeepRecipe } from '../../../data/recipes.js'
import { text } from '../../../ui/form/codec.js'
import { NoteField, TextField } from '../../../ui/form/fields.js'
import { RowFormFrame } from '../../../ui/form/RowFormFrame.js'
import { rowForm, useRowForm } from '../../../ui/form/row-form.js'
import { Modal } from '../../../ui/Modal.js'
import { useSay } from '../../../ui/toasts.js'

const namingForm = rowForm<RecipeNaming>({ codecs: { name: text, note: text }, schema: recipeNaming })

/** Asks what to call a run that is to be kept as a recipe. */
export const KeepRecipe = ({ run, onClose }: { readonly run: RunRow; readonly onClose: () => void }) => {
  const { t } = useTranslation()
  const say = useSay()
  const navigate = useNavigate()
  const keeping = useKeepRecipe(run.id)
  const form = useRowForm(namingForm, { name: run.jobName, note: run.note })
  const keep = async (naming: RecipeNaming) => {
    const recipe = await keeping.mutateAsync(naming).catch(() => undefined)
    if (!recipe) return
    say(t('recipes.kept', { name: recipe.name }))
    await navigate(`/log/recipes/${recipe.id}`)
  }
  return (
    <Modal open onClose={onClose} title={t('recipes.keepTitle')} description={t('recipes.keepText')}>
      <RowFormFrame<RecipeNaming>
        form={form}
        label={t('recipes.keepTitle')}
        onSave={keep}
        error={keeping.error}
        saveText={t('recipes.save')}
      >
        <TextField name="name" label={t('recipes.name')} />
        <NoteField name="note" label={t('recipes.note')} />
      </RowFormFrame>
    </Modal>
  )
}
