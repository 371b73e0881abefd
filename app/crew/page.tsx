import { AccountPage } from '@/features/crew/AccountPage';

export const dynamic = 'force-dynamic';
export const metadata = { title: 'Your account' };

export default function Page() {
  return <AccountPage />;
}
