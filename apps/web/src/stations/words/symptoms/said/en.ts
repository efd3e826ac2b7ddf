/** What goes wrong beside the press, in words: as it is seen, why, what helps, and how else people say it. */
export const symptoms = {
  title: 'What went wrong?',
  text: 'What is not the stack’s fault, and what helps. Say it in your own words.',
  search: 'What do you see?',
  why: 'Why',
  help: 'What helps',
  none: 'Nothing here is called that. Try other words, or look through all of them.',
  notHere:
    'It hangs, dents or does not show at all? That is the stack’s: tell it at the Bench, and the next try is worked out.',
  say: {
    stuck: {
      seen: 'The cut piece sticks in the die',
      why: 'Fine openings hold the card by its fibres, the more the lacier the die is.',
      help: 'Lay waxed paper between die and sheet. Brush over the back on a foam or mouse pad, and push the last bits out with a point through the little release holes.',
      signs:
        'wont let go come out will not release stays trapped jammed in the die cannot get it out lace poke pieces left inside die hard to remove',
    },
    'foil-tears': {
      seen: 'Thin foil paper tears',
      why: 'A single thickness has no strength across a fine line, and is pulled as it is parted from the die.',
      help: 'Fold it double, face out, and cut both; part them slowly, from a corner.',
      signs: 'ripped metallic shiny paper shredded thin sheet rips torn foil splits when peeling',
    },
    'scratches-on-foil': {
      seen: 'Scratches of the plate show on foil or film',
      why: 'A soft, shiny sheet takes up every old line of the pad that it is pressed against.',
      help: 'Take a fresh face of the pad, or lay a sheet of plain card between.',
      signs:
        'lines marks from the pad pattern of old cuts imprinted on shiny paper scored plate printed through scratched surface ghost marks mirror card',
    },
    'halves-apart': {
      seen: 'A half-shape fell into two',
      why: 'The die lay over the crease, so the fold was cut away with the rest.',
      help: 'Lay the fold so that it stays in sight beyond the die’s body, by a hair; then cut.',
      signs:
        'two pieces instead of one came apart at the fold folded paper halves separated butterfly broke in half crease cut off not joined in the middle',
    },
    'die-slipped': {
      seen: 'The die slipped',
      why: 'Nothing held it when the roller took it, or tape over the edge let go.',
      help: 'Low-tack tape at two sides, a magnet under thin steel, or a guide cut from thin card.',
      signs:
        'moved shifted wandered crooked not where i put it off centre double line second line cut in the wrong place slid under the roller',
    },
    'border-misfit': {
      seen: 'The joins of a border do not meet',
      why: 'The strip was fed wrong end first, went through twice, or has stretched with each pass.',
      help: 'Joined end first, one pass; let new cells fall into the old ones, and mark the unpressed strip before the first cut.',
      signs:
        'border does not line up pattern off at the join gap between repeats step in the edge strip ends do not match repeat out of line lattice',
    },
    'tape-tore': {
      seen: 'Tape tore the surface',
      why: 'Fresh tape holds better than the card’s own face.',
      help: 'Take its tack off first on cloth or skin; pull it off flat and slowly, away from the cut.',
      signs:
        'tape lifted the paper pulled fibres off peeled the top layer damaged face rough patch where the tape was fuzzy surface adhesive ripped the card',
    },
    'crease-cut-through': {
      seen: 'A crease cut through, or the mat was cut',
      why: 'The stack was too tight for a die that is pressed into a mat.',
      help: 'Take the shim out; the handle must feel almost free. A mat that was cut once tears on from there: put it aside.',
      signs:
        'embossing sliced the card silicone mat has a cut line went all the way through crease split score too deep blade cut the rubber mat emboss tore',
    },
    'relief-cracked': {
      seen: 'The relief cracked',
      why: 'The sheet was stretched farther than it gives: too many layers under it, or a brittle card.',
      help: 'A layer fewer, rounded edges, or a softer card with longer fibres.',
      signs:
        'raised shape broke the surface embossing split paper burst over the edge cracks around the raised part card fractured deboss crack',
    },
    'letters-bent': {
      seen: 'Standing letters are bent',
      why: 'They were folded with the card.',
      help: 'Fold and burnish only the card between them; the letters stay flat. Straighten them with the nail from behind.',
      signs:
        'word on the fold letters crooked creased letters do not stand up floppy word pop up word folded letters creased at the bottom',
    },
    'inside-attached': {
      seen: 'The inside of a letter is still attached',
      why: 'A counter that reaches the line is cut only in part.',
      help: 'Cut the rest with a knife along a ruler, or lay the line clear of it.',
      signs:
        'centre of the o did not come out hole of the letter not cut out middle still hanging counter a e o inner piece holds at the bottom island stays',
    },
    'white-edge': {
      seen: 'A white edge round a picture',
      why: 'The die is a little larger than what was printed: that is normal.',
      help: 'Cut by hand where it disturbs, or keep ink off with a mask cut with the same die.',
      signs:
        'border of paper around the stamped image rim margin outline not close to the print gap between image and cut die bigger than stamp halo',
    },
    'frame-warped': {
      seen: 'A long thin frame warped',
      why: 'A hard plate lay under it, and its long sides gave way.',
      help: 'Press outlines on a pad, not on steel; lay it flat under books, and next time turn it a little.',
      signs:
        'die bent out of shape twisted frame no longer flat steel die bowed banana curved rectangle die does not lie flat after pressing',
    },
    'plate-bowed': {
      seen: 'A pad or folder bowed',
      why: 'Beside a hard plate or in a folder one side is pressed more than the other: it bows with time, and that is normal.',
      help: 'Turn it over the next time; it goes flat again, and cuts as well until it rocks on the table.',
      signs:
        'plastic plate curved cutting plate not flat anymore warped plate arched pad curls up rocks on the table plates banana bent plate',
    },
    'bits-everywhere': {
      seen: 'Bits everywhere',
      why: 'Lace and letters let go of hundreds of openings.',
      help: 'Lift the die over a tray, brush it there; count the counters of letters before you lift it.',
      signs:
        'confetti little pieces all over the table mess tiny paper dots lost the small parts crumbs scraps on the floor clean up',
    },
    'liners-showing': {
      seen: 'A liner shows at the edge',
      why: 'It is as large as the half that it lines, or was glued off its place.',
      help: 'Cut it a little smaller all round, and lay it flush with the outer edge first.',
      signs:
        'lining sticks out inner paper visible past the edge insert too big overhangs backing paper peeks out sheet inside the card shows',
    },
    cracking: {
      seen: 'It cracks at every pass',
      why: 'The die lies the wrong way up: its body is pressed into a hard plate.',
      help: 'Stop. Feel for the rough, raised side with a fingertip: it looks at the card. Look at the plates before you go on.',
      signs:
        'loud noise snapping popping sound crunch creaking every time plate cracking noises while rolling scary sound upside down die',
    },
    'press-slides': {
      seen: 'The press slides or rocks',
      why: 'Its feet have no grip, or it is cranked from the side.',
      help: 'Clean its feet and the table, hold it down with the other hand, and crank standing in front of it.',
      signs:
        'machine moves on the table walks wobbles lifts up when cranking slippery feet not stable tips over unsteady suction',
    },
  },
  /** Words that mean the same here, each under the one that is looked for. */
  alike: {
    tear: [
      'tore',
      'torn',
      'tears',
      'tearing',
      'rip',
      'rips',
      'ripped',
      'ripping',
      'shred',
      'shredded',
      'split',
      'splits',
      'burst',
    ],
    stick: ['stuck', 'sticks', 'sticking', 'jammed', 'trapped'],
    slip: ['slipped', 'slips', 'shift', 'shifted', 'moved', 'moves', 'wandered', 'slid', 'slides', 'sliding', 'walks'],
    bend: [
      'bent',
      'bends',
      'bowed',
      'bow',
      'warped',
      'warps',
      'curved',
      'curls',
      'curled',
      'arched',
      'twisted',
      'banana',
    ],
    crack: ['cracks', 'cracked', 'cracking', 'crunch', 'crunching', 'snap', 'snapping', 'pop', 'popping'],
    fold: ['folded', 'folds', 'crease', 'creased', 'creases'],
    piece: ['pieces', 'part', 'parts', 'bit', 'bits', 'scrap', 'scraps', 'crumbs', 'confetti'],
    letter: ['letters', 'word', 'words'],
    mark: ['marks', 'scratch', 'scratches', 'scratched', 'lines'],
    press: ['machine', 'presses'],
    noise: ['noises', 'sound', 'sounds', 'loud'],
    two: ['halves', 'half'],
    mat: ['mats', 'rubber', 'silicone'],
    plate: ['plates', 'pad', 'pads'],
    join: ['joins', 'match', 'matches', 'line-up', 'meet'],
    liner: ['liners', 'lining', 'insert', 'backing'],
    edge: ['edges', 'rim', 'halo', 'margin'],
    foil: ['metallic', 'shiny', 'mirror'],
    relief: ['emboss', 'embossed', 'embossing', 'deboss', 'raised'],
  },
  /** Words that say nothing of what went wrong. */
  passedOver:
    'a an the my i it is are was were of in on at to and or with for from when while every this that there has have had not no do does did be so all',
} as const
