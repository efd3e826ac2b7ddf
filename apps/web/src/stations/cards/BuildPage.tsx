import { type BaseKind, baseKinds, type LayerJoin, layerJoins, sectionOf } from '@bold-heron/core'
import { type BuildInput, type BuildLayerInput, type BuildRow, buildInput } from '@bold-heron/schema'
import { ArrowDown, ArrowUp, Plus, Save, Trash2, X } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate, useParams } from 'react-router'
import { useAddRow, useEveryRow, useMarkRow, useRow, useRowsById, useSaveRow } from '../../data/rows.js'
import { BuildSectionDrawing } from '../../drawing/build/BuildSectionDrawing.js'
import { RowPicker } from '../../drawing/pick/RowPicker.js'
import { useLengths } from '../../text/lengths.js'
import { Button, IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { boxClass, Field } from '../../ui/form/fields.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'
import { Failure, Loaded } from '../../ui/states.js'
import { useSay } from '../../ui/toasts.js'
import { BuildSum } from './BuildSum.js'
import { layersOf } from './layers-of.js'

const MOST_WANTED = 10_000
/** mm. What many mail services take as a letter; the user's own limit replaces it. Common practice, no source. */
const USUAL_LIMIT_MM = 5
const blankLayer = (id: string, sheetId: string): BuildLayerInput => ({
  id,
  name: '',
  jobId: null,
  sheetId,
  each: 1,
  sheets: 1,
  join: 'wet-glue',
  joinMm: null,
  lies: 'on',
})

const freshId = (layers: readonly BuildLayerInput[]): string => {
  let at = layers.length + 1
  while (layers.some(({ id }) => id === `layer ${at}`)) at++
  return `layer ${at}`
}

const LayerFields = ({
  layer,
  at,
  isLast,
  onChange,
  onMove,
  onTake,
}: {
  readonly layer: BuildLayerInput
  readonly at: number
  readonly isLast: boolean
  readonly onChange: (change: Partial<BuildLayerInput>) => void
  readonly onMove: (by: 1 | -1) => void
  readonly onTake: () => void
}) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const jobs = useEveryRow('jobs').data ?? []
  const called = t('cards.build.layer', { count: at + 1 })
  return (
    <fieldset className="rounded-md border border-line p-3">
      <legend className="px-1 font-bold">{called}</legend>
      <div className="flex flex-wrap items-end gap-3">
        <Field label={t('cards.build.name')} className="min-w-36 flex-1">
          {(ids) => (
            <input
              {...ids}
              className={boxClass}
              value={layer.name}
              maxLength={120}
              onChange={(event) => onChange({ name: event.target.value })}
            />
          )}
        </Field>
        <Field label={t('cards.build.sheet')} className="min-w-56 flex-1">
          {(ids) => (
            <RowPicker
              kind="sheets"
              label={t('cards.build.sheet')}
              ids={ids}
              value={layer.sheetId}
              onPick={(sheetId) => onChange({ sheetId })}
            />
          )}
        </Field>
        <Field label={t('cards.build.job')} className="min-w-40 flex-1">
          {(ids) => (
            <select
              {...ids}
              className={boxClass}
              value={layer.jobId ?? ''}
              onChange={(event) => {
                const job = jobs.find(({ id }) => id === event.target.value)
                onChange({
                  jobId: job?.id ?? null,
                  ...(job && layer.name === '' ? { name: job.name } : {}),
                  ...(job && layer.sheetId === '' ? { sheetId: job.runs[0]?.sheetId ?? '' } : {}),
                })
              }}
            >
              <option value="">{t('cards.build.noJob')}</option>
              {jobs.map((job) => (
                <option key={job.id} value={job.id}>
                  {job.name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <NumberInput
          label={t('cards.build.each')}
          value={layer.each}
          step={1}
          least={1}
          most={100}
          onChange={(each) => onChange({ each: Math.round(each) })}
        />
        <NumberInput
          label={t('cards.build.sheets')}
          value={layer.sheets}
          step={1}
          least={1}
          most={12}
          onChange={(sheets) => onChange({ sheets: Math.round(sheets) })}
        />
      </div>
      {at > 0 && (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <Field label={t('cards.build.join')} className="min-w-36">
            {(ids) => (
              <select
                {...ids}
                className={boxClass}
                value={layer.join}
                onChange={(event) => onChange({ join: event.target.value as LayerJoin, joinMm: null })}
              >
                {layerJoins.map((join) => (
                  <option key={join} value={join}>
                    {t(`words.layerJoin.${join}`)}
                  </option>
                ))}
              </select>
            )}
          </Field>
          {layer.join === 'foam-pad' && (
            <LengthInput
              label={t('cards.build.padHeight')}
              mm={layer.joinMm ?? 1.5}
              leastMm={0.1}
              lengths={lengths}
              onChange={(joinMm) => onChange({ joinMm })}
            />
          )}
          <Choice
            label={t('cards.build.lies')}
            value={layer.lies}
            options={(['on', 'in'] as const).map((lies) => ({ value: lies, text: t(`cards.build.liesHow.${lies}`) }))}
            onChange={(lies) => onChange({ lies })}
          />
        </div>
      )}
      <div className="mt-2 flex gap-1">
        <IconButton label={t('cards.build.down', { name: called })} disabled={at === 0} onClick={() => onMove(-1)}>
          <ArrowDown aria-hidden size={18} />
        </IconButton>
        <IconButton label={t('cards.build.up', { name: called })} disabled={isLast} onClick={() => onMove(1)}>
          <ArrowUp aria-hidden size={18} />
        </IconButton>
        <IconButton label={t('cards.build.take', { name: called })} disabled={at === 0 && isLast} onClick={onTake}>
          <X aria-hidden size={18} />
        </IconButton>
      </div>
    </fieldset>
  )
}

const BuildForm = ({ start, row }: { readonly start: BuildInput; readonly row: BuildRow | undefined }) => {
  const { t } = useTranslation()
  const lengths = useLengths()
  const navigate = useNavigate()
  const say = useSay()
  const sheets = useRowsById('sheets')
  const add = useAddRow('builds')
  const saving = useSaveRow('builds')
  const mark = useMarkRow('builds')
  const [build, setBuild] = useState(start)
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
      row ? saving.mutateAsync({ id: row.id, version: row.version, input: build }) : add.mutateAsync(build)
    ).catch(() => undefined)
    if (!saved) return
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
            lengths={lengths}
            onChange={(frontWidthMm) => change({ frontWidthMm })}
          />
          <LengthInput
            label={t('cards.build.frontHeight')}
            mm={build.frontHeightMm}
            leastMm={10}
            lengths={lengths}
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
              lengths={lengths}
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
          onClick={() => setLayers([...layers, blankLayer(freshId(layers), layers.at(-1)?.sheetId ?? '')])}
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
        <BuildSectionDrawing layers={parts} section={section} lengths={lengths} />
        <BuildSum build={build} section={section} sheets={sheets} />
      </div>
    </div>
  )
}

const blank: BuildInput = {
  name: '',
  wanted: 12,
  base: 'side-fold',
  frontWidthMm: 105,
  frontHeightMm: 148,
  mostHighMm: null,
  layers: [blankLayer('layer 1', '')],
  note: '',
}

const inputOf = ({
  name,
  wanted,
  base,
  frontWidthMm,
  frontHeightMm,
  mostHighMm,
  layers,
  note,
}: BuildRow): BuildInput => ({
  name,
  wanted,
  base,
  frontWidthMm,
  frontHeightMm,
  mostHighMm,
  layers,
  note,
})

const StoredBuild = ({ id }: { readonly id: string }) => {
  const { t } = useTranslation()
  return (
    <Loaded query={useRow('builds', id)} what={t('cards.loading')}>
      {(row) => <BuildForm key={row.version} start={inputOf(row)} row={row} />}
    </Loaded>
  )
}

/** One build: its layers from the base up, in section, and what they add up to. */
export const Component = () => {
  const { buildId } = useParams()
  return buildId === undefined || buildId === 'new' ? (
    <BuildForm start={blank} row={undefined} />
  ) : (
    <StoredBuild key={buildId} id={buildId} />
  )
}
