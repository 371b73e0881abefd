'use client';

import Broken from '../error';

/** Shown in place of any page while the database does not answer. */
export default function OutOfReach() {
  return <Broken reset={() => window.location.reload()} />;
}
