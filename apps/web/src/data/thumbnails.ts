import { dieThumbnails, MOST_THUMBNAILS } from '@bold-heron/schema'
import { useQuery } from '@tanstack/react-query'
import { ask } from './client.js'
import { Gathered } from './gathered.js'
import { keep, kept, keptAs } from './kept/keeping.js'
import { orWhenAway } from './when-away.js'

const KEPT = 'die-thumbnails'

const fetchDrawings = (ids: readonly string[]) => ask(`/api/die-thumbnails?ids=${ids.join(',')}`, dieThumbnails)

/** The drawings of all dies that a page shows are asked for at once. */
const drawings = new Gathered(MOST_THUMBNAILS, (ids) =>
  orWhenAway(fetchDrawings(ids), () => keptAs<Readonly<Record<string, string>>>(KEPT)),
)

/** Has this device keep the drawings of dies, for when there is no connection. */
export const keepThumbnails = async (ids: readonly string[]): Promise<void> => {
  if (ids.length > 0) await keep(kept.write(KEPT, await fetchDrawings(ids)))
}

/** A die in little, as an address that an image takes; undefined until it is there. */
export const useDieThumbnail = (id: string, version: number): string | undefined => {
  const svg = useQuery({
    queryKey: ['die-thumbnails', id, version],
    queryFn: async () => (await drawings.of(id)) ?? '',
    staleTime: Infinity,
  }).data
  return svg ? `data:image/svg+xml,${encodeURIComponent(svg)}` : undefined
}
