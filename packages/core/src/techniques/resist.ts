import type { TechniqueId } from './list.js'

/**
 * A name for what the strength stands for that runs of a technique teach: of a cut its sheet, of what is pressed into mats the mat (all
 * mats are taken to be as much off their table), of folders the folder.
 */
export const resistOf = (technique: TechniqueId, sheetId: string): string =>
  technique === 'cut' ? sheetId : technique === 'folder' ? 'folder' : 'mat'
