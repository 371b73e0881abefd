import { readJson, respond } from '@/app/api/respond';
import { judgePlainCase, lineChoice } from '@/services/judge';

export const POST = (request: Request) =>
  respond(async () => {
    const lines = lineChoice(new URL(request.url).searchParams.get('lines'));
    return judgePlainCase(await readJson(request), lines);
  });
