import { type Adapted, heightOf, type PlanRequest, referenceOf } from '@bold-heron/core'
import type { RecipeRow } from '@bold-heron/schema'
import { useTranslation } from 'react-i18next'
import { jobPath } from '../../../data/job-address.js'
import { RowPicker } from '../../../drawing/pick/RowPicker.js'
import { useNavigate, useSearchParams } from 'react-router'
import { useAdapted, useAdaptedMap, useJobOfRecipe } from '../../../data/recipes.js'
import { useRows } from '../../../data/rows.js'
import { TriedMap } from '../../../drawing/cut-map/TriedMap.js'
import { useLengths } from '../../../text/lengths.js'
import { Button } from '../../../ui/Button.js'
import { Field } from '../../../ui/Field.js'
import { Panel } from '../../../ui/Panel.js'
import { Loaded } from '../../../ui/states.js'
import { useSay } from '../../../ui/toasts.js'
import { useSayTrouble } from '../../../ui/use-say-trouble.js'
import { useProven } from './RecipeStack.js'
import { StackTable } from './StackTable.js'

/** mm. A stack further than this from the squeeze that was aimed at says why. */
const WORTH_SAYING_MM = 0.1

type Done = { readonly adapted: Adapted; readonly request: PlanRequest }

/** Why the stack there is another one, in arithmetic. */
const Reasons = ({ recipe, done }: { readonly recipe: RecipeRow; readonly done: Done }) => {
  const lengths = useLengths()
  const { t } = useTranslation()
  const { stack, squeezeMm, passes } = useProven(recipe)
  const { plan, reserveMm, squeezeThereMm } = done.adapted
  const gapMm = plan.window.gapMm
  const best = plan.best
  const differs =
    best !== undefined &&
    squeezeThereMm !== undefined &&
    Math.abs(best.ledger.squeezeMm - squeezeThereMm) > WORTH_SAYING_MM
  return (
    <>
      <p>
        {t('recipes.adapt.same', {
          same: lengths.thickness(heightOf(stack).valueMm - gapMm),
          gap: lengths.thickness(gapMm),
        })}
      </p>
      <p className="mt-1">
        {squeezeThereMm === undefined
          ? t('recipes.adapt.unreached', { count: passes })
          : t('recipes.adapt.reserve', {
              here: lengths.thickness(squeezeMm),
              reserve: lengths.thickness(reserveMm),
              there: lengths.thickness(squeezeThereMm),
            })}
      </p>
      {differs && (
        <p className="mt-1">
          {t('recipes.adapt.instead', {
            squeeze: lengths.thickness(best.ledger.squeezeMm),
            spread: lengths.thickness(best.window.gapSpreadMm),
          })}
        </p>
      )}
    </>
  )
}

const Result = ({ recipe, done }: { readonly recipe: RecipeRow; readonly done: Done }) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const say = useSay()
  const sayTrouble = useSayTrouble()
  const making = useJobOfRecipe(recipe.id)
  const map = useAdaptedMap(done)
  const best = done.adapted.plan.best
  if (!best) return <p className="text-danger">{t('recipes.adapt.none')}</p>
  const make = async () => {
    try {
      const job = await making.mutateAsync({ pressId: done.request.cut.press.id, layers: referenceOf(best.stack) })
      say(t('recipes.adapt.jobMade', { name: job.name }))
      await navigate(jobPath(job.id, 'plan'))
    } catch (error) {
      sayTrouble(error)
    }
  }
  return (
    <>
      <Reasons recipe={recipe} done={done} />
      <h3 className="mt-3 font-bold">{t('recipes.adapt.stack')}</h3>
      <StackTable caption={t('recipes.adapt.stack')} stack={best.stack} gapMm={best.window.gapMm} />
      <p className="mt-1 font-bold">{t('recipes.passes', { count: best.passes.passes })}</p>
      <h3 className="mt-3 font-bold">{t('recipes.adapt.there', { press: done.request.cut.press.name })}</h3>
      <TriedMap query={map} />
      <Button look="next" className="mt-3" disabled={making.isPending} onClick={() => void make()}>
        {t('recipes.adapt.job')}
      </Button>
    </>
  )
}

/** Carries a recipe over to another press: which stack there cuts as clean, and why it is another. */
export const AdaptPanel = ({ recipe }: { readonly recipe: RecipeRow }) => {
  const { t } = useTranslation()
  const [query, setQuery] = useSearchParams()
  const presses = useRows('presses').data?.items ?? []
  const asked = query.get('press')
  const pressId = presses.some((press) => press.id === asked) ? (asked ?? undefined) : undefined
  const adapted = useAdapted(recipe, pressId)
  return (
    <Panel title={t('recipes.adapt.title')}>
      <Field label={t('recipes.adapt.press')} className="mb-3">
        {(ids) => (
          <RowPicker
            kind="presses"
            label={t('recipes.adapt.press')}
            ids={ids}
            value={pressId ?? ''}
            onPick={(press) => setQuery({ press }, { replace: true })}
          />
        )}
      </Field>
      {pressId && (
        <div aria-live="polite">
          <Loaded query={adapted} what={t('recipes.adapt.working')}>
            {(done) => <Result recipe={recipe} done={done} />}
          </Loaded>
        </div>
      )}
    </Panel>
  )
}
