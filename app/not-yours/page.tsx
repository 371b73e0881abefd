import { LinkButton } from '@/ui/shell/LinkButton';
import { EmptyPlace } from '@/ui/shell/EmptyPlace';
import { Shell } from '../../features/shell/Shell';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Not with this role' };

/** A page that the role of who is signed in does not open. */
export default function NotYours() {
  return (
    <Shell>
      <main className="middle stack" id="main" style={{ maxWidth: 720, margin: '0 auto' }}>
        <h1>This page is for another role</h1>
        <EmptyPlace title="An administrator gives roles" action={<LinkButton href="/">Go to the panels</LinkButton>}>
          People, tokens and the log are for administrators. Your own password and PIN stand under your name, at the top right.
        </EmptyPlace>
      </main>
    </Shell>
  );
}
