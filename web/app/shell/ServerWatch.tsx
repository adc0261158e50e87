import { useEffect } from 'react';
import { useSelector } from 'react-redux';
import { api, TAGS } from '../server/api';
import { heard } from '../server/serverState';
import { type State, useAppDispatch } from '../store';

/** How often the server is asked whether it is back, milliseconds. */
const ASK_EVERY = 2000;

/** While the server is away it is asked again and again; once it answers, everything on the screen is asked anew. */
export function ServerWatch() {
  const isAway = useSelector<State, boolean>(({ server }) => server.isAway);
  const dispatch = useAppDispatch();
  useEffect(() => {
    if (!isAway) return;
    const timer = setInterval(async () => {
      const answer = await fetch('/api/health').catch(() => null);
      // Whoever still waits for an answer, or has one from before, gets it now.
      if (!answer?.ok) return;
      dispatch(heard({ isAway: false }));
      dispatch(api.util.invalidateTags([...TAGS]));
    }, ASK_EVERY);
    return () => clearInterval(timer);
  }, [isAway, dispatch]);
  return null;
}
