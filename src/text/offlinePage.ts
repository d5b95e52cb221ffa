/**
 * What a seat shows when there is no network and the page is not kept on the device. It stands alone, so it has the app's colours (ui/theme)
 * in it.
 */
export function makeOfflinePage(): string {
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>No connection</title>
<style>
:root { color-scheme: light dark; --paper: #faf6ee; --ink: #2a2433; --cool: #0b5d57; --on-cool: #fffdf8 }
@media (prefers-color-scheme: dark) { :root { --paper: #1f1927; --ink: #ece7f0; --cool: #7cbdb6; --on-cool: #1f1927 } }
body { font: 1.25rem/1.5 Andika, sans-serif; background: var(--paper); color: var(--ink); max-width: 34rem; margin: 15vh auto 0; padding: 0 1.25rem }
a { display: inline-block; font: inherit; padding: .9rem 1.4rem; margin: 0 .75rem .75rem 0; border: 2px solid var(--cool); border-radius: .5rem; color: var(--cool); text-decoration: none }
a:first-child { background: var(--cool); color: var(--on-cool) }
a:focus-visible { outline: 3px solid var(--ink); outline-offset: 2px }
</style>
</head>
<body>
<main>
<h1>No connection.</h1>
<p>Your answers are safe on this device. Try again soon.</p>
<p><a href="">Try again</a><a href="/seat">My place</a></p>
</main>
</body>
</html>
`;
}
