import { benchPages } from './scripts/bench-pages';
import { demoSession } from './scripts/lib/sign-in.mjs';
const url = 'http://127.0.0.1:3100';
const s = await demoSession(url);
await benchPages((a, b, c) => console.log(a, '|', b, '|', c), url, s.cookies);
