/** Why a code did not let somebody in. */
export type PairFault = 'wrong' | 'too-many' | 'no-name'

const FAULTS: Readonly<Record<PairFault, string>> = {
  wrong: 'That code is not good, or no longer. Ask for a new one under Workshop on the first machine.',
  'too-many': 'Too many codes were tried. Wait a minute.',
  'no-name': 'Give this device a name, so that it is known in the list.',
}

const escaped = (text: string): string => text.replace(/[&<>"]/g, (each) => `&#${each.charCodeAt(0)};`)

/**
 * The page on which a device is paired: all that is shown to one that is not. It fetches nothing and needs no script, so that nothing else
 * has to be open to it.
 */
export const pairPage = (
  { code = '', name = '' }: { readonly code?: string; readonly name?: string },
  fault?: PairFault,
): string => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>Pair this device – Bold Heron</title>
<style>
body { font: 18px/1.5 system-ui, sans-serif; max-width: 26rem; margin: 0 auto; padding: 1.5rem; background: #f6f2e9; color: #22303a }
h1 { font-size: 1.6rem } label { display: block; margin: 1rem 0 .25rem; font-weight: 600 }
input, button { font: inherit; width: 100%; min-height: 3.5rem; padding: 0 .75rem; border: 2px solid #22303a; border-radius: .5rem; box-sizing: border-box; background: #fff; color: inherit }
input[name=code] { font-size: 1.8rem; letter-spacing: .4rem } button { margin-top: 1.5rem; background: #22303a; color: #fff; font-weight: 700 }
.fault { border-left: .3rem solid #b3261e; padding-left: .75rem }
</style>
</head>
<body>
<main>
<h1>Pair this device</h1>
${fault ? `<p class="fault" role="alert">${FAULTS[fault]}</p>` : '<p>The code stands on the first machine, under Workshop, Share with a device.</p>'}
<form method="post" action="/pair">
<label for="code">Code of six digits</label>
<input id="code" name="code" inputmode="numeric" autocomplete="one-time-code" pattern="[0-9]{6}" maxlength="6" required value="${escaped(code.slice(0, 6))}">
<label for="name">What this device is called</label>
<input id="name" name="name" maxlength="60" required placeholder="Tablet by the press" value="${escaped(name)}">
<button>Pair</button>
</form>
<p><a href="/authority.crt">What vouches for this address</a>: the certificate to trust on this device.</p>
</main>
</body>
</html>
`
