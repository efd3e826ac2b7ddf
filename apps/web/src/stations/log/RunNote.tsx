import { type RunNoteInput, runNote, type RunRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { useSaveNote } from '../../data/run-note.js'
import { text } from '../../ui/form/codec.js'
import { NoteField } from '../../ui/form/fields.js'
import { RowFormFrame } from '../../ui/form/RowFormFrame.js'
import { rowForm, useRowForm } from '../../ui/form/row-form.js'
import { useSay } from '../../ui/toasts.js'

const noteForm = rowForm<RunNoteInput>({ codecs: { note: text }, schema: runNote })

/** The note of a run, which can be written long after it. */
export const RunNote = ({ run }: { readonly run: RunRow }) => {
  const { t } = useTranslation()
  const say = useSay()
  const saving = useSaveNote(run.id)
  const form = useRowForm(noteForm, { note: run.note })
  const save = async (input: RunNoteInput) => {
    const saved = await saving.mutateAsync(input).catch(() => undefined)
    if (!saved) return
    form.reset({ note: saved.note })
    say(t('log.noteSaved'))
  }
  return (
    <RowFormFrame<RunNoteInput> form={form} label={t('log.note')} onSave={save} error={saving.error}>
      <NoteField name="note" label={t('log.note')} />
    </RowFormFrame>
  )
}
