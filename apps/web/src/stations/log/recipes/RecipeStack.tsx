import { defaultHouseRules, heightOf } from '@bold-heron/core'
import { type RecipeRow, toProvenCut } from '@bold-heron/schema'
import { useMemo } from 'react'
import { useTranslation } from 'react-i18next'
import { type SectionSize, StackSection } from '../../../drawing/section/StackSection.js'
import { layerName } from '../../../pressing/stack/layer-name.js'
import { StackTable } from './StackTable.js'

/** A recipe as the core takes it, with the gap its squeeze was counted from, mm. */
export const useProven = ({ cut }: RecipeRow) =>
  useMemo(() => {
    const proven = toProvenCut(cut, defaultHouseRules)
    return { ...proven, gapMm: heightOf(proven.stack).valueMm - proven.squeezeMm }
  }, [cut])

/** A recipe's stack: drawn in section, and as a sum. */
export const RecipeStack = ({ recipe, size }: { readonly recipe: RecipeRow; readonly size: SectionSize }) => {
  const { t } = useTranslation()
  const { cut, stack, gapMm } = useProven(recipe)
  return (
    <>
      <div className="mx-auto" style={{ maxWidth: size.widthPx }}>
        <StackSection
          stack={stack}
          gapMm={gapMm}
          rollerRadiusMm={cut.press.frame.rollerDiameterMm / 2}
          size={size}
          described={[...stack]
            .reverse()
            .map((layer) => layerName(t, layer))
            .join(', ')}
        />
      </div>
      <StackTable caption={t('recipes.stack')} stack={stack} gapMm={gapMm} />
    </>
  )
}
