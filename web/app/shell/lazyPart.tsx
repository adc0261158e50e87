import { type ComponentType, lazy, type ReactNode, Suspense, useState } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Notice, Waiting } from './Notice';
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

/**
 * Whether a part did not come, rather than break: browsers remember a module that did not come as long as the page stands, so only a
 * page that is loaded anew asks for it again.
 */
const didNotCome = (error: unknown): boolean => error instanceof TypeError && /module/i.test(error.message);

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
      const part = await load();
      isThere = true;
      return { default: part };
    });
  let Part = begin();
  return function LazyPart(props: Props) {
    const [, setTries] = useState(0);
    const isIdle = useIdle();
    if (whenIdle && !isIdle && !isThere) return waiting;
    return (
      <ErrorBoundary
        fallbackRender={({ error, resetErrorBoundary }) => (
          <Notice
            action={{
              label: 'Try again',
              onPress: didNotCome(error) ? () => window.location.reload() : resetErrorBoundary,
            }}
          >
            {what} could not be loaded. Your work is kept.
          </Notice>
        )}
        onReset={() => {
          Part = begin();
          setTries((tries) => tries + 1);
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
