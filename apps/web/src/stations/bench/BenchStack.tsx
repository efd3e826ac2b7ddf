import type { PlanRequest, Stack } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { StackSection } from '../../drawing/section/StackSection.js'
import { layerName } from '../../pressing/stack/layer-name.js'

const SECTION = { widthPx: 340, heightPx: 420 }

/** What lies in the press by now, to scale, and its layers by name. */
export const BenchStack = ({
  stack,
  laid,
  lifted,
  gapMm,
  isPressed,
  request,
}: {
  readonly stack: Stack
  /** How many layers lie there, from the bottom. */
  readonly laid: number
  /** The layer that is to come into its place now. */
  readonly lifted: number | undefined
  readonly gapMm: number
  readonly isPressed: boolean
  readonly request: PlanRequest
}) => {
  const { t } = useTranslation()
  if (laid === 0) return <p className="py-16 text-center text-ink-soft">{t('bench.stackEmpty')}</p>
  return (
    <>
      <StackSection
        stack={stack.slice(0, laid)}
        gapMm={gapMm}
        rollerRadiusMm={request.cut.press.frame.rollerDiameterMm / 2}
        size={SECTION}
        described={stack
          .slice(0, laid)
          .map((layer) => layerName(t, layer))
          .join(', ')}
        lifted={lifted}
        tellsSqueeze={isPressed}
      />
      <ol className="mt-2 text-base">
        {[...stack.slice(0, laid)].reverse().map((layer, at) => (
          <li key={at} className="border-b border-line py-0.5 last:border-b-0">
            {layerName(t, layer)}
          </li>
        ))}
      </ol>
    </>
  )
}
