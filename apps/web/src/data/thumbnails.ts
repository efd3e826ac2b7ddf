import { dieThumbnails, MOST_THUMBNAILS } from '@bold-heron/schema'
import { useQuery } from '@tanstack/react-query'
import { ask } from './client.js'
import { Gathered } from './gathered.js'

/** The drawings of all dies that a page shows are asked for at once. */
const drawings = new Gathered(MOST_THUMBNAILS, async (ids) =>
  ask(`/api/die-thumbnails?ids=${ids.join(',')}`, dieThumbnails),
)

/** A die in little, as an address that an image takes; undefined until it is there. */
export const useDieThumbnail = (id: string, version: number): string | undefined => {
  const svg = useQuery({
    queryKey: ['die-thumbnails', id, version],
    queryFn: async () => (await drawings.of(id)) ?? '',
    staleTime: Infinity,
  }).data
  return svg ? `data:image/svg+xml,${encodeURIComponent(svg)}` : undefined
}
