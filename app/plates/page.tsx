import { Suspense } from 'react';
import { PlatesPage } from '../_client/PlatesPage';

export default function Page() {
  return (
    <Suspense>
      <PlatesPage />
    </Suspense>
  );
}
