import { sectionOf } from '@bold-heron/core'
import { type BuildInput, buildInput, type BuildRow } from '@bold-heron/schema'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { useAddRow, useRowsById, useSaveRow } from '../../data/rows.js'
import { Button } from '../../ui/Button.js'
import { useDraft } from '../../ui/record/draft.js'
import { RecordForm } from '../../ui/record/RecordForm.js'
import { RemoveButton } from '../../ui/record/RemoveButton.js'
import { useSay } from '../../ui/toasts.js'
import { blankLayer, freshLayerId } from './blank.js'
import { BuildFields } from './BuildFields.js'
import { BuildSectionDrawing } from './BuildSectionDrawing.js'
import { BuildSum } from './BuildSum.js'
import { LayerLines } from './LayerLines.js'
import { layersOf } from './layers-of.js'

/** A build being written down, in section beside it as it is, with what it adds up to. */
export const BuildForm = ({ start, row }: { readonly start: BuildInput; readonly row: BuildRow | undefined }) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const say = useSay()
  const sheets = useRowsById('sheets')
  const add = useAddRow('builds')
  const saving = useSaveRow('builds')
  // What is typed stands on the row as it was shown, even where a newer one was fetched meanwhile.
  const [version, setVersion] = useState(row?.version ?? 0)
  const draft = useDraft<BuildInput>(buildInput, start)
  const build = draft.value
  const parts = layersOf(build, sheets, (at) => t('cards.build.layer', { count: at + 1 }))
  const section = sectionOf(parts)
  const save = async (input: BuildInput) => {
    const saved = await (row ? saving.mutateAsync({ id: row.id, version, input }) : add.mutateAsync(input)).catch(
      () => undefined,
    )
    if (!saved) return
    draft.settle()
    setVersion(saved.version)
    say(t('cards.saved', { name: saved.name }))
    if (!row) await navigate(`/cards/builds/${saved.id}`)
  }
  return (
    <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,26rem)]">
      <RecordForm
        draft={draft}
        onSave={(input) => void save(input)}
        error={add.error ?? saving.error}
        guarded
        more={
          row && (
            <RemoveButton
              kind="builds"
              id={row.id}
              said={t('cards.deleted', { name: row.name })}
              to="/cards/builds"
              before={draft.settle}
            />
          )
        }
      >
        <BuildFields draft={draft} />
        <LayerLines draft={draft} section={section} sheets={sheets} />
        <Button
          icon={<Plus aria-hidden size={18} />}
          onClick={() => {
            const { layers } = build
            const added = blankLayer(freshLayerId(layers), layers.at(-1)?.sheetId ?? '')
            draft.change({ layers: [...layers, added] })
          }}
        >
          {t('cards.build.addLayer')}
        </Button>
      </RecordForm>
      <div className="space-y-4">
        <BuildSectionDrawing layers={parts} section={section} />
        <BuildSum build={build} section={section} sheets={sheets} />
      </div>
    </div>
  )
}
