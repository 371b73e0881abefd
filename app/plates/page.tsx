import { Suspense } from 'react';
import { PlatesPage } from '../../features/plates/PlatesPage';

export default function Page() {
  return (
    <Suspense>
      <PlatesPage />
    </Suspense>
  );
}
