import { useTranslation } from 'react-i18next'
import type { ShownStep } from '../steps/step.js'

/** Where to look: the sheet's edge lifted, the die still taped, light from behind along the line. */
export const LookPicture: ShownStep<'look'> = () => {
  const { t } = useTranslation()
  return (
    <svg role="img" aria-label={t('bench.pictures.look')} viewBox="0 0 100 90" className="block w-full">
      <rect x={6} y={72} width={88} height={8} fill="#dfe9ec" stroke="var(--color-ink)" strokeWidth={0.8} />
      <path d="M10 70h44c14 0 24-10 34-34" fill="none" stroke="var(--color-ink)" strokeWidth={2.4} />
      <path d="M22 66h28v-5H22z" fill="#8a96a0" stroke="var(--color-ink)" strokeWidth={0.8} />
      <path d="M26 66v4M46 66v4" stroke="var(--color-ink)" strokeWidth={1.6} />
      <path d="M14 63h10M48 63h10" stroke="#d9b24a" strokeWidth={2.4} />
      <g stroke="#d9a514" strokeWidth={1.2}>
        <circle cx={82} cy={70} r={5} fill="#ffe9a6" />
        <path d="M75 68 62 60M76 64 66 52M80 62l-5-14" strokeDasharray="3 2" />
      </g>
      <path d="M52 20c6-8 18-8 24 0-6 8-18 8-24 0z" fill="#fffdf8" stroke="var(--color-ink)" strokeWidth={1.2} />
      <circle cx={64} cy={20} r={3.2} fill="var(--color-ink)" />
      <path d="M63 28 60 54" stroke="var(--color-ink-soft)" strokeWidth={0.9} strokeDasharray="2 2" />
    </svg>
  )
}
