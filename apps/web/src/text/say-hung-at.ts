import type { Round } from '@bold-heron/core'
import type { TFunction } from 'i18next'

/** What is advised for what hangs in one place, where another squeeze is not what it wants; undefined where nobody told such a place. */
export const sayHungAt = (t: TFunction<'app'>, { hangingPlace }: Pick<Round, 'hangingPlace'>): string | undefined =>
  hangingPlace && hangingPlace !== 'all-over' ? t(`plan.cut.hungAt.${hangingPlace}`) : undefined
