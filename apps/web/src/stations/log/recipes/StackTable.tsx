import { ledgerOf, type Stack } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import { layerName } from '../../../pressing/stack/layer-name.js'
import { useLengths } from '../../../text/lengths.js'

/** A stack as a sum that can be checked with a pencil. */
export const StackTable = ({
  caption,
  stack,
  gapMm,
}: {
  readonly caption: string
  readonly stack: Stack
  readonly gapMm: number
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const ledger = ledgerOf(stack, gapMm)
  return (
    <table className="w-full">
      <caption className="sr-only">{caption}</caption>
      <tbody>
        {[...ledger.lines].reverse().map((line, at) => (
          <tr key={at} className="border-b border-line">
            <td className="py-0.5">{layerName(t, line.layer)}</td>
            <td className="text-right">{lengths.thickness(line.thickness.valueMm)}</td>
          </tr>
        ))}
        <tr>
          <td>{t('plan.ledger.total')}</td>
          <td className="text-right">{lengths.thickness(ledger.total.valueMm)}</td>
        </tr>
        <tr>
          <td>− {t('plan.ledger.gap')}</td>
          <td className="text-right">{lengths.thickness(gapMm)}</td>
        </tr>
        <tr className="border-t-2 border-ink font-bold">
          <td>= {t('plan.ledger.squeeze')}</td>
          <td className="text-right">{lengths.thickness(ledger.squeezeMm)}</td>
        </tr>
      </tbody>
    </table>
  )
}
