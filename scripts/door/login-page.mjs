// The one page that is answered without the passphrase. It needs nothing else of the program.

const styles = `
:root { color-scheme: light dark; --ground: #f6f1e7; --field: #fffdf8; --ink: #221f1c; --act: #b8431a; --on-act: #fffdf8; --wrong: #a3271b; }
@media (prefers-color-scheme: dark) {
	:root { --ground: #221f1c; --field: #2c2824; --ink: #f1e8d9; --act: #e0754a; --on-act: #1c1008; --wrong: #f2a08f; }
}
* { box-sizing: border-box; }
body { margin: 0; min-height: 100vh; display: grid; place-items: center; background: var(--ground); color: var(--ink); font: 1.125rem/1.5 system-ui, sans-serif; }
main { width: min(26rem, 92vw); padding: 1.5rem 0 4rem; }
h1 { font-size: 1.75rem; line-height: 1.25; margin: 0 0 0.75rem; }
label { display: block; font-weight: 600; margin-top: 1.25rem; }
input { width: 100%; min-height: 3.5rem; margin-top: 0.25rem; padding: 0 0.75rem; font: inherit; color: inherit; background: var(--field); border: 1.5px solid color-mix(in srgb, var(--ink) 60%, transparent); border-radius: 0.25rem; }
button { min-height: 3.5rem; margin-top: 1rem; padding: 0 1.5rem; font: inherit; font-weight: 600; color: var(--on-act); background: var(--act); border: 0; border-radius: 0.25rem; }
:focus-visible { outline: 3px solid var(--ink); outline-offset: 2px; }
.wrong { color: var(--wrong); font-weight: 600; }
.quiet { font-size: 1rem; opacity: 0.8; }
`;

const escaped = (/** @type {string} */ text) =>
	text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

const page = (/** @type {string} */ title, /** @type {string} */ main) => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${title} · Ashdrift</title>
<style>${styles}</style>
</head>
<body>
<main>
${main}
</main>
</body>
</html>
`;

const hidden = (/** @type {string} */ name, /** @type {string} */ value) =>
	`<input type="hidden" name="${escaped(name)}" value="${escaped(value)}">`;

/**
 * @typedef {{ path: string, body: string }} Again what a form sent when its session was over
 * @param {{ to: string, says?: string, again?: Again | undefined }} of the page that was asked for, and what was wrong
 * @returns {string}
 */
export const loginPage = ({ to, says = '', again }) =>
	page(
		'Log in',
		`<h1>These books want their passphrase</h1>
<p>${again ? '<strong>Not written down yet.</strong> What you typed is kept on this page: log in, and send it then.' : 'Whoever keeps the program chose it, and can tell you. What you wrote without a connection waits on this device, and is sent once you are in.'}</p>
<form method="post" action="/login">
${hidden('to', to)}${again ? hidden('againPath', again.path) + hidden('againBody', again.body) : ''}
<label for="passphrase">Passphrase</label>
<input id="passphrase" name="passphrase" type="password" autocomplete="current-password" required autofocus${says ? ' aria-invalid="true" aria-describedby="says"' : ''}>
${says ? `<p id="says" class="wrong" role="alert">${escaped(says)}</p>` : ''}
<button>Log in</button>
</form>
<p class="quiet">This device stays logged in for 30 days after it was last used. A name you choose inside only signs what you write: it gives no rights.</p>`
	);

/** @param {Again} again @returns {string} */
export const againPage = ({ path, body }) =>
	page(
		'Send it now',
		`<h1>You are in</h1>
<p>What you had typed is still here, and not written down yet.</p>
<form method="post" action="${escaped(path)}">
${[...new URLSearchParams(body)].map(([name, value]) => hidden(name, value)).join('\n')}
<button>Send what I had typed</button>
</form>`
	);
