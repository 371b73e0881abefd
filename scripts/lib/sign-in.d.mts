export function demoSession(
  base: string,
  personId?: string,
): Promise<{ header: string; cookies: { name: string; value: string; url: string }[] }>;
