'use client';

import Button, { type ButtonProps } from '@mui/material/Button';
import { Link } from '@/ui/shell/Link';

/** A way to another page that looks like what is pressed. */
export const LinkButton = ({ href, ...button }: Omit<ButtonProps<'a'>, 'component'> & { href: string }) => (
  <Button component={Link} href={href} {...button} />
);
