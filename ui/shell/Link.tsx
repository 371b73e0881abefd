import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/**
 * A way to another page. Pages are asked for when somebody goes there, and not for every link that comes into view: each of ours is made
 * for its reader, so that a page with eight links would cost the server nine.
 */
export const Link = (link: Omit<ComponentProps<typeof NextLink>, 'prefetch'>) => <NextLink {...link} prefetch={false} />;
