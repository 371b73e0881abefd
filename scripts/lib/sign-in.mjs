// Signs one of the demo's invented crew in, for scripts that ask the demo over HTTP or drive its pages.

/** Cookies of a new session, as a browser keeps them and as a header sends them. */
export async function demoSession(base, personId = 'demo-orla') {
  const answer = await fetch(`${base}/api/v1/session/demo`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ personId }),
  });
  if (!answer.ok) throw new Error(`the demo did not sign ${personId} in: ${answer.status}`);
  const pairs = answer.headers.getSetCookie().map((line) => line.split(';')[0]);
  return {
    header: pairs.join('; '),
    cookies: pairs.map((pair) => {
      const at = pair.indexOf('=');
      return { name: pair.slice(0, at), value: pair.slice(at + 1), url: base };
    }),
  };
}
