/** A finding as a sentence, and why it matters. Sizes come in the user's unit. */
export const findings = {
  'blade-on-bare-plate': {
    say: 'The blade looks at {{plate}}.',
    why: 'The blade sinks into whatever lies behind the sheet. {{plate}} is not meant to be cut: it would be ruined, and so might the die. Put a cutting pad there, and check which side of the die is raised.',
  },
  'blade-on-silicone': {
    say: 'The blade looks at the silicone mat {{plate}}.',
    why: 'A tight stack cuts silicone mats. Put a cutting pad there instead.',
  },
  'blade-meets-roller': {
    say: 'Nothing lies between the blade and the roller.',
    why: 'The blade would meet the bare roller and damage both. Put a cutting pad there.',
  },
  'blade-misses-sheet': {
    say: 'The blade looks away from the sheet.',
    why: 'The raised side of the die must face the sheet. Turn the die over, or lay the sheet on its other side.',
  },
  'hard-plate-under-long-frame': {
    say: '{{plate}} under a frame {{frameMm}} long.',
    why: 'A hard plate has no give, and a thin frame longer than {{limitMm}} can warp on it. Use a cutting pad.',
  },
  'hard-plate-under-outline': {
    say: '{{plate}} under a thin outline die.',
    why: 'The house rule keeps hard plates for lace, as thin outlines can warp on them. A cutting pad does it too.',
  },
  'hard-plate-with-magnet': {
    say: '{{plate}} together with the magnetic {{platform}}.',
    why: 'The makers of magnetic platforms warn against steel plates on them. A house rule can allow it.',
  },
  'bed-not-for-class': {
    say: '{{plate}} is not a usual bed for this kind of die.',
    why: 'Practitioners let a die of this kind land on a cutting pad; on other beds it hangs, or marks the bed.',
  },
  'die-wider-than-throat': {
    say: 'The die is {{dieMm}} wide; the press takes {{limitMm}}.',
    why: 'It cannot go between the frames this way. Turn it, or use a wider press.',
  },
  'plate-wider-than-throat': {
    say: '{{plate}} is {{dieMm}} wide; the press takes {{limitMm}}.',
    why: 'It cannot go between the frames. Use a narrower one.',
  },
  'die-longer-than-pad': {
    say: 'The die is {{dieMm}} long; {{plate}} is {{limitMm}}.',
    why: 'What sticks out is not cut, or its blade meets something bare. Cut it in two goes, or use a longer pad.',
  },
  'die-wider-than-pad': {
    say: 'The die is {{dieMm}} wide; {{plate}} is {{limitMm}}.',
    why: 'What sticks out is not cut, or its blade meets something bare. Turn the die, or use a wider pad.',
  },
  'die-over-bevel': {
    say: 'The die reaches over the bevelled edge of {{plate}}.',
    why: 'The pad has its full thickness over {{limitMm}} only; on the bevel the cut hangs. Lay the die in the middle, or turn it.',
  },
  'dies-differ-in-height': {
    say: 'The dies differ in height by {{differMm}}.',
    why: 'The tallest takes all the squeeze and the others do not cut. Cut them one after the other.',
  },
  'too-many-sheets': {
    say: '{{count}} sheets are more than the {{limit}} that a {{dieClass}} usually cuts.',
    why: 'Common practice, no source. With more sheets the lowest hang, and the handle fights. Cut fewer at once.',
  },
  'no-fresh-face': {
    say: '{{plate}} has no fresh face left.',
    why: 'Over deep scores the blade finds nothing to press against, and the line hangs. Use another pad, or a little more squeeze.',
  },
  'face-lined': {
    say: '{{plate}} has lines on its better face.',
    why: 'It still cuts. Lay the die where the face is smooth.',
  },
  'pad-reserved': {
    say: '{{plate}} is kept for work with the hard plate.',
    why: 'It is bowed from it. Let the blade land on another pad, which stays flat for ordinary work.',
  },
  'pad-bows-with-steel': {
    say: '{{plate}} bows beside {{hard}}.',
    why: 'A hard plate bows its partner pad. Keep one pad for it, and mark it so on the shelf.',
  },
  'die-not-for-foam': {
    say: '{{die}} is not marked as fit for foam.',
    why: 'Foam is thicker than many blades are tall, so the body of the die squashes it. Try on an offcut.',
  },
  'not-the-placed-pad': {
    say: '{{plate}} is not the pad that was laid on the line.',
    why: 'The line was placed for another pad, whose full-thickness edge lies on it. Use that one, or choose this one in Place.',
  },
  'block-missing': {
    say: 'There is no press block in this stack.',
    why: 'Without the block behind the die either all of it is pressed, or nothing.',
  },
  'only-one': {
    say: 'Only one of these: rehearse on scrap of {{sheet}} first.',
    why: 'What hangs can be mended with another pass; what is cut too deep, cracked or shifted cannot. So the plan starts loose, the Bench rehearses on scrap of the same thickness, and asks before the one piece goes in.',
  },
  'unusual-order': {
    say: 'This is not the usual order of layers.',
    why: 'For this technique the layers usually stand, bottom to top: platform, spacer, shims, bed, sheets, die, pad; with the blade up: pad, die, sheets, bed.',
  },
} as const
