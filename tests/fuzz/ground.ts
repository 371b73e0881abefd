/** A database of the demo to throw odd requests at, with who throws them. */
import { insertPerson } from '@/data/crew';
import { demoDatabase } from '@/data/test-database';
import { hashSecret } from '@/services/crew/auth';
import { GET, POST } from '@/app/api/v1/[...path]/route';

const PASSWORD = 'a sentence for the hunt';

export type FuzzGround = { ids: string[]; callers: Record<string, string>[]; drop: () => Promise<void> };

async function cookie(username: string): Promise<string> {
  const answer = await POST(
    new Request('http://127.0.0.1/api/v1/session', {
      method: 'POST',
      headers: { host: '127.0.0.1', 'content-type': 'application/json' },
      body: JSON.stringify({ username, password: PASSWORD }),
    }),
  );
  return answer.headers
    .getSetCookie()
    .map((line) => line.split(';')[0])
    .join('; ');
}

/** The demo, a job that is open, and a foreman, an administrator and nobody who ask. */
export async function fuzzDatabase(): Promise<FuzzGround> {
  const db = await demoDatabase();
  const passwordHash = await hashSecret(PASSWORD);
  const callers: Record<string, string>[] = [];
  for (const role of ['foreman', 'administrator'] as const) {
    await insertPerson(db.knex, { name: `The ${role}`, username: role, role, mustChangePassword: false }, passwordHash, new Date());
    callers.push({ cookie: await cookie(role) });
  }
  // What is first asked pays for what is read once.
  await GET(new Request('http://127.0.0.1/api/v1/desk', { headers: { host: '127.0.0.1', ...callers[0] } }));
  const swaps = (await db.knex('swaps').limit(3)).map(({ id }: { id: string }) => id);
  return {
    ids: [...swaps, ...swaps, 'kestrel-ramp-k4', 'ferrow-gate-q24', 'kestrel-ramp', 'contactor', 'standard-size', 'Alder Moor'],
    callers: [callers[0]!, callers[0]!, callers[0]!, callers[1]!, {}],
    drop: db.drop,
  };
}
