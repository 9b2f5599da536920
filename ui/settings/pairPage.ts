import { DARK, LIGHT } from '../theme/colours';

const escaped = (text: string): string => text.replaceAll(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

/**
 * The pairing page: all that a device sees before it is paired. It needs no other file.
 *
 * @param path to which its form is sent
 * @param nonce of the answer, for its style
 */
export function pairPage(path: string, nonce: string, code: string, fault: string | null): string {
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Pair this device</title>
<style nonce="${escaped(nonce)}">
  :root { color-scheme: light dark; --paper: ${LIGHT.paper}; --ink: ${LIGHT.ink}; --river: ${LIGHT.river}; --onRiver: ${LIGHT.onRiver}; --stop: ${LIGHT.stop}; --rule: ${LIGHT.rule}; --sheet: ${LIGHT.sheet} }
  @media (prefers-color-scheme: dark) { :root { --paper: ${DARK.paper}; --ink: ${DARK.ink}; --river: ${DARK.river}; --onRiver: ${DARK.onRiver}; --stop: ${DARK.stop}; --rule: ${DARK.rule}; --sheet: ${DARK.sheet} } }
  body { margin: 0; padding: 24px 20px; background: var(--paper); color: var(--ink); font: 17px/1.4 sans-serif }
  main { max-width: 420px; display: grid; gap: 16px }
  h1 { font-size: 27px; margin: 0 } p { margin: 0 }
  label { display: grid; gap: 4px } form { display: grid; gap: 16px }
  input { font: inherit; font-size: 22px; padding: 10px; border: 1px solid var(--rule); background: var(--sheet); color: inherit }
  button { font: inherit; font-size: 22px; font-weight: 700; min-height: 64px; border: 0; background: var(--river); color: var(--onRiver) }
  [role=alert] { color: var(--stop); font-weight: 700 }
</style>
</head>
<body>
<main>
<h1>Pair this device</h1>
<p>Enter the code shown on the computer. It works once, for ten minutes.</p>
${fault === null ? '' : `<p role="alert">${escaped(fault)}</p>`}
<form method="post" action="${path}">
<label>Pairing code<input name="code" value="${escaped(code)}" autocomplete="off" autocapitalize="characters" spellcheck="false" required maxlength="20"></label>
<label>Name of this device<input name="name" value="Phone" required maxlength="60"></label>
<button type="submit">Pair this device</button>
</form>
</main>
</body>
</html>
`;
}
