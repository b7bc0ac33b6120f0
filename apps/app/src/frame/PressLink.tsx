import { Link, type Href } from 'expo-router';
import type { ComponentProps } from 'react';
import { Press } from './Press';

interface PressLinkProps extends ComponentProps<typeof Press> {
  to: Href;
}

/** Something to press that leads to another screen: a real link, so keys and new tabs work as anywhere. */
export function PressLink({ to, ...press }: PressLinkProps) {
  return (
    <Link href={to} asChild>
      <Press {...press} role="link" />
    </Link>
  );
}
