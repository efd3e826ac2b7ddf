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
  'thin-mat-outermost': {
    say: '{{plate}} lies bare against a roller.',
    why: 'A thin mat tears there. Lay it between two plates.',
  },
  'face-marks-sheet': {
    say: 'The lines on {{plate}} show on this sheet.',
    why: 'Foil, vellum and film take the marks of a lined face. Lay a fresh face up, or a scrap sheet between.',
  },
  'steel-outermost': {
    say: '{{plate}} would lie bare against a roller.',
    why: 'Thin steel against a bare roller bends for good. Lay a pad over it: pad, die, sheet, steel, pad.',
  },
  'bed-not-for-class': {
    say: '{{plate}} is not a usual bed for this kind of die.',
    why: 'Practitioners let a die of this kind land on a cutting pad; on other beds it hangs, or marks the bed.',
  },
  'die-wider-than-throat': {
    say: 'The die is {{dieMm}} wide; the press takes {{limitMm}}.',
    why: 'It cannot go between the frames this way. Turn it, or use a wider press.',
  },
  'die-larger-than-sheet': {
    say: '{{die}} is larger than its sheet: what lies beyond it is not cut.',
    why: 'Only the lines that lie on the sheet wholly come out as pieces. Take a larger sheet, or lay it in Place to see what comes of it.',
  },
  'no-line-on-sheet': {
    say: 'No closed line of {{die}} fits on its sheet: nothing would come out.',
    why: 'The die reaches {{dieMm}}, the sheet {{limitMm}}. Take a larger sheet; where it is meant to run off the edge, lay it in Place.',
  },
  'folder-smaller-than-sheet': {
    say: '{{sheet}} is larger than the folder {{die}}: it is pressed only where it lies in it.',
    why: 'The folder’s edge leaves a mark across what sticks out. Cut the sheet to size first, or mean it.',
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
  'thicker-than-blade': {
    say: '{{sheetsMm}} of sheet is more than {{die}} usually cuts: its blade stands {{bladeMm}}.',
    why: 'Common practice, no source. The body of the die meets the sheet before the blade is through: edges are crushed, the handle fights, and a thin die bends. Cut thick board with a steel-rule die, or cut thinner layers and glue them.',
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
  'wrong-thing': {
    say: '{{die}} is a {{dieClass}}, which this technique does not take.',
    why: 'Cutting, creasing and foil want a die; raising wants a glued-up shape; a folder wants a folder. Choose another thing, or another technique.',
  },
  'one-sheet-at-a-time': {
    say: '{{count}} loose sheets: press one at a time.',
    why: 'Loose sheets slide against one another, and only one of them takes the shape.',
  },
  'two-thicknesses': {
    say: 'Two thicknesses: right for a folded front or an envelope, not for loose sheets.',
    why: 'A folded card goes in as one thing of two thicknesses, and this is planned for both. Or open it first.',
  },
  'crease-blade-down': {
    say: 'The blade looks down: it would cut what it meets.',
    why: 'Here the die lies under the sheet, blade up, and presses it into the mat above. Turn the die over.',
  },
  'mat-too-thick': {
    say: '{{plate}} is a thick mat: a crease comes out softer on it.',
    why: 'Creases want a thin embossing mat; the thick one is for raised shapes.',
  },
  'mat-too-thin': {
    say: '{{plate}} is too thin for a raised shape.',
    why: 'The mat has to give way by the height of the shape. Use a thick embossing mat.',
  },
  'mat-smaller-than-die': {
    say: '{{plate}} does not cover what is pressed.',
    why: 'What sticks out of the mat meets something hard, and is cut or crushed.',
  },
  'two-mats': {
    say: 'Two mats in one stack.',
    why: 'Together they give way as nobody has tried. Use the thin one for creases, the thick one for shapes.',
  },
  'may-crack': {
    say: 'A shape {{heightMm}} high may crack this sheet.',
    why: 'Common practice and memory: up to four times the sheet’s thickness is fine, up to six a risk. Fewer layers, or a sheet that gives.',
  },
  'will-crack': {
    say: 'A shape {{heightMm}} high is going to crack this sheet.',
    why: 'Common practice and memory: beyond six times the sheet’s thickness it cracks. Fewer layers in the shape, or a sheet that gives.',
  },
  'shape-mirrored': {
    say: 'Raised: stick the shape to the sheet’s back, mirrored. Sunk: to its face, right way round.',
    why: 'What lies on the back is seen from the other side. The Bench shows it before anything is laid.',
  },
  'wet-glue': {
    say: 'Wet glue dries first; with tape it goes at once.',
    why: 'A shape that slides while it is pressed smears its relief.',
  },
  'too-thin-over-folder': {
    say: '{{plate}} is too thin to lie over a folder.',
    why: 'A plastic plate or a pad goes there; paper presses through.',
  },
  'hard-plate-over-folder': {
    say: '{{plate}} over a folder bends for good.',
    why: 'The pattern pushes into it. A pad goes on top.',
  },
  'pad-under-deep-folder': {
    say: '{{plate}} under a deep folder makes the stack much too high.',
    why: 'The thickness of a deep folder makes up for the pad below. Take it out.',
  },
  'folder-marked-end': {
    say: 'The marked end of the folder goes in first.',
    why: 'Folders are made to be fed that way; the other way they creep and tear.',
  },
  'folder-metal-up': {
    say: 'The metal side of the folder looks up.',
    why: 'Its blades cut towards the plastic leaf below. Metal down they cut nothing.',
  },
  'folder-bows': {
    say: 'Folders bow with use.',
    why: 'That is normal. Turn it end for end now and then.',
  },
  'foam-springs-back': {
    say: 'Foam springs back: little of the shape stays.',
    why: 'It keeps about a fifth of what is pressed. Press it longer, or use card.',
  },
  'plate-burns': {
    say: 'The heated plate burns. Never leave it; follow its maker’s instructions.',
    why: 'It stays hot long after it is switched off. Lift it by its handle only, keep children and cables away, and let it cool on its stand.',
  },
  'foil-dull-side': {
    say: 'The dull side of the foil looks at the sheet.',
    why: 'The bright side is the carrier; the other way round nothing sticks.',
  },
  'unusual-order': {
    say: 'This is not the usual order of layers.',
    why: 'For this technique the layers usually stand, bottom to top: platform, spacer, shims, then what this technique asks for. For a cut: bed, sheets, die, pad; with the blade up: pad, die, sheets, bed.',
  },
} as const
