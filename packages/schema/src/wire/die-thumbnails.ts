import { z } from 'zod'

/** Dies whose drawings are asked for at once: those of a page of a list. */
export const MOST_THUMBNAILS = 100

/** Small drawings of dies by id, each an SVG document; those that are not there are left out. */
export const dieThumbnails = z.record(z.string(), z.string())
