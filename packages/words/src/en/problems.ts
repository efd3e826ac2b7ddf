import type { ProblemWords } from '../coded.js'

const AWAY = 'The database does not answer.'
const NOTHING_SAVED = 'Nothing of this was saved. Try again in a moment.'

export const problems: ProblemWords = {
  fields: 'Some fields cannot be taken as they are.',
  'version-unreadable': 'If-Match is {{value}}; it must be a version such as "3".',
  'version-missing':
    'Send the version you changed as a header, such as If-Match: "3", so that nobody’s work is overwritten.',
  'not-json': 'The request is not JSON that can be read; check brackets, commas and quotes.',
  'request-unreadable': 'The request cannot be read.',
  'own-address-only': 'Open Bold Heron by its own address on this machine.',
  'own-page-only': 'Another page asked for this; Bold Heron answers only its own.',
  'not-paired': 'This device is not paired, or was sent away. Open this address in its browser to pair it.',
  'not-for-this-device':
    'This device may not do that. Do it on the machine itself, or have what the device may do changed there, under Workshop, Share with a device.',
  'not-your-run': 'Another device made this run; a device of the bench changes only its own.',
  'not-shared': 'Nothing is shared. Start with npm start -- --share.',
  'too-many-listening': 'Too many pages listen for what changes. Close some.',
  'no-such-address': 'There is no such address; /api/openapi.json lists them all.',
  'no-such-id': 'There is no {{one}} with the id given; ids look like 0b5f1c9e-….',
  'no-such': 'There is no such {{one}}.',
  'plan-things-missing': 'The press, a die or the sheet named is not in this workshop.',
  'no-such-press-run': 'There is no such job, or it has no such press run.',
  'no-outline': 'This die has no outline of its own.',
  'batch-taken':
    'Somebody is at these runs already, or at some of their pieces. Take other runs, or send overrule to take these from them.',
  'plate-elsewhere':
    '{{plate}} lies in {{press}} now, and there is no other of it. Wait until it is free, or send overrule to take it all the same.',
  'photo-deleted': 'This photo was deleted.',
  'changed-meanwhile':
    'This {{one}} was saved elsewhere in the meantime (now version {{version}}). Look at it, then save again.',
  'too-large': 'The request is larger than {{limitKb}} kB; shorten it.',
  'send-json': 'Send the request as application/json.',
  'send-csv': 'Send the table as text/csv.',
  'send-utf8': 'Send the request as UTF-8, unpacked.',
  'no-photo': 'This is no JPEG, PNG or WebP that can be read. Send the photo itself.',
  'photo-unreadable': 'photos.{{at}}.jpegBase64 is no photo that can be read; leave it out.',
  'too-many-photos': 'A run keeps {{limit}} photos at most; delete one first.',
  'press-not-named': 'pressId is missing or no id; name the press to carry the recipe over to, such as ?pressId=….',
  'pass-unsolved': 'A pass could not be solved; there is no number to trust.',
  'our-mistake': 'Something went wrong on our side. The log says more.',
  'database-away': `${AWAY} Try again in a moment.`,
  'not-saved': `${AWAY} ${NOTHING_SAVED}`,
  'not-known': `${AWAY} It is not known whether this was saved: look before you do it again.`,
  'workshop-being-read': `A whole workshop is being read in. ${NOTHING_SAVED}`,
  'database-slow': `The database took too long. ${NOTHING_SAVED}`,
  'too-many-saving': `Too many are saving this at once. ${NOTHING_SAVED}`,
  'no-room': 'There is no room left for the database. Nothing of this was saved. Free some, then try again.',
}
