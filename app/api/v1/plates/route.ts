import { respond } from '@/app/api/respond';
import { plates } from '@/core/families/plates';

export const GET = () =>
  respond(async () =>
    plates.map(({ id, title, side, fields }) => ({
      id,
      title,
      side,
      fields: fields.map(({ id: name, label, kind, unit, names, words, meaning, recovery }) => ({
        name,
        label,
        kind,
        unit,
        names,
        words,
        meaning,
        recovery,
      })),
    })),
  );
