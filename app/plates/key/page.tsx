import { KeyPage } from '../../_client/KeyPage';

export default function Page() {
  return <KeyPage />;
}
