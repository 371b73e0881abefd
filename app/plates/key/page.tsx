import { KeyPage } from '../../../features/plates/KeyPage';

export default function Page() {
  return <KeyPage />;
}
