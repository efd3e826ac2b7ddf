import type { Photographed as Kind } from '@bold-heron/schema'
import type { ReactNode } from 'react'
import { useFirstPhotos } from '../../data/photos.js'

/** A thing as its user photographed it; as it is drawn where nobody did. */
export const Photographed = ({
  kind,
  id,
  children,
}: {
  readonly kind: Kind
  readonly id: string
  readonly children: ReactNode
}) => {
  const photo = useFirstPhotos(kind).data?.get(id)
  if (photo === undefined) return children
  return (
    <img
      src={`/api/photos/${photo}`}
      alt=""
      loading="lazy"
      className="size-11 shrink-0 rounded-md border border-line object-cover"
    />
  )
}
