import type { DieRow } from '@bold-heron/schema'
import { useDieThumbnail } from '../data/thumbnails.js'
import { classes } from '../ui/classes.js'

/** px of a thumbnail's longer side for the largest die of a list, and the least that is still a drawing. */
const LARGEST_PX = 44
const LEAST_PX = 14
/** mm. Dies larger than this are drawn as large as it. */
const LARGEST_MM = 130

/** A die as it looks, as large against others as it is; it only shows what is said beside it. */
export const DieThumb = ({
  die: { id, version, lengthMm, widthMm },
  className,
}: {
  readonly die: Pick<DieRow, 'id' | 'version' | 'lengthMm' | 'widthMm'>
  readonly className?: string
}) => {
  const longest = Math.min(LARGEST_MM, Math.max(lengthMm, widthMm))
  const drawn = useDieThumbnail(id, version)
  const px = Math.max(LEAST_PX, Math.round((LARGEST_PX * longest) / LARGEST_MM))
  return (
    <span
      className={classes('grid shrink-0 place-items-center', className)}
      style={{ width: LARGEST_PX, height: LARGEST_PX }}
    >
      {drawn && <img src={drawn} alt="" style={{ width: px, height: px }} className="object-contain" />}
    </span>
  )
}
