import { describe, expect, it } from 'vitest'
import type { SymptomId } from './list.js'
import { symptoms } from './said/en.js'
import { symptomSearch } from './search.js'

const search = symptomSearch(symptoms)

/** Eight ways to say each, none of them the page's own. */
const told: Readonly<Record<SymptomId, readonly string[]>> = {
  stuck: [
    'paper is stuck in my die',
    'it will not come out of the die',
    'lace jammed in the die',
    'cannot get the piece out',
    'the die does not let go',
    'how do I remove the paper from the die',
    'my lace stays trapped',
    'have to poke it out',
  ],
  'foil-tears': [
    'foil rips',
    'my metallic paper tore',
    'thin foil shredded',
    'the shiny paper is torn',
    'foil splits when I peel it',
    'torn foil',
    'foil paper tearing',
    'ripped the foil',
  ],
  'scratches-on-foil': [
    'old cut lines on my mirror card',
    'pad marks on shiny paper',
    'plate pattern printed through on foil',
    'scratched foil surface',
    'marks from the plate on the film',
    'scratches everywhere on metallic card',
    'ghost lines of old cuts',
    'imprinted marks',
  ],
  'halves-apart': [
    'my butterfly fell in two',
    'folded shape came apart',
    'two pieces instead of one',
    'the fold got cut off',
    'halves separated',
    'broke in half at the fold',
    'shape not joined in the middle',
    'half shape came in two',
  ],
  'die-slipped': [
    'the die moved',
    'die shifted under the roller',
    'cut is crooked',
    'there is a second line beside the first',
    'it slid',
    'cut in the wrong place',
    'die wandered off centre',
    'not where I put it',
  ],
  'border-misfit': [
    'border does not line up',
    'pattern is off at the join',
    'gap between the repeats of the border',
    'strip ends do not match',
    'step in the edge of my border',
    'lattice out of line',
    'border pattern misaligned at join',
    'the repeat does not meet',
  ],
  'tape-tore': [
    'tape ripped the card',
    'tape pulled off the surface',
    'tape peeled the top layer',
    'rough patch from the tape',
    'fibres came off with the tape',
    'damaged face where the tape was',
    'removing tape tears paper',
    'tape lifted the paper',
  ],
  'crease-cut-through': [
    'the crease was cut all the way through',
    'my silicone mat has a cut',
    'blade went through the mat',
    'embossing sliced the card',
    'crease split',
    'rubber mat cut',
    'score too deep',
    'creasing cut through the card',
  ],
  'relief-cracked': [
    'embossing cracked',
    'the raised shape broke the paper',
    'cracks around the raised part',
    'relief burst',
    'card fractured over the shape',
    'deboss crack',
    'paper split over the raised shape',
    'surface cracked when embossed',
  ],
  'letters-bent': [
    'the letters of my word are bent',
    'letters do not stand up',
    'floppy word on the fold',
    'word got creased',
    'crooked letters on the fold',
    'letters folded with the card',
    'standing word is bent',
    'pop up letters bend',
  ],
  'inside-attached': [
    'centre of the o did not come out',
    'inside of the letter hangs on',
    'hole in the letter a not cut out',
    'counter still attached',
    'inner piece holds at the bottom',
    'middle of the e stays',
    'the letters inside is not free',
    'island stays in the letter',
  ],
  'white-edge': [
    'white rim around the image',
    'white border round my stamped picture',
    'halo around the print',
    'gap between image and cut',
    'die bigger than the stamp',
    'a white margin around the motif',
    'white line round the picture',
    'not close to the printed image',
  ],
  'frame-warped': [
    'my frame die is twisted',
    'rectangle die is bent',
    'the die does not lie flat any more',
    'long frame bowed',
    'steel frame curved',
    'die warped out of shape',
    'thin frame bends',
    'frame like a banana',
  ],
  'plate-bowed': [
    'my plate is curved',
    'cutting plate not flat',
    'pad rocks on the table',
    'the plastic pad bends',
    'warped plates',
    'folder bowed',
    'plate curls up',
    'arched pad',
  ],
  'bits-everywhere': [
    'confetti all over',
    'tiny paper dots on the table',
    'what a mess of little pieces',
    'lost the small parts',
    'scraps on the floor',
    'bits all over the place',
    'crumbs everywhere',
    'clean up the tiny bits',
  ],
  'liners-showing': [
    'lining sticks out',
    'the insert is too big',
    'inner paper visible past the edge',
    'liner overhangs',
    'backing paper peeks out',
    'I can see the liner',
    'sheet inside the card shows',
    'lining visible at the edge',
  ],
  cracking: [
    'it makes a loud noise',
    'cracking sound while rolling',
    'snapping noise every pass',
    'popping sounds',
    'crunch when I turn the handle',
    'scary sound',
    'plate makes cracking noises',
    'is my die upside down it cracks each time',
  ],
  'press-slides': [
    'the machine moves on the table',
    'press walks away',
    'it wobbles when cranking',
    'my press rocks',
    'press slides',
    'machine lifts up when I crank',
    'unsteady press',
    'press is not stable',
  ],
}

/** A symptom is found where it is among the first so many that are shown. */
const FIRST_SHOWN = 3

describe.each(Object.entries(told))('%s', (id, ways) => {
  it.each(ways)('“%s” is answered', (way) => {
    expect(search(way).slice(0, FIRST_SHOWN)).toContain(id)
  })
})

it('eight ways of saying each, most of them answered first of all', () => {
  expect(Object.keys(told).sort()).toEqual(Object.keys(symptoms.say).sort())
  const all = Object.entries(told).flatMap(([id, ways]) => ways.map((way) => search(way)[0] === id))
  expect(all).toHaveLength(8 * Object.keys(symptoms.say).length)
  expect(all.filter(Boolean).length / all.length).toBeGreaterThan(0.85)
})

it('asked nothing all are shown, asked what nobody knows none', () => {
  expect(search(' ')).toHaveLength(Object.keys(symptoms.say).length)
  expect(search('zzzqqq')).toEqual([])
})
