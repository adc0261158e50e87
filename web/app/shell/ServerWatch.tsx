import { useEffect } from 'react';
import { useSelector } from 'react-redux';
import { api } from '../server/api';
import { isUnheard } from '../server/ask';
import { heard } from '../server/serverState';
import { TAGS } from '../server/tags';
import { type State, useAppDispatch } from '../store';

/** How often the server is asked whether it is back, milliseconds. */
const ASK_EVERY = 2000;

/** Whether something is missing that only the server can answer: it is away, or one question never reached it. */
const isWaiting = ({ server, api: { queries } }: State): boolean =>
  server.isAway ||
  Object.values(queries).some((query) => {
    const { error } = query ?? {};
    return error !== undefined && 'status' in error && isUnheard(error);
  });

/** While something is missing the server is asked again and again; once it answers, everything on the screen is asked anew. */
export function ServerWatch() {
  const waits = useSelector<State, boolean>(isWaiting);
  const dispatch = useAppDispatch();
  useEffect(() => {
    const askAnew = () => dispatch(api.util.invalidateTags([...TAGS]));
    // From now on answers are kept on this machine: those that came before are asked for once more.
    const worker = navigator.serviceWorker;
    worker?.addEventListener('controllerchange', askAnew);
    return () => worker?.removeEventListener('controllerchange', askAnew);
  }, [dispatch]);
  useEffect(() => {
    if (!waits) return;
    const timer = setInterval(async () => {
      const answer = await fetch('/api/health').catch(() => null);
      if (!answer?.ok) return;
      dispatch(heard({ isAway: false }));
      dispatch(api.util.invalidateTags([...TAGS]));
    }, ASK_EVERY);
    return () => clearInterval(timer);
  }, [waits, dispatch]);
  return null;
}
