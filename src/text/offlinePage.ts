/** What a seat shows when there is no network and the page is not kept on the device. */
export function makeOfflinePage(): string {
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>No connection</title>
<style>
:root { color-scheme: light dark }
body { font: 1.25rem/1.5 sans-serif; max-width: 34rem; margin: 15vh auto 0; padding: 0 1.25rem }
a { display: inline-block; font: inherit; padding: .9rem 1.4rem; margin: 0 .75rem .75rem 0; border: 2px solid; border-radius: .5rem; color: inherit }
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
