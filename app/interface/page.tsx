import { familyIds } from '@/core/families/registry';
import { InterfacePage } from '../../features/interface/InterfacePage';

export const metadata = { title: 'Open interface' };
export default function Page() {
  return <InterfacePage families={familyIds()} />;
}
