import { familyIds } from '@/core/families/registry';
import { InterfacePage } from '../_client/InterfacePage';

export const metadata = { title: 'Open interface' };
export default function Page() {
  return <InterfacePage families={familyIds()} />;
}
