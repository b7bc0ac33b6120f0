/** The one page a device that was not let in yet may see. */
export const PAIR_PAGE = '/pair';

/** Where a phone that scans the code is led. */
export const pairUrl = (url: string, code: string): string => `${url}${PAIR_PAGE}?code=${code}`;

const escaped = (text: string): string => text.replaceAll(/[&<>"']/g, (sign) => `&#${sign.codePointAt(0) ?? 0};`);

const STYLE = `
body{margin:0;background:#f6f1e7;color:#1f1b16;font:18px/1.4 system-ui,sans-serif}
main{padding:24px 20px;max-width:30rem;display:grid;gap:16px}
h1{margin:0;font-size:28px}p{margin:0}label{display:grid;gap:6px;font-weight:700}
input{font:700 24px ui-monospace,monospace;padding:12px;border:2px solid #1f1b16;border-radius:8px;background:#fffdf7;color:#1f1b16}
input[name=code]{letter-spacing:.12em;text-transform:uppercase}input[name=name]{font:400 20px system-ui,sans-serif}
button{font:700 20px system-ui,sans-serif;min-height:56px;border:0;border-radius:8px;background:#16365c;color:#fff}
.bad{border-left:6px solid #a3231b;padding:8px 12px;background:#fbe9e4;color:#7c150f}
:focus-visible{outline:3px solid #e2a21b;outline-offset:2px}`;

interface PairPage {
  code?: string;
  name?: string;
  /** What was wrong with the last try. */
  trouble?: string;
}

/** The page that pairs a phone: one field and one button, no script, so that nothing of the shop is needed to show it. */
/** The frame of the pages that need nothing of the app. */
const page = (title: string, body: string): string => `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1">
<title>${title} · Zero Point</title><style>${STYLE}</style></head><body><main>
<h1>${title}</h1>
${body}
</main></body></html>`;

export const pairPage = ({ code = '', name = '', trouble }: PairPage): string =>
  page(
    'Join the shop',
    `<p>On the machine the shop runs on, open Settings and choose Add a phone. Type the code shown there.</p>
${trouble === undefined ? '' : `<p class="bad" role="alert">${escaped(trouble)}</p>`}
<form method="post" action="/pair" style="display:grid;gap:16px">
<label>Code<input name="code" value="${escaped(code)}" autocomplete="off" autocapitalize="characters" spellcheck="false" required maxlength="12"></label>
<label>What this device is called<input name="name" value="${escaped(name)}" placeholder="My phone" maxlength="40"></label>
<button type="submit">Join</button>
</form>
<p>The code is good for ten minutes and one device. After that this device is known here until it is dismissed.</p>
<p><a href="/">I joined already: open the shop</a></p>`,
  );

/** Where a phone is walked through trusting the shop's own certificate. */
export const TRUST_PAGE = '/trust';

/** How a phone comes to trust the shop, and what it gains by that. */
export const trustPage = (secureUrls: readonly string[]): string =>
  page(
    'Trust this shop',
    `<p>Over plain http this device cannot start the app without the server, and its screen sleeps. Over https it can do both. For that it must trust the shop’s own certificate, once.</p>
<ol style="margin:0;padding-left:1.4em;display:grid;gap:10px">
<li><a href="${TRUST_PAGE}/authority.crt">Fetch the certificate</a>. The shop’s computer made it.</li>
<li>Install it as a certificate of an authority. In the device’s settings, look for “certificate” under security or profiles. Allow it for web pages.</li>
<li>Open ${secureUrls.map((url) => `<a href="${escaped(url)}/">${escaped(url)}</a>`).join(' or ')} and put it on the home screen.</li>
</ol>
<p>Only do this with your own shop, on your own network. Your device will trust what this certificate signs. Remove it in the same place when you no longer need it.</p>`,
  );
