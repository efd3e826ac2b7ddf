import { useLengths } from '../../text/lengths.js'
import {
  boxAround,
  editBlock,
  editRun,
  freshId,
  keyOfThing,
  type LaidBlock,
  type PlacedRun,
  takeThing,
} from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { Button } from '../../ui/Button.js'
import { Field } from '../../ui/Field.js'
import { LengthInput } from '../../ui/form/LengthInput.js'
import { type Pickable, Picker } from '../../ui/picker/Picker.js'
import { useSay } from '../../ui/toasts.js'
import { useSayTrouble } from '../../ui/use-say-trouble.js'
import { placeWorker } from '../../workers/place.js'
import { dieFinder } from './dies-of.js'
import type { PanelProps } from './panel-props.js'
import { PoseFields } from './PoseFields.js'
import { ThingHead } from './ThingHead.js'

/** The press blocks of the run in hand. */
export const BlockRows = (props: PanelProps) => {
  const { t } = useTranslation()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const { placement, things, selected, onSelect, onChange } = props
  const lengths = useLengths()
  const dieOf = dieFinder(props)
  const run = placement.runs[placement.runInHand] as PlacedRun
  if (run.region !== 'under-block') return null
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
  const addRim = async () => {
    const outline = die ? await placeWorker().rim(die.id) : []
    if (outline.length === 0) return say(t('place.things.rimNone'), { tone: 'danger' })
    add(outline)
  }
  const materials: readonly Pickable[] = [
    ...plates.map(({ id, name }) => ({ id: `p ${id}`, name: t('place.things.ofPlate', { name }) })),
    ...things.sheets.map(({ id, name }) => ({ id: `s ${id}`, name: t('place.things.ofCards', { name }) })),
  ]
  const nameOfMaterial = (material: LaidBlock['material']): string =>
    material.is === 'plate' ? `p ${material.plateId}` : `s ${material.sheetId}`
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
          const on = selected !== undefined && keyOfThing(selected) === keyOfThing(thing)
          return (
            <li key={block.id} className="py-1">
              <ThingHead
                name={block.id}
                title={`${block.id} · ${lengths.area(block.widthMm, block.heightMm)}`}
                isOpen={on}
                onOpen={() => onSelect(thing)}
                onTake={() => onChange(takeThing(thing))}
              />
              <Field label={t('place.things.material')} className="gap-0.5">
                {(ids) => (
                  <Picker
                    label={t('place.things.material')}
                    ids={ids}
                    things={materials}
                    value={nameOfMaterial(block.material)}
                    onPick={(name) => onChange(editBlock(block.id, { material: materialOf(name) }))}
                  />
                )}
              </Field>
              {on && (
                <div className="flex flex-wrap gap-2 pt-1">
                  <PoseFields
                    pose={block}
                    name={block.id}
                    onChange={(change, about) => onChange(editBlock(block.id, change), about)}
                  />
                  {block.outline === null && (
                    <>
                      <LengthInput
                        label={t('place.things.width')}
                        mm={block.widthMm}
                        leastMm={1}
                        onChange={(widthMm) => onChange(editBlock(block.id, { widthMm }))}
                      />
                      <LengthInput
                        label={t('place.things.height')}
                        mm={block.heightMm}
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
        <Button disabled={!die} onClick={() => void addRim().catch(sayTrouble)}>
          {t('place.things.addRim')}
        </Button>
      </div>
    </section>
  )
}
