import { TokensPage } from '@/features/crew/TokensPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Tokens' };

export default function Page() {
  return <TokensPage />;
}
