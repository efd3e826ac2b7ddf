import {
  boxAround,
  type Die,
  frontOf,
  insideRim,
  type LaidBlock,
  type LaidDie,
  linesOnCard,
  padOnLine,
  type PlacedRun,
  setInRow,
} from '@bold-heron/core'
import { Copy, X } from 'lucide-react'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Button, IconButton } from '../../ui/Button.js'
import { Choice } from '../../ui/Choice.js'
import { boxClass, Field } from '../../ui/form/fields.js'
import { useSay } from '../../ui/toasts.js'
import { editBlock, editDie, editLine, editRun, freshId, keyOf, takeThing } from './edits.js'
import { LengthInput, NumberInput } from '../../ui/form/LengthInput.js'
import { MotifFields } from './MotifFields.js'
import type { PanelProps } from './panel-props.js'
import { RunSettings } from './RunSettings.js'

const useDieOf =
  ({ things }: PanelProps) =>
  (id: string): Die | undefined =>
    things.dies.find((die) => die.id === id)

const DieRows = (props: PanelProps) => {
  const { t } = useTranslation()
  const { placement, things, lengths, selected, onSelect, onChange } = props
  const dieOf = useDieOf(props)
  const run = placement.runs[placement.runInHand] as PlacedRun
  const front = frontOf(placement.card)
  const add = (dieId: string) =>
    onChange((now) =>
      editRun((each) => ({
        ...each,
        dies: [
          ...each.dies,
          {
            id: freshId(now, 'die'),
            dieId,
            xMm: (front.fromX + front.toX) / 2,
            yMm: (front.fromY + front.toY) / 2,
            rotationDeg: 0,
          },
        ],
      }))(now),
    )
  const copy = (laid: LaidDie) =>
    onChange((now) =>
      editRun((each) => ({
        ...each,
        dies: [...each.dies, { ...laid, id: freshId(now, 'die'), xMm: laid.xMm + 5, yMm: laid.yMm + 5 }],
      }))(now),
    )
  return (
    <section>
      <h2 className="font-bold text-base">{t('place.things.dies')}</h2>
      <ul className="divide-y divide-line">
        {run.dies.map((laid) => {
          const die = dieOf(laid.dieId)
          const name = die?.name ?? ''
          const thing = { is: 'die' as const, id: laid.id }
          const on = selected !== undefined && keyOf(selected) === keyOf(thing)
          return (
            <li key={laid.id} className="py-1">
              <div className="flex items-center gap-1">
                <button
                  type="button"
                  className="flex-1 rounded-sm text-left font-bold hover:underline"
                  aria-expanded={on}
                  onClick={() => onSelect(thing)}
                >
                  {name}
                </button>
                <span className="text-sm text-ink-soft">
                  {lengths.place(laid.xMm)} · {lengths.place(laid.yMm)}
                </span>
                <IconButton label={t('place.things.copy', { name })} onClick={() => copy(laid)}>
                  <Copy aria-hidden size={16} />
                </IconButton>
                <IconButton label={t('place.things.take', { name })} onClick={() => onChange(takeThing(thing))}>
                  <X aria-hidden size={16} />
                </IconButton>
              </div>
              {on && (
                <div className="flex gap-2 pb-1">
                  <LengthInput
                    label={t('place.things.x')}
                    mm={laid.xMm}
                    lengths={lengths}
                    onChange={(xMm) => onChange(editDie(laid.id, { xMm }))}
                  />
                  <LengthInput
                    label={t('place.things.y')}
                    mm={laid.yMm}
                    lengths={lengths}
                    onChange={(yMm) => onChange(editDie(laid.id, { yMm }))}
                  />
                  <NumberInput
                    label={t('place.things.turn')}
                    value={laid.rotationDeg}
                    step={1}
                    least={-180}
                    most={180}
                    onChange={(rotationDeg) => onChange(editDie(laid.id, { rotationDeg }), `turn ${laid.id}`)}
                  />
                </div>
              )}
            </li>
          )
        })}
      </ul>
      <Field label={<span className="sr-only">{t('place.things.addDie')}</span>}>
        {(ids) => (
          <select
            {...ids}
            className={boxClass}
            value=""
            onChange={(event) => event.target.value !== '' && add(event.target.value)}
          >
            <option value="">{t('place.things.addDie')}…</option>
            {things.dies.map((die) => (
              <option key={die.id} value={die.id}>
                {die.name}
              </option>
            ))}
          </select>
        )}
      </Field>
    </section>
  )
}

const LineFields = (props: PanelProps) => {
  const { t } = useTranslation()
  const { placement, things, lengths, onChange } = props
  const dieOf = useDieOf(props)
  const run = placement.runs[placement.runInHand] as PlacedRun
  const { line } = run
  if (run.way !== 'edge' || !line) return null
  const pads = things.request.shelf.filter((plate) => plate.kind === 'cutting-pad')
  const pad = pads.find((each) => each.id === run.padId)
  const lines = run.dies.flatMap((laid) => {
    const die = dieOf(laid.dieId)
    return die ? linesOnCard(die, laid, run.face) : []
  })
  const laidPad = pad && padOnLine(pad, line, lines)
  return (
    <section className="space-y-1">
      <h2 className="font-bold text-base">{t('place.things.lineTitle')}</h2>
      <div className="flex gap-2">
        <LengthInput
          label={t('place.things.y')}
          mm={line.yMm}
          lengths={lengths}
          onChange={(yMm) => onChange(editLine({ yMm }))}
        />
        {line.angleDeg % 180 !== 0 && (
          <LengthInput
            label={t('place.things.x')}
            mm={line.xMm}
            lengths={lengths}
            onChange={(xMm) => onChange(editLine({ xMm }))}
          />
        )}
        <NumberInput
          label={t('place.things.angle')}
          value={line.angleDeg}
          step={1}
          least={-180}
          most={180}
          onChange={(angleDeg) => onChange(editLine({ angleDeg }), 'slant')}
        />
      </div>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span>{t('place.things.presses')}</span>
        <Choice
          label={t('place.things.presses')}
          value={line.presses}
          options={(['above', 'below'] as const).map((side) => ({
            value: side,
            text: t(`place.things.pressed.${side}`),
          }))}
          onChange={(presses) => onChange(editLine({ presses }))}
        />
      </div>
      <Field label={t('place.things.pad')} className="gap-0.5">
        {(ids) => (
          <select
            {...ids}
            className={boxClass}
            value={run.padId ?? ''}
            onChange={(event) =>
              onChange(editRun((each) => ({ ...each, padId: event.target.value === '' ? null : event.target.value })))
            }
          >
            <option value="">{t('place.things.anyPad')}</option>
            {pads.map((each) => (
              <option key={each.id} value={each.id}>
                {each.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      {laidPad && (
        <p className="text-sm text-ink-soft">
          {laidPad.bevelMm > 0
            ? t('place.things.padText', { bevel: lengths.place(laidPad.bevelMm) })
            : t('place.things.padSquare')}
        </p>
      )}
      <RowFields {...props} />
    </section>
  )
}

/** Dies side by side on the line, such as the letters of a word. */
const RowFields = (props: PanelProps) => {
  const { t } = useTranslation()
  const say = useSay()
  const { placement, lengths, onChange } = props
  const dieOf = useDieOf(props)
  const run = placement.runs[placement.runInHand] as PlacedRun
  const [gap, setGap] = useState<'even' | 'eye'>('even')
  const [gapMm, setGapMm] = useState(3)
  const [overlapMm, setOverlapMm] = useState(2)
  const { line } = run
  if (!line || line.angleDeg % 180 !== 0 || line.presses !== 'above' || run.dies.length === 0) return null
  const set = () => {
    const front = frontOf(placement.card)
    const dies = run.dies.flatMap((laid) => dieOf(laid.dieId) ?? [])
    const poses = setInRow(dies, {
      fromMm: front.fromX,
      toMm: front.toX,
      lineMm: line.yMm,
      overlapMm,
      gapMm: gap === 'eye' ? gapMm : undefined,
    })
    if (!poses) return say(t('place.things.rowNot'), { tone: 'danger' })
    onChange(editRun((each) => ({ ...each, dies: each.dies.map((laid, at) => ({ ...laid, ...poses[at] })) })))
  }
  return (
    <details className="rounded-md border border-line p-2">
      <summary className="font-bold">{t('place.things.row')}</summary>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <Choice
          label={t('place.things.rowGap')}
          value={gap}
          options={[
            { value: 'even', text: t('place.things.rowEven') },
            { value: 'eye', text: t('place.things.rowEye') },
          ]}
          onChange={setGap}
        />
        {gap === 'eye' && (
          <LengthInput label={t('place.things.rowGap')} mm={gapMm} lengths={lengths} leastMm={0} onChange={setGapMm} />
        )}
        <LengthInput
          label={t('place.things.overlap')}
          mm={overlapMm}
          lengths={lengths}
          leastMm={0}
          onChange={setOverlapMm}
        />
        <Button onClick={set}>{t('place.things.rowDo')}</Button>
      </div>
    </details>
  )
}

const BlockRows = (props: PanelProps) => {
  const { t } = useTranslation()
  const say = useSay()
  const { placement, things, lengths, selected, onSelect, onChange } = props
  const dieOf = useDieOf(props)
  const run = placement.runs[placement.runInHand] as PlacedRun
  if (run.way !== 'block') return null
  const plates = things.request.shelf.filter((plate) => plate.kind === 'press-block')
  const [laid] = run.dies
  const die = laid && dieOf(laid.dieId)
  const fallback: LaidBlock['material'] | undefined = plates[0]
    ? { is: 'plate', plateId: plates[0].id }
    : things.sheets[0] && { is: 'cards', sheetId: things.sheets[0].id }
  const add = (outline: LaidBlock['outline']) => {
    const box = outline && boxAround(outline)
    const first = plates[0]
    const card = things.sheets.find((sheet) => sheet.id === things.request.cut.sheet.id) ?? things.sheets[0]
    const material = outline && card ? { is: 'cards' as const, sheetId: card.id } : fallback
    if (!material) return
    onChange((now) =>
      editRun((each) => ({
        ...each,
        blocks: [
          ...each.blocks,
          {
            id: freshId(now, 'block'),
            xMm: laid?.xMm ?? now.card.widthMm / 2,
            yMm: laid?.yMm ?? now.card.heightMm / 2,
            rotationDeg: outline ? (laid?.rotationDeg ?? 0) : 0,
            material,
            widthMm: box ? box.toX - box.fromX : (first?.lengthMm ?? 40),
            heightMm: box ? box.toY - box.fromY : (first?.widthMm ?? 40),
            outline,
          },
        ],
      }))(now),
    )
  }
  const addRim = () => {
    const outline = die ? insideRim(die.outline.lines) : []
    if (outline.length === 0) return say(t('place.things.rimNone'), { tone: 'danger' })
    add(outline)
  }
  const materialOf = (value: string): LaidBlock['material'] => {
    const id = value.slice(2)
    return value.startsWith('p ') ? { is: 'plate', plateId: id } : { is: 'cards', sheetId: id }
  }
  return (
    <section>
      <h2 className="font-bold text-base">{t('place.things.blocks')}</h2>
      <ul className="divide-y divide-line">
        {run.blocks.map((block) => {
          const thing = { is: 'block' as const, id: block.id }
          const on = selected !== undefined && keyOf(selected) === keyOf(thing)
          return (
            <li key={block.id} className="py-1">
              <div className="flex items-center gap-1">
                <button
                  type="button"
                  className="flex-1 rounded-sm text-left font-bold hover:underline"
                  aria-expanded={on}
                  onClick={() => onSelect(thing)}
                >
                  {block.id} · {lengths.area(block.widthMm, block.heightMm)}
                </button>
                <IconButton
                  label={t('place.things.take', { name: block.id })}
                  onClick={() => onChange(takeThing(thing))}
                >
                  <X aria-hidden size={16} />
                </IconButton>
              </div>
              <Field label={t('place.things.material')} className="gap-0.5">
                {(ids) => (
                  <select
                    {...ids}
                    className={boxClass}
                    value={
                      block.material.is === 'plate' ? `p ${block.material.plateId}` : `s ${block.material.sheetId}`
                    }
                    onChange={(event) => onChange(editBlock(block.id, { material: materialOf(event.target.value) }))}
                  >
                    {plates.map((plate) => (
                      <option key={plate.id} value={`p ${plate.id}`}>
                        {t('place.things.ofPlate', { name: plate.name })}
                      </option>
                    ))}
                    {things.sheets.map((sheet) => (
                      <option key={sheet.id} value={`s ${sheet.id}`}>
                        {t('place.things.ofCards', { name: sheet.name })}
                      </option>
                    ))}
                  </select>
                )}
              </Field>
              {on && (
                <div className="flex flex-wrap gap-2 pt-1">
                  <LengthInput
                    label={t('place.things.x')}
                    mm={block.xMm}
                    lengths={lengths}
                    onChange={(xMm) => onChange(editBlock(block.id, { xMm }))}
                  />
                  <LengthInput
                    label={t('place.things.y')}
                    mm={block.yMm}
                    lengths={lengths}
                    onChange={(yMm) => onChange(editBlock(block.id, { yMm }))}
                  />
                  <NumberInput
                    label={t('place.things.turn')}
                    value={block.rotationDeg}
                    step={1}
                    least={-180}
                    most={180}
                    onChange={(rotationDeg) => onChange(editBlock(block.id, { rotationDeg }), `turn ${block.id}`)}
                  />
                  {block.outline === null && (
                    <>
                      <LengthInput
                        label={t('place.things.width')}
                        mm={block.widthMm}
                        lengths={lengths}
                        leastMm={1}
                        onChange={(widthMm) => onChange(editBlock(block.id, { widthMm }))}
                      />
                      <LengthInput
                        label={t('place.things.height')}
                        mm={block.heightMm}
                        lengths={lengths}
                        leastMm={1}
                        onChange={(heightMm) => onChange(editBlock(block.id, { heightMm }))}
                      />
                    </>
                  )}
                </div>
              )}
            </li>
          )
        })}
      </ul>
      <div className="flex flex-wrap gap-2">
        <Button disabled={!fallback} onClick={() => add(null)}>
          {t('place.things.addBlock')}
        </Button>
        <Button disabled={!die} onClick={addRim}>
          {t('place.things.addRim')}
        </Button>
      </div>
    </section>
  )
}

/** What lies on the card in the run in hand, in numbers. */
export const LayPanel = (props: PanelProps) => (
  <div className="space-y-3">
    <RunSettings {...props} />
    <DieRows {...props} />
    <LineFields {...props} />
    <BlockRows {...props} />
    <MotifFields {...props} />
  </div>
)
