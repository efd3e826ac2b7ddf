import { type BaseKind, baseKinds, sectionOf } from '@bold-heron/core'
import { type BuildInput, buildInput, type BuildRow } from '@bold-heron/schema'
import { Plus, Save, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { useAddRow, useMarkRow, useRowsById, useSaveRow } from '../../data/rows.js'
import { BuildSectionDrawing } from './BuildSectionDrawing.js'
import { Button } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { boxClass, Field } from '../../ui/Field.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'
import { Failure } from '../../ui/states.js'
import { useSay } from '../../ui/toasts.js'
import { blankLayer, freshLayerId } from './blank.js'
import { BuildSum } from './BuildSum.js'
import { LayerFields } from './LayerFields.js'
import { layersOf } from './layers-of.js'

const MOST_WANTED = 10_000
/** mm. What many mail services take as a letter; the user's own limit replaces it. Common practice, no source. */
const USUAL_LIMIT_MM = 5
/** A build being written down, in section beside it as it is, with what it adds up to. */
export const BuildForm = ({ start, row }: { readonly start: BuildInput; readonly row: BuildRow | undefined }) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const say = useSay()
  const sheets = useRowsById('sheets')
  const add = useAddRow('builds')
  const saving = useSaveRow('builds')
  const mark = useMarkRow('builds')
  const [build, setBuild] = useState(start)
  // What is typed stands on the row as it was shown, even where a newer one was fetched meanwhile.
  const [version, setVersion] = useState(row?.version ?? 0)
  const [asked, setAsked] = useState(false)
  const change = (part: Partial<BuildInput>) => setBuild((now) => ({ ...now, ...part }))
  const setLayers = (layers: BuildInput['layers']) => change({ layers })
  const { layers } = build
  const judged = buildInput.safeParse(build)
  const missing = asked && !judged.success ? new Set(judged.error.issues.map(({ path }) => path.join('.'))) : new Set()
  const parts = layersOf(build, sheets, (at) => t('cards.build.layer', { count: at + 1 }))
  const section = sectionOf(parts)
  const save = async () => {
    setAsked(true)
    if (!judged.success) return
    const saved = await (
      row ? saving.mutateAsync({ id: row.id, version, input: build }) : add.mutateAsync(build)
    ).catch(() => undefined)
    if (!saved) return
    setVersion(saved.version)
    say(t('cards.saved', { name: saved.name }))
    if (!row) await navigate(`/cards/builds/${saved.id}`)
  }
  const remove = async () => {
    if (!row) return
    await mark.mutateAsync({ id: row.id, mark: 'delete' })
    say(t('cards.deleted', { name: row.name }), { undo: () => mark.mutate({ id: row.id, mark: 'restore' }) })
    await navigate('/cards/builds')
  }
  const error = add.error ?? saving.error
  return (
    <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,26rem)]">
      <form
        className="space-y-3"
        onSubmit={(event) => {
          event.preventDefault()
          void save()
        }}
      >
        <div className="flex flex-wrap items-end gap-3">
          <Field
            label={t('cards.build.called')}
            className="min-w-48 flex-1"
            fault={missing.has('name') ? t('cards.build.nameMissing') : undefined}
          >
            {(ids) => (
              <input
                {...ids}
                className={boxClass}
                value={build.name}
                maxLength={120}
                onChange={(event) => change({ name: event.target.value })}
              />
            )}
          </Field>
          <NumberInput
            label={t('cards.build.wanted')}
            value={build.wanted}
            step={1}
            least={1}
            most={MOST_WANTED}
            onChange={(wanted) => change({ wanted: Math.round(wanted) })}
          />
        </div>
        <div className="flex flex-wrap items-end gap-3">
          <Choice<BaseKind>
            label={t('cards.build.base')}
            value={build.base}
            options={baseKinds.map((base) => ({ value: base, text: t(`cards.build.bases.${base}`) }))}
            onChange={(base) => change({ base })}
          />
          <LengthInput
            label={t('cards.build.frontWidth')}
            mm={build.frontWidthMm}
            leastMm={10}
            onChange={(frontWidthMm) => change({ frontWidthMm })}
          />
          <LengthInput
            label={t('cards.build.frontHeight')}
            mm={build.frontHeightMm}
            leastMm={10}
            onChange={(frontHeightMm) => change({ frontHeightMm })}
          />
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 accent-accent"
              checked={build.mostHighMm !== null}
              onChange={(event) => change({ mostHighMm: event.target.checked ? USUAL_LIMIT_MM : null })}
            />
            {t('cards.build.posted')}
          </label>
          {build.mostHighMm !== null && (
            <LengthInput
              label={t('cards.build.mostHigh')}
              mm={build.mostHighMm}
              leastMm={0.1}
              onChange={(mostHighMm) => change({ mostHighMm })}
            />
          )}
        </div>
        <p className="text-sm text-ink-soft">{t('cards.build.order')}</p>
        {[...missing].some((path) => String(path).endsWith('sheetId')) && (
          <p role="alert" className="text-danger">
            <span aria-hidden>▲ </span>
            {t('cards.build.sheetMissing')}
          </p>
        )}
        {layers.map((layer, at) => (
          <LayerFields
            key={layer.id}
            layer={layer}
            at={at}
            isLast={at === layers.length - 1}
            onChange={(part) => setLayers(layers.map((each, index) => (index === at ? { ...each, ...part } : each)))}
            onMove={(by) => {
              const moved = [...layers]
              const [one] = moved.splice(at, 1)
              if (one) moved.splice(at + by, 0, one)
              setLayers(moved)
            }}
            onTake={() => setLayers(layers.filter((_, index) => index !== at))}
          />
        ))}
        <Button
          icon={<Plus aria-hidden size={18} />}
          onClick={() => setLayers([...layers, blankLayer(freshLayerId(layers), layers.at(-1)?.sheetId ?? '')])}
        >
          {t('cards.build.addLayer')}
        </Button>
        {error && <Failure error={error} />}
        <div className="flex flex-wrap gap-2">
          <Button look="next" type="submit" icon={<Save aria-hidden size={18} />}>
            {t('common.save')}
          </Button>
          {row && (
            <Button look="danger" icon={<Trash2 aria-hidden size={18} />} onClick={() => void remove()}>
              {t('common.delete')}
            </Button>
          )}
        </div>
      </form>
      <div className="space-y-4">
        <BuildSectionDrawing layers={parts} section={section} />
        <BuildSum build={build} section={section} sheets={sheets} />
      </div>
    </div>
  )
}
