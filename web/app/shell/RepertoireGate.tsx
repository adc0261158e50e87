import type { ReactNode } from 'react';
import { RepertoireProvider, useFetchedRepertoire } from '../repertoire';
import { Notice, Waiting } from './Notice';

/** Lets its parts in once the repertoire is there; where it cannot be fetched, that is said, and it is asked for again. */
export function RepertoireGate({ children }: { readonly children: ReactNode }) {
  const { repertoire, isRefused, askAgain } = useFetchedRepertoire();
  if (repertoire) return <RepertoireProvider value={repertoire}>{children}</RepertoireProvider>;
  if (!isRefused) return <Waiting />;
  return (
    <Notice action={{ label: 'Try again', onPress: askAgain }}>
      The movements could not be fetched: Vesperum’s server does not answer. Start it with “npm start”; this page goes
      on by itself then.
    </Notice>
  );
}
