import { type ComponentType, lazy, type ReactNode, Suspense, useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Notice, Waiting } from './Notice';
import { partAgain } from './partAgain';
import { RepertoireGate } from './RepertoireGate';
import { useIdle } from './useIdle';

interface Options {
  /** What it is called, as it stands at the beginning of a sentence: "The tide". */
  readonly what: string;
  /** What stands in its place until it is there. */
  readonly waiting?: ReactNode;
  /** Whether it is fetched only once the page stands and nothing else is to be done. */
  readonly whenIdle?: boolean;
}

/** Fetches a part, and asks once more by itself where it did not come. */
async function fetchPart<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): Promise<ComponentType<Props>> {
  try {
    return await load();
  } catch (error) {
    const again = await partAgain<Props>(error);
    if (again) return again;
    throw error;
  }
}

/**
 * A part of a page that is fetched when it is first shown. Where it cannot be fetched, or breaks, that is said in its place, with a
 * way to try again; the rest of the page stands.
 */
export function lazyPart<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  { what, waiting = null, whenIdle = false }: Options,
): ComponentType<Props> {
  // Once it is there, it is shown at once wherever it stands again.
  let isThere = false;
  const begin = () =>
    lazy(async () => {
      const part = await fetchPart(load);
      isThere = true;
      return { default: part };
    });
  let Part = begin();
  return function LazyPart(props: Props) {
    const [tries, setTries] = useState(0);
    const isIdle = useIdle();
    if (whenIdle && !isIdle && !isThere) return waiting;
    return (
      <ErrorBoundary
        fallbackRender={({ resetErrorBoundary }) => (
          <Notice
            action={{
              label: 'Try again',
              // What is tried in vain needs something else that did not come: only a page that is loaded anew asks for that.
              onPress: tries > 0 ? () => window.location.reload() : resetErrorBoundary,
            }}
          >
            {what} could not be loaded. Your work is kept.
          </Notice>
        )}
        onReset={() => {
          Part = begin();
          setTries((before) => before + 1);
        }}
      >
        <Suspense fallback={waiting}>
          <Part {...props} />
        </Suspense>
      </ErrorBoundary>
    );
  };
}

/** A page that shows movements: it opens once the repertoire is there. */
export function movementPage(load: () => Promise<ComponentType>): ComponentType {
  const Page = lazyPage(load);
  return () => (
    <RepertoireGate>
      <Page />
    </RepertoireGate>
  );
}

/** A whole page of a place, fetched when it is first entered. */
export const lazyPage = (load: () => Promise<ComponentType>): ComponentType =>
  lazyPart(load, { what: 'This page', waiting: <Waiting /> });
