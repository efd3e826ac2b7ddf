import { type Assessment, isCut, type PlanRequest, type SqueezeWindow } from '@bold-heron/core'
import { useId } from 'react'
import { useTranslation } from 'react-i18next'
import { useLengths } from '../../text/lengths.js'
import { sayChance } from '../../text/say-cut.js'
import { Panel } from '../../ui/Panel.js'
import { Term } from '../../drawing/terms/Term.js'
import { Why } from '../../ui/Why.js'
import { layerName } from '../../pressing/stack/layer-name.js'
import { SurerBy } from '../../pressing/SurerBy.js'

const WIDTH = 400
const HEIGHT = 62
/** Windows shown either side of the window itself. */
const SHOWN_BESIDE = 1.1
/** mm. However wide the window, this much of what is too loose and too tight is shown; less leaves no room for its words. */
const LEAST_BESIDE_MM = 0.3

/** Too loose · cuts · too tight, with this stack's place on it and its doubt as a whisker. */
const Band = ({
  squeezeMm,
  spreadMm,
  window,
  spoken,
  words,
}: {
  readonly squeezeMm: number
  readonly spreadMm: number
  readonly window: SqueezeWindow
  readonly spoken: string
  /** What too loose, right and too tight are called. */
  readonly words: Readonly<Record<Assessment['fit'], string>>
}) => {
  const prefix = useId().replace(/[^\w-]/g, '')
  const besideMm = Math.max(LEAST_BESIDE_MM, SHOWN_BESIDE * (window.highMm - window.lowMm))
  const from = window.lowMm - besideMm
  const to = window.highMm + besideMm
  const xOf = (mm: number) => (Math.min(Math.max(mm, from), to) - from) * (WIDTH / (to - from))
  const outside = squeezeMm < from || squeezeMm > to
  const x = xOf(squeezeMm)
  return (
    <svg role="img" aria-label={spoken} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block w-full">
      <defs>
        <pattern id={`${prefix}-loose`} width={9} height={9} patternUnits="userSpaceOnUse">
          <rect width={9} height={9} fill="#f3ead6" />
          <path d="M0 9 9 0" stroke="#8a7a55" strokeWidth={0.9} />
        </pattern>
        <pattern id={`${prefix}-tight`} width={6} height={6} patternUnits="userSpaceOnUse">
          <rect width={6} height={6} fill="var(--color-danger-wash)" />
          <path d="M0 0 6 6M0 6 6 0" stroke="var(--color-danger)" strokeWidth={0.7} />
        </pattern>
      </defs>
      <rect x={0} y={22} width={xOf(window.lowMm)} height={20} fill={`url(#${prefix}-loose)`} />
      <rect
        x={xOf(window.highMm)}
        y={22}
        width={WIDTH - xOf(window.highMm)}
        height={20}
        fill={`url(#${prefix}-tight)`}
      />
      <rect
        x={xOf(window.lowMm)}
        y={22}
        width={xOf(window.highMm) - xOf(window.lowMm)}
        height={20}
        fill="var(--color-clean-wash)"
        stroke="var(--color-clean)"
        strokeWidth={2}
      />
      <g fontSize={13.5} textAnchor="middle" fontWeight={700}>
        <text x={xOf(window.lowMm) / 2} y={56} fill="var(--color-ink)">
          ← {words['too-loose']}
        </text>
        <text x={(xOf(window.lowMm) + xOf(window.highMm)) / 2} y={56} fill="var(--color-clean)">
          ✓ {words.cuts}
        </text>
        <text x={(xOf(window.highMm) + WIDTH) / 2} y={56} fill="var(--color-danger)">
          {words['too-tight']} →
        </text>
      </g>
      <path d={`M${xOf(window.midMm)} 23v18`} stroke="var(--color-clean)" strokeWidth={2} strokeDasharray="2 2" />
      <g stroke="var(--color-ink)" strokeWidth={2} fill="none">
        <path d={`M${xOf(squeezeMm - spreadMm)} 13v8m0-4H${xOf(squeezeMm + spreadMm)}m0-4v8`} />
        <path
          d={`M${xOf(squeezeMm - 2 * spreadMm)} 17H${xOf(squeezeMm + 2 * spreadMm)}`}
          strokeWidth={1}
          strokeDasharray="3 3"
        />
      </g>
      <path
        d={outside ? (x <= 1 ? 'M14 10 2 17l12 7z' : `M${WIDTH - 14} 10l12 7-12 7z`) : `M${x} 42l-8-25 8-8 8 8z`}
        fill="var(--color-ink)"
      />
    </svg>
  )
}

/** Too loose, right or too tight: where this stack lies, how sure that is, and what would make it surer. */
export const BandPanel = ({
  assessment,
  request: { technique, cut },
  jobId,
}: {
  readonly assessment: Assessment
  readonly request: Pick<PlanRequest, 'technique' | 'cut'>
  readonly jobId: string
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { ledger, certainty, fit, stack, window, prediction } = assessment
  const fits = isCut({ technique }) ? 'fit' : 'fitOfMat'
  const words = {
    'too-loose': t(`words.${fits}.too-loose`),
    cuts: t(`words.${fits}.cuts`),
    'too-tight': t(`words.${fits}.too-tight`),
  }
  const pileMm = cut.sheetCount * cut.sheet.caliper.valueMm
  const chance = sayChance(t, certainty.chance)
  const worst = certainty.worstLayer
  const worstLayer = worst ? stack[worst.index] : undefined
  return (
    <Panel
      title={t('plan.band.title')}
      className="py-3"
      aside={
        <p>
          <Why about={t('plan.band.title')} shown={<strong>{words[fit]}</strong>}>
            <p>
              {t(!isCut({ technique }) ? 'plan.band.whyMat' : prediction ? 'plan.band.whySimulated' : 'plan.band.why', {
                low: lengths.thickness(window.lowMm),
                high: lengths.thickness(window.highMm),
                best: lengths.thickness(window.midMm),
                beyond: lengths.thickness(window.midMm - pileMm),
                pile: lengths.thickness(pileMm),
              })}
            </p>
            <p>{t('plan.band.whyDoubt', { spread: lengths.thickness(certainty.spreadMm), chance })}</p>
            <p>
              {worst && worstLayer && worst.share > 0.25
                ? t('plan.band.worst', { name: layerName(t, worstLayer), share: Math.round(worst.share * 100) })
                : t('plan.band.worstGap')}
            </p>
          </Why>{' '}
          <Term id="window">?</Term>
        </p>
      }
    >
      <Band
        squeezeMm={ledger.squeezeMm}
        spreadMm={certainty.spreadMm}
        window={window}
        words={words}
        spoken={t('plan.band.spoken', {
          squeeze: lengths.thickness(ledger.squeezeMm),
          fit: words[fit],
          low: lengths.thickness(window.lowMm),
          high: lengths.thickness(window.highMm),
          spread: lengths.thickness(certainty.spreadMm),
        })}
      />
      <SurerBy assessment={assessment} cut={cut} jobId={jobId} />
      {window.basis.kind === 'log' && window.basis.pressRuns > 0 && (
        <p className="text-sm text-ink-soft">{t('plan.band.basedOn', { count: window.basis.pressRuns })}</p>
      )}
    </Panel>
  )
}
