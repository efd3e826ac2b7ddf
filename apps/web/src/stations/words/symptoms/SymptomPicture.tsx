import type { ReactNode } from 'react'
import type { SymptomId } from './list.js'

const ink = { fill: 'none', stroke: 'var(--color-ink)', strokeWidth: 1.8 } as const
const card = { fill: '#fffdf8', stroke: 'var(--color-ink)', strokeWidth: 1.4 } as const
const piece = { fill: '#d8cdb6', stroke: 'var(--color-ink)', strokeWidth: 1.6 } as const
const wrong = { fill: 'none', stroke: 'var(--color-danger)', strokeWidth: 2.4 } as const
const fold = { stroke: 'var(--color-ink)', strokeWidth: 1.2, strokeDasharray: '4 3' } as const

/** A press from its side: two rollers and a table. */
const press = (
  <>
    <path d="M10 46h76" {...ink} />
    <circle cx={48} cy={16} r={9} {...card} />
    <circle cx={48} cy={36} r={9} {...card} />
  </>
)

const pictures: Readonly<Record<SymptomId, ReactNode>> = {
  stuck: (
    <>
      <path d="M18 8h60v40H18z" {...ink} strokeWidth={3} />
      <path d="M26 14h44v28H26z" {...piece} />
      <path d="M48 50v10m-5-5 5 5 5-5" {...wrong} />
    </>
  ),
  'foil-tears': (
    <>
      <path d="M14 10h68v40H14z" {...card} fill="#e9e2c8" />
      <path d="m44 10 6 10-8 8 9 9-6 13" {...wrong} />
    </>
  ),
  'scratches-on-foil': (
    <>
      <path d="M14 10h68v40H14z" {...card} fill="#e9e2c8" />
      <path d="M20 40 44 16M34 46l34-30M60 46l16-14" {...wrong} strokeWidth={1.2} />
    </>
  ),
  'halves-apart': (
    <>
      <path d="M42 8Q12 12 20 32q4 16 22 20z" {...piece} />
      <path d="M54 8q30 4 22 24-4 16-22 20z" {...piece} />
      <path d="M48 4v52" {...fold} />
    </>
  ),
  'die-slipped': (
    <>
      <path d="M10 6h76v48H10z" {...card} />
      <circle cx={42} cy={30} r={15} {...fold} fill="none" />
      <circle cx={54} cy={34} r={15} {...ink} />
      <path d="M34 12h14m-5-4 5 4-5 4" {...wrong} strokeWidth={1.8} />
    </>
  ),
  'border-misfit': (
    <>
      <path d="M4 34q6-14 12 0t12 0 12 0 8-6" {...ink} />
      <path d="M48 22q6-14 12 0t12 0 12 0 8-4" {...ink} />
      <path d="M48 16v20" {...wrong} />
    </>
  ),
  'tape-tore': (
    <>
      <path d="M10 16h76v38H10z" {...card} />
      <path d="m54 8 22 8-6 14-24-8z" {...piece} fillOpacity={0.6} />
      <path d="m40 26 5 4-6 3 5 5-7 2 3 6" {...wrong} strokeWidth={1.6} />
    </>
  ),
  'crease-cut-through': (
    <>
      <path d="M8 18h36l4 8 4-8h36v8H8z" {...card} />
      <path d="M8 34h80v16H8z" {...piece} />
      <path d="M48 26v20" {...wrong} />
    </>
  ),
  'relief-cracked': (
    <>
      <path d="M6 48h18q8 0 10-16t14-16 14 16 10 16h18" {...ink} strokeWidth={2.6} />
      <path d="m40 12 5 8-4 4 6 8" {...wrong} strokeWidth={1.8} />
    </>
  ),
  'letters-bent': (
    <>
      <path d="M6 42h84v14H6z" {...card} />
      <path d="M6 42h84" {...fold} />
      <path d="M18 42V14h10v28M66 42V14h10v28" {...piece} />
      <path d="M40 42q-6-14 8-24l8 6q-10 8-6 18" {...piece} stroke="var(--color-danger)" />
    </>
  ),
  'inside-attached': (
    <>
      <path d="M28 6h40v48H28z" {...piece} />
      <path d="M40 44V16h16v28" {...ink} />
      <path d="M40 44h16" {...wrong} />
    </>
  ),
  'white-edge': (
    <>
      <path d="M16 6h64v48H16z" {...card} />
      <path d="M26 16h44v28H26z" fill="#5c7a86" stroke="none" />
      <path d="M21 11h54v38H21z" {...wrong} strokeWidth={1.4} strokeDasharray="3 3" />
    </>
  ),
  'frame-warped': (
    <>
      <path d="M8 40Q48 12 88 40" {...ink} strokeWidth={4} />
      <path d="M8 50h80" {...fold} />
    </>
  ),
  'plate-bowed': (
    <>
      <path d="M8 46h80" {...ink} />
      <path d="M12 38q36-16 72 0v7q-36-16-72 0z" {...piece} />
    </>
  ),
  'bits-everywhere': (
    <>
      <path d="M6 50h84" {...ink} />
      <path
        d="m14 44 4-4 4 4zM32 30l4 4-5 2zM52 46l3-5 4 4zM70 38l4 3-5 3zM44 22l4 2-4 3zM80 46l3-4 3 4zM24 20l3 3-4 2zM62 18l3 3-5 1z"
        {...piece}
      />
    </>
  ),
  'liners-showing': (
    <>
      <path d="M30 6h54v50H30z" {...piece} stroke="var(--color-danger)" />
      <path d="M12 10h60v42H12z" {...card} />
    </>
  ),
  cracking: (
    <>
      {press}
      <path d="m66 10 6-6m-4 12 10-2m-12 8 8 6" {...wrong} />
    </>
  ),
  'press-slides': (
    <>
      {press}
      <path d="M20 54h20m-6-4 6 4-6 4M76 54H56m6-4-6 4 6 4" {...wrong} strokeWidth={1.8} />
    </>
  ),
}

/** What a symptom looks like. */
export const SymptomPicture = ({ of }: { readonly of: SymptomId }) => (
  <svg aria-hidden viewBox="0 0 96 62" width={96} height={62} className="shrink-0 rounded-md bg-[#fffdf8]">
    {pictures[of]}
  </svg>
)
