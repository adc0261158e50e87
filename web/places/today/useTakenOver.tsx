import { App, Button } from 'antd';
import type { Session } from '../../../core/session/plan/session';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';

/** Saves the next class with something taken over into it, said in a sentence that can be undone. */
export function useTakenOver(session: Session, revision: number) {
  const { message } = App.useApp();
  const [save, { isLoading }] = api.useSaveSessionMutation();
  const takeBack = async (revision: number) => {
    const { error } = await save({ session, revision });
    if (error) message.error(whyRefused(error));
  };
  const takeOver = async (to: Session, words: string) => {
    try {
      const { revision: saved } = await save({ session: to, revision }).unwrap();
      message.open({
        content: (
          <>
            {words}{' '}
            <Button size="small" onClick={() => void takeBack(saved)}>
              Undo
            </Button>
          </>
        ),
        duration: 8,
      });
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return { takeOver, isSaving: isLoading };
}
