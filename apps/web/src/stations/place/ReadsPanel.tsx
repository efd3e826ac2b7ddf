import { useLengths } from '../../text/lengths.js'
import type { PlacementFinding } from '@bold-heron/core'
import { useTranslation } from 'react-i18next'
import type { PlacementView } from '../../workers/view-of.js'
import { Button } from '../../ui/Button.js'
import { SeverityMark } from '../../ui/SeverityMark.js'
import { type SymptomAsked, SymptomLink } from '../../drawing/terms/SymptomLink.js'
import { Unfolded } from '../../drawing/placement/Unfolded.js'
import { OnceEach } from './OnceEach.js'
import type { PanelProps } from './panel-props.js'
import { sayArea, sayPlacementFinding } from '../../pressing/placed/say-placement-finding.js'

const ranks = { stop: 0, caution: 1, note: 2 } as const
/** Small pieces are openings of lace; only so many are listed one by one. */
const PIECES_LISTED = 8

const sameFinding = (one: PlacementFinding, other: PlacementFinding): boolean =>
  one.code === other.code && JSON.stringify(one.values) === JSON.stringify(other.values)

/** What comes of a finding where nobody minds it. */
const symptomOf: Partial<Record<PlacementFinding['code'], SymptomAsked>> = {
  'halves-cut-apart': 'halves-apart',
  'inner-shape-attached': 'inside-attached',
}

/** What comes of the placement: findings, pieces, hinges and the knife plan. */
export const ReadsPanel = ({
  placement,
  things,
  view,
  marking,
  onMarking,
  onChange,
}: Pick<PanelProps, 'placement' | 'things' | 'onChange'> & {
  readonly view: PlacementView | undefined
  readonly marking: boolean
  readonly onMarking: (on: boolean) => void
}) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  if (!view) return <p role="status">{t('place.loading')}</p>
  // Two runs may say the same of one thing.
  const findings = [...view.findings]
    .filter((one, at, all) => all.findIndex((other) => sameFinding(one, other)) === at)
    .sort((one, other) => ranks[one.severity] - ranks[other.severity])
  const hinges = view.runs.flatMap(({ dies }) =>
    dies.flatMap((die) => die.hinges.map((hinge) => ({ name: die.dieName, widthMm: hinge.widthMm }))),
  )
  const { knife } = view
  return (
    <div className="space-y-3">
      <ul className="space-y-1">
        {findings.length === 0 && <li className="text-clean">{t('place.reads.none')}</li>}
        {findings.map((finding, at) => {
          const { say, why } = sayPlacementFinding(t, lengths, finding)
          return (
            <li key={at}>
              <details>
                <summary>
                  <SeverityMark severity={finding.severity} /> {say}
                </summary>
                <p className="pl-5 text-ink-soft">
                  {why} {symptomOf[finding.code] && <SymptomLink of={symptomOf[finding.code] as SymptomAsked} />}
                </p>
              </details>
            </li>
          )
        })}
      </ul>
      <OnceEach placement={placement} things={things} onChange={onChange} />
      <Unfolded placement={placement} view={view} />
      <section>
        <h2 className="font-bold text-base">{t('place.reads.pieces')}</h2>
        <ul>
          {view.pieces.slice(0, PIECES_LISTED).map((piece, at) => (
            <li key={at} className="flex justify-between gap-2">
              <span>
                {t(`place.reads.piece.${piece.is}`)}, {lengths.area(piece.widthMm, piece.heightMm)}
              </span>
              <span className="text-ink-soft">{sayArea(piece.areaMm2, lengths)}</span>
            </li>
          ))}
          {view.pieces.length > PIECES_LISTED && (
            <li className="text-ink-soft">+ {view.pieces.length - PIECES_LISTED}</li>
          )}
        </ul>
        <p>
          {t('place.reads.cut')}: {lengths.size(view.cutMm)}
        </p>
        {view.crease && (
          <p>
            {t('place.reads.crease', { left: lengths.place(view.crease.leftMm), of: lengths.place(view.crease.ofMm) })}
          </p>
        )}
      </section>
      <section>
        <h2 className="font-bold text-base">{t('place.reads.hinges')}</h2>
        {hinges.length === 0 ? (
          <p className="text-ink-soft">{t('place.reads.hingesNone')}</p>
        ) : (
          <ul>
            {hinges.slice(0, PIECES_LISTED).map((hinge, at) => (
              <li key={at}>{t('place.reads.hinge', { name: hinge.name, width: lengths.place(hinge.widthMm) })}</li>
            ))}
            {hinges.length > PIECES_LISTED && <li className="text-ink-soft">+ {hinges.length - PIECES_LISTED}</li>}
          </ul>
        )}
      </section>
      <section className="space-y-1">
        <h2 className="font-bold text-base">{t('place.reads.knife')}</h2>
        <div className="flex flex-wrap gap-2">
          <Button aria-pressed={marking} look={marking ? 'danger' : 'plain'} onClick={() => onMarking(!marking)}>
            {t('place.reads.markWaste')}
          </Button>
          {placement.waste.length > 0 && (
            <Button look="quiet" onClick={() => onChange((now) => ({ ...now, waste: [] }))}>
              {t('place.reads.marksClear')}
            </Button>
          )}
        </div>
        {marking && <p className="text-sm text-ink-soft">{t('place.reads.markText')}</p>}
        {placement.waste.length === 0 ? (
          <p className="text-ink-soft">{t('place.reads.knifeAsk')}</p>
        ) : knife.cuts.length === 0 ? (
          <p>{t('place.reads.knifeNone')}</p>
        ) : (
          <>
            <ol className="list-decimal pl-6">
              {knife.cuts.map((cut, at) => (
                <li key={at}>
                  {lengths.place(cut.lengthMm)}, {t(`place.reads.${cut.how}`)}
                </li>
              ))}
            </ol>
            <p className="font-bold">{t('place.reads.knifeSum', { length: lengths.place(knife.totalMm) })}</p>
            <p>{t('place.reads.knifeCare')}</p>
          </>
        )}
      </section>
    </div>
  )
}
